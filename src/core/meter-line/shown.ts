import type { Quantity } from "../quantity";
import {
  BARE_UNITS,
  FUNCTION_WORDS,
  NOT_A_NUMBER,
  OTHER_UNITS,
  OVER_FROM,
  OVERLOAD_WORDS,
  UNIT_WORDS,
  type MeterFunction,
  type UnitMeaningOnLine,
} from "./functions";
import type { Profile } from "./profile";

/** What a meter shows at one moment. */
export interface MeterShows {
  /** as its display would have it, with its unit: `4.712 kΩ`, `OL` */
  readonly display: string;
  readonly function: MeterFunction;
}

/** Why nothing is read of a line. */
export type LineFault = "unmatched" | "no-function" | "unknown-unit" | "no-figure" | "set-only";

type Words = Pick<Profile, "functions" | "units" | "overload" | "measures">;

const own = <Value>(table: Readonly<Record<string, Value>>, word: string): Value | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;

/**
 * What a word says a meter is set to.
 * @returns undefined: it is no word for that
 */
function functionOf(word: string, { functions }: Pick<Words, "functions">): MeterFunction | undefined {
  const known = own(functions, word) ?? own(FUNCTION_WORDS, word.toUpperCase());
  // `RES:RANG` and `VOLT:AC:RMS` are said as their beginning is.
  return known ?? (word.includes(":") ? functionOf(word.slice(0, word.lastIndexOf(":")), { functions }) : undefined);
}

/** What a unit means on this line; undefined: nobody here knows it. */
function unitOf(word: string, { units }: Pick<Words, "units">): UnitMeaningOnLine | "other" | undefined {
  const plain = word.normalize("NFC").replaceAll("\u03bc", "\u00b5").replaceAll("\u2126", "Ω");
  const meant = own(units, word) ?? plain;
  // `kOhm`, `Volts`: the letter in front keeps its case, since it may be a prefix.
  const known =
    own(UNIT_WORDS, meant) ?? own(UNIT_WORDS, meant.charAt(0) + meant.slice(1).toLowerCase()) ?? own(UNIT_WORDS, meant.toLowerCase());
  if (known) return known;
  return OTHER_UNITS.includes(meant) ? "other" : undefined;
}

/** A figure with its point moved by so many places, with as many digits as before. */
function withPointMoved(figure: string, places: number): string {
  const match = /^([+-]?)\s?(\d*)[.,]?(\d*)(?:[eE]([+-]?\d+))?$/.exec(figure);
  if (!match) return figure;
  const [, sign = "", whole = "", decimals = "", exponent = "0"] = match;
  const by = places + Number(exponent);
  const digits = whole + decimals;
  const at = whole.length + by;
  const padded = at > digits.length ? digits.padEnd(at, "0") : at < 1 ? digits.padStart(digits.length + 1 - at, "0") : digits;
  const point = at > digits.length ? at : Math.max(1, at);
  const front = padded.slice(0, point).replace(/^0+(?=\d)/, "");
  const behind = padded.slice(point);
  return `${sign === "-" ? "-" : ""}${front}${behind === "" ? "" : `.${behind}`}`;
}

const isOver = (text: string, { overload }: Pick<Words, "overload">): boolean => {
  const word = text.replace(/^[+-]/, "");
  return overload.includes(text) || overload.includes(word) || OVERLOAD_WORDS.includes(word.toUpperCase());
};

/** Ohms from a tester of insulation are ohms of insulation. */
const asSet = (set: Quantity | null, { quantity }: UnitMeaningOnLine): Quantity =>
  set === "insulation" && quantity === "resistance" ? set : quantity;

/** What stands in a line, and what is known of the meter. */
interface Said {
  readonly value?: string;
  readonly unit?: string;
  readonly function?: string;
}

/**
 * What a meter shows, from what stands in its line.
 * @param said figure, unit and function, as far as the line has them
 * @param words the profile's own
 * @param before what it was set to, where a line before this one said so
 * @returns what it shows; else why it cannot be said, with what it is set to where that is all it says
 */
export function toShown(
  said: Said,
  words: Words,
  before: MeterFunction | null,
): MeterShows | { readonly fault: LineFault; readonly function: MeterFunction | null } {
  const named = said.function === undefined ? undefined : functionOf(said.function, words);
  // A word that is no function may be the unit: `12.4 V`.
  const unitWord = said.unit ?? (named === undefined ? said.function : undefined);
  const set: MeterFunction | null = named ?? words.measures ?? before;
  if (said.value === undefined)
    return named === undefined ? { fault: "no-figure", function: before } : { fault: "set-only", function: named };
  const unit = unitWord === undefined ? undefined : unitOf(unitWord, words);
  if (unitWord !== undefined && unit === undefined) return { fault: "unknown-unit", function: set };
  if (unit === "other" || set === "other") return { display: `${said.value} ${unitWord ?? ""}`.trim(), function: "other" };
  const is = unit === undefined ? set : asSet(set, unit);
  if (is === null) return { fault: "no-function", function: null };
  const amount = Number(said.value.replace(/\s/g, "").replace(",", "."));
  if (isOver(said.value, words) || (Math.abs(amount) >= OVER_FROM && Math.abs(amount) < NOT_A_NUMBER))
    return { display: "OL", function: is };
  if (Number.isNaN(amount) || Math.abs(amount) >= NOT_A_NUMBER) return { fault: "no-figure", function: is };
  const { symbol, places } = unit ?? bareUnit(is);
  return { display: `${withPointMoved(said.value, places)} ${symbol}`, function: is };
}

function bareUnit(quantity: Quantity): Pick<UnitMeaningOnLine, "symbol" | "places"> {
  return own(UNIT_WORDS, BARE_UNITS[quantity]) ?? { symbol: BARE_UNITS[quantity], places: 0 };
}
