/** Figures at the head of a text, and what is left behind them. */
export interface Digits {
  /** every value the digits can be read as; two where a comma could part thousands or decimals */
  readonly values: readonly number[];
  /** worth of the last digit typed, for each value: 0.01 for 1.70 */
  readonly steps: readonly number[];
  readonly rest: string;
}

/** Why a text has no figure at its head. */
export type NoDigits = "none" | "two-points" | "gap";

const place = (decimals: number): number => Number(`1e-${decimals}`);
const single = (whole: string, decimals: string, rest: string): Digits => ({
  values: [Number(`${whole || "0"}.${decimals || "0"}`)],
  steps: [place(decimals.length)],
  rest,
});

/* Shapes of a grouped figure that can be read one way only: the first that fits decides. */
const GROUPED: readonly RegExp[] = [
  /^(\d{1,3}(?:[ '’]\d{3})+)(?![\d])(?:[.,](\d+))?/,
  /^([1-9]\d{0,2}(?:\.\d{3})+),(\d+)(?![\d.,])/,
  /^([1-9]\d{0,2}(?:,\d{3})+)\.(\d+)(?![\d.,])/,
  /^([1-9]\d{0,2}(?:,\d{3}){2,})()(?![\d.,])/,
  /^([1-9]\d{0,2}(?:\.\d{3}){2,})()(?![\d.,])/,
];
/** `1,200`: thousands to one hand, decimals to another. */
const COMMA_AND_THREE = /^([1-9]\d{0,2}),(\d{3})(?!\d)/;
const POINT_AND_THREE = /^([1-9]\d{0,2})\.(\d{3})(?!\d)/;
const PLAIN = /^(\d+)(?:[.,](\d*))?|^[.,](\d+)/;

/**
 * Reads the digits at the head of a text: point or comma, and groups of three parted by a space, point, comma or apostrophe.
 * @param text no sign before it, runs of spaces folded to one
 * @param isGrouped three figures behind one comma or point are thousands
 * @returns 'gap' where two figures stand side by side (`12 5`), which only the person can join
 * @example readDigits("1,200") -> values 1.2 and 1200; readDigits("1 200") -> 1200
 */
export function readDigits(text: string, isGrouped = false): Digits | NoDigits {
  for (const shape of GROUPED) {
    const match = shape.exec(text);
    if (match) return end(single((match[1] ?? "").replace(/\D/g, ""), match[2] ?? "", text.slice(match[0].length)));
  }
  const comma = COMMA_AND_THREE.exec(text) ?? (isGrouped ? POINT_AND_THREE.exec(text) : null);
  if (comma) {
    const [shown, whole = "", three = ""] = comma;
    const rest = text.slice(shown.length);
    const both = { values: [Number(`${whole}.${three}`), Number(whole + three)], steps: [0.001, 1], rest };
    return end(isGrouped ? single(whole + three, "", rest) : both);
  }
  const match = PLAIN.exec(text);
  if (!match) return "none";
  const [shown, whole = "", decimals = "", only = ""] = match;
  return end(single(whole, decimals || only, text.slice(shown.length)));
}

/** What may not follow a figure: another point, or another figure after a space. */
function end(digits: Digits): Digits | NoDigits {
  if (/^\s*[.,]+\d/.test(digits.rest) || /^[.,]/.test(digits.rest)) return "two-points";
  return /^\s+[.,]?\d/.test(digits.rest) ? "gap" : digits;
}

/**
 * `½`, `1 1/2`, `1-1/2`, `3/8` at the head of a text, as a number; null when there is none.
 * @param text as it was keyed or printed
 * @returns the number, and what of the text is left; null: none
 */
export function readFraction(text: string): { readonly value: number; readonly rest: string } | null {
  const match = /^(?:(\d{1,3})\s*[\s-]\s*)?(\d{1,3})\s*\/\s*(\d{1,3})(?![\d.,/])/.exec(text);
  if (!match) return null;
  const [shown, whole = "0", top = "", bottom = ""] = match;
  const value = Number(whole) + Number(top) / Number(bottom);
  return Number.isFinite(value) ? { value, rest: text.slice(shown.length) } : null;
}
