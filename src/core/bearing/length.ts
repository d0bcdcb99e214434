import { fail, ok, type Failure, type Result } from "../result";

export const LENGTH_UNITS = ["mm", "inch"] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** One inch, exactly. @source ISO 80000-3:2019 */
export const MM_PER_INCH = 25.4;

/** A length as keyed. */
export interface KeyedLength {
  readonly valueMm: number;
  /** the unit was typed, or a fraction told it: then no slip of unit is looked for */
  readonly isUnitTold: boolean;
}

const UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  "''": MM_PER_INCH,
  "”": MM_PER_INCH,
};
const UNIT = String.raw`\s*(mm|cm|inches|inch|in|"|''|”)?\.?\s*`;
const FRACTION = new RegExp(String.raw`^(?:(\d+)[\s-]+)?(\d+)\s*/\s*(\d+)${UNIT}$`);
const PLAIN = new RegExp(String.raw`^(\d+\.?\d*|\.\d+)${UNIT}$`);

/**
 * Reads a length as a calliper shows it: point or comma, mm, cm, inch, and fractions of an inch.
 * @param unit taken where the text has none
 * @errors 'length-unreadable'
 * @example readLength("1 3/8", "mm") -> 34.925 mm, since a fraction is of an inch
 */
export function readLength(text: string, unit: LengthUnit): Result<KeyedLength, Failure> {
  // NFKC would turn ½ into 1⁄2 glued to the figure before it.
  const shown = text
    .replace(/(\d)([\u00bc-\u00be\u2150-\u215e])/g, "$1 $2")
    .normalize("NFKC")
    .replace(/\u2044/g, "/")
    .replace(/(\d),(\d)/g, "$1.$2")
    .trim()
    .toLowerCase();
  const fraction = FRACTION.exec(shown);
  const plain = fraction ? null : PLAIN.exec(shown);
  const told = fraction?.[4] ?? plain?.[2];
  const value = fraction ? Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]) : Number(plain?.[1]);
  const factor = told !== undefined ? (UNITS[told] ?? NaN) : fraction || unit === "inch" ? MM_PER_INCH : 1;
  const valueMm = Number((value * factor).toPrecision(12));
  if (!Number.isFinite(valueMm) || valueMm <= 0) return fail({ code: "length-unreadable", text });
  return ok({ valueMm, isUnitTold: told !== undefined || fraction !== null });
}

/** Three dimensions keyed in one line, as 17x40x12; null when it is not one. */
export function splitDimensions(text: string): readonly [string, string, string] | null {
  const parts = text.split(/\s*[x×*X]\s*/).map((part) => part.trim());
  const [a, b, c, ...more] = parts;
  return a && b && c && more.length === 0 ? [a, b, c] : null;
}
