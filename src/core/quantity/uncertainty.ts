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

/** What is taken for a quantity that no data sheet of the house lists: worse than a listed meter, never perfect. */
export interface UnlistedMeter {
  readonly percent: number;
  /** of the last digit that was typed */
  readonly digits: number;
}

/** House-rule default. @source usual specification of a plain handheld multimeter on its poorer ranges, ±(3 % + 1 digit) */
export const UNLISTED_METER: UnlistedMeter = { percent: 3, digits: 1 };

/** What is known of the meter that showed a figure. */
interface MeterKnown {
  readonly ranges: readonly MeterRange[];
  readonly unlisted: UnlistedMeter;
  /** a usual meter taken for the house's own: then the digits typed tell more of it than its table does */
  readonly isAssumed: boolean;
}

/**
 * Standard uncertainty of a figure as it was keyed. The digits typed are the resolution: a figure typed coarser than the
 * data sheet's last digit was rounded, or its meter is coarser; one typed finer than a merely assumed meter shows comes from
 * a finer meter, while a listed one keeps its sheet.
 * @param value in the base unit
 * @param step worth of the last digit typed, in the base unit
 * @param meter what is known of the meter
 * @returns k = 1, rectangular half-width over √3
 * @source JCGM 100:2008 (GUM), 4.3.7; F.2.2.1 for the resolution of an indication
 * @example 1.7 Ω without a data sheet: a = 0.03 × 1.7 + 0.1 = 0.151, u = 0.0872
 */
export function readingUncertainty(value: number, step: number, { ranges, unlisted, isAssumed }: MeterKnown): number {
  const listed = instrumentUncertainty(value, ranges);
  if (listed === null) return ((Math.abs(value) * unlisted.percent) / 100 + unlisted.digits * step) / Math.sqrt(3);
  const { percent, digits, resolution } = listed.range;
  const ofSheet = digits * resolution;
  const ofDigits = step > resolution ? Math.max(ofSheet, step) : isAssumed && step > 0 ? Math.min(ofSheet, digits * step) : ofSheet;
  return ((Math.abs(value) * percent) / 100 + ofDigits) / Math.sqrt(3);
}

/**
 * Root sum of squares of independent standard uncertainties.
 * @param parts the parts, each with its value
 * @returns standard uncertainty, k = 1
 * @source JCGM 100:2008 (GUM), eq. (10)
 */
export function combineStandard(...parts: readonly number[]): number {
  return Math.hypot(...parts);
}
