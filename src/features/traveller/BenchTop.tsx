"use client";
import { STATION_LABELS } from "../stations/labels";
import type { Assessment } from "@/core/station";
import type { CardFacts, StationData, StationId } from "@/core/stations";
import { Said } from "@/components/Said";
import { tooLongWords } from "@/components/useDraft";
import { fitText } from "@/core/kept";
import type { House, TravellerId } from "@/records";
import { skipStation } from "@/store/write";
import { memo, useEffect, useRef, useState } from "react";
import { clockTime } from "../vocabulary/clock";
import { fetchHands } from "../stations/hands";
import { MethodTabs } from "../stations/MethodTabs";
import { cautionWordsOf } from "../station/caution-words-of";
import type { ChangeRecord, WeighedCard } from "../station/contract";
import type { StationInHand } from "../station/in-hand";
import type { WayIn } from "./card-answer";

/** The station in hand as it stands: what it takes to work there, and what it comes to. */
export interface Worked {
  readonly hand: StationInHand;
  readonly record: StationData<StationId>;
  readonly assessment: Assessment;
  readonly facts: CardFacts;
}

interface BenchTopProps {
  readonly id: TravellerId;
  readonly station: StationId;
  /** null while it is being fetched */
  readonly worked: Worked | null;
  readonly ways: readonly WayIn[];
  /** something was keyed there, or it was skipped */
  readonly hasRow: boolean;
  readonly skippedReason: string | null;
  /** way of working in hand, where the station has several; null: the usual one */
  readonly method: string | null;
  readonly house: House;
  readonly weighed: WeighedCard;
  readonly onGo: GoTo;
  readonly onChange: ChangeStation;
}

/** Opens a station, at one of its methods where it has several. */
export type GoTo = (station: StationId, method?: string | null) => void;

/** Changes what is keyed at a station: on the screen at once, and kept. */
export type ChangeStation = (station: StationId, apply: ChangeRecord<StationData<StationId>>) => void;

/** The other stations are fetched when nobody waits for this one any more. */
const AT_REST_MS = 3000;

/** The instrument of the station in hand, with its power state and cautions; closed while the circuit is in the other state. */
export const BenchTop = memo(function BenchTop({
  id,
  station,
  worked,
  ways,
  hasRow,
  skippedReason,
  method: asked,
  house,
  weighed,
  onGo,
  onChange,
}: BenchTopProps) {
  // A way this machine forbids is not opened, whatever the address says.
  const way = ways.find(({ method }) => method?.id === asked) ?? ways[0];
  const title = useRef<HTMLHeadingElement>(null);
  const shown = useRef(station);
  useEffect(() => {
    const later = setTimeout(() => void fetchHands(), AT_REST_MS);
    return () => clearTimeout(later);
  }, []);
  useEffect(() => {
    if (shown.current === station) return;
    shown.current = station;
    // A new station starts at its own top for keyboard and screen reader, unless its first field took the focus.
    if (!title.current?.closest("section")?.contains(document.activeElement)) title.current?.focus();
  }, [station]);
  if (!way) return null;
  const { method, power, gate, cautions } = way;
  const work = worked ? (
    <>
      {cautions.length > 0 ? (
        <ul className="flex flex-col gap-1 border-l-4 border-out pl-3 text-[13.5px]" aria-label="Caution">
          {cautions.map((code) => (
            <li key={code}>{cautionWordsOf(worked.hand.view, code)}</li>
          ))}
        </ul>
      ) : null}
      {gate ? <Gate gate={gate} isDead={power === "dead"} hasRecord={hasRow} onGo={onGo} /> : null}
      {gate && !hasRow ? null : (
        // A closed stretch can be read, not written: its readings belong to the other power state.
        <fieldset disabled={gate !== null} className="min-w-0">
          <legend className="sr-only">{STATION_LABELS[station].title}</legend>
          <worked.hand.Instrument
            key={`${station} ${method?.id ?? ""}`}
            record={worked.record}
            assessment={worked.assessment}
            facts={worked.facts}
            method={method?.id ?? null}
            house={house}
            weighed={weighed}
            change={(change) => onChange(station, change)}
          />
        </fieldset>
      )}
    </>
  ) : null;
  const names = worked?.hand.view.methods;
  const stamp = worked?.assessment.stamp;
  return (
    <section aria-labelledby="bench-title" className="flex min-h-full flex-col gap-4 bg-sheet px-4 py-4 sm:px-[22px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h1 id="bench-title" ref={title} tabIndex={-1} className="text-[24px] font-bold outline-none">
          {STATION_LABELS[station].title}
        </h1>
        <p className="caption">{worked ? stateLine(worked.facts, power) : ""}</p>
      </div>
      {method && names ? (
        <MethodTabs
          methods={ways.flatMap((each) => each.method ?? [])}
          names={names}
          method={method.id}
          onMethod={(next) => onGo(station, next)}
        >
          {work}
        </MethodTabs>
      ) : (
        work
      )}
      {worked ? <Skip id={id} station={station} reason={skippedReason} canSkip={stamp === "not-done" || stamp === "skipped"} /> : null}
    </section>
  );
});

function stateLine({ power: now, deadSince }: CardFacts, power: string): string {
  if (now === "dead") return `Power off · made safe ${deadSince ? clockTime(deadSince) : ""}`;
  if (power === "live") return "Power on · live work";
  return deadSince === null ? "Taken to be live until made safe" : "Power on again";
}

function Gate({
  gate,
  isDead,
  hasRecord,
  onGo,
}: {
  gate: StationId;
  isDead: boolean;
  hasRecord: boolean;
  onGo: (station: StationId) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-4 border-2 border-ink p-4">
      <p className="min-w-0 flex-1 basis-60 text-[16px]">
        {isDead
          ? "This is done with the circuit dead. Isolate it, prove it dead and measure the capacitor first."
          : "This is done with power on. Restoring power is a step of its own."}
        {hasRecord ? " What was keyed before can be read below." : ""}
      </p>
      <button type="button" className="btn btn-filled" onClick={() => onGo(gate)}>
        {STATION_LABELS[gate].title} first
      </button>
    </div>
  );
}

function Skip({ id, station, reason, canSkip }: { id: TravellerId; station: StationId; reason: string | null; canSkip: boolean }) {
  const [text, setText] = useState<string | null>(null);
  if (!canSkip) return null;
  if (reason !== null) {
    return (
      <p className="mt-auto flex flex-wrap items-center gap-3 text-[14px]">
        Skipped: {reason}
        <button type="button" className="btn btn-plain" onClick={() => void skipStation(id, station, null)}>
          Do it after all
        </button>
      </p>
    );
  }
  if (text === null) {
    return (
      <p className="mt-auto">
        <button type="button" className="btn btn-plain text-ink-soft" onClick={() => setText("")}>
          Skip this station
        </button>
      </p>
    );
  }
  return (
    <form
      className="mt-auto flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === "") return;
        void skipStation(id, station, fitText(text.trim(), "reason"));
        setText(null);
      }}
    >
      <label className="min-w-0 flex-1 basis-60">
        <span className="caption block">Why it is skipped</span>
        <input className="write-line" value={text} autoFocus onChange={(event) => setText(event.target.value)} />
      </label>
      <div className="w-full">
        <Said id="skip-say" problem={tooLongWords(text, "reason")} />
      </div>
      <button type="submit" className="btn" disabled={text.trim() === ""}>
        Skip with this reason
      </button>
      <button type="button" className="btn btn-plain" onClick={() => setText(null)}>
        Do not skip
      </button>
    </form>
  );
}
