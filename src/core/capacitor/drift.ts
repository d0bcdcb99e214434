/** One earlier figure of the same part. */
export interface DriftPoint {
  /** days since any fixed day */
  readonly day: number;
  readonly capacitanceUf: number;
  readonly standardUncertaintyUf: number;
}

/** When the line reaches the limit: the best day and the interval that can honestly be given. */
export interface Crossing {
  readonly limitUf: number;
  readonly bestDay: number;
  readonly fromDay: number;
  readonly toDay: number;
}

/** Change over time. */
export interface Drift {
  readonly perYearUf: number;
  /** half-width at about 95 % */
  readonly perYearExpandedUf: number;
  /** the change is larger than what the readings can hide */
  readonly isSure: boolean;
  /** capacitance on the line at a day */
  readonly at: (day: number) => number;
  /** null while no date can honestly be told */
  readonly crossing: Crossing | null;
}

const LEAST_POINTS = 3;
/** Three readings of one week tell nothing of years. */
const LEAST_SPAN_DAYS = 60;
const DAYS_A_YEAR = 365.25;

/** Two-sided 95 % points of Student's t by degrees of freedom. Source: any statistics text, table of the t distribution. */
const T_95: readonly number[] = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228];

interface Line {
  readonly meanDay: number;
  readonly mean: number;
  readonly slope: number;
  readonly varianceMean: number;
  readonly varianceSlope: number;
  readonly factor: number;
}

/** Weighted least squares about the weighted mean day, where mean and slope are independent. */
function fitLine(points: readonly DriftPoint[]): Line | null {
  const weights = points.map(({ standardUncertaintyUf: u }) => (u > 0 ? u ** -2 : 1));
  const sum = (of: (point: DriftPoint) => number): number => points.reduce((all, p, i) => all + (weights[i] ?? 0) * of(p), 0);
  const total = sum(() => 1);
  const meanDay = sum((p) => p.day) / total;
  const mean = sum((p) => p.capacitanceUf) / total;
  const spread = sum((p) => (p.day - meanDay) ** 2);
  if (!(spread > 0)) return null;
  const slope = sum((p) => (p.day - meanDay) * p.capacitanceUf) / spread;
  const freedom = points.length - 2;
  const scatter = sum((p) => (p.capacitanceUf - mean - slope * (p.day - meanDay)) ** 2) / freedom;
  // Readings that scatter more than their meter promises are judged by their scatter, with the wider t for few of them.
  const isScattered = scatter > 1 || points.some((p) => !(p.standardUncertaintyUf > 0));
  const scale = isScattered ? scatter : 1;
  return {
    meanDay,
    mean,
    slope,
    varianceMean: scale / total,
    varianceSlope: scale / spread,
    factor: isScattered ? (T_95[freedom - 1] ?? 2) : 2,
  };
}

/**
 * Days between which the line may reach the limit: those where limit and line differ by less than the line's own
 * uncertainty. Open-ended when the slope is not sure; then there is no interval to tell.
 * @source Fieller's theorem: Fieller, J. R. Stat. Soc. B 16 (1954) 175
 */
function crossingOf(line: Line, limitUf: number): Crossing | null {
  const distance = line.mean - limitUf;
  const k2 = line.factor ** 2;
  const a = line.slope ** 2 - k2 * line.varianceSlope;
  if (!(a > 0)) return null;
  const b = distance * line.slope;
  const c = distance ** 2 - k2 * line.varianceMean;
  const root = Math.sqrt(Math.max(0, b ** 2 - a * c));
  return {
    limitUf,
    bestDay: line.meanDay - distance / line.slope,
    fromDay: line.meanDay + (-b - root) / a,
    toDay: line.meanDay + (-b + root) / a,
  };
}

/**
 * Trend of one part's capacitance over its visits, and the day it reaches the limit it is heading for.
 * @param points earlier and present figures, in any order
 * @param limits the part's limits [µF]
 * @returns null with fewer than three figures, or all within two months: too few to say anything
 * @source weighted least squares: Bevington & Robinson, Data Reduction (2003), ch. 6; interval by Fieller (1954)
 */
export function fitDrift(points: readonly DriftPoint[], limits: { readonly lowUf: number; readonly highUf: number }): Drift | null {
  const days = points.map(({ day }) => day);
  if (points.length < LEAST_POINTS || Math.max(...days) - Math.min(...days) < LEAST_SPAN_DAYS) return null;
  const line = fitLine(points);
  if (line === null) return null;
  const isSure = Math.abs(line.slope) > line.factor * Math.sqrt(line.varianceSlope);
  return {
    perYearUf: line.slope * DAYS_A_YEAR,
    perYearExpandedUf: line.factor * Math.sqrt(line.varianceSlope) * DAYS_A_YEAR,
    isSure,
    at: (day) => line.mean + line.slope * (day - line.meanDay),
    crossing: isSure ? crossingOf(line, line.slope < 0 ? limits.lowUf : limits.highUf) : null,
  };
}
