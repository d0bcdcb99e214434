import { fail, ok, type Failure, type Result } from "../result";
import { POINT_LETTERS, QUANTITIES, UNIT_SPELLINGS, type Quantity } from "./units";

/** A figure as the meter shows it: a value, over limit (`OL`), or "more than" (`>550M`). In the base unit. */
export type MeterFigure =
  | { readonly kind: "value"; readonly value: number }
  | { readonly kind: "over-limit" }
  | { readonly kind: "lower-bound"; readonly value: number };

const OVER_LIMIT = /^(o\.?l\.?|\.ol|0\.?l|∞|inf|infinity)$/i;
const NUMBER = /^(\d+\.?\d*|\.\d+)(.*)$/;

/** Folds the many ways of writing mu, ohm, minus and comma into one, and drops the spaces. */
function normalise(text: string): string {
  return text
    .normalize("NFKC")
    .replace(/[\u2126\u03a9]/g, "ohm")
    .replace(/[\u03bc\u00b5]/g, "u")
    .replace(/[\u2212\u2013\u2014]/g, "-")
    .replace(/\s+/g, "")
    .replace(/,/g, ".");
}

/** Takes a unit off the end of `OL MΩ`, so that over limit may carry one. */
function isOverLimit(text: string, quantity: Quantity): boolean {
  if (OVER_LIMIT.test(text)) return true;
  const spelled = Object.keys(UNIT_SPELLINGS[quantity]).filter((unit) => unit !== "" && text.endsWith(unit));
  return spelled.some((unit) => OVER_LIMIT.test(text.slice(0, -unit.length)));
}

/** Reads `4k7`: a letter in place of the point. */
function readPointLetter(text: string, quantity: Quantity): number | null {
  const match = /^(\d+)([a-zA-Z])(\d+)(.*)$/.exec(text);
  if (!match) return null;
  const [, whole = "", letter = "", part = "", unit = ""] = match;
  const factor = POINT_LETTERS[quantity][letter];
  const plainUnit = unit === "" || unit === "ohm" || (quantity === "capacitance" && /^f$/i.test(unit));
  return factor === undefined || !plainUnit ? null : Number(`${whole}.${part}`) * factor;
}

/**
 * Reads the text a person copies from a meter, for the quantity the meter was set to.
 * Takes `0.9`, `4.7k`, `4k7`, `1,5`, `12u`, `OL`, `O.L`, `>550M` and trailing units.
 * @param text what was keyed
 * @param quantity what was being measured
 * @returns the figure in the base unit of the quantity (ohm, µF, A, V, °C)
 * @errors 'reading-empty', 'reading-not-a-number', 'reading-two-points', 'reading-negative',
 *   'reading-wrong-unit', 'reading-unit-ambiguous': the person must be asked again
 * @example parseReading("4k7", "resistance") -> 4700
 */
export function parseReading(text: string, quantity: Quantity): Result<MeterFigure, Failure> {
  const shown = normalise(text);
  if (shown === "") return fail({ code: "reading-empty", quantity });
  if (isOverLimit(shown, quantity)) return ok({ kind: "over-limit" });

  const isLowerBound = shown.startsWith(">");
  const signed = isLowerBound ? shown.slice(1) : shown;
  const isNegative = signed.startsWith("-");
  const bare = signed.replace(/^[+-]/, "");
  if (isNegative && !QUANTITIES[quantity].mayBeNegative) return fail({ code: "reading-negative", text, quantity });

  const toFigure = (value: number): Result<MeterFigure, Failure> =>
    ok(isLowerBound ? { kind: "lower-bound", value } : { kind: "value", value: isNegative ? -value : value });

  const withPointLetter = readPointLetter(bare, quantity);
  if (withPointLetter !== null) return toFigure(withPointLetter);

  const match = NUMBER.exec(bare);
  if (!match) return fail({ code: "reading-not-a-number", text, quantity });
  const [, digits = "", unit = ""] = match;
  if (/^\.[\d.]*/.test(unit)) return fail({ code: "reading-two-points", text });
  // Object.hasOwn: a keyed "constructor" must not find a property of the table itself.
  const meaning = Object.hasOwn(UNIT_SPELLINGS[quantity], unit) ? UNIT_SPELLINGS[quantity][unit] : undefined;
  if (meaning === "ambiguous") return fail({ code: "reading-unit-ambiguous", text, unit, quantity });
  if (meaning === undefined) return fail({ code: "reading-wrong-unit", text, unit, quantity });
  const value = Number(digits) * meaning.factor;
  if (!Number.isFinite(value) || digits.length > 12) return fail({ code: "reading-not-a-number", text, quantity });
  return toFigure(value);
}
