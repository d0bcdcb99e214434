"use client";
import { FindField, ShowMore } from "@/components/LongList";
import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { useHouseBasics } from "@/store/house-basics";
import { useSettled } from "@/store/live";
import { EVERYTHING, type FoundCard } from "@/store/find-cards";
import { useCount, useFound, useNewest, useSummaries } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { CardTile } from "./CardTile";
import { DueHint, DueList } from "./DueList";
import { NewTraveller } from "./NewTraveller";
import { QuickCheck } from "./QuickCheck";

/** Cards shown at once; more on request, so that a long rack stays quick. */
const PAGE = 60;
/** Of those signed off only the last stand here; the rest are in the ledger. */
const FINISHED = 6;
/** Nobody counts further than this, and a count reads every key. */
const MOST_COUNTED = 1000;
const countWord = (count: number): string => (count === MOST_COUNTED ? `${MOST_COUNTED} or more` : String(count));

/** The home: the open line, and the cards. */
export function RackScreen() {
  const [shown, setShown] = useState(PAGE);
  const open = useSettled(useNewest(1, shown));
  const finished = useNewest(0, FINISHED);
  const counts = { open: useCount(1, MOST_COUNTED), finished: useCount(0, MOST_COUNTED) };
  const house = useHouseBasics();
  const countOf = (count: (typeof counts)["open"]): number => (count.state === "ready" ? count.value : 0);
  return (
    <Screen at="/">
      {open.state === "failed" ? (
        <CannotRead failure={open.failure} />
      ) : open.state !== "ready" || finished.state !== "ready" || house === null ? (
        <Reading />
      ) : (
        <Rack
          open={{ rows: open.value, count: countOf(counts.open) }}
          finished={{ rows: finished.value, count: countOf(counts.finished) }}
          technician={house.technician}
          shown={shown}
          onShow={setShown}
        />
      )}
    </Screen>
  );
}

/** The first of the cards, and how many there are. */
interface Some {
  readonly rows: readonly Summary[];
  readonly count: number;
}

interface RackProps {
  readonly open: Some;
  readonly finished: Some;
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
  const cards = (found ? foundOpen : null) ?? open;
  const past = (found ? foundFinished : null) ?? finished;
  return (
    <div className="grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_300px]">
      <div className="min-w-0">
        <h1 className="sr-only">Rack</h1>
        <NewTraveller technician={technician} />
        <DueHint now={now} />
        <section aria-labelledby="on-the-rack" className="mt-6">
          <div className="heading-rule flex-wrap">
            <h2 id="on-the-rack">
              On the rack{" "}
              <span className="caption ml-2 font-normal">{found === undefined ? "looking …" : `${countWord(cards.count)} open`}</span>
            </h2>
            <FindField ref={search} text={find} onText={setFind} />
          </div>
          {cards.rows.length > 0 ? (
            <ul className="mt-3.5 grid gap-3.5 sm:grid-cols-2">
              {cards.rows.map((card) => (
                <CardTile key={card.id} card={card} now={now} />
              ))}
            </ul>
          ) : (
            <p className="mt-3 text-ink-soft">
              {found ? `No open card has “${text}”.` : "Nothing on the rack. Say above what the motor does."}
            </p>
          )}
          <ShowMore total={cards.count} shown={cards.rows.length} page={PAGE} onShow={() => onShow(shown + PAGE)} />
        </section>
      </div>
      <div className="flex flex-col gap-7">
        <DueList now={now} />
        <QuickCheck />
        <section aria-labelledby="signed-off">
          <h2 id="signed-off" className="heading-rule">
            Signed off <span className="caption font-normal">{countWord(past.count)}</span>
          </h2>
          <ul className="mt-3.5 flex flex-col gap-3.5">
            {past.rows.map((card) => (
              <CardTile key={card.id} card={card} now={now} />
            ))}
          </ul>
          {past.count > past.rows.length ? (
            <p className="caption mt-2">{past.count === MOST_COUNTED ? "Many" : past.count - past.rows.length} more in the ledger.</p>
          ) : null}
        </section>
      </div>
    </div>
  );
}
