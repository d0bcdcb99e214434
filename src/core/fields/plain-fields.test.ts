import { MEASURES } from "../measure";
import fc from "fast-check";
import { PLAIN_FIELDS, readPlain, type PlainFieldId } from "./plain-fields";

const FIELD_IDS = Object.keys(PLAIN_FIELDS) as PlainFieldId[];

describe("a plain figure keeps its unit, or is refused", () => {
  test.each<[string, PlainFieldId, number]>([
    ["0.4 kV", "chargedFrom", 400],
    ["400V", "chargedFrom", 400],
    ["440 VAC", "chargedFrom", 440],
    ["15k", "resistor", 15000],
    ["15000", "resistor", 15000],
    ["4,7 kΩ", "resistor", 4700],
    ["0.5 watts", "resistorW", 0.5],
    ["4 MΩ", "swingRange", 4e6],
    ["500 ms", "swingClimb", 0.5],
    ["2 secs", "swingClimb", 2],
    ["2 in", "strap", 50.8],
    ["4.5 cm", "strap", 45],
    ["47,5", "strap", 47.5],
    ["−25", "ambient", -25],
    ["6 months", "machineYears", 0.5],
    ["2 years", "plateMonths", 24],
    ["1,425", "rpm", 1425],
    ["8,80 ", "shelfPrice", 8.8],
    ["1 000", "pieces", 1000],
  ])("%s in %s", (text, field, expected) => {
    expect(readPlain(text, field)).toEqual({ value: expect.closeTo(expected, 9) as number, failure: null });
  });

  test.each<[string, PlainFieldId, string]>([
    // Read as 0.4 V, this made the wait to a safe voltage nothing at all.
    ["0.4", "chargedFrom", "reading-out-of-range"],
    ["440 W", "chargedFrom", "reading-wrong-unit"],
    ["15m", "resistor", "reading-unit-ambiguous"],
    ["fifteen", "resistor", "reading-not-a-number"],
    ["0", "resistor", "reading-out-of-range"],
    ["104 °F", "ambient", "reading-fahrenheit"],
    ["OL", "rpm", "reading-no-figure"],
    [">5", "price", "reading-no-figure"],
    ["5k", "price", "reading-wrong-unit"],
    ["1,200", "windingOhm", "reading-two-ways"],
    ["12 5", "strap", "reading-gap"],
    ["2.5", "pieces", "reading-not-whole"],
    ["13", "terminals", "reading-out-of-range"],
    ["1e308", "shelfPrice", "reading-wrong-unit"],
    ["-1", "pieces", "reading-negative"],
  ])("%s in %s is asked again", (text, field, code) => {
    expect(readPlain(text, field)).toMatchObject({ value: null, failure: { code } });
  });

  test("an empty field is neither a figure nor a fault", () => {
    for (const field of FIELD_IDS) expect(readPlain("  ", field)).toEqual({ value: null, failure: null });
  });

  test("whatever is typed: no exception, no NaN, nothing out of bounds", () => {
    const signs = fc.constantFrom(..."0123456789.,-+ /kKmMµΩ°FCVAhz'\"in".split(""));
    const text = fc.oneof(
      fc.string({ maxLength: 24 }),
      fc.array(signs, { maxLength: 10 }).map((all) => all.join("")),
    );
    fc.assert(
      fc.property(text, fc.constantFrom(...FIELD_IDS), (typed, field) => {
        const { value } = readPlain(typed, field);
        const spec: { min?: number; max?: number; measure: keyof typeof MEASURES } = PLAIN_FIELDS[field];
        const { min, max } = { ...MEASURES[spec.measure], ...spec };
        return value === null || (Number.isFinite(value) && value >= min && value <= max);
      }),
      { seed: 12, numRuns: 3000 },
    );
  });
});
