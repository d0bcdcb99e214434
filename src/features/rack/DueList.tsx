"use client";
import { lazy, Suspense, useState } from "react";
import { CalendarClock } from "lucide-react";
import { PageLink } from "@/components/PageLink";
import { FIRST_DAY, LAST_DAY, dayAfter } from "@/core/kept";
import { readDue, useDue, useDueCount, type DueSpan } from "@/store/summaries";
import { dayOf, dayWords } from "../vocabulary/clock";
import { DUE_WORDS, dueRows, type DueRow } from "../due/due";

const CalendarButton = lazy(() => import("../due/CalendarButton").then(({ CalendarButton: made }) => ({ default: made })));

const PutOffSheet = lazy(() => import("../due/PutOffSheet"));

/** Without the year while it is this one. */
const dueDay = (on: string, today: string): string => (on.slice(0, 4) === today.slice(0, 4) ? dayWords(on).slice(0, -5) : dayWords(on));

const SOON_DAYS = 14;
/** What is overdue for longer is asked for: after some years it would stand before everything else. */
const OVERDUE_DAYS = 60;
/** Rows of one stretch of time that are shown, and counted, at most. */
const MOST_SHOWN = 30;
const MOST_COUNTED = 200;

const dayFrom = (now: Date, days: number): string => dayAfter(dayOf(now), days);

/** The stretches of the list: what is near, and what lies before and after it. */
const spansOf = (now: Date) =>
  ({
    near: { from: dayFrom(now, -OVERDUE_DAYS), to: dayFrom(now, SOON_DAYS) },
    before: { from: FIRST_DAY, to: dayFrom(now, -OVERDUE_DAYS - 1) },
    after: { from: dayFrom(now, SOON_DAYS + 1), to: LAST_DAY },
  }) satisfies Record<string, DueSpan>;

const countWord = (count: number): string => (count === MOST_COUNTED ? `${MOST_COUNTED} or more` : String(count));

function useRowsIn(span: DueSpan, most: number): readonly DueRow[] {
  const cards = useDue(span, most);
  return cards.state === "ready" ? dueRows(cards.value, span) : NO_ROWS;
}
const NO_ROWS: readonly DueRow[] = [];

/** On a phone the list stands below the cards: one line at the top says that there is one. */
export function DueHint({ now }: { now: Date }) {
  const count = useRowsIn(spansOf(now).near, MOST_SHOWN).length;
  if (count === 0) return null;
  return (
    <p className="mt-4 lg:hidden">
      <a className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="#due">
        Due in the next {SOON_DAYS} days: {count === MOST_SHOWN ? `${MOST_SHOWN} or more` : count}
      </a>
    </p>
  );
}

/** What is to be looked at again: overdue and soon; what is overdue for long, and the rest, on request. */
export function DueList({ now }: { now: Date }) {
  const { near, before, after } = spansOf(now);
  const today = dayOf(now);
  const rows = useRowsIn(near, MOST_SHOWN);
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="heading-rule">
        Due <span className="caption font-normal">next {SOON_DAYS} days</span>
      </h2>
      <More span={before} today={today} word="overdue for longer" />
      <Rows rows={rows} today={today} />
      {rows.length === 0 ? <p className="caption mt-2">Nothing is due.</p> : null}
      <More span={after} today={today} word="later" />
      <AllDue today={today} />
    </section>
  );
}

/** Everything that is due, for the calendar of whoever goes there; nothing where nothing is. */
function AllDue({ today }: { today: string }) {
  const count = useDueCount(ALL_DAYS, 1);
  if (count.state !== "ready" || count.value === 0) return null;
  return (
    <Suspense>
      <CalendarButton
        label="Into my calendar"
        name={`vemmick-due-${today}.ics`}
        rows={async () => dueRows(await readDue(ALL_DAYS), ALL_DAYS)}
      />
    </Suspense>
  );
}
const ALL_DAYS: DueSpan = { from: FIRST_DAY, to: LAST_DAY };

/** A stretch of time that is opened when it is asked for. */
function More({ span, today, word }: { span: DueSpan; today: string; word: string }) {
  const [isShown, setShown] = useState(false);
  const count = useDueCount(span, MOST_COUNTED);
  if (isShown) return <AllIn span={span} today={today} />;
  if (count.state !== "ready" || count.value === 0) return null;
  return (
    <button type="button" className="btn btn-plain" onClick={() => setShown(true)}>
      {countWord(count.value)} {word}
    </button>
  );
}

const AllIn = ({ span, today }: { span: DueSpan; today: string }) => <Rows rows={useRowsIn(span, MOST_COUNTED)} today={today} />;

function Rows({ rows, today }: { rows: readonly DueRow[]; today: string }) {
  const [putOff, setPutOff] = useState<DueRow | null>(null);
  return (
    <>
      <ul>
        {rows.map((row) => (
          <Row key={`${row.card.id} ${row.kind} ${row.station}`} row={row} today={today} onPutOff={() => setPutOff(row)} />
        ))}
      </ul>
      {putOff ? (
        <Suspense>
          <PutOffSheet row={putOff} onClose={() => setPutOff(null)} />
        </Suspense>
      ) : null}
    </>
  );
}

function Row({ row, today, onPutOff }: { row: DueRow; today: string; onPutOff: () => void }) {
  const { card, station, method, kind, on, putOff } = row;
  return (
    <li className="flex items-center border-b border-rule-faint">
      <PageLink
        href={`/traveller?id=${card.id}&station=${station}${method ? `&method=${method}` : ""}`}
        className="flex min-h-[48px] min-w-0 flex-1 gap-3 py-1.5 hover:bg-press-wash"
      >
        <span className={`num w-[64px] shrink-0 text-[13.5px] ${on < today ? "font-semibold text-close" : ""}`}>
          {dueDay(on, today)}
          {on < today ? <span className="block">overdue</span> : null}
        </span>
        <span className="min-w-0 text-[14px]">
          {DUE_WORDS[kind]}, {card.machine.trim() || "machine not named"}
          <span className="caption block">{card.site.trim() || "no site"}</span>
          {putOff ? (
            <span className="caption block break-words">
              put off from {dueDay(putOff.from, today)}: {putOff.why}
            </span>
          ) : null}
        </span>
      </PageLink>
      <button
        type="button"
        className="flex h-12 w-11 shrink-0 items-center justify-center text-press"
        aria-label={`Put off: ${DUE_WORDS[kind]}, ${card.machine.trim() || "machine not named"}`}
        onClick={onPutOff}
      >
        <CalendarClock aria-hidden="true" size={18} />
      </button>
    </li>
  );
}
