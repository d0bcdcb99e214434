import { compareWinding } from "./temperature";

const ohms = (ohm: number, temperatureC: number | null = 20) => ({ ohm, standardUncertainty: 0, temperatureC });
// Two temperatures, each good to 2 K on copper (254.5 K from its zero at 20 °C): √2 · 2 / 254.5 of the ohms.
const PART = (Math.SQRT2 * 2) / 254.5;

test("two temperatures are two uncertainties: their part of the difference is √2 of one", () => {
  expect(compareWinding(ohms(10.5), ohms(10), true).score).toBeCloseTo(0.05 / PART, 6);
});

test("temperatures nobody noted may lie ten kelvin apart", () => {
  expect(compareWinding(ohms(10.5, null), ohms(10), true).score).toBeCloseTo(0.05 / ((Math.SQRT2 * 10) / 254.5), 6);
});

test("a sister motor is made within three percent", () => {
  expect(compareWinding(ohms(10.5), ohms(10), false).score).toBeCloseTo(0.05 / Math.hypot(PART, 0.03), 6);
});

test.each([
  [-4, "strong"],
  [-2.5, "hint"],
  [-1.5, "none"],
  [3, "none"],
  [3.5, "higher"],
] as const)("%s standard uncertainties off: %s", (score, shortedTurns) => {
  expect(compareWinding(ohms(10 * (1 + score * PART)), ohms(10), true).shortedTurns).toBe(shortedTurns);
});
