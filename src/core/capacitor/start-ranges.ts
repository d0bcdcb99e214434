/**
 * Ranges that are printed on motor-start capacitors, in µF. Standard marking of plastic-case electrolytic start parts:
 * the low end is the rating, the high end 18 to 25 % above it.
 * @source EIA-463 (fixed aluminium electrolytic capacitors for alternating current motor starting), usual ratings
 */
export const START_RANGES_UF: readonly (readonly [low: number, high: number])[] = [
  [21, 25],
  [25, 30],
  [30, 36],
  [36, 43],
  [43, 53],
  [53, 64],
  [64, 77],
  [72, 88],
  [88, 106],
  [108, 130],
  [124, 149],
  [130, 156],
  [145, 174],
  [161, 193],
  [189, 227],
  [200, 240],
  [216, 259],
  [233, 280],
  [243, 292],
  [270, 324],
  [300, 360],
  [324, 389],
  [340, 408],
  [378, 454],
  [400, 480],
  [430, 516],
  [460, 552],
  [540, 648],
  [590, 708],
  [645, 774],
  [708, 850],
  [815, 978],
  [850, 1020],
  [1000, 1200],
];

/**
 * Standard ranges that fit what was keyed so far: those that begin with these digits, or hold this value.
 * @param text what stands in the label field, one number and nothing else
 * @returns at most six, the closest low end first; none when the text is not one plain number of at least two digits
 */
export function suggestStartRanges(text: string): readonly (readonly [number, number])[] {
  const digits = /^\s*(\d{2,4})\s*[-–]?\s*$/.exec(text)?.[1];
  if (digits === undefined) return [];
  const value = Number(digits);
  return START_RANGES_UF.filter(([low, high]) => String(low).startsWith(digits) || (low <= value && value <= high))
    .toSorted(([a], [b]) => Math.abs(a - value) - Math.abs(b - value))
    .slice(0, 6);
}
