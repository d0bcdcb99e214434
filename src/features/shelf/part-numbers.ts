/** Bounds of a figure on a shelf line. */
interface Bounds {
  readonly min: number;
  readonly max: number;
  readonly isWhole: boolean;
}
export const COUNT: Bounds = { min: 0, max: 10_000, isWhole: true };
export const MONEY: Bounds = { min: 0, max: 100_000, isWhole: false };
export const MILLIMETRES: Bounds = { min: 1, max: 1000, isWhole: false };
export const TERMINALS: Bounds = { min: 1, max: 12, isWhole: true };

/** A figure as keyed, with point or comma; null when it is none or out of bounds. */
export function readNumber(text: string, { min, max, isWhole }: Bounds): number | null {
  const value = /^\s*\d+([.,]\d+)?\s*$/.test(text) ? Number(text.trim().replace(",", ".")) : NaN;
  return value >= min && value <= max && (!isWhole || Number.isInteger(value)) ? value : null;
}
