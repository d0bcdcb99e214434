"use client";
import { useState } from "react";
import { PageLink } from "@/components/PageLink";
import { dayOf, dayWords } from "../vocabulary/clock";
import { useDue, useDueLater } from "@/store/summaries";
import { DUE_WORDS, dueRows, type DueRow } from "./due";

/** Without the year while it is this one. */
const dueDay = (on: string, today: string): string => (on.slice(0, 4) === today.slice(0, 4) ? dayWords(on).slice(0, -5) : dayWords(on));

const SOON_DAYS = 14;
const DAY_MS = 86_400_000;

/** The last day of those that are shown. */
const soonDay = (now: Date): string => dayOf(new Date(now.getTime() + SOON_DAYS * DAY_MS));

/** Overdue, and within the days that are shown. */
function useDueSoon(now: Date): readonly DueRow[] {
  const soon = soonDay(now);
  const cards = useDue(soon);
  return cards.state === "ready" ? dueRows(cards.value, soon) : NO_ROWS;
}
const NO_ROWS: readonly DueRow[] = [];

/** On a phone the list stands below the cards: one line at the top says that there is one. */
export function DueHint({ now }: { now: Date }) {
  const count = useDueSoon(now).length;
  if (count === 0) return null;
  return (
    <p className="mt-4 lg:hidden">
      <a className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="#due">
        Due in the next {SOON_DAYS} days: {count}
      </a>
    </p>
  );
}

/** What is to be looked at again: overdue and soon; the rest on request. */
export function DueList({ now }: { now: Date }) {
  const [isAllShown, setAllShown] = useState(false);
  const today = dayOf(now);
  const near = useDueSoon(now);
  const later = useDueLater(soonDay(now));
  const all = useDue(isAllShown ? null : soonDay(now));
  const shown = isAllShown && all.state === "ready" ? dueRows(all.value, null) : near;
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="heading-rule">
        Due <span className="caption font-normal">{isAllShown ? "all dates" : `next ${SOON_DAYS} days`}</span>
      </h2>
      <ul>
        {shown.map(({ card, station, method, kind, on }) => (
          <li key={`${card.id} ${kind}`} className="border-b border-rule-faint">
            <PageLink
              href={`/traveller?id=${card.id}&station=${station}${method ? `&method=${method}` : ""}`}
              className="flex min-h-[48px] gap-3 py-1.5 hover:bg-press-wash"
            >
              <span className={`num w-[64px] shrink-0 text-[13.5px] ${on < today ? "font-semibold text-close" : ""}`}>
                {dueDay(on, today)}
                {on < today ? <span className="block">overdue</span> : null}
              </span>
              <span className="min-w-0 text-[14px]">
                {DUE_WORDS[kind]}, {card.machine.trim() || "machine not named"}
                <span className="caption block">{card.site.trim() || "no site"}</span>
              </span>
            </PageLink>
          </li>
        ))}
      </ul>
      {shown.length === 0 ? <p className="caption mt-2">Nothing is due.</p> : null}
      {later.state === "ready" && later.value > 0 && !isAllShown ? (
        <button type="button" className="btn btn-plain" onClick={() => setAllShown(true)}>
          {later.value} later
        </button>
      ) : null}
    </section>
  );
}
