"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../contract";
import { Verdict } from "../shared/Verdict";
import { type Detail, TURN_OPTIONS, sentences } from "./words";

export default function Instrument({ record, assessment, change }: InstrumentProps<"hand-turn", Detail>) {
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne legend="How it turns" options={TURN_OPTIONS} picked={record.turn} onPick={(turn) => change((r) => ({ ...r, turn }))} />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <YesNo legend="Radial play felt" value={record.radialPlay} onValue={(radialPlay) => change((r) => ({ ...r, radialPlay }))} />
        <YesNo legend="End play beyond the washers" value={record.endPlay} onValue={(endPlay) => change((r) => ({ ...r, endPlay }))} />
        <YesNo legend="Wheel or rotor rubs" value={record.rubs} onValue={(rubs) => change((r) => ({ ...r, rubs }))} />
      </div>
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
      <Verdict assessment={assessment} sentences={sentences(assessment.detail)} />
    </FieldFlow>
  );
}
