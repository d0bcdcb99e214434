import fc from "fast-check";
import { insulationAt40C, insulationTrend, judgeInsulation, type InsulationLimits, type InsulationPoint } from ".";

const LIMITS: InsulationLimits = { rule: "plain", leastMegohm: 1, ratedV: 230, hermetic: [2, 20] };
const figure = (megohm: number, isLowerBound = false) => ({ megohm, isLowerBound });

test("ten kelvin warmer halves it", () => {
  expect(insulationAt40C(100, 50)).toBeCloseTo(200, 9);
  expect(insulationAt40C(24.22, 37.6)).toBeCloseTo(20.5081715, 6);
});

test.each([
  ["plain, well above", figure(42), 40, LIMITS, "holds", 1],
  ["plain, below", figure(0.6), 40, LIMITS, "out", 1],
  ["plain, on the limit", figure(1.02), 40, LIMITS, "watch", 1],
  ["hot: more at 40 °C", figure(0.6), 60, LIMITS, "holds", 1],
  ["cold: less at 40 °C", figure(3), 20, LIMITS, "out", 1],
  ["no temperature: as read", figure(3), null, LIMITS, "holds", 1],
  ["per kV adds its part", figure(1.2), 40, { ...LIMITS, rule: "per-kv" }, "watch", 1.23],
  ["hermetic band to be watched", figure(9), 40, { ...LIMITS, rule: "hermetic" }, "watch", 2],
  ["hermetic, good", figure(60), 40, { ...LIMITS, rule: "hermetic" }, "holds", 2],
  ["more than 550 holds", figure(550, true), 40, LIMITS, "holds", 1],
  ["more than 0.5 proves nothing", figure(0.5, true), 40, LIMITS, "unclear", 1],
] as const)("%s", (_, reading, temperatureC, limits, decision, limit) => {
  const verdict = judgeInsulation(reading, temperatureC, limits);
  expect(verdict.decision).toBe(decision);
  expect(verdict.limitMegohm).toBeCloseTo(limit, 9);
});

test("more megohms are never judged worse", () => {
  const rank = { out: 0, unclear: 1, watch: 1, holds: 2 } as const;
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 500, noNaN: true }),
      fc.double({ min: 1, max: 10, noNaN: true }),
      fc.double({ min: 0, max: 90, noNaN: true }),
      (megohm, factor, at) => {
        const [less, more] = [megohm, megohm * factor].map((each) => rank[judgeInsulation(figure(each), at, LIMITS).decision]);
        return (more ?? 0) >= (less ?? 0);
      },
    ),
    { seed: 6, numRuns: 300 },
  );
});

const point = (megohm: number, isLowerBound = false): InsulationPoint => ({ at: "2026-01-01", megohm, isLowerBound });
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
] as const)("from %j to %j: %s", (earlier, present, trend) => expect(insulationTrend(earlier, present)).toBe(trend));
