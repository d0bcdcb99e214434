import type { Spread } from "./spread";

/** @source mechanical horsepower, 550 ft lbf/s */
export const WATTS_PER_HORSEPOWER = 745.7;

interface Row {
  readonly hp: number;
  readonly low: number;
  readonly high: number;
}

/**
 * Efficiency at the plate's power, the usual low and high end. It falls with size: rotor and copper losses of a small motor
 * eat most of what it takes; six-pole motors on low mains lie at the low end.
 * @source NEMA MG 1, 12.58 (small motors) and Veinott & Martin, Fractional- and Subfractional-Horsepower Electric Motors,
 * ch. 2, as ranges of the trade
 */
export const USUAL_EFFICIENCY: readonly Row[] = [
  { hp: 1 / 40, low: 0.23, high: 0.42 },
  { hp: 1 / 15, low: 0.28, high: 0.47 },
  { hp: 1 / 6, low: 0.4, high: 0.55 },
  { hp: 5 / 12, low: 0.45, high: 0.65 },
  { hp: 1, low: 0.65, high: 0.78 },
  { hp: 3, low: 0.72, high: 0.82 },
  { hp: 5, low: 0.75, high: 0.84 },
];

/** A range of the trade holds most motors, not all: its half width is taken as this many standard deviations. */
const RANGE_SD = 0.6;

/** Row between two of the table, on a log scale of power; beyond its ends the end rows hold. */
function rowAt(hp: number): Row {
  const above = USUAL_EFFICIENCY.findIndex((row) => row.hp >= hp);
  const next = USUAL_EFFICIENCY[above];
  const before = USUAL_EFFICIENCY[above - 1];
  if (!next) return USUAL_EFFICIENCY.at(-1)!;
  if (!before) return next;
  const part = Math.log(hp / before.hp) / Math.log(next.hp / before.hp);
  return { hp, low: before.low + part * (next.low - before.low), high: before.high + part * (next.high - before.high) };
}

/**
 * Efficiency a motor of this power usually has.
 * @param powerW shaft power [W], > 0
 * @returns middle and standard deviation of its log
 */
export function usualEfficiency(powerW: number): Spread {
  const { low, high } = rowAt(powerW / WATTS_PER_HORSEPOWER);
  return { middle: Math.sqrt(low * high), logSd: Math.log(high / low) / 2 / RANGE_SD };
}
