import { insulationAt40C, type Varnish } from "./temperature";

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
  /** from here on it is sound, below it low [MΩ] */
  readonly soundMegohm: number;
  /** rated volts of the motor; null: 0.25 kV is taken */
  readonly ratedV: number | null;
  /** bands of a hermetic motor [MΩ]: below the first it is bad, up to the second it needs watching */
  readonly hermetic: readonly [number, number];
}

/** The winding, as far as its temperature and varnish bear on what was read. */
export interface WindingState {
  /** temperature of the winding; null: not known, the reading stands as it is [°C] */
  readonly temperatureC: number | null;
  readonly varnish: Varnish;
}

export interface InsulationVerdict {
  readonly at40Megohm: number;
  readonly isCorrected: boolean;
  readonly limitMegohm: number;
  /** from here on nothing is to be done [MΩ] */
  readonly soundMegohm: number;
  /** `watch`: low, damp or dirty; `unclear`: the tester's range ends below the limit, so its "more than" proves nothing */
  readonly decision: "holds" | "out" | "watch" | "unclear";
  /** what the tester read and what it comes to at 40 °C would be judged otherwise: read again at 20 to 40 °C; null: they agree */
  readonly readAgain: "warmer" | "cooler" | null;
}

/**
 * Limit in force under the rule [MΩ at 40 °C].
 * @param limits the rule in force and its figures
 * @returns limit [MΩ at 40 °C]
 */
function insulationLimit({ rule, leastMegohm, ratedV, hermetic }: InsulationLimits): number {
  switch (rule) {
    case "plain":
      return leastMegohm;
    case "per-kv":
      return leastMegohm + (ratedV ?? 250) / 1000;
    case "hermetic":
      return hermetic[0];
  }
}

/** From here on an insulation is sound; between limit and this it is low: damp, dirty or old. */
const soundFrom = (limits: InsulationLimits): number =>
  Math.max(insulationLimit(limits), limits.rule === "hermetic" ? limits.hermetic[1] : limits.soundMegohm);

/** Near a limit a tester's own uncertainty (usual handheld: ±(3 % + digits)) cannot decide. */
const TESTER_PART = 0.05;
/** A winding is read between these temperatures; beyond them it is brought there and read again [°C]. */
const READ_BETWEEN_C = [20, 40] as const;

/**
 * Judges one insulation reading. What the tester reads decides; what it comes to at 40 °C only says whether it should be read
 * again: a cold motor is not condemned by a correction, nor is a hot one acquitted. A figure over the tester's range is a
 * lower bound, never a number: it holds when the bound itself does.
 * @param reading what the tester showed
 * @param winding its temperature and varnish
 * @param limits limits it is held against
 * @returns verdict, with the figure at 40 °C
 * @source IEEE 43-2013, table 3 (1 MΩ + 1 MΩ per kV) for the per-kilovolt rule, 6.3 for temperature; house rules for the others
 */
export function judgeInsulation(
  reading: InsulationReading,
  { temperatureC, varnish }: WindingState,
  limits: InsulationLimits,
): InsulationVerdict {
  const isCorrected = temperatureC !== null;
  const at40Megohm = isCorrected ? insulationAt40C(reading.megohm, temperatureC, varnish) : reading.megohm;
  const limitMegohm = insulationLimit(limits);
  const soundMegohm = soundFrom(limits);
  const decide = (megohm: number): InsulationVerdict["decision"] => {
    if (reading.isLowerBound) return megohm < limitMegohm ? "unclear" : "holds";
    if (megohm < limitMegohm * (1 - TESTER_PART)) return "out";
    return megohm < limitMegohm * (1 + TESTER_PART) || megohm < soundMegohm ? "watch" : "holds";
  };
  const asRead = decide(reading.megohm);
  const [coldC, hotC] = READ_BETWEEN_C;
  const isOtherwise = isCorrected && decide(at40Megohm) !== asRead;
  const isCold = isOtherwise && temperatureC < coldC;
  const isHot = isOtherwise && temperatureC > hotC;
  return {
    at40Megohm,
    isCorrected,
    limitMegohm,
    soundMegohm,
    // Out while hot and not at 40 °C: neither is known yet.
    decision: isHot && asRead === "out" ? "watch" : asRead,
    readAgain: isCold ? "warmer" : isHot ? "cooler" : null,
  };
}

/** One cell over the visits, at 40 °C where the temperature was known. */
export interface InsulationPoint {
  readonly at: string;
  /** at 40 °C, where the temperature was known */
  readonly megohm: number;
  readonly asReadMegohm: number;
  readonly isLowerBound: boolean;
}

export type InsulationTrend = "rising" | "steady" | "falling" | "collapsing" | "unknown";

/** Insulation scatters by as much from damp and dust alone; a real fall is more. */
const STEADY_FACTOR = 1.5;
const COLLAPSE_FACTOR = 5;

/** The milder of two falls; what rises under one of them is steady. */
const milder = (ratios: readonly number[]): number =>
  ratios.every((ratio) => ratio < 1) ? Math.max(...ratios) : ratios.every((ratio) => ratio > 1) ? Math.min(...ratios) : 1;

/**
 * Trend of one cell from the last visit to this one, as read and at 40 °C, the milder of the two: none hangs on a correction
 * alone. The trend matters more than one figure: a fall to a fifth is told however high the figure still is.
 * @param earlier earlier visits, the oldest first
 * @param present as it is now
 * @returns `unknown` without an earlier figure, or where a "more than" hides what it was
 */
export function insulationTrend(earlier: readonly InsulationPoint[], present: InsulationPoint): InsulationTrend {
  const last = earlier.at(-1);
  if (!last || last.megohm <= 0 || present.megohm <= 0) return "unknown";
  const ratio = milder([present.megohm / last.megohm, present.asReadMegohm / last.asReadMegohm]);
  if (present.isLowerBound) return last.isLowerBound || ratio < 1 ? "unknown" : "rising";
  // The earlier one was at least so much, so the fall is at least so deep.
  if (last.isLowerBound && ratio >= 1) return "unknown";
  if (ratio <= 1 / COLLAPSE_FACTOR) return "collapsing";
  if (ratio <= 1 / STEADY_FACTOR) return "falling";
  return ratio >= STEADY_FACTOR ? "rising" : "steady";
}
