import { insulationTrend, judgeInsulation, varnishOf, type InsulationLimits, type InsulationPoint } from ".";

const LIMITS: InsulationLimits = { rule: "plain", leastMegohm: 1, soundMegohm: 5, ratedV: 230, hermetic: [2, 20] };
const point = (megohm: number, isLowerBound = false, asReadMegohm = megohm): InsulationPoint => ({
  at: "2026-11-23T12:00:00.000Z",
  megohm,
  asReadMegohm,
  isLowerBound,
});
const judge = (megohm: number, isLowerBound: boolean, temperatureC: number | null, limits = LIMITS) =>
  judgeInsulation({ megohm, isLowerBound }, { temperatureC, varnish: "modern" }, limits);

test("a tester whose range ends at the limit proves that the limit is reached, and one that ends below proves nothing", () => {
  expect(judge(1, true, null).decision).toBe("holds");
  expect(judge(0.99, true, null).decision).toBe("unclear");
});

test("a limit that a house has set above the sound figure keeps a twentieth of it to be watched", () => {
  const high = { ...LIMITS, leastMegohm: 10 };
  expect(judge(10.4, false, null, high).decision).toBe("watch");
  expect(judge(10.6, false, null, high).decision).toBe("holds");
  expect(judge(9.4, false, null, high).decision).toBe("out");
});

test("exactly sound is sound", () => expect(judge(5, false, null).decision).toBe("holds"));

test("between 20 and 40 °C, both counted in, nothing is to be brought anywhere; without a temperature neither", () => {
  // 5.5 MΩ at 20 °C come to 4.2 at 40: low where it reads sound.
  expect(judge(5.5, false, 20)).toMatchObject({ decision: "holds", isCorrected: true, readAgain: null });
  expect(judge(5.5, false, 19)).toMatchObject({ decision: "holds", readAgain: "warmer" });
  expect(judge(4.9, false, 41)).toMatchObject({ decision: "watch", readAgain: "cooler" });
  expect(judge(5.5, false, null)).toMatchObject({ isCorrected: false, readAgain: null });
});

test("hot and out only as read is to be watched; hot and low is low", () => {
  expect(judge(0.9, false, 60)).toMatchObject({ decision: "watch", readAgain: "cooler" });
  expect(judge(4, false, 60)).toMatchObject({ decision: "watch", readAgain: "cooler" });
  // Out of both: no cooling makes it good.
  expect(judge(0.1, false, 41)).toMatchObject({ decision: "out", readAgain: null });
});

test.each<[string, InsulationPoint, InsulationPoint, string]>([
  ["a fall that only the correction makes is none", point(40), point(20, false, 45), "steady"],
  ["nor is one that only the reading makes", point(40), point(44, false, 20), "steady"],
  ["of two falls the milder", point(40), point(5, false, 20), "falling"],
  ["of two rises the milder", point(10), point(40, false, 12), "steady"],
  ["both rise", point(10), point(40, false, 16), "rising"],
  ["as it was under one of them", point(40), point(40, false, 8), "steady"],
  ["exactly a fifth", point(50), point(10), "collapsing"],
  ["exactly two thirds", point(30), point(20), "falling"],
  ["exactly half as much again", point(20), point(30), "rising"],
  ["nothing was read before", point(0), point(30), "unknown"],
  ["nothing is read now", point(30), point(0), "unknown"],
  ["more than something less", point(500), point(200, true), "unknown"],
  ["more than what it was", point(100), point(200, true), "rising"],
  ["exactly what the last one was more than", point(500, true), point(500), "unknown"],
])("%s", (_, last, present, expected) => expect(insulationTrend([last], present)).toBe(expected));

test.each([
  [44, "modern"],
  [45, "older"],
  [46, "older"],
] as const)("a motor of %d years without a class: %s", (ageYears, varnish) =>
  expect(varnishOf({ hotSpotC: null, ageYears })).toBe(varnish),
);
