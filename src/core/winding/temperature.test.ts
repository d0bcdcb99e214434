import { compareWinding, resistanceAt, temperatureRise, windingTemperature, type WindingOhms } from "./temperature";

const winding = (ohm: number, temperatureC: number | null = null): WindingOhms => ({
  ohm,
  standardUncertainty: (0.008 * ohm + 0.2) / Math.sqrt(3),
  temperatureC,
});

test.each([
  [10, 20, 75, 12.1611],
  [10, 75, 20, 8.2229],
  [54.632, 14.9, 86.3, 70.2724],
])("%d Ω at %d °C are so many at %d °C", (ohm, from, to, expected) => expect(resistanceAt(ohm, from, to)).toBeCloseTo(expected, 3));

test("hot ohms give back the temperature they were made with, and the rise", () => {
  const hot = resistanceAt(8.4, 18, 96);
  const windingC = windingTemperature(8.4, 18, hot);
  expect(windingC).toBeCloseTo(96, 9);
  expect(temperatureRise(windingC, 24)).toBeCloseTo(72, 9);
});

describe("shorted turns", () => {
  test.each([
    ["alike", winding(12.1, 20), winding(12.0, 20), true, "none"],
    ["a warm winding is no higher than it should be", winding(14.8, 80), winding(12, 20), true, "none"],
    ["a tenth gone", winding(10.8, 20), winding(12, 20), true, "strong"],
    ["a little gone", winding(11.3, 20), winding(12, 20), true, "hint"],
    ["a tenth gone against a sister", winding(10.8, 20), winding(12, 20), false, "hint"],
    ["temperatures unknown hide 4 %", winding(11.5), winding(12), true, "none"],
    ["a corroded joint", winding(14, 20), winding(12, 20), true, "higher"],
  ] as const)("%s", (_, present, reference, isSame, verdict) => {
    expect(compareWinding(present, reference, isSame).shortedTurns).toBe(verdict);
  });
  test("both are shown at 20 °C where both temperatures are known", () => {
    const found = compareWinding(winding(14.8, 80), winding(12, 20), true);
    expect(found.presentOhm).toBeCloseTo(11.977, 2);
    expect(found.deviation).toBeCloseTo(-0.0019, 3);
  });
});
