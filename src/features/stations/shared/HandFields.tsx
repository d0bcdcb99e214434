"use client";
import { HAND_RECORD, type HandFeel, type HandVerdict } from "@/core/bearing";
import { Fields } from "@/features/form/Fields";
import { rowsOf, type Form } from "@/features/form/rows";
import { problemOf } from "@/features/messages/failure-sentences";
import { TURN_WORDS } from "@/features/vocabulary/hand-words";

interface HandForm extends Form<HandFeel> {
  readonly verdict: HandVerdict;
}

export const HAND_ROWS = rowsOf<HandForm>()(HAND_RECORD, {
  turn: { label: "How it turns", words: TURN_WORDS },
  radialPlay: { label: "Radial play felt" },
  endPlay: { label: "End play beyond the washers" },
  rubs: { label: "Wheel or rotor rubs" },
  radialMm: {
    label: "Radial play by indicator",
    unit: "mm",
    isKeyed: true,
    problem: ({ verdict }) => problemOf(verdict.problems.radial),
  },
  endMm: { label: "End play by indicator", unit: "mm", isKeyed: true, problem: ({ verdict }) => problemOf(verdict.problems.end) },
});

/** How it turns, play across and along the shaft, rubbing; figures of an indicator where there is one. */
export function HandFields(props: HandForm) {
  return (
    <>
      <Fields of={HAND_ROWS} show={["turn"]} given={props} />
      <Fields of={HAND_ROWS} show={["radialPlay", "endPlay", "rubs"]} given={props} in="row" />
      <div className="grid max-w-[520px] grid-cols-2 gap-x-6">
        <Fields of={HAND_ROWS} show={["radialMm", "endMm"]} given={props} />
      </div>
    </>
  );
}
