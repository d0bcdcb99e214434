import { formatNumber } from "./format";

const WATTS_PER_HP = 745.69987;
/** Sizes that plates write as a fraction of a horsepower. */
const FRACTIONS: readonly (readonly [text: string, hp: number])[] = [
  ["1/40", 1 / 40],
  ["1/30", 1 / 30],
  ["1/20", 1 / 20],
  ["1/15", 1 / 15],
  ["1/12", 1 / 12],
  ["1/10", 1 / 10],
  ["1/8", 1 / 8],
  ["1/6", 1 / 6],
  ["1/5", 1 / 5],
  ["1/4", 1 / 4],
  ["1/3", 1 / 3],
  ["1/2", 1 / 2],
  ["3/4", 3 / 4],
  ["1", 1],
  ["1 1/2", 1.5],
  ["2", 2],
  ["3", 3],
  ["5", 5],
];
const SAME_SIZE = 0.004;

/**
 * A motor's power as plates of this trade have it: in horsepower where it is one of their sizes, else in watts.
 * @param powerW at the shaft [W]
 * @returns the power with its unit
 * @example formatPower(248.6) -> "1/3 hp"
 */
export function formatPower(powerW: number): string {
  const size = FRACTIONS.find(([, hp]) => Math.abs(powerW / (hp * WATTS_PER_HP) - 1) <= SAME_SIZE);
  return size ? `${size[0]}\u00a0hp` : `${formatNumber(powerW, 0)}\u00a0W`;
}

/**
 * A length in millimetres, to the tenth.
 * @param lengthMm [mm]
 * @returns the length with its unit
 */
export const formatLength = (lengthMm: number): string => `${formatNumber(lengthMm, 1)}\u00a0mm`;
