"use client";
import { useEffect, useId, useMemo, useState } from "react";
import { ACTIONS, MACHINE_KINDS } from "@/core/trade";
import { STATION_IDS } from "@/core/stations";
import { FindField } from "@/components/LongList";
import { END_WORDS } from "../vocabulary/end-words";
import { ENDINGS, type Ending, type LookedFor } from "@/store/find-cards";
import { useCounts } from "@/store/summaries";
import { STATION_LABELS } from "../stations/labels";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { STAMP_WORDS } from "../vocabulary/stamp-words";
import { MACHINE_WORDS } from "../vocabulary/words";
import { NOTHING_CHOSEN, toWanted, type Choice } from "./choice";

const STAMPS = ["holds", "out", "too-close", "contradicts", "unsure", "open", "noted", "skipped"] as const;
const ENDING_WORDS: Record<Ending, string> = {
  open: "On the rack",
  "on-order": "Part on order",
  proved: "Signed off, proved",
  "not-proved": "Signed off, not proved",
  "came-back": "Came back",
  condemned: END_WORDS.condemned,
  "tested-spare": END_WORDS["tested-spare"],
  makeshift: END_WORDS.makeshift,
  "left-as-is": END_WORDS["left-as-is"],
  referred: END_WORDS.referred,
  "nothing-found": END_WORDS["nothing-found"],
};

interface FilterProps {
  readonly choice: Choice;
  readonly onChoice: (choice: Choice) => void;
  /** the list stands: what else could be asked for is counted now */
  readonly isCounted: boolean;
}

/** An option with how many of what is found have it; what none has is not offered, unless it is chosen. */
type Option = readonly [id: string, name: string, count: number | null];

/** Counting looks at every card: while somebody types, the list comes first. */
const AT_REST_MS = 150;

/** What is asked for, once the keys have come to rest. */
function useAtRest(choice: Choice): { readonly choice: Choice; readonly wanted: LookedFor } {
  const [rested, setRested] = useState(choice);
  useEffect(() => {
    const later = setTimeout(() => setRested(choice), AT_REST_MS);
    return () => clearTimeout(later);
  }, [choice]);
  return useMemo(() => ({ choice: rested, wanted: toWanted(rested) }), [rested]);
}

/** The line to find by words, and the choices beside it, each with what it would leave. */
export function LedgerFilter({ choice, onChoice, isCounted }: FilterProps) {
  const set = (part: Partial<Choice>): void => onChoice({ ...choice, ...part });
  const rested = useAtRest(choice);
  const counted = useCounts(rested.wanted, isCounted);
  // Counts of what was asked for before are none of this.
  const counts = rested.choice === choice ? counted : null;
  const [isMore, setMore] = useState(false);
  const isReversed = choice.since !== "" && choice.until !== "" && choice.since > choice.until;
  const byMark = <Id extends string>(ids: readonly Id[], words: Readonly<Record<Id, string>>, mark: (id: Id) => string): Option[] =>
    ids.map((id) => [id, words[id], counts === null ? null : (counts.marks.get(mark(id)) ?? 0)]);
  const technicians = [...(counts?.technicians ?? [])].sort(([a], [b]) => a.localeCompare(b));
  const isChosen = choice !== NOTHING_CHOSEN && Object.values(choice).some((part) => part !== "");
  return (
    <div className="mt-2" role="search">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <FindField text={choice.text} onText={(text) => set({ text })} isWide />
        <button type="button" className="btn btn-plain lg:hidden" aria-expanded={isMore} onClick={() => setMore(!isMore)}>
          By stamp, work or day
        </button>
      </div>
      <div className={`${isMore ? "flex" : "hidden"} flex-wrap items-end gap-x-4 gap-y-2 pt-2 lg:flex`}>
        <Pick
          label="Station"
          value={choice.station}
          onValue={(station) => set({ station })}
          options={STATION_IDS.map((id) => [id, STATION_LABELS[id].title, counts?.marks.get(`${id}:${choice.stamp || "any"}`) ?? null])}
        />
        <Pick
          label="Stamp"
          value={choice.stamp}
          onValue={(stamp) => set({ stamp })}
          options={byMark(STAMPS, STAMP_WORDS, (id) => `${choice.station || "any"}:${id}`)}
        />
        <Pick
          label="Done"
          value={choice.action}
          onValue={(action) => set({ action })}
          options={byMark(ACTIONS, ACTION_WORDS, (id) => `do:${id}`)}
        />
        <Pick
          label="Ended"
          value={choice.outcome}
          onValue={(outcome) => set({ outcome })}
          options={ENDINGS.map((id) => [id, ENDING_WORDS[id], counts === null ? null : (counts.outcomes.get(id) ?? 0)])}
        />
        <Pick
          label="Machine"
          value={choice.machine}
          onValue={(machine) => set({ machine })}
          options={byMark(MACHINE_KINDS, MACHINE_WORDS, (id) => `on:${id}`)}
        />
        <Pick
          label="Technician"
          value={choice.technician}
          onValue={(technician) => set({ technician })}
          options={technicians.map(([name, count]) => [name, name, count])}
        />
        <Day label="From" value={choice.since} onValue={(since) => set({ since })} />
        <Day label="To" value={choice.until} onValue={(until) => set({ until })} />
        {isChosen ? (
          <button type="button" className="btn btn-plain" onClick={() => onChoice(NOTHING_CHOSEN)}>
            Show all
          </button>
        ) : null}
      </div>
      {isReversed ? (
        <p role="alert" className="w-full text-[14px] font-medium text-out">
          “From” is after “To”: no visit can be in between. Change one of them.
        </p>
      ) : null}
    </div>
  );
}

/** A field with its name above it. */
function Named({ label, children }: { label: string; children: (id: string) => React.ReactNode }) {
  const id = useId();
  return (
    <span className="flex flex-col">
      <label htmlFor={id} className="caption">
        {label}
      </label>
      {children(id)}
    </span>
  );
}

interface PickProps {
  readonly label: string;
  readonly value: string;
  readonly onValue: (value: string) => void;
  readonly options: readonly Option[];
}

function Pick({ label, value, onValue, options }: PickProps) {
  const offered = options.filter(([id, , count]) => count !== 0 || id === value);
  // Chosen in an address, and not among what there is: it stands all the same, and can be taken away.
  const isUnknown = value !== "" && !offered.some(([id]) => id === value);
  return (
    <Named label={label}>
      {(id) => (
        <select
          id={id}
          className="min-h-[44px] max-w-40 border-b border-ink bg-transparent text-[14px]"
          value={value}
          onChange={(event) => onValue(event.target.value)}
        >
          <option value="">any</option>
          {isUnknown ? <option value={value}>{value}</option> : null}
          {offered.map(([each, name, count]) => (
            <option key={each} value={each}>
              {count === null ? name : `${name} · ${count}`}
            </option>
          ))}
        </select>
      )}
    </Named>
  );
}

function Day({ label, value, onValue }: Omit<PickProps, "options">) {
  return (
    <Named label={label}>
      {(id) => (
        <input
          id={id}
          type="date"
          className="num min-h-[44px] border-b border-ink bg-transparent text-[13.5px]"
          value={value}
          onChange={(event) => onValue(event.target.value)}
        />
      )}
    </Named>
  );
}
