/** One range of a meter's data sheet: ±(percent of reading + digits), with the worth of one digit on that range. */
export interface MeterRange {
  /** top of the range, in the base unit of the quantity */
  readonly upTo: number;
  readonly percent: number;
  readonly digits: number;
  /** worth of the last digit, in the base unit */
  readonly resolution: number;
}

/** What the instrument adds to a reading. */
export interface InstrumentUncertainty {
  /** half-width of the rectangle the maker promises */
  readonly halfWidth: number;
  /** standard uncertainty, k = 1 */
  readonly standard: number;
  /** the row of the data sheet that was used */
  readonly range: MeterRange;
}

/**
 * The uncertainty a meter's data sheet gives a reading: a = p·x + n·digit, u = a/√3 (rectangular).
 * @param value reading in the base unit, ≥ 0
 * @param ranges rows of the data sheet in rising order; the first that holds the value is used, the last for anything above
 * @returns null when the meter has no ranges for the quantity
 * @source JCGM 100:2008 (GUM), 4.3.7, rectangular distribution
 * @example 16.56 µF on ±(1 % + 5 digits of 0.01): a = 0.2156, u = 0.1245
 */
export function instrumentUncertainty(value: number, ranges: readonly MeterRange[]): InstrumentUncertainty | null {
  const range = ranges.find((row) => Math.abs(value) <= row.upTo) ?? ranges.at(-1);
  if (range === undefined) return null;
  const halfWidth = (Math.abs(value) * range.percent) / 100 + range.digits * range.resolution;
  return { halfWidth, standard: halfWidth / Math.sqrt(3), range };
}

/**
 * Root sum of squares of independent standard uncertainties.
 * @source JCGM 100:2008 (GUM), eq. (10)
 */
export function combineStandard(...parts: readonly number[]): number {
  return Math.hypot(...parts);
}
