/** What the ohmmeter did when it was put across the discharged part. Ids are persisted. */
export const SWING_BEHAVIOURS = ["takes-charge", "stays-low", "never-dips", "settles-at-bleed"] as const;
export type SwingBehaviour = (typeof SWING_BEHAVIOURS)[number];

/** What each behaviour tells. It is a rough check: it cannot tell a weak part from a good one. */
export const SWING_MEANING: Record<SwingBehaviour, "charges" | "shorted" | "open"> = {
  "takes-charge": "charges",
  "settles-at-bleed": "charges",
  "stays-low": "shorted",
  "never-dips": "open",
};

/** An order of magnitude: not a figure to judge a part by. */
export interface SwingEstimate {
  readonly capacitanceUf: number;
  readonly lowUf: number;
  readonly highUf: number;
}

/** Test currents and range ends differ from their data sheets by about this factor either way. */
const SPREAD = 3;

/**
 * Capacitance from the time an ohmmeter takes to climb to OL. The meter drives a constant test current, so the part
 * charges to the end of the range at t = C V / I, and the range end is V / I: C = t / R_end.
 * @param climbS seconds from touching to OL, > 0
 * @param rangeEndOhm end of the resistance range in use [Ω], > 0
 * @returns an estimate in µF with the factor-of-three spread it deserves
 * @source Q = C V = I t, any circuits text
 * @example 1.4 s on a 40 kΩ range -> about 35 µF
 */
export function estimateFromSwing(climbS: number, rangeEndOhm: number): SwingEstimate {
  const capacitanceUf = (1e6 * climbS) / rangeEndOhm;
  return { capacitanceUf, lowUf: capacitanceUf / SPREAD, highUf: capacitanceUf * SPREAD };
}

/**
 * Seconds the climb should take on a range, for a part of this size.
 * @param capacitanceUf capacitance [µF]
 * @param rangeEndOhm end of the ohmmeter range [Ω]
 * @returns time [s]
 * @example expectedClimbS(40, 40000) = 1.6
 */
export function expectedClimbS(capacitanceUf: number, rangeEndOhm: number): number {
  return capacitanceUf * 1e-6 * rangeEndOhm;
}
