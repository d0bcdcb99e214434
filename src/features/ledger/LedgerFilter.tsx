"use client";
import { useId, useState } from "react";
import { ACTIONS } from "@/core/trade";
import { isDay } from "@/core/kept";
import { STATION_IDS } from "@/core/stations";
import { FindField } from "@/components/LongList";
import { EVERYTHING, type LookedFor } from "@/store/find-cards";
import { STATION_LABELS } from "../stations/labels";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { STAMP_WORDS } from "../vocabulary/stamp-words";

const STAMPS = ["holds", "out", "too-close", "contradicts", "unsure", "open", "noted", "skipped"] as const;

/** What the ledger is asked for: words, a stamp at any station or at one, what was done, and when. */
interface Choice {
  readonly text: string;
  readonly station: string;
  readonly stamp: string;
  readonly action: string;
  readonly since: string;
  readonly until: string;
}
const ALL: Choice = { text: "", station: "", stamp: "", action: "", since: "", until: "" };

/** A station alone asks for every stamp that it can have. */
function marksOf({ station, stamp, action }: Choice): string[] {
  const stamped = stamp !== "" ? [`${station || "any"}:${stamp}`] : station !== "" ? [`${station}:any`] : [];
  return [...stamped, ...(action === "" ? [] : [`do:${action}`])];
}

const dayOrNull = (text: string): string | null => (isDay(text) ? text : null);

function toWanted(choice: Choice): LookedFor {
  const { text, since, until } = choice;
  const wanted = { text, marks: marksOf(choice), since: dayOrNull(since), until: dayOrNull(until) };
  return text.trim() === "" && wanted.marks.length === 0 && wanted.since === null && wanted.until === null ? EVERYTHING : wanted;
}

interface FilterProps {
  readonly wanted: LookedFor;
  readonly onWanted: (wanted: LookedFor) => void;
}

/** The line to find by words, and the choices beside it. */
export function LedgerFilter({ wanted, onWanted }: FilterProps) {
  const [choice, setChoice] = useState(ALL);
  const set = (part: Partial<Choice>): void => {
    const next = { ...choice, ...part };
    setChoice(next);
    onWanted(toWanted(next));
  };
  const [isMore, setMore] = useState(false);
  const isReversed = choice.since !== "" && choice.until !== "" && choice.since > choice.until;
  return (
    <div className="mt-2" role="search">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <FindField text={choice.text} onText={(text) => set({ text })} isWide />
        <button type="button" className="btn btn-plain lg:hidden" aria-expanded={isMore} onClick={() => setMore(!isMore)}>
          By stamp, work or day
        </button>
      </div>
      <div className={`${isMore ? "flex" : "hidden"} flex-wrap items-end gap-x-4 gap-y-2 pt-2 lg:flex`}>
        <Pick label="Station" value={choice.station} onValue={(station) => set({ station })}>
          {STATION_IDS.map((id) => [id, STATION_LABELS[id].title] as const)}
        </Pick>
        <Pick label="Stamp" value={choice.stamp} onValue={(stamp) => set({ stamp })}>
          {STAMPS.map((id) => [id, STAMP_WORDS[id]] as const)}
        </Pick>
        <Pick label="Done" value={choice.action} onValue={(action) => set({ action })}>
          {ACTIONS.map((id) => [id, ACTION_WORDS[id]] as const)}
        </Pick>
        <Day label="From" value={choice.since} onValue={(since) => set({ since })} />
        <Day label="To" value={choice.until} onValue={(until) => set({ until })} />
        {wanted === EVERYTHING ? null : (
          <button type="button" className="btn btn-plain" onClick={() => set(ALL)}>
            Show all
          </button>
        )}
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
  readonly children: readonly (readonly [id: string, name: string])[];
}

function Pick({ label, value, onValue, children }: PickProps) {
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
          {children.map(([each, name]) => (
            <option key={each} value={each}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Named>
  );
}

function Day({ label, value, onValue }: Omit<PickProps, "children">) {
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
