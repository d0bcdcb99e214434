"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { formatPercent, formatProbability, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { AmpsVerdict } from "@/core/stations/prove";
import type { InstrumentProps, StationView } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PlateBars } from "./PlateBars";

type Detail = ReturnType<(typeof STATIONS)["prove"]["assess"]>["detail"];

function ampsSentence(name: string, verdict: AmpsVerdict): string {
  const amps = formatQuantity("current", verdict.amps);
  if (verdict.fractionOfPlate === null || verdict.conformity === null) return `${name}: ${amps}. No amps on the plate to hold it against.`;
  const plate = `${amps}, ${formatPercent(verdict.fractionOfPlate)} of the plate`;
  const words = {
    holds: "within the limit.",
    out: "above the limit: overload, low volts, wrong capacitor, start winding left in, shorted turns or tight bearings.",
    "too-close": `too close to the limit to call with this clamp (within it with ${formatProbability(verdict.conformity.probabilityWithin)}).`,
  };
  return `${name}: ${plate}; ${words[verdict.conformity.decision]}`;
}

function sentences(detail: Detail): string[] {
  const { before, after } = detail;
  const change =
    before && after
      ? [
          `${formatQuantity("current", Math.abs(after.amps - before.amps), after.standardUncertaintyA)} ${after.amps <= before.amps ? "less" : "more"} than before.`,
        ]
      : [];
  const both = [...(after ? [ampsSentence("After", after)] : []), ...(before ? [ampsSentence("Before", before)] : []), ...change];
  return both.length > 0 ? both : ["Covers and guards on, as it runs every day; then the line amps, clamp closed round one lead."];
}

function Instrument({ record, assessment, house, change }: InstrumentProps<"prove", Detail>) {
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
        <div className="flex flex-col gap-4">
          <div className="grid grid-cols-2 gap-5 max-lg:order-last">
            <EntryField
              label="Running amps before"
              quantity="current"
              entry={record.before}
              house={house}
              size="large"
              onEntry={(before) => change((r) => ({ ...r, before }))}
            />
            <EntryField
              label="Running amps after"
              quantity="current"
              entry={record.after}
              house={house}
              size="large"
              onEntry={(after) => change((r) => ({ ...r, after }))}
            />
          </div>
          <PlateBars
            before={assessment.detail.before}
            after={assessment.detail.after}
            limitFraction={house.figures.overloadPercent / 100}
          />
          <Verdict assessment={assessment} sentences={sentences(assessment.detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.current} />
      </div>
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}

export const proveView: StationView<"prove", Detail> = {
  title: "Prove",
  letter: "v",
  brief: ({ detail, stamp }) => (stamp === "noted" && detail.before ? "Before noted" : stamp === "holds" ? "Proved" : null),
  say: (record, { detail }) => [
    ...(detail.before || detail.after ? sentences(detail) : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  Instrument,
};
