"use client";
import type { Stamp } from "@/core/station";
import { PickOne } from "@/components/Choice";
import { KeyPad } from "@/components/KeyPad";
import { LineField } from "@/components/LineField";
import { BEARING_KINDS, LENGTH_UNITS } from "@/core/bearing";
import type { NameState } from "@/core/stations/bearing";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { LENGTH_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { AskFor } from "./AskFor";
import { CalliperFigures, TakeSlip } from "./CalliperFigures";
import { CandidateTable } from "./CandidateTable";
import { EndSwitch } from "./EndSwitch";
import { withEnd, type PanelProps } from "./props";
import { SeatSection } from "./SeatSection";
import { suffixSentence } from "./panel-words";
import { nameSentences } from "./words";

const KIND_OPTIONS = BEARING_KINDS.map((id) => ({ id, label: id === "ball" ? "Ball bearing" : "Sleeve" }));
const UNIT_OPTIONS = LENGTH_UNITS.map((id) => ({ id, label: id }));

/** The name alone; how the bearing sits is stamped at Fit. */
const NAME_STAMPS: Record<NameState, Stamp> = {
  nothing: "not-done",
  unread: "not-done",
  named: "noted",
  several: "too-close",
  conflict: "contradicts",
  slip: "unsure",
  misfit: "too-close",
};

/** What it is: by the stamp, by three figures of a calliper, or by both. */
export function NamePanel(props: PanelProps) {
  const { record, assessment, change, end, onEnd } = props;
  const own = record.ends[end];
  const detail = assessment.detail.ends[end];
  const set = (next: Partial<typeof own>): void => change((r) => withEnd(r, end, next));
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <EndSwitch end={end} onEnd={onEnd} />
        <PickOne
          legend="Calliper in"
          options={UNIT_OPTIONS}
          picked={record.unit}
          onPick={(unit) => (unit ? change((r) => ({ ...r, unit })) : undefined)}
        />
        <PickOne legend="It turns on a" options={KIND_OPTIONS} picked={own.kind} onPick={(kind) => set({ kind })} />
      </div>
      {detail.isSleeve ? null : (
        <div className="beside-pad">
          <div className="flex min-w-0 flex-col gap-4">
            <LineField
              label="As stamped"
              text={own.stamped}
              isFigure
              size="large"
              example="6203-2RS C3"
              problem={detail.designationFailure ? toMachineSentence(detail.designationFailure) : null}
              hint="? for each sign that cannot be read"
              onText={(stamped) => set({ stamped })}
            />
            <CalliperFigures {...props} />
            {detail.identification?.slip ? <TakeSlip {...props} slip={detail.identification.slip} /> : null}
          </div>
          <KeyPad extras={LENGTH_EXTRAS} />
        </div>
      )}
      <div className="grid gap-6 lg:grid-cols-[1fr_300px]">
        <Verdict assessment={{ ...assessment, stamp: NAME_STAMPS[detail.state] }} sentences={nameSentences(detail)} />
        {detail.size ? <SeatSection size={detail.size} widthMm={detail.widthMm} closure={detail.designation?.closure ?? null} /> : null}
      </div>
      {detail.identification && detail.state !== "named" && detail.state !== "slip" ? (
        <CandidateTable candidates={detail.identification.candidates} onTake={(number) => set({ stamped: number })} />
      ) : null}
      {detail.designation && detail.designation.suffixes.length > 0 ? (
        <section aria-labelledby="suffixes">
          <h2 id="suffixes" className="heading-rule">
            What the suffixes say
          </h2>
          <ul className="mt-2 flex flex-col gap-1 text-[14px]">
            {detail.designation.suffixes.map((suffix, index) => (
              <li key={index}>{suffixSentence(suffix)}</li>
            ))}
          </ul>
        </section>
      ) : null}
      {detail.isSleeve ? null : <AskFor {...props} />}
    </>
  );
}
