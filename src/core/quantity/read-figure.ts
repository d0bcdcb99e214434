import { measureSpec, type MeasureId, type MeasureSpec } from "../measure";
import { fail, ok, type Failure, type Result } from "../result";
import { readDigits, readFraction } from "./read-digits";
import { meaningOfUnit } from "./units";

/** A figure as it stands in a field, in the base unit of its measure. */
export type FigureText =
  | {
      readonly kind: "value";
      readonly value: number;
      /** worth of the last digit typed: 0.01 for 1.70; 0 for a fraction */
      readonly step: number;
      /** its unit was typed with it */
      readonly isUnitTold: boolean;
    }
  | { readonly kind: "over-limit" }
  | { readonly kind: "lower-bound"; readonly value: number };

export interface FigureOptions {
  /** bounds of the field, where they are narrower than what is physically possible */
  readonly min?: number;
  readonly max?: number;
  /** what a figure without a unit means, in the base unit */
  readonly bare?: number;
  /** a figure without a unit must be asked */
  readonly needsUnit?: boolean;
  /** fractions are usual here: 1-1/2, ½ */
  readonly hasFractions?: boolean;
  /** OL and "more than" mean something here; else only a plain figure does */
  readonly isMeter?: boolean;
  readonly isWhole?: boolean;
}

const CYRILLIC: Readonly<Record<string, string>> = {
  мкф: "uF", нф: "nF", пф: "pF", ком: "kohm", мом: "Mohm", ом: "ohm", ма: "mA", мв: "mV", кв: "kV", в: "V", а: "A", с: "s",
}; // prettier-ignore
const VULGAR: Readonly<Record<string, string>> = { "¼": "1/4", "½": "1/2", "¾": "3/4", "⅓": "1/3", "⅔": "2/3", "⅙": "1/6", "⅛": "1/8", "⅜": "3/8", "⅝": "5/8", "⅞": "7/8", "⅕": "1/5", "⅒": "1/10" }; // prettier-ignore

/**
 * Folds the many ways of writing mu, ohm, minus, fractions and spaces into one.
 * @example normaliseFigure("3 kΩ") -> "3 kohm"; normaliseFigure("1½") -> "1 1/2"
 */
function normaliseFigure(text: string): string {
  return (
    text
      .replace(/(\d?)([¼½¾⅓⅔⅙⅛⅜⅝⅞⅕⅒])/g, (_, digit: string, sign: string) => `${digit}${digit ? " " : ""}${VULGAR[sign] ?? ""}`)
      .normalize("NFKC")
      .replace(/[\u2126\u03a9\u03c9]/g, "ohm")
      .replace(/[\u03bc\u00b5]/g, "u")
      .replace(/[\u2212\u2010-\u2014]/g, "-")
      .replace(/[\u0400-\u04ff]+/g, (word) => CYRILLIC[word.toLowerCase()] ?? word)
      .replace(/\s+/g, " ")
      // A turn a minute: its 1 is part of the unit.
      .replace(/(?<=\d) 1 ?\/ ?min(?![a-z])/i, " rpm")
      .trim()
  );
}

/** Unit words lose spaces and dots; `1/min` keeps its stroke. */
const compactUnit = (text: string): string => text.replace(/[\s.]/g, "");

const OVER_LIMIT = /^(?:o ?\.? ?l|0 ?\.? ?l|ofl|0fl|over ?(?:load|limit|range|flow)?|ovld|inf(?:init[ey]|inity)?|∞|o\/l)$/i;
const OPEN_WORDS = /^(?:open(?: ?(?:circuit|line|loop))?|o\/c|no (?:path|continuity))$/i;

function isOverLimit(shown: string, measure: MeasureId, { overLimit }: MeasureSpec): boolean {
  if (overLimit === undefined) return false;
  const bare = shown.replace(/^\.\s*|\s*\.$/g, "").trim();
  const isWord = (text: string): boolean => OVER_LIMIT.test(text) || (overLimit === "open-too" && OPEN_WORDS.test(text));
  if (isWord(bare)) return true;
  // Over limit may carry the unit the display was set to: `OL MΩ`, `OLk`.
  for (let at = 1; at < bare.length; at += 1) {
    if (!isWord(bare.slice(0, at).trim())) continue;
    const unit = compactUnit(bare.slice(at));
    if (unit !== "" && meaningOfUnit(unit, measure) !== undefined) return true;
  }
  return false;
}

