import type { HouseFigures, NumberRuleId } from "../house";

export const BEARING_KINDS = ["ball", "sleeve"] as const;
export type BearingKind = (typeof BEARING_KINDS)[number];

/** How much of the day it runs. Persisted: do not change without a migration. */
export const DUTIES = ["continuous", "intermittent", "occasional"] as const;
export type Duty = (typeof DUTIES)[number];

const INTERVALS: Record<BearingKind, Record<Duty, NumberRuleId>> = {
  sleeve: { continuous: "oilContinuousMonths", intermittent: "oilIntermittentMonths", occasional: "oilOccasionalMonths" },
  ball: { continuous: "inspectContinuousMonths", intermittent: "inspectIntermittentMonths", occasional: "inspectOccasionalMonths" },
};

/**
 * Months between oilings (sleeve) or inspections (ball) by the house's rule.
 * @param kind sleeve or ball
 * @param duty how much it runs
 * @param house house rules in force
 * @returns months
 */
export const upkeepMonths = (kind: BearingKind, duty: Duty, house: HouseFigures): number => house[INTERVALS[kind][duty]];

/* Drops of oil at each sleeve, by shaft [mm up to, drops]. Trade judgement: a few drops; more runs out and takes dust along. */
const DROPS: readonly (readonly [number, number])[] = [
  [8, 3],
  [12, 6],
  [16, 10],
  [20, 20],
];
const MOST_DROPS = 30;

/**
 * Drops of oil for one sleeve bearing; null shaft: what suits most small motors.
 * @param shaftMm diameter of the shaft [mm]; null: not known
 * @returns drops, a few
 */
export function oilDrops(shaftMm: number | null): number {
  if (shaftMm === null) return 6;
  return DROPS.find(([upToMm]) => shaftMm <= upToMm)?.[1] ?? MOST_DROPS;
}

/**
 * Grease for an open ball bearing that is greased anew [g].
 * @param outsideMm outside diameter [mm]
 * @param widthMm width [mm]
 * @returns grease [g]
 * @source Eschmann, Hasbargen & Weigand, Ball and Roller Bearings (1985): G = 0.005 D B, D and B in mm
 * @example 6203: 2.4 g
 */
export const greaseGrams = (outsideMm: number, widthMm: number): number => 0.005 * outsideMm * widthMm;
