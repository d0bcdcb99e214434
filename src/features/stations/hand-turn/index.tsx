"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import type { STATIONS } from "@/core/stations";
import { TURNS, type Turn } from "@/core/stations/hand-turn";
import type { InstrumentProps, StationView } from "../contract";
import { Verdict } from "../shared/Verdict";

type Detail = ReturnType<(typeof STATIONS)["hand-turn"]["assess"]>["detail"];

const TURN_WORDS: Record<Turn, string> = {
  free: "Free and silent",
  rough: "Rough, like sand",
  tight: "Tight",
  seized: "Will not turn",
  "cannot-reach": "Cannot be reached",
};
const TURN_OPTIONS = TURNS.map((id) => ({ id, label: TURN_WORDS[id] }));

const OUTCOME_SENTENCES: Record<NonNullable<Detail["outcome"]>, readonly string[]> = {
  free: ["Turns free, no play to feel. The bearings are not what holds it."],
  rough: ["Rough or rubbing. A bearing on its way out, or the wheel touching its housing: take the belt or wheel off and turn again."],
  "rough-with-play": ["Radial play: there should be none to feel. The bearing is worn; a new capacitor does not cure it."],
  tight: ["Tight. Take the load off and turn again: it parts bearing from belt, wheel and pump."],
  seized: ["Will not turn. Do not put power on it: a locked rotor burns its windings in seconds."],
};

function sentences(detail: Detail): readonly string[] {
  if (detail.outcome) return OUTCOME_SENTENCES[detail.outcome];
  if (detail.state === "welded-shell") return ["A welded shell: it cannot be turned by hand."];
  if (detail.turn === "cannot-reach") return ["The shaft cannot be reached."];
  return ["Turn it slowly by hand, then feel for play across and along the shaft."];
}

function Instrument({ record, assessment, change }: InstrumentProps<"hand-turn", Detail>) {
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

export const handTurnView: StationView<"hand-turn", Detail> = {
  title: "Turn by hand",
  letter: "t",
  brief: ({ detail }) => (detail.state === "welded-shell" ? "Welded shell" : null),
  say: (record, { detail, stamp }) => [
    ...(stamp === "not-done" ? [] : sentences(detail)),
    ...(record.endPlay ? ["End play beyond the washers."] : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  Instrument,
};
