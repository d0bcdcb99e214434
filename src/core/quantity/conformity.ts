import { normalCdf } from "./normal";

/** Limits a figure must lie within; null where there is none on that side. */
export interface Limits {
  readonly low: number | null;
  readonly high: number | null;
}

export interface ConformityInput {
  readonly value: number;
  /** standard uncertainty, k = 1, same unit as the value */
  readonly standardUncertainty: number;
  readonly limits: Limits;
  /** guard band as a multiple of the expanded uncertainty; 0 = none */
  readonly guardFactor: number;
  readonly coverageFactor: number;
}

/** `holds`, `out`, or `too-close` to call; with the chance that the true value is within the limits. */
export interface Conformity {
  readonly decision: "holds" | "out" | "too-close";
  readonly probabilityWithin: number;
  readonly expandedUncertainty: number;
  readonly guardBand: number;
}

/** Binary fractions such as 42.3 + 2.25 miss their decimal sum by a few units in the last place. */
const ROUNDING = 1e-12;

/**
 * Decides whether a figure is within limits with a guard band on both sides of each limit:
 * holds inside the limits shrunk by w (inclusive), out beyond the limits widened by w, too close between; w = factor × U.
 * @param input the figure, its uncertainty, its limits and the house rules
 * @returns decision and probability of conformity for a normal distribution
 * @source JCGM 106:2012, sections 7 and 8 (guarded acceptance and guarded rejection)
 * @example 7.4515 with U = 0.6 in 7.125..7.95: too close, probability 0.8135
 */
export function decideConformity(input: ConformityInput): Conformity {
  const { value, standardUncertainty, limits, guardFactor, coverageFactor } = input;
  const expandedUncertainty = coverageFactor * standardUncertainty;
  const guardBand = guardFactor * expandedUncertainty;
  const low = limits.low ?? -Infinity;
  const high = limits.high ?? Infinity;
  const slack = ROUNDING * Math.max(1, Math.abs(value));
  const isInside = value >= low + guardBand - slack && value <= high - guardBand + slack;
  const isOutside = value < low - guardBand - slack || value > high + guardBand + slack;
  const probabilityWithin =
    standardUncertainty > 0
      ? Math.max(0, normalCdf((high - value) / standardUncertainty) - normalCdf((low - value) / standardUncertainty))
      : value >= low && value <= high
        ? 1
        : 0;
  return {
    decision: isInside ? "holds" : isOutside ? "out" : "too-close",
    probabilityWithin,
    expandedUncertainty,
    guardBand,
  };
}
