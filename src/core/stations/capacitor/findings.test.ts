import { findingsOfSection } from "./findings";
import type { SectionVerdict } from "./section";

const LIMITS = { lowUf: 10, highUf: 12 };
const section = (capacitanceUf: number, probabilityWithin: number): SectionVerdict =>
  ({
    contradictions: [],
    slips: { meter: null, amps: null, volts: null },
    limits: LIMITS,
    readingUf: capacitanceUf,
    running: null,
    swing: null,
    overLimit: null,
    joint: { capacitanceUf, standardUncertaintyUf: 0.1, conformity: { probabilityWithin } },
  }) as unknown as SectionVerdict;

// A dead part reads half its low limit, or half as much again as the high one: between limit and there it is on its way.
test.each([
  ["within", 11, 1, { holds: 1, out: 0 }],
  ["on its limit: split by the chance of either side", 10, 0.5, { holds: 0.5, out: 0.5 }],
  ["halfway to a dead one", 7.5, 0, { holds: 0, out: 0.5, "far-out": 0.5 }],
  ["dead", 5, 0, { holds: 0, "far-out": 1 }],
  ["halfway above", 15, 0, { holds: 0, out: 0.5, "far-out": 0.5 }],
  ["far above", 18, 0, { holds: 0, "far-out": 1 }],
] as const)("a section %s", (_, uf, within, weights) => {
  const [finding] = findingsOfSection(section(uf, within), "run");
  expect(finding?.weights).toEqual(weights);
  expect(finding).toMatchObject({ test: "capacitor-meter", about: "run-capacitor" });
});
