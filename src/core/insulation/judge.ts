import { insulationAt40C } from "./temperature";

/** Rules a house may judge insulation by. */
export const INSULATION_RULES = ["plain", "per-kv", "hermetic"] as const;
export type InsulationRule = (typeof INSULATION_RULES)[number];

/** What a tester showed on one pair: megohms, or at least so many (over the range). */
export interface InsulationReading {
  readonly megohm: number;
  readonly isLowerBound: boolean;
}

export interface InsulationLimits {
  readonly rule: InsulationRule;
  /** plain minimum, and the constant of the per-kilovolt rule [MΩ] */
  readonly leastMegohm: number;
  /** rated volts of the motor; null: 0.25 kV is taken */
  readonly ratedV: number | null;
  /** bands of a hermetic motor [MΩ]: below the first it is bad, up to the second it needs watching */
  readonly hermetic: readonly [number, number];
}

export interface InsulationVerdict {
  readonly at40Megohm: number;
  readonly isCorrected: boolean;
  readonly limitMegohm: number;
  /** `unclear`: the tester's range ends below the limit, so its "more than" proves nothing */
  readonly decision: "holds" | "out" | "watch" | "unclear";
}

/**
 * Limit in force under the rule [MΩ at 40 °C].
 * @param limits the rule in force and its figures
 * @returns limit [MΩ at 40 °C]
 */
export function insulationLimit({ rule, leastMegohm, ratedV, hermetic }: InsulationLimits): number {
  switch (rule) {
    case "plain":
      return leastMegohm;
    case "per-kv":
      return leastMegohm + (ratedV ?? 250) / 1000;
    case "hermetic":
      return hermetic[0];
  }
}

/** Near a limit a tester's own uncertainty (usual handheld: ±(3 % + digits)) cannot decide. */
const TESTER_PART = 0.05;

/**
 * Judges one insulation reading at 40 °C. A figure over the tester's range is a lower bound, never a number: it holds
 * when the bound itself does.
 * @param reading what the tester showed
 * @param temperatureC winding temperature; null: not known, the reading stands as it is
 * @param limits limits it is held against
 * @returns verdict, with the figure at 40 °C
 * @source IEEE 43, table 3 (1 MΩ + 1 MΩ per kV) for the per-kilovolt rule; house rules for the others
 */
export function judgeInsulation(reading: InsulationReading, temperatureC: number | null, limits: InsulationLimits): InsulationVerdict {
  const isCorrected = temperatureC !== null;
  const at40Megohm = isCorrected ? insulationAt40C(reading.megohm, temperatureC) : reading.megohm;
  const limitMegohm = insulationLimit(limits);
  const decide = (): InsulationVerdict["decision"] => {
    const [, watchUpTo] = limits.hermetic;
    if (reading.isLowerBound && at40Megohm < limitMegohm) return "unclear";
    if (at40Megohm < limitMegohm * (1 - TESTER_PART)) return "out";
    if (at40Megohm < limitMegohm * (1 + TESTER_PART)) return "watch";
    return limits.rule === "hermetic" && at40Megohm < watchUpTo ? "watch" : "holds";
  };
  return { at40Megohm, isCorrected, limitMegohm, decision: decide() };
}

/** One cell over the visits, at 40 °C where the temperature was known. */
export interface InsulationPoint {
  readonly at: string;
  readonly megohm: number;
  readonly isLowerBound: boolean;
}

export type InsulationTrend = "rising" | "steady" | "falling" | "collapsing" | "unknown";

/** Insulation scatters by as much from damp and dust alone; a real fall is more. */
const STEADY_FACTOR = 1.5;
const COLLAPSE_FACTOR = 5;

/**
 * Trend of one cell from the last visit to this one. The trend matters more than one figure: a fall to a fifth is told
 * however high the figure still is.
 * @param earlier earlier visits, the oldest first
 * @param present as it is now
 * @returns `unknown` without an earlier figure, or where a "more than" hides what it was
 */
export function insulationTrend(earlier: readonly InsulationPoint[], present: InsulationPoint): InsulationTrend {
  const last = earlier.at(-1);
  if (!last || last.megohm <= 0 || present.megohm <= 0) return "unknown";
  const ratio = present.megohm / last.megohm;
  if (present.isLowerBound) return last.isLowerBound || ratio < 1 ? "unknown" : "rising";
  // The earlier one was at least so much, so the fall is at least so deep.
  if (last.isLowerBound && ratio >= 1) return "unknown";
  if (ratio <= 1 / COLLAPSE_FACTOR) return "collapsing";
  if (ratio <= 1 / STEADY_FACTOR) return "falling";
  return ratio >= STEADY_FACTOR ? "rising" : "steady";
}
