import fc from "fast-check";
import { decideConformity, type ConformityInput } from "./conformity";
import { normalCdf } from "./normal";
import { combineStandard, instrumentUncertainty } from "./uncertainty";

const base: ConformityInput = {
  value: 16.56,
  standardUncertainty: 0.1,
  limits: { low: 16.45, high: 18.55 },
  guardFactor: 1,
  coverageFactor: 2,
};
const decide = (change: Partial<ConformityInput>) => decideConformity({ ...base, ...change });

// Abramowitz & Stegun, Handbook of Mathematical Functions, table 26.1.
test.each([
  [0, 0.5],
  [1, 0.841344746],
  [1.96, 0.975002105],
  [-2.5, 0.006209665],
  [4, 0.999968329],
])("normalCdf(%d)", (z, p) => {
  expect(normalCdf(z)).toBeCloseTo(p, 6);
});

describe("decideConformity", () => {
  test.each([
    [17.5, "holds"],
    [16.65, "holds"],
    [16.649, "too-close"],
    [16.45, "too-close"],
    [16.25, "too-close"],
    [16.249, "out"],
    [18.76, "out"],
    [18.7, "too-close"],
  ])("%d is %s with U = 0.2 in 16.45..18.55", (value, decision) => {
    expect(decide({ value }).decision).toBe(decision);
  });

  test("is half likely within limits on a limit that stands alone", () => {
    expect(decide({ value: 16.45, limits: { low: 16.45, high: null } }).probabilityWithin).toBeCloseTo(0.5, 6);
  });

  test("never holds when the limits are closer together than the guard bands", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (value) => decide({ value, standardUncertainty: 2 }).decision !== "holds"),
      { seed: 1 },
    );
  });

  test("reading and probability agree: what holds is likely within, what is out is not", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 25, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (value, standardUncertainty) => {
          const { decision, probabilityWithin } = decide({ value, standardUncertainty });
          if (decision === "holds") return probabilityWithin > 0.95;
          return decision !== "out" || probabilityWithin < 0.05;
        },
      ),
      { seed: 2, numRuns: 1000 },
    );
  });

  test("without uncertainty the limits alone decide", () => {
    expect(decide({ value: 16.45, standardUncertainty: 0 })).toMatchObject({ decision: "holds", probabilityWithin: 1 });
    expect(decide({ value: 16.4, standardUncertainty: 0 })).toMatchObject({ decision: "out", probabilityWithin: 0 });
  });
});

describe("instrumentUncertainty", () => {
  const ranges = [
    { upTo: 10, percent: 1, digits: 3, resolution: 0.01 },
    { upTo: 100, percent: 1, digits: 5, resolution: 0.01 },
  ];
  test.each([
    [5, 0.08],
    [16.56, 0.2156],
    [250, 2.55],
  ])("half-width of %d", (value, halfWidth) => {
    const found = instrumentUncertainty(value, ranges);
    expect(found?.halfWidth).toBeCloseTo(halfWidth, 9);
    expect(found?.standard).toBeCloseTo(halfWidth / Math.sqrt(3), 9);
  });
  test("a meter without the quantity has no uncertainty to give", () => {
    expect(instrumentUncertainty(5, [])).toBeNull();
  });
  test("independent parts add as squares", () => {
    expect(combineStandard(3, 4)).toBeCloseTo(5, 12);
  });
});
