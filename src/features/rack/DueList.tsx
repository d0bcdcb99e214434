"use client";
import { useState } from "react";
import { PageLink } from "@/components/PageLink";
import { dayOf, dayWords } from "../vocabulary/clock";
import { DUE_WORDS, type DueRow } from "./due";

/** Without the year while it is this one. */
const dueDay = (on: string, today: string): string => (on.slice(0, 4) === today.slice(0, 4) ? dayWords(on).slice(0, -5) : dayWords(on));

const SOON_DAYS = 14;
const DAY_MS = 86_400_000;

/** Overdue, and within the days that are shown. */
function dueSoon(rows: readonly DueRow[], now: Date): readonly DueRow[] {
  const soon = dayOf(new Date(now.getTime() + SOON_DAYS * DAY_MS));
  return rows.filter(({ on }) => on <= soon);
}

/** On a phone the list stands below the cards: one line at the top says that there is one. */
export function DueHint({ rows, now }: { rows: readonly DueRow[]; now: Date }) {
  const count = dueSoon(rows, now).length;
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
export function DueList({ rows, now }: { rows: readonly DueRow[]; now: Date }) {
  const [isAllShown, setAllShown] = useState(false);
  const today = dayOf(now);
  const near = dueSoon(rows, now);
  const shown = isAllShown ? rows : near;
  const later = rows.length - near.length;
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="heading-rule">
        Due <span className="caption font-normal">{isAllShown ? "all dates" : `next ${SOON_DAYS} days`}</span>
      </h2>
      <ul>
        {shown.map(({ traveller, station, method, kind, on }) => (
          <li key={`${traveller.id} ${kind}`} className="border-b border-rule-faint">
            <PageLink
              href={`/traveller?id=${traveller.id}&station=${station}${method ? `&method=${method}` : ""}`}
              className="flex min-h-[48px] gap-3 py-1.5 hover:bg-press-wash"
            >
              <span className={`num w-[64px] shrink-0 text-[13.5px] ${on < today ? "font-semibold text-close" : ""}`}>
                {dueDay(on, today)}
                {on < today ? <span className="block">overdue</span> : null}
              </span>
              <span className="min-w-0 text-[14px]">
                {DUE_WORDS[kind]}, {traveller.machine.trim() || "machine not named"}
                <span className="caption block">{traveller.site.trim() || "no site"}</span>
              </span>
            </PageLink>
          </li>
        ))}
      </ul>
      {shown.length === 0 ? <p className="caption mt-2">Nothing is due.</p> : null}
      {later > 0 && !isAllShown ? (
        <button type="button" className="btn btn-plain" onClick={() => setAllShown(true)}>
          {later} later
        </button>
      ) : null}
    </section>
  );
}
