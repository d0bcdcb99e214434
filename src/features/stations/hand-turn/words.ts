import type { STATIONS } from "@/core/stations";
import type { FeltEnd, UnloadedTurn } from "@/core/stations/hand-turn";
import { playSentences } from "@/features/vocabulary/hand-words";

export type Detail = ReturnType<(typeof STATIONS)["hand-turn"]["assess"]>["detail"];

export const FELT_END_WORDS: Record<FeltEnd, string> = { "drive-end": "Drive end", "other-end": "Other end", both: "Both ends" };

/** What it means once the load is off. */
const UNLOADED_SENTENCES: Record<UnloadedTurn, string> = {
  free: "Free with its load off: what was coupled holds it. Belt, wheel, pump or its own bearings.",
  rough: "Still rough with its load off: the motor's own bearings.",
  tight: "Still tight with its load off: the bearings, or the rotor on its stator. No power until that is mended.",
  seized: "Still held with its load off: the bearings have seized, or the rotor lies on its stator. No power until that is mended.",
};

const OUTCOME_SENTENCES: Record<NonNullable<Detail["outcome"]>, readonly string[]> = {
  free: ["Turns free, no play to feel. The bearings are not what holds it."],
  "end-play": ["Turns free, but moves along its shaft beyond the washers: worn thrust faces or sleeves. Oil, and look at it again."],
  rough: ["Rough or rubbing. A bearing on its way out, or the wheel touching its housing: take the belt or wheel off and turn again."],
  "rough-with-play": ["Radial play: there should be none to feel. The bearing is worn; a new capacitor does not cure it."],
  tight: ["Tight. Take the load off and turn again: it parts bearing from belt, wheel and pump."],
  seized: ["Will not turn. Do not put power on it: a locked rotor burns its windings in seconds."],
};

export function sentences(detail: Detail): readonly string[] {
  const plays = playSentences(detail.verdict);
  const unloaded = detail.unloaded ? [UNLOADED_SENTENCES[detail.unloaded]] : [];
  if (detail.outcome) return [...OUTCOME_SENTENCES[detail.outcome], ...unloaded, ...plays];
  if (unloaded.length > 0) return [...unloaded, ...plays];
  if (plays.length > 0) return [...plays, "Say also how it turns."];
  if (detail.state === "welded-shell") return ["A welded shell: it cannot be turned by hand."];
  if (detail.turn === "cannot-reach") return ["The shaft cannot be reached."];
  return ["Turn it slowly by hand, then feel for play across and along the shaft."];
}
