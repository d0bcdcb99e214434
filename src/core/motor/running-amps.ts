import type { HouseFigures } from "../house";
import type { FigureSize, Finding, Outcome } from "../diagnosis";
import type { IdleRange } from "./idle-amps";
import { type WorkingStep, figureOf, decideConformity, formatNumber, formatQuantity, type Conformity, type Entry } from "../quantity";

/** Line amps while running, against the plate. */
export interface AmpsVerdict {
  readonly amps: number;
  readonly standardUncertaintyA: number;
  /** full-load amps it is held against [A]; null: not on the plate */
  readonly plateA: number | null;
  /** amps / plate amps; null without a plate figure */
  readonly fractionOfPlate: number | null;
  readonly conformity: Conformity | null;
  /** what it draws without load, where it had none; null: held against the plate */
  readonly idle: IdleRange | null;
}

/** Load and volts move amps from one moment to the next: a standard uncertainty, over the plate's. */
const MOMENT = 0.03;

/** Idle amps go with the volts: so far outside their range, as a part of its end, says nothing yet. */
const IDLE_ROOM = 0.15;

/** Twice the plate and more is condemned however well it sounds. */
const FAR_ABOVE = 1.6;

/**
 * Limits of the line amps on both sides: above them it is overloaded, below them it has lost its load.
 * @param plateA full-load amps of the plate [A]; null: not known
 * @param house house rules in force
 * @returns both limits [A]
 */
export const ampsLimits = (plateA: number, house: HouseFigures): { readonly low: number; readonly high: number } => ({
  low: (plateA * house.underloadPercent) / 100,
  high: (plateA * house.overloadPercent) / 100,
});

/**
 * Line amps against the plate and the house's limit.
 * @param entry what was keyed; null: nothing
 * @param plateA full-load amps of the plate [A]; null: not known
 * @param house house rules in force
 * @param idle what it draws without load, where it has none; null: it drives its machine
 * @returns the verdict; null: nothing was keyed
 */
export function judgeAmps(
  entry: Entry | null,
  plateA: number | null,
  house: HouseFigures,
  idle: IdleRange | null = null,
): AmpsVerdict | null {
  const figure = figureOf(entry);
  if (figure === null) return null;
  const { value: amps, standardUncertainty: standardUncertaintyA } = figure;
  return {
    amps,
    standardUncertaintyA,
    plateA,
    fractionOfPlate: plateA === null ? null : amps / plateA,
    idle,
    conformity:
      plateA === null
        ? null
        : decideConformity({
            value: amps,
            standardUncertainty: standardUncertaintyA,
            limits: idle ? { low: idle.lowA * (1 - IDLE_ROOM), high: idle.highA * (1 + IDLE_ROOM) } : ampsLimits(plateA, house),
            guardFactor: house.guardFactor,
            coverageFactor: house.coverageFactor,
          }),
  };
}

/** Above its idle amps is as grave as twice the plate under load; below them the meter or the connection is asked, and no part. */
const idleFinding = (amps: number, { highA }: IdleRange, p: number): Finding[] =>
  p > 0.5 || amps > highA ? [{ test: "run-amps", weights: { "near-plate": p, "far-above": 1 - p } }] : [];

/**
 * Running amps against the plate, as one of the outcomes the line-up knows.
 * @param verdict the amps as judged; null: none
 * @returns one finding, or none
 */
export function findingOfAmps(verdict: AmpsVerdict | null): Finding[] {
  if (verdict?.fractionOfPlate == null || verdict.conformity === null) return [];
  const p = verdict.conformity.probabilityWithin;
  if (verdict.idle) return idleFinding(verdict.amps, verdict.idle, p);
  const far: Outcome<"run-amps"> = verdict.fractionOfPlate > FAR_ABOVE ? "far-above" : verdict.fractionOfPlate > 1 ? "above" : "below";
  const { fractionOfPlate, standardUncertaintyA, plateA } = verdict;
  // Where no machine model was asked, the size of the figure counts.
  const size: FigureSize = { of: "amps-part", at: fractionOfPlate, spread: Math.hypot(MOMENT, standardUncertaintyA / (plateA ?? 1)) };
  return [{ test: "run-amps", weights: { "near-plate": p, [far]: 1 - p }, sizes: [size] }];
}

/**
 * The sum of one figure.
 * @param name before or after, for the title
 * @param verdict the amps as judged; null: none
 * @param plateA full-load amps of the plate [A]; null: not known
 * @param limits limits of the amps; null: none
 * @returns one line, or none
 */
export function workingOfAmps(
  name: string,
  verdict: AmpsVerdict | null,
  plateA: number | null,
  limits: { readonly low: number; readonly high: number } | null,
): WorkingStep[] {
  if (verdict?.fractionOfPlate == null || plateA === null || limits === null) return [];
  return [
    {
      what: `Running amps ${name}`,
      formula: "100 × amps / plate amps",
      numbers: `100 × ${formatNumber(verdict.amps, 3)} / ${formatNumber(plateA, 3)}`,
      result: `${formatNumber(verdict.fractionOfPlate * 100, 1)} % of the plate; limits ${formatQuantity("current", limits.low, 0.05)} to ${formatQuantity("current", limits.high, 0.05)}, U = ±${formatQuantity("current", verdict.conformity?.expandedUncertainty ?? 0, verdict.conformity?.expandedUncertainty)}`,
      source: "plate; house rule for the limit; JCGM 106:2012",
    },
  ];
}
