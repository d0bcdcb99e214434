import fc from "fast-check";
import type { Entry } from "./reading";
import { byBands, findSlip, SLIP_KINDS, slipCandidates, type SlipJudge } from "./slip";

const typed = (text: string, isSure?: true): Entry => ({ text, reading: null, ...(isSure ? { isSure } : {}) });
const near = (value: number, kinds: SlipJudge["kinds"] = SLIP_KINDS): SlipJudge =>
  byBands({ low: 0.5 * value, high: 1.5 * value }, { low: 0.98 * value, high: 1.02 * value }, kinds);

describe("figures one slip away", () => {
  test.each([
    ["35", "point", "350"],
    ["35", "point", "3.5"],
    ["0.9", "point", "9"],
    ["0.9", "point", "0.09"],
    ["1725", "point", "172.5"],
    ["8.7", "prefix", "8.7k"],
    ["8.7k", "prefix", "8.7"],
    ["46", "exchanged", "64"],
    ["46", "digit", "36"],
    ["1,5", "digit", "1.6"],
  ])("%s by %s is %s", (text, kind, expected) => {
    expect(slipCandidates(text, "resistance")).toContainEqual(expect.objectContaining({ kind, text: expected }));
  });
  test.each(["OL", ">550M", "", "1 200", "4k7", "5?"])("%j is no plain figure", (text) => {
    expect(slipCandidates(text, "resistance")).toEqual([]);
  });
  test("each can be read, and lies where its text says", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99999 }), fc.integer({ min: 0, max: 3 }), (digits, places) => {
        const candidates = slipCandidates((digits / 10 ** places).toFixed(places), "current");
        return candidates.length > 0 && candidates.every(({ value }) => Number.isFinite(value) && value >= 0);
      }),
      { seed: 5, numRuns: 400 },
    );
  });
});

describe("the finder", () => {
  test.each([
    ["141", 14.1, "14.1", "point"],
    ["1.41", 14.1, "14.1", "point"],
    ["8.7", 8700, "8.7k", "prefix"],
    ["17400", 17.4, "17.400", "prefix"],
    ["82", 28, "28", "exchanged"],
    ["95.6", 35.6, "35.6", "digit"],
  ])("%s beside %d: %s", (text, wanted, meant, kind) => {
    expect(findSlip(typed(text), "resistance", near(wanted))).toMatchObject({
      kind,
      typed: text,
      value: expect.closeTo(wanted, 2) as number,
    });
    expect(findSlip(typed(text), "resistance", near(wanted))?.text).toBe(meant);
  });
  test("a figure that goes with the rest is not doubted, nor is one that leads nowhere", () => {
    expect(findSlip(typed("13"), "current", near(14))).toBeNull();
    expect(findSlip(typed("58"), "current", near(14.1))).toBeNull();
    expect(findSlip(typed("OL"), "resistance", near(14))).toBeNull();
    expect(findSlip(null, "resistance", near(14))).toBeNull();
  });
  test("a figure somebody looked at again is never doubted", () => {
    expect(findSlip(typed("141", true), "current", near(14.1))).toBeNull();
  });
  test("what nothing shows is asked even where no slip explains it; what a fault shows is not", () => {
    const judge = byBands({ low: 8, high: 26 }, { low: 16.5, high: 18.6 }, ["point"], 52);
    expect(findSlip(typed("1589"), "capacitance", judge)).toMatchObject({ kind: "impossible", text: "1589", value: 1589 });
    expect(findSlip(typed("40"), "capacitance", judge)).toBeNull();
    expect(findSlip(typed("1589", true), "capacitance", judge)).toBeNull();
  });
  test("kinds that are less likely than the figure itself are not offered", () => {
    expect(findSlip(typed("95.6"), "resistance", near(35.6, ["point", "prefix"]))).toBeNull();
  });
});
