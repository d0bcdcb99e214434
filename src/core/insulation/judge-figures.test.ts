import { judgeInsulation, type InsulationLimits } from ".";

const PLAIN: InsulationLimits = { rule: "plain", leastMegohm: 1, soundMegohm: 5, ratedV: 230, hermetic: [2, 20] };
const at40 = { temperatureC: 40, varnish: "modern" as const };

// A tester is good to a twentieth: so near a limit it is low, and neither out nor sound.
test.each([
  ["plain", 0.94, "out"],
  ["plain", 0.96, "watch"],
  ["plain", 1.04, "watch"],
  ["plain", 4.9, "watch"],
  ["plain", 5.1, "holds"],
  ["hermetic", 1.85, "out"],
  ["hermetic", 1.95, "watch"],
  ["hermetic", 5.1, "watch"],
  ["hermetic", 19.9, "watch"],
  ["hermetic", 20.1, "holds"],
] as const)("by the %s rule %d MΩ: %s", (rule, megohm, decision) =>
  expect(judgeInsulation({ megohm, isLowerBound: false }, at40, { ...PLAIN, rule }).decision).toBe(decision),
);
