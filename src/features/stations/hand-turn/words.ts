import type { STATIONS } from "@/core/stations";
import { FELT_ENDS, type FeltEnd } from "@/core/stations/hand-turn";
import { playSentences } from "@/features/vocabulary/hand-words";

export type Detail = ReturnType<(typeof STATIONS)["hand-turn"]["assess"]>["detail"];

export const FELT_END_WORDS: Record<FeltEnd, string> = { "drive-end": "Drive end", "other-end": "Other end", both: "Both ends" };
export const FELT_END_OPTIONS = FELT_ENDS.map((id) => ({ id, label: FELT_END_WORDS[id] }));

export const OUTCOME_SENTENCES: Record<NonNullable<Detail["outcome"]>, readonly string[]> = {
  free: ["Turns free, no play to feel. The bearings are not what holds it."],
  "end-play": ["Turns free, but moves along its shaft beyond the washers: worn thrust faces or sleeves. Oil, and look at it again."],
  rough: ["Rough or rubbing. A bearing on its way out, or the wheel touching its housing: take the belt or wheel off and turn again."],
  "rough-with-play": ["Radial play: there should be none to feel. The bearing is worn; a new capacitor does not cure it."],
  tight: ["Tight. Take the load off and turn again: it parts bearing from belt, wheel and pump."],
  seized: ["Will not turn. Do not put power on it: a locked rotor burns its windings in seconds."],
};

export function sentences(detail: Detail): readonly string[] {
  const plays = playSentences(detail.verdict);
  if (detail.outcome) return [...OUTCOME_SENTENCES[detail.outcome], ...plays];
  if (plays.length > 0) return [...plays, "Say also how it turns."];
  if (detail.state === "welded-shell") return ["A welded shell: it cannot be turned by hand."];
  if (detail.turn === "cannot-reach") return ["The shaft cannot be reached."];
  return ["Turn it slowly by hand, then feel for play across and along the shaft."];
}
