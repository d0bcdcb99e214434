"use client";
import { STATION_LABELS } from "../stations/labels";
import { cautionsFor } from "@/core/station";
import { methodsOn, powerOf, stateChangeFor, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { stationOf, STATIONS, type StationData, type StationId } from "@/core/stations";
import { Said } from "@/components/Said";
import { tooLongWords } from "@/components/useDraft";
import { fitText } from "@/core/kept";
import type { House, TravellerId } from "@/records";
import { skipStation } from "@/store/write";
import { Suspense, useEffect, useRef, useState } from "react";
import { reasonFor } from "../line-up/evidence";
import { clockTime } from "../vocabulary/clock";
import { MethodTabs } from "../stations/MethodTabs";
import { fetchInstruments, INSTRUMENTS, viewOf } from "../stations/registry";
import type { ChangeRecord } from "../station/contract";
import { cautionWords } from "../stations/caution-words";

interface BenchTopProps {
  readonly id: TravellerId;
  readonly entries: StationEntries;
  readonly assessment: TravellerAssessment;
  readonly station: StationId;
  /** way of working in hand, where the station has several; null: the usual one */
  readonly method: string | null;
  readonly house: House;
  /** day of the visit, `YYYY-MM-DD` */
  readonly visitDay: string;
  readonly onGo: GoTo;
  readonly onChange: ChangeStation;
}

/** Opens a station, at one of its methods where it has several. */
export type GoTo = (station: StationId, method?: string | null) => void;

/** Changes what is keyed at a station: on the screen at once, and kept. */
export type ChangeStation = (station: StationId, apply: ChangeRecord<StationData<StationId>>) => void;

/** The instrument of the station in hand, with its power state and cautions; closed while the circuit is in the other state. */
export function BenchTop({ id, entries, assessment, station, method: asked, house, visitDay, onGo, onChange }: BenchTopProps) {
  const { definition } = stationOf(station);
  const view = viewOf(station);
  const Instrument = INSTRUMENTS[station];
  // A way this machine forbids is not opened, whatever the address says.
  const methods = methodsOn(station, assessment.facts);
  const method = methods.find(({ id }) => id === asked) ?? methods[0] ?? null;
  const power = powerOf(station, method?.id ?? null);
  const cautions = cautionsFor(method ?? definition, assessment.facts);
  const entry = entries[station];
  const gate = stateChangeFor(station, assessment.facts.power, method?.id ?? null);
  const own = assessment.stations[station];
  const title = useRef<HTMLHeadingElement>(null);
  const shown = useRef(station);
  useEffect(() => {
    const later = setTimeout(fetchInstruments, 3000);
    return () => clearTimeout(later);
  }, []);
  useEffect(() => {
    if (shown.current === station) return;
    shown.current = station;
    // A new station starts at its own top for keyboard and screen reader, unless its first field took the focus.
    if (!title.current?.closest("section")?.contains(document.activeElement)) title.current?.focus();
  }, [station]);
  const work = (
    <>
      {cautions.length > 0 ? (
        <ul className="flex flex-col gap-1 border-l-4 border-out pl-3 text-[13.5px]" aria-label="Caution">
          {cautions.map((code) => (
            <li key={code}>{cautionWords(station, code)}</li>
          ))}
        </ul>
      ) : null}
      {gate ? <Gate gate={gate} isDead={power === "dead"} hasRecord={entry !== undefined} onGo={onGo} /> : null}
      {gate && entry === undefined ? null : (
        // A closed stretch can be read, not written: its readings belong to the other power state.
        <fieldset disabled={gate !== null} className="min-w-0">
          <legend className="sr-only">{STATION_LABELS[station].title}</legend>
          <Suspense>
            <Instrument
              key={`${station} ${method?.id ?? ""}`}
              record={entry?.data ?? STATIONS[station].blank}
              assessment={own}
              facts={assessment.facts}
              method={method?.id ?? null}
              house={house}
              weighed={{
                proposals: assessment.actions,
                reason: reasonFor(assessment.standing, assessment.actions[0]),
                hypotheses: assessment.standing.hypotheses,
                site: assessment.site,
                life: assessment.life,
                decisionQuestion: assessment.decisionQuestion,
                suspects: assessment.standing.suspects.flatMap(({ suspect }) => (suspect === "no-fault" ? [] : [suspect])),
                visitDay,
              }}
              change={(change) => onChange(station, change)}
            />
          </Suspense>
        </fieldset>
      )}
    </>
  );
  return (
    <section aria-labelledby="bench-title" className="flex min-h-full flex-col gap-4 bg-sheet px-4 py-4 sm:px-[22px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h1 id="bench-title" ref={title} tabIndex={-1} className="text-[24px] font-bold outline-none">
          {STATION_LABELS[station].title}
        </h1>
        <p className="caption">{stateLine(assessment, power)}</p>
      </div>
      {method && view.methods ? (
        <MethodTabs methods={methods} names={view.methods} method={method.id} onMethod={(next) => onGo(station, next)}>
          {work}
        </MethodTabs>
      ) : (
        work
      )}
      <Skip id={id} station={station} reason={entry?.skippedReason ?? null} canSkip={own.stamp === "not-done" || own.stamp === "skipped"} />
    </section>
  );
}

function stateLine({ facts }: TravellerAssessment, power: string): string {
  if (facts.power === "dead") return `Power off · made safe ${facts.deadSince ? clockTime(facts.deadSince) : ""}`;
  if (power === "live") return "Power on · live work";
  return facts.deadSince === null ? "Taken to be live until made safe" : "Power on again";
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