const MORE_THAN = /^(?:>\s?=?|≥|>=|more than|over|above|at least|greater than)\s*/i;
const LESS_THAN = /^(?:<|≤|less than|under|below)/i;

/** `4k7`: a letter in place of the point; what stands behind may only be the plain unit. */
function readPointLetter(text: string, measure: MeasureId, spec: MeasureSpec): { value: number; step: number } | null {
  const match = /^(\d*)([a-zA-Z])(\d+)(.*)$/.exec(text);
  if (!match || !spec.pointLetters) return null;
  const [, whole = "", letter = "", decimals = "", unit = ""] = match;
  const factor = Object.hasOwn(spec.pointLetters, letter) ? spec.pointLetters[letter] : undefined;
  // A letter in front of everything is a point only where it has no other meaning: R47.
  if (factor === undefined || (whole === "" && letter.toUpperCase() !== "R")) return null;
  const behind = compactUnit(unit);
  if (behind !== "" && !/^(?:ohms?|f)$/i.test(behind)) return null;
  return { value: Number(`${whole || "0"}.${decimals}`) * factor, step: factor * Number(`1e-${decimals.length}`) };
}

const tidy = (value: number): number => Number(value.toPrecision(15));

/**
 * Reads a figure as a person types it into any field: meter, plate, label, place, price. Units are never dropped: they are
 * converted, or the figure is refused. What could be read two ways is refused with both ways in the failure.
 * @param text what was typed
 * @param measure what the field is for; its table has the units, their bounds and what a bare figure means
 * @param options bounds of the work
 * @returns the figure in the base unit of the measure, with the worth of its last digit
 * @errors 'reading-empty', 'reading-not-a-number', 'reading-two-points', 'reading-gap', 'reading-two-ways', 'reading-negative',
 * 'reading-less-than', 'reading-plus', 'reading-wrong-unit', 'reading-unit-ambiguous', 'reading-unit-needed',
 * 'reading-fahrenheit', 'reading-out-of-range', 'reading-not-whole', 'reading-no-figure' (OL or "more than" where neither means anything)
 * @example readFigure("0.4 kV", "voltage") -> 400 V; readFigure("6 months", "years") -> 0.5 years
 */
export function readFigure(text: string, measure: MeasureId, options: FigureOptions = {}): Result<FigureText, Failure> {
  const spec = measureSpec(measure);
  const shown = normaliseFigure(text);
  if (shown === "") return fail({ code: "reading-empty", quantity: measure });
  if (isOverLimit(shown, measure, spec))
    return options.isMeter ? ok({ kind: "over-limit" }) : fail({ code: "reading-no-figure", text, quantity: measure });
  if (LESS_THAN.test(shown)) return fail({ code: "reading-less-than", text, quantity: measure });

  const isMore = MORE_THAN.test(shown);
  const isPlusBehind = !isMore && /[\d\s\w]\+$/.test(shown);
  const isLowerBound = isMore || isPlusBehind;
  const bound = isMore ? shown.replace(MORE_THAN, "") : isPlusBehind ? shown.slice(0, -1).trim() : shown;
  const isNegative = bound.startsWith("-");
  if (isNegative && (spec.min >= 0 || isLowerBound))
    return /\d/.test(bound)
      ? fail({ code: "reading-negative", text, quantity: measure })
      : fail({ code: "reading-not-a-number", text, quantity: measure });
  if (bound.startsWith("+") && spec.isPlusAsked) return fail({ code: "reading-plus", text, quantity: measure });
  const bare = bound.replace(/^[+-]\s*/, "");

  const found = readParts(bare, measure, spec, options, text);
  if (!found.ok) return found;
  const sign = isNegative ? -1 : 1;
  const { min = spec.min, max = spec.max } = options;
  const isIn = (value: number): boolean => sign * value >= Math.max(min, spec.min) && sign * value <= Math.min(max, spec.max);
  const within = found.value.values
    .map(tidy)
    .flatMap((value, index) => (isIn(value) ? [{ value, step: found.value.steps[index] ?? 0 }] : []));
  const [first, second] = within;
  if (first && second) return fail({ code: "reading-two-ways", text, quantity: measure, values: [first.value, second.value] });
  if (!first) return fail({ code: "reading-out-of-range", text, quantity: measure, value: sign * tidy(found.value.values.at(-1) ?? 0), min: Math.max(min, spec.min), max: Math.min(max, spec.max) }); // prettier-ignore
  if (isLowerBound)
    return options.isMeter ? ok({ kind: "lower-bound", value: first.value }) : fail({ code: "reading-no-figure", text, quantity: measure });
  if (options.isWhole && !Number.isInteger(first.value)) return fail({ code: "reading-not-whole", text, quantity: measure });
  return ok({ kind: "value", value: sign * first.value, step: first.step, isUnitTold: found.value.isUnitTold });
}

