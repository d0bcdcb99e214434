import { rankParts, type Wanted } from "./fit";
import { parseCapacitorLabel, type CapacitorLabel } from "./label";
import type { StockPart } from "./stock";

const HOUSE = { runLowPercent: -6, runHighPercent: 6, startLowPercent: 0, startHighPercent: 20 };

function labelOf(text: string): CapacitorLabel {
  const parsed = parseCapacitorLabel(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
}
const wanted = (text: string, rest: Partial<Wanted> = {}): Wanted => {
  const label = labelOf(text);
  return {
    label,
    atLeastV: label.ratedV,
    frequencyHz: 50,
    ambientC: null,
    coldestC: null,
    strapDiameterMm: null,
    spaceHeightMm: null,
    terminals: null,
    ...rest,
  };
};
const part = (text: string, rest: Partial<StockPart> = {}): StockPart => ({
  id: text,
  label: labelOf(text),
  quantity: 1,
  price: 10,
  diameterMm: 40,
  heightMm: 72,
  terminals: 4,
  ...rest,
});
const refusalsOf = (want: Wanted, stock: StockPart) => rankParts(want, [stock], HOUSE)[0]?.refusals.map(({ code }) => code);

describe("rankParts", () => {
  test.each([
    ["same value, same volts", "10 µF 450 V", "10 µF 450 V 50/60 Hz", {}, []],
    ["more volts are right", "10 µF 370 V", "10 µF 450 V", {}, []],
    ["lower volts, never", "10 µF 450 V", "10 µF 370 V", {}, ["lower-volts"]],
    ["volts not on the label", "10 µF 450 V", "10 µF", {}, ["volts-unknown"]],
    ["another value", "10 µF 450 V", "12.5 µF 450 V", {}, ["another-value"]],
    ["kinds are never swapped", "40 µF 250 V", "36-43 µF 250 V start", {}, ["other-kind"]],
    ["made for 60 Hz serves on 50", "10 µF 450 V", "10 µF 450 V 60 Hz", {}, []],
    ["made for 50 Hz does not serve on 60", "10 µF 450 V", "10 µF 450 V 50 Hz", { frequencyHz: 60 }, ["other-hertz"]],
    ["nor a start part on other hertz", "40 µF 250 V start", "40 µF 250 V 60 Hz start", {}, ["other-hertz"]],
    ["not for the cold", "10 µF 450 V", "10 µF 450 V -25/85 °C", { coldestC: -40 }, ["not-cold-enough"]],
    ["cold enough", "10 µF 450 V", "10 µF 450 V -40/85 °C", { coldestC: -40 }, []],
    ["too warm a place", "10 µF 450 V", "10 µF 450 V 70 °C", { ambientC: 80 }, ["too-cool"]],
    ["too wide for the strap", "10 µF 450 V", "10 µF 450 V", { strapDiameterMm: 35 }, ["too-wide"]],
    ["too tall", "10 µF 450 V", "10 µF 450 V", { spaceHeightMm: 60 }, ["too-tall"]],
    ["too few terminals", "10 µF 450 V", "10 µF 450 V", { terminals: 6 }, ["too-few-terminals"]],
    ["a dual from a dual", "40+5 µF 440 V", "40+5 µF 440 V", {}, []],
    ["a single cannot be a dual", "40+5 µF 440 V", "40 µF 440 V", {}, ["section-missing"]],
    ["a dual gives a single", "5 µF 440 V", "40+5 µF 440 V", {}, []],
    ["a start range takes what lies in it", "130-156 µF 165 V", "145 µF 165 V start", {}, []],
    ["two reasons are both told", "10 µF 450 V", "12.5 µF 370 V", {}, ["another-value", "lower-volts"]],
  ] as const)("%s", (_, want, stock, place, codes) => {
    expect(refusalsOf(wanted(want, place as Partial<Wanted>), part(stock))).toEqual(codes);
  });

  test("none left is a reason too", () => {
    expect(refusalsOf(wanted("10 µF 450 V"), part("10 µF 450 V", { quantity: 0 }))).toEqual(["none-left"]);
  });

  test("what fits comes first: closest, then fewest open questions, then cheapest; then the fewest reasons against", () => {
    const list = [
      part("12.5 µF 370 V"),
      part("12.5 µF 450 V"),
      part("10 µF 450 V", { id: "dear", price: 12 }),
      part("10 µF 450 V 50 Hz", { id: "sure" }),
      part("10.1 µF 450 V 50 Hz", { id: "near" }),
      part("10 µF 450 V", { id: "cheap", price: 3 }),
    ];
    expect(rankParts(wanted("10 µF 450 V"), list, HOUSE).map((offer) => offer.part.id)).toEqual([
      "sure",
      "cheap",
      "dear",
      "near",
      "12.5 µF 450 V",
      "12.5 µF 370 V",
    ]);
  });

  test.each([
    ["higher-volts", "10 µF 370 V", part("10 µF 450 V 50 Hz"), {}],
    ["spare-section", "5 µF 440 V", part("40+5 µF 440 V 50 Hz"), {}],
    ["narrower", "10 µF 450 V", part("10 µF 450 V 50 Hz", { diameterMm: 30 }), { strapDiameterMm: 45 }],
    ["size-unknown", "10 µF 450 V", part("10 µF 450 V 50 Hz", { diameterMm: null }), { strapDiameterMm: 45 }],
    ["temperature-unknown", "10 µF 450 V", part("10 µF 450 V 50 Hz"), { ambientC: 50 }],
    ["hertz-unknown", "10 µF 450 V", part("10 µF 450 V"), {}],
    ["no-line-mark", "10 µF 450 V ●", part("10 µF 450 V 50 Hz"), {}],
  ] as const)("says %s", (remark, want, stock, place) => {
    expect(rankParts(wanted(want, place), [stock], HOUSE)[0]).toMatchObject({ refusals: [], remarks: [remark] });
  });
});
