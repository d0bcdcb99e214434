"use client";
import { FindField } from "@/components/LongList";
import { PageLink } from "@/components/PageLink";
import { lazy, Suspense, useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { useHouseBasics } from "@/store/house-basics";
import { useSettled } from "@/store/live";
import { EVERYTHING, type FoundCard } from "@/store/find-cards";
import { useCount, useFound, useNewest, useSummaries } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { DropFile } from "../ledger/DropFile";
import { CardTile } from "./CardTile";
import { DueHint, DueList } from "./DueList";
import { NewTraveller } from "./NewTraveller";
import { QuickCheck, QuickRow } from "./QuickCheck";
import { TheDay } from "./TheDay";

const BackupNotice = lazy(() => import("../team/BackupNotice"));

/** Cards shown at once; more on request, so that a long rack stays quick. */
const PAGE = 60;
/** Of those signed off only the last stand here; the rest are in the ledger. */
const FINISHED = 6;
/** Nobody counts further than this, and a count reads every key. */
const MOST_COUNTED = 500;
const countWord = (count: number): string => (count === MOST_COUNTED ? `${MOST_COUNTED} or more` : String(count));

const AT_HAND = [
  { label: "New card", to: "[data-open-line]" },
  { label: "Find a card", to: "input[type=search]" },
] as const;

/** The home: the open line, and the cards. */
export function RackScreen() {
  const [shown, setShown] = useState(PAGE);
  // One more than is shown tells whether there are more, and costs no count.
  const open = useSettled(useNewest(1, shown + 1));
  const finished = useSettled(useNewest(0, FINISHED));
  const house = useHouseBasics();
  return (
    <Screen at="/" actions={AT_HAND}>
      <DropFile />
      {open.state === "failed" ? (
        <CannotRead failure={open.failure} />
      ) : open.state !== "ready" || finished.state !== "ready" || house === null ? (
        <Reading />
      ) : (
        <Rack open={open.value} finished={finished.value} technician={house.technician} shown={shown} onShow={setShown} />
      )}
    </Screen>
  );
}

/** Cards counted, once the cards themselves are there. */
function Counted({ isOpen, word = "" }: { isOpen: 0 | 1; word?: string }) {
  const count = useCount(isOpen, MOST_COUNTED);
  return count.state === "ready" ? `${countWord(count.value)}${word}` : "";
}

/** The first of the cards that were found, and how many there are. */
interface Some {
  readonly rows: readonly Summary[];
  readonly count: number;
}

interface RackProps {
  readonly open: readonly Summary[];
  readonly finished: readonly Summary[];
  readonly technician: string;
  readonly shown: number;
  readonly onShow: (shown: number) => void;
}

const NONE: readonly FoundCard[] = [];

/** What is found on the rack (1) or among those signed off (0). */
function useFoundRows(found: readonly FoundCard[], isOpen: 0 | 1, most: number): Some | null {
  const ids = useMemo(() => found.filter((card) => card.isOpen === isOpen).map(({ id }) => id), [found, isOpen]);
  const rows = useSettled(useSummaries(useMemo(() => ids.slice(0, most), [ids, most])));
  return rows.state === "ready" ? { rows: rows.value, count: ids.length } : null;
}

function Rack({ open, finished, technician, shown, onShow }: RackProps) {
  const [find, setFind] = useState("");
  const [now] = useState(() => new Date());
  const text = useDeferredValue(find.trim());
  const found = useFound(useMemo(() => (text === "" ? null : { ...EVERYTHING, text }), [text]));
  const foundOpen = useFoundRows(found ?? NONE, 1, shown);
  const foundFinished = useFoundRows(found ?? NONE, 0, FINISHED);
  const search = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (new URLSearchParams(window.location.search).has("find")) search.current?.focus();
  }, []);
  const some = found ? foundOpen : null;
  const past = found ? foundFinished : null;
  const cards = some?.rows ?? open.slice(0, shown);
  const total = some?.count ?? open.length;
  return (
    <div className="grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_300px]">
      <div className="min-w-0">
        <h1 className="sr-only">Rack</h1>
        <QuickRow />
        <NewTraveller technician={technician} />
        <DueHint now={now} />
        <Suspense>
          <BackupNotice />
        </Suspense>
        <section aria-labelledby="on-the-rack" className="mt-6">
          <div className="heading-rule flex-wrap">
            <h2 id="on-the-rack">
              On the rack{" "}
              <span className="caption ml-2 font-normal">
                {found === undefined ? "looking …" : some ? `${some.count} open` : <Counted isOpen={1} word=" open" />}
              </span>
            </h2>
            <FindField ref={search} text={find} onText={setFind} />
          </div>
          {cards.length > 0 ? (
            <ul className="mt-3.5 grid gap-3.5 sm:grid-cols-2">
              {cards.map((card) => (
                <CardTile key={card.id} card={card} now={now} />
              ))}
            </ul>
          ) : (
            <p className="mt-3 text-ink-soft">
              {found ? `No open card has “${text}”.` : "Nothing on the rack. Say above what the motor does."}
            </p>
          )}
          {total > cards.length ? (
            <button type="button" className="btn mt-4" onClick={() => onShow(shown + PAGE)}>
              Show more
            </button>
          ) : null}
        </section>
      </div>
      <div className="flex flex-col gap-7">
        <TheDay />
        <DueList now={now} />
        <QuickCheck />
        <section aria-labelledby="signed-off">
          <h2 id="signed-off" className="heading-rule">
            Signed off <span className="caption font-normal">{past ? past.count : <Counted isOpen={0} />}</span>
          </h2>
          <ul className="mt-3.5 flex flex-col gap-3.5">
            {(past?.rows ?? finished).map((card) => (
              <CardTile key={card.id} card={card} now={now} />
            ))}
          </ul>
          <p className="mt-1">
            <PageLink className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="/ledger">
              Every past visit
            </PageLink>
          </p>
        </section>
      </div>
    </div>
  );
}
