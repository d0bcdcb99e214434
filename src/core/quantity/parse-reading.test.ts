import fc from "fast-check";
import { parseReading } from "./parse-reading";
import { QUANTITIES, type Quantity } from "./units";

const QUANTITY_NAMES = Object.keys(QUANTITIES) as Quantity[];

describe("parseReading", () => {
  test.each<[string, Quantity, number]>([
    ["0.9", "resistance", 0.9],
    ["4.7k", "resistance", 4700],
    ["4k7", "resistance", 4700],
    ["0R9", "resistance", 0.9],
    ["4R7", "resistance", 4.7],
    ["2M2", "resistance", 2.2e6],
    ["1,5", "resistance", 1.5],
    ["12 Ω", "resistance", 12],
    ["3.3 kΩ", "resistance", 3300],
    ["+8.9", "resistance", 8.9],
    [".5", "resistance", 0.5],
    ["12u", "capacitance", 12],
    ["4u7", "capacitance", 4.7],
    ["12.34 μF", "capacitance", 12.34],
    ["35 MFD", "capacitance", 35],
    ["970n", "capacitance", 0.97],
    ["880mA", "current", 0.88],
    ["880 m", "current", 0.88],
    ["1.2 kV", "voltage", 1200],
    ["231.4 VAC", "voltage", 231.4],
    ["−12.5 °C", "temperature", -12.5],
    ["1:30", "duration", 90],
    ["0:04.5", "duration", 4.5],
    ["12:05", "duration", 725],
    ["1:02:03", "duration", 3723],
  ])("reads %s as %s", (text, quantity, value) => {
    const result = parseReading(text, quantity);
    expect(result).toMatchObject({ ok: true, value: { kind: "value" } });
    if (result.ok && result.value.kind === "value") expect(result.value.value).toBeCloseTo(value, 9);
  });

  test.each(["1:5", "1:75", ":30", "1:2:03", "1:30 min", "-1:30"])("does not take %s off a stop-watch", (text) => {
    expect(parseReading(text, "duration").ok).toBe(false);
  });
  test("a clock is no figure of anything else", () => {
    expect(parseReading("1:30", "voltage")).toMatchObject({ ok: false, failure: { code: "reading-not-a-number" } });
  });

  test.each(["OL", "O.L", "ol", "0L", "0.L", "OL MΩ", "∞", ".OL"])("reads %s as over limit", (text) => {
    expect(parseReading(text, "resistance")).toEqual({ ok: true, value: { kind: "over-limit" } });
  });

  test("keeps a lower bound as what it is", () => {
    expect(parseReading(">550M", "resistance")).toEqual({ ok: true, value: { kind: "lower-bound", value: 550e6 } });
  });

  test.each<[string, Quantity, string]>([
    ["", "resistance", "reading-empty"],
    ["   ", "current", "reading-empty"],
    ["abc", "resistance", "reading-not-a-number"],
    ["--3", "resistance", "reading-negative"],
    ["-3", "resistance", "reading-negative"],
    ["1.2.3", "resistance", "reading-two-points"],
    ["1,2.3", "resistance", "reading-two-points"],
    ["12 V", "resistance", "reading-wrong-unit"],
    ["12 kg", "voltage", "reading-wrong-unit"],
    ["5m", "resistance", "reading-unit-ambiguous"],
    ["5 mΩ", "resistance", "reading-unit-ambiguous"],
    ["12 mF", "capacitance", "reading-unit-ambiguous"],
    ["12 F", "capacitance", "reading-unit-ambiguous"],
    ["5constructor", "resistance", "reading-wrong-unit"],
    ["9999999999999999", "resistance", "reading-out-of-range"],
    ["1e3", "resistance", "reading-wrong-unit"],
  ])("refuses %s for %s", (text, quantity, code) => {
    expect(parseReading(text, quantity)).toMatchObject({ ok: false, failure: { code } });
  });

  test("never gives NaN, infinity or a throw, whatever is typed", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 24 }), fc.constantFrom(...QUANTITY_NAMES), (text, quantity) => {
        const result = parseReading(text, quantity);
        if (!result.ok || result.value.kind === "over-limit") return true;
        return Number.isFinite(result.value.value);
      }),
      { seed: 20261123, numRuns: 2000 },
    );
  });

  test("a plain decimal survives unchanged", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99999 }), fc.integer({ min: 0, max: 3 }), (digits, places) => {
        const value = digits / 10 ** places;
        const result = parseReading(value.toFixed(places), "voltage");
        return result.ok && result.value.kind === "value" && Math.abs(result.value.value - value) < 1e-9;
      }),
      { seed: 7, numRuns: 500 },
    );
  });
});
