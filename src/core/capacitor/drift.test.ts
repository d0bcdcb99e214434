import fc from "fast-check";
import { fitDrift, type DriftPoint } from "./drift";

const LIMITS = { lowUf: 5.64, highUf: 6.36 };
const points = (pairs: readonly (readonly [number, number])[], standardUncertaintyUf = 0.03): DriftPoint[] =>
  pairs.map(([day, capacitanceUf]) => ({ day, capacitanceUf, standardUncertaintyUf }));

describe("fitDrift", () => {
  test.each([
    [
      "two readings",
      [
        [0, 6],
        [400, 5.8],
      ] as const,
    ],
    [
      "three readings of one week",
      [
        [0, 6],
        [3, 5.9],
        [7, 5.8],
      ] as const,
    ],
  ])("%s are too few", (_, pairs) => {
    expect(fitDrift(points(pairs), LIMITS)).toBeNull();
  });

  test("a steady fall: its rate, and the day it reaches the low limit with an interval about it", () => {
    const drift = fitDrift(
      points([
        [0, 6.0],
        [365.25, 5.9],
        [730.5, 5.8],
      ]),
      LIMITS,
    );
    expect(drift?.perYearUf).toBeCloseTo(-0.1, 6);
    expect(drift?.isSure).toBe(true);
    // 6.0 − 0.1 a year reaches 5.64 after 3.6 years.
    expect(drift?.crossing?.bestDay).toBeCloseTo(3.6 * 365.25, 3);
    expect(drift?.crossing?.fromDay).toBeLessThan(drift?.crossing?.bestDay ?? 0);
    expect(drift?.crossing?.toDay).toBeGreaterThan(drift?.crossing?.bestDay ?? Infinity);
  });

  test("a change that the meter can hide gives no date", () => {
    const drift = fitDrift(
      points([
        [0, 5.98],
        [365, 5.97],
        [730, 5.96],
      ]),
      LIMITS,
    );
    expect(drift).toMatchObject({ isSure: false, crossing: null });
  });

  test("readings that scatter more than their meter promises give a wider rate", () => {
    const smooth = fitDrift(
      points([
        [0, 6.0],
        [200, 5.95],
        [400, 5.9],
        [600, 5.85],
      ]),
      LIMITS,
    );
    const rough = fitDrift(
      points([
        [0, 6.0],
        [200, 6.15],
        [400, 5.7],
        [600, 5.95],
      ]),
      LIMITS,
    );
    expect(rough?.perYearExpandedUf).toBeGreaterThan((smooth?.perYearExpandedUf ?? Infinity) * 2);
  });

  test("a rising part heads for the high limit", () => {
    expect(
      fitDrift(
        points([
          [0, 6.0],
          [365, 6.1],
          [730, 6.2],
        ]),
        LIMITS,
      )?.crossing?.limitUf,
    ).toBe(6.36);
  });

  test("exact lines are found again wherever they lie, and nothing is NaN", () => {
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), fc.integer({ min: 3, max: 9 }), (perYear, count) => {
        const drift = fitDrift(
          points(Array.from({ length: count }, (_, i) => [i * 200, 6 + (perYear * i * 200) / 365.25] as const)),
          LIMITS,
        );
        return drift !== null && Math.abs(drift.perYearUf - perYear) < 1e-9 && Number.isFinite(drift.perYearExpandedUf);
      }),
      { seed: 5 },
    );
  });
});
