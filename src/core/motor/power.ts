import { fail, ok, type Failure, type Result } from "../result";

/** One mechanical horsepower [W]. @source NIST SP 811, Table B.8 (550 ft·lbf/s) */
export const WATTS_PER_HP = 745.69987;

/**
 * Shaft power as a plate prints it: `1/2 hp`, `0.5 HP`, `1 1/2 hp`, `0,37 kW`, `370 W`.
 * @returns watts
 * @errors 'power-unit-needed' when the unit is missing, 'number-out-of-range' outside 1 W..10 kW
 * @example parsePower("1/3 hp") -> 248.6
 */
export function parsePower(text: string): Result<number, Failure> {
  const shown = text.trim().toLowerCase().replace(",", ".");
  const match = /^(?:(\d+)\s+)?(\d+(?:\.\d+)?|\.\d+)(?:\s*\/\s*(\d+))?\s*(hp|h\.p\.|kw|w)$/.exec(shown);
  if (!match) return fail({ code: "power-unit-needed", text });
  const [, whole, numerator, denominator, unit = ""] = match;
  const figure = Number(whole ?? 0) + Number(numerator) / Number(denominator ?? 1);
  const watts = figure * (unit === "kw" ? 1000 : unit === "w" ? 1 : WATTS_PER_HP);
  if (!(watts >= 1 && watts <= 10_000))
    return fail({ code: "number-out-of-range", field: "Power", value: watts, min: 1, max: 10_000, unit: "W" });
  return ok(watts);
}
