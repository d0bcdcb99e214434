import fc from "fast-check";
import { insulationAt40C, insulationTrend, judgeInsulation, varnishOf, type InsulationLimits, type InsulationPoint } from ".";

const LIMITS: InsulationLimits = { rule: "plain", leastMegohm: 1, soundMegohm: 5, ratedV: 230, hermetic: [2, 20] };
const figure = (megohm: number, isLowerBound = false) => ({ megohm, isLowerBound });
const modernAt = (temperatureC: number | null) => ({ temperatureC, varnish: "modern" as const });

test("older windings: ten kelvin warmer halves it", () => {
  expect(insulationAt40C(100, 50, "older")).toBeCloseTo(200, 9);
  expect(insulationAt40C(24.22, 37.6, "older")).toBeCloseTo(20.5081715, 6);
});

// IEEE 43-2013, 6.3.2: factors of the two curves at 20, 40 and 60 °C.
test.each([
  [20, 0.7624],
  [40, 1],
  [60, 2.2498],
])("modern windings at %d °C: %d of what it reads", (temperatureC, factor) =>
  expect(insulationAt40C(1, temperatureC, "modern")).toBeCloseTo(factor, 3),
);

test.each([
  [{ hotSpotC: 105, ageYears: null }, "older"],
  [{ hotSpotC: 130, ageYears: 5 }, "older"],
  [{ hotSpotC: 155, ageYears: 60 }, "modern"],
  [{ hotSpotC: null, ageYears: 60 }, "older"],
  [{ hotSpotC: null, ageYears: null }, "modern"],
] as const)("varnish of %j: %s", (motor, varnish) => expect(varnishOf(motor)).toBe(varnish));

test.each([
  ["plain, well above", figure(42), 40, LIMITS, "holds", 1],
  ["plain, below", figure(0.6), 40, LIMITS, "out", 1],
  ["plain, on the limit", figure(1.02), 40, LIMITS, "watch", 1],
  ["low: damp, dirty or old", figure(3), 20, LIMITS, "watch", 1],
  ["from 5 MΩ on it is sound", figure(5.2), 20, LIMITS, "holds", 1],
  ["no temperature: as read", figure(7), null, LIMITS, "holds", 1],
  ["per kV adds its part", figure(1.2), 40, { ...LIMITS, rule: "per-kv" }, "watch", 1.23],
  ["hermetic band to be watched", figure(9), 40, { ...LIMITS, rule: "hermetic" }, "watch", 2],
  ["hermetic, good", figure(60), 40, { ...LIMITS, rule: "hermetic" }, "holds", 2],
  ["more than 550 holds", figure(550, true), 40, LIMITS, "holds", 1],
  ["more than 0.5 proves nothing", figure(0.5, true), 40, LIMITS, "unclear", 1],
] as const)("%s", (_, reading, temperatureC, limits, decision, limit) => {
  const verdict = judgeInsulation(reading, modernAt(temperatureC), limits);
  expect(verdict.decision).toBe(decision);
  expect(verdict.limitMegohm).toBeCloseTo(limit, 9);
});

test.each([
  ["a hot one is not condemned by its reading alone", figure(0.6), { temperatureC: 70, varnish: "modern" }, "watch", "cooler"],
  ["nor is a cold one by its correction", figure(12), { temperatureC: 0, varnish: "older" }, "holds", "warmer"],
  ["what both agree on is not read again", figure(0.02), { temperatureC: 60, varnish: "modern" }, "out", null],
  ["in between nothing is to be brought anywhere", figure(5.5), { temperatureC: 25, varnish: "modern" }, "holds", null],
] as const)("%s", (_, reading, winding, decision, readAgain) => {
  const verdict = judgeInsulation(reading, winding, LIMITS);
  expect([verdict.decision, verdict.readAgain]).toEqual([decision, readAgain]);
});

const RANK = { out: 0, unclear: 1, watch: 1, holds: 2 } as const;
const anyWinding = fc.record({
  temperatureC: fc.option(fc.double({ min: -30, max: 90, noNaN: true })),
  varnish: fc.constantFrom("older" as const, "modern" as const),
});

test("more megohms are never judged worse", () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 500, noNaN: true }),
      fc.double({ min: 1, max: 10, noNaN: true }),
      anyWinding,
      (megohm, factor, winding) => {
        const [less, more] = [megohm, megohm * factor].map((each) => RANK[judgeInsulation(figure(each), winding, LIMITS).decision]);
        return (more ?? 0) >= (less ?? 0);
      },
    ),
    { seed: 6, numRuns: 300 },
  ));

test("at no temperature is a winding condemned that reads 1 MΩ or more, or called sound that reads less than 5", () =>
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 500, noNaN: true }), anyWinding, (megohm, winding) => {
      const { decision } = judgeInsulation(figure(megohm), winding, LIMITS);
      return megohm >= 1 ? decision !== "out" && (megohm < 5 || decision === "holds") : decision !== "holds";
    }),
    { seed: 7, numRuns: 300 },
  ));

const point = (megohm: number, isLowerBound = false, asReadMegohm = megohm): InsulationPoint => ({
  at: "2026-01-01",
  megohm,
  asReadMegohm,
  isLowerBound,
});
test.each([
  [[], point(40), "unknown"],
  [[point(42)], point(40), "steady"],
  [[point(42)], point(21), "falling"],
  [[point(420)], point(21), "collapsing"],
  [[point(10)], point(40), "rising"],
  [[point(500, true)], point(21), "collapsing"],
  [[point(500, true)], point(500, true), "unknown"],
  [[point(10)], point(500, true), "rising"],
  [[point(500, true)], point(800), "unknown"],
  // Read in a freezer: what falls by the correction alone has not fallen.
  [[point(60)], point(2, false, 58), "steady"],
] as const)("from %j to %j: %s", (earlier, present, trend) => expect(insulationTrend(earlier, present)).toBe(trend));
