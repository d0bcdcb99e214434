import { readFigure } from "../quantity";
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

/**
 * Reads a length as a calliper shows it: point or comma, mm, cm, inch, and fractions of an inch.
 * @param text as it was keyed or printed
 * @param unit taken where the text has none
 * @param mayBeZero an indicator that does not move shows play of nothing: a figure, where other lengths have none
 * @returns the length [mm], with the unit it was read in, or why it cannot be read
 * @errors those of readFigure
 * @example readLength("1 3/8", "mm") -> 34.925 mm, since a fraction is of an inch
 */
export function readLength(text: string, unit: LengthUnit, mayBeZero = false): Result<KeyedLength, Failure> {
  const read = readFigure(text, "length", { min: mayBeZero ? 0 : LEAST_MM, max: MOST_MM, bare: unit === "inch" ? MM_PER_INCH : 1 });
  if (!read.ok) return read;
  // Neither OL nor "more than" is a plain figure, so only a value comes through.
  if (read.value.kind !== "value") return fail({ code: "reading-no-figure", text, quantity: "length" });
  return ok({ valueMm: Number(read.value.value.toPrecision(12)), isUnitTold: read.value.isUnitTold });
}

/** Bores, seats and plays of this trade lie well within. */
const LEAST_MM = 0.0001;
const MOST_MM = 10_000;

/**
 * Three dimensions keyed in one line, as 17x40x12; null when it is not one.
 * @param text as it was keyed or printed
 * @returns bore, outside and width as texts; null when it is not one line of three
 */
export function splitDimensions(text: string): readonly [string, string, string] | null {
  const parts = text.split(/\s*[x×*X]\s*/).map((part) => part.trim());
  const [a, b, c, ...more] = parts;
  return a && b && c && more.length === 0 ? [a, b, c] : null;
}
