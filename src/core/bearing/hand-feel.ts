import { field, recordOf } from "../fields";
import { readLength } from "./length";
import type { Outcome } from "../diagnosis";
import type { HouseFigures } from "../house";
import { decideConformity, type Conformity } from "../quantity";
import type { Failure } from "../result";

const TURNS = ["free", "rough", "tight", "seized", "cannot-reach"] as const;
export type Turn = (typeof TURNS)[number];

/** What a hand feels at the shaft, and what an indicator shows. Persisted: do not change without a migration. */
export const HAND_FIELDS = {
  turn: field.oneOf(TURNS),
  radialPlay: field.yesNo(),
  endPlay: field.yesNo(),
  rubs: field.yesNo(),
  /** indicator at the shaft, pushed across and along, as keyed [mm] */
  radialMm: field.printed(),
  endMm: field.printed(),
} as const;
export const HAND_RECORD = recordOf(HAND_FIELDS);
export type HandFeel = typeof HAND_RECORD.blank;
export const NOTHING_FELT: HandFeel = HAND_RECORD.blank;

/** One figure of an indicator against the house's limit. */
export interface PlayVerdict {
  readonly valueMm: number;
  readonly limitMm: number;
  readonly conformity: Conformity;
}

export interface HandVerdict {
  /** what it amounts to; more than one where a figure straddles its limit; null: nothing was felt */
  readonly weights: Readonly<Partial<Record<Outcome<"hand-turn">, number>>> | null;
  /** the weightiest of them */
  readonly outcome: Outcome<"hand-turn"> | null;
  readonly radial: PlayVerdict | null;
  readonly end: PlayVerdict | null;
  readonly problems: { readonly radial: Failure | null; readonly end: Failure | null };
}

function playOf(text: string, limitMm: number, house: HouseFigures): { verdict: PlayVerdict | null; problem: Failure | null } {
  const shown = text.trim();
  const read = readLength(shown, "mm", true);
  if (!read.ok) return { verdict: null, problem: shown === "" ? null : read.failure };
  const { valueMm } = read.value;
  const conformity = decideConformity({
    value: valueMm,
    standardUncertainty: house.indicatorUm / 1000 / Math.sqrt(3),
    limits: { low: null, high: limitMm },
    guardFactor: house.guardFactor,
    coverageFactor: house.coverageFactor,
  });
  return { verdict: { valueMm, limitMm, conformity }, problem: null };
}

/** Play as felt, or as the indicator has it: chance that it is beyond what may be. */
const beyond = (felt: boolean | null, measured: PlayVerdict | null): number =>
  measured
    ? measured.conformity.decision === "too-close"
      ? 1 - measured.conformity.probabilityWithin
      : Number(measured.conformity.decision === "out")
    : Number(felt === true);

/** How it turns, as an outcome without play. */
function turnOutcome({ turn, rubs, endPlay }: HandFeel, isLoose: boolean): Outcome<"hand-turn"> | null {
  // Play beyond its limit speaks though nobody turned it.
  if (turn === null || turn === "cannot-reach") return isLoose || endPlay === true ? "end-play" : null;
  if (turn === "seized" || turn === "tight") return turn;
  if (turn === "rough" || rubs === true) return "rough";
  return isLoose || endPlay === true ? "end-play" : "free";
}

/**
 * What the hand feels and the indicator shows, as the outcomes of one test; an indicator speaks before the hand, and one
 * that straddles its limit splits the weight by the chance of either side.
 * @param feel what the hand felt and the indicator showed
 * @param house house rules in force
 * @returns what it amounts to, with the verdict on either figure of the indicator
 */
export function judgeHand(feel: HandFeel, house: HouseFigures): HandVerdict {
  const { verdict: radial, problem: radialProblem } = playOf(feel.radialMm, house.radialPlayUm / 1000, house);
  const { verdict: end, problem: endProblem } = playOf(feel.endMm, house.endPlayMm, house);
  const worn = beyond(feel.radialPlay, radial);
  const isLooseAlong = end ? end.conformity.decision === "out" : feel.endPlay === true;
  const isSoundAlong = end?.conformity.decision === "holds";
  const turned = turnOutcome({ ...feel, endPlay: isSoundAlong ? false : feel.endPlay }, isLooseAlong);
  const isHeld = turned === "seized" || turned === "tight";
  // Play that may be too much says nothing by itself while nobody turned it: half a finding of one outcome would count as a whole.
  const isPlayAloneOpen = turned === null && worn < 1;
  const parts: readonly (readonly [Outcome<"hand-turn"> | null, number])[] = [
    ["rough-with-play", isHeld || isPlayAloneOpen ? 0 : worn],
    [turned, isHeld ? 1 : 1 - worn],
  ];
  const weights = Object.fromEntries(parts.filter(([outcome, weight]) => outcome !== null && weight > 0)) as Partial<
    Record<Outcome<"hand-turn">, number>
  >;
  const [outcome] = (Object.entries(weights) as [Outcome<"hand-turn">, number][]).sort(([, a], [, b]) => b - a).map(([id]) => id);
  return {
    weights: outcome === undefined ? null : weights,
    outcome: outcome ?? null,
    radial,
    end,
    problems: { radial: radialProblem, end: endProblem },
  };
}