const CLOCK = /^(?:(\d{1,3}):)?(\d{1,3}):([0-5]\d)((?:[.,]\d+)?)$/;

/** `1:30` as a stop-watch shows it: minutes and seconds, or hours before them; null: it is none. */
function readClock(text: string): { value: number; step: number } | null {
  const match = CLOCK.exec(text);
  if (!match) return null;
  const [, hours = "0", minutes = "", seconds = "", rest = ""] = match;
  if (match[1] !== undefined && !/^[0-5]\d$/.test(minutes)) return null;
  const decimals = rest.slice(1);
  return {
    value: Number(hours) * 3600 + Number(minutes) * 60 + Number(`${seconds}.${decimals || "0"}`),
    step: Number(`1e-${decimals.length}`),
  };
}

interface Parts {
  readonly values: readonly number[];
  readonly steps: readonly number[];
  readonly isUnitTold: boolean;
}

function readParts(bare: string, measure: MeasureId, spec: MeasureSpec, options: FigureOptions, text: string): Result<Parts, Failure> {
  const withLetter = readPointLetter(bare.replace(/\s/g, ""), measure, spec);
  if (withLetter) return ok({ values: [withLetter.value], steps: [withLetter.step], isUnitTold: true });
  const clock = spec.isClock ? readClock(bare) : null;
  if (clock) return ok({ values: [clock.value], steps: [clock.step], isUnitTold: true });
  const fraction = readFraction(bare);
  if (fraction && !options.hasFractions && measure !== "length") return fail({ code: "reading-not-a-number", text, quantity: measure });
  const digits = fraction ? { values: [fraction.value], steps: [0], rest: fraction.rest } : readDigits(bare, spec.isGrouped);
  if (digits === "none") return fail({ code: "reading-not-a-number", text, quantity: measure });
  if (digits === "two-points") return fail({ code: "reading-two-points", text });
  if (digits === "gap") return fail({ code: "reading-gap", text, quantity: measure });
  const unit = compactUnit(digits.rest);
  if (unit !== "" && !/^[\p{L}°%"'”″~/]/u.test(unit)) return fail({ code: "reading-not-a-number", text, quantity: measure });
  const isUnitTold = unit !== "";
  if (!isUnitTold && options.needsUnit) return fail({ code: "reading-unit-needed", text, quantity: measure });
  const meaning = meaningOfUnit(unit, measure);
  if (meaning === "ambiguous") return fail({ code: "reading-unit-ambiguous", text, unit: digits.rest.trim(), quantity: measure });
  if (meaning === "fahrenheit") return fail({ code: "reading-fahrenheit", text, celsius: tidy((((digits.values[0] ?? 0) - 32) * 5) / 9) });
  if (meaning === undefined) return fail({ code: "reading-wrong-unit", text, unit: digits.rest.trim(), quantity: measure });
  // A fraction of a length is of an inch.
  const isInch = fraction !== null && measure === "length" && !isUnitTold;
  const factor = isUnitTold ? meaning.factor : isInch ? 25.4 : (options.bare ?? meaning.factor);
  return ok({
    values: digits.values.map((value) => value * factor),
    steps: digits.steps.map((step) => step * factor),
    isUnitTold: isUnitTold || isInch,
  });
}
