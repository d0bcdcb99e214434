import { fitDrift } from "../capacitor";

/** One figure of a visit. */
export interface TrendPoint {
  /** days since any fixed day */
  readonly day: number;
  readonly value: number;
  readonly standardUncertainty: number;
}

/** What a row of figures says: one of a kind, the same within the meters, or a change. */
export type Trended =
  | { readonly kind: "none" }
  | { readonly kind: "one"; readonly value: number }
  | { readonly kind: "steady" }
  | { readonly kind: "changes"; readonly from: number; readonly to: number }
  /** falls by halves: insulation ages so */
  | { readonly kind: "halves"; readonly months: number };

/** Two readings of one thing differ by no more than this many of their standard uncertainties. */
const SAME_WITHIN = 2;
const MONTHS_A_YEAR = 12;
/** A meter's readings of different days agree no better than this part of them. */
const LEAST_SPREAD = 0.01;

const spreadOf = ({ value, standardUncertainty }: TrendPoint): number => Math.max(standardUncertainty, LEAST_SPREAD * Math.abs(value));

/**
 * Months in which a figure that falls by halves does so; from at least three readings over two months, where the fall is
 * larger than their scatter.
 * @param points readings, in any order
 * @returns months; null: no such fall can be told
 * @source log-linear least squares, as insulation is judged by its ratio: IEEE 43-2013, 12.2
 */
export function halvingMonths(points: readonly TrendPoint[]): number | null {
  const positive = points.filter(({ value }) => value > 0);
  const logs = positive.map((point) => ({
    day: point.day,
    capacitanceUf: Math.log(point.value),
    standardUncertaintyUf: spreadOf(point) / point.value,
  }));
  const drift = fitDrift(logs, { lowUf: -Infinity, highUf: Infinity });
  if (!drift?.isSure || drift.perYearUf >= 0) return null;
  return (Math.LN2 / -drift.perYearUf) * MONTHS_A_YEAR;
}

/**
 * What the figures of several visits say together.
 * @param points readings, the oldest first
 * @param byHalves the figure falls by halves where it falls
 * @returns steady where first and last, and all between, agree within their uncertainties
 */
export function trendOf(points: readonly TrendPoint[], byHalves = false): Trended {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined) return { kind: "none" };
  if (points.length === 1) return { kind: "one", value: first.value };
  const months = byHalves ? halvingMonths(points) : null;
  if (months !== null) return { kind: "halves", months };
  const [low, high] = [...points].sort((a, b) => a.value - b.value).filter((_, index, all) => index === 0 || index === all.length - 1);
  const isSame =
    low !== undefined && high !== undefined && high.value - low.value <= SAME_WITHIN * Math.hypot(spreadOf(low), spreadOf(high));
  return isSame ? { kind: "steady" } : { kind: "changes", from: first.value, to: last.value };
}
