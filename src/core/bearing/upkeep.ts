import type { HouseFigures, HouseRuleId } from "../house";

export const BEARING_KINDS = ["ball", "sleeve"] as const;
export type BearingKind = (typeof BEARING_KINDS)[number];

/** How much of the day it runs. Persisted: do not change without a migration. */
export const DUTIES = ["continuous", "intermittent", "occasional"] as const;
export type Duty = (typeof DUTIES)[number];

const INTERVALS: Record<BearingKind, Record<Duty, HouseRuleId>> = {
  sleeve: { continuous: "oilContinuousMonths", intermittent: "oilIntermittentMonths", occasional: "oilOccasionalMonths" },
  ball: { continuous: "inspectContinuousMonths", intermittent: "inspectIntermittentMonths", occasional: "inspectOccasionalMonths" },
};

/** Months between oilings (sleeve) or inspections (ball); the plate comes before the house. */
export function upkeepMonths(kind: BearingKind, duty: Duty, house: HouseFigures, plateMonths: number | null): number {
  return plateMonths ?? house[INTERVALS[kind][duty]];
}

/* Drops of oil at each sleeve, by shaft [mm up to, drops]. Trade judgement: a few drops; more runs out and takes dust along. */
const DROPS: readonly (readonly [number, number])[] = [
  [8, 3],
  [12, 6],
  [16, 10],
  [20, 20],
];
const MOST_DROPS = 30;

/** Drops of oil for one sleeve bearing; null shaft: what suits most small motors. */
export function oilDrops(shaftMm: number | null): number {
  if (shaftMm === null) return 6;
  return DROPS.find(([upToMm]) => shaftMm <= upToMm)?.[1] ?? MOST_DROPS;
}

/**
 * Grease for an open ball bearing that is greased anew [g].
 * @source Eschmann, Hasbargen & Weigand, Ball and Roller Bearings (1985): G = 0.005 D B, D and B in mm
 * @example 6203: 2.4 g
 */
export const greaseGrams = (outsideMm: number, widthMm: number): number => 0.005 * outsideMm * widthMm;

/** A date some months on, day kept or the last of a shorter month; dates are plain `YYYY-MM-DD`. */
export function addMonths(date: string, months: number): string {
  const [year = 0, month = 1, day = 1] = date.split("-").map(Number);
  const first = new Date(Date.UTC(year, month - 1 + Math.round(months), 1));
  const lastDay = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  first.setUTCDate(Math.min(day, lastDay));
  return first.toISOString().slice(0, 10);
}
