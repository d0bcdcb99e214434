import fc from "fast-check";
import { betaBelow, betaQuantile } from ".";
import { howMany } from "../../../tests/support/how-many";

test.each([
  // Closed forms: Beta(1, n) below x is 1 − (1 − x)^n; Beta(n, 1) is x^n.
  [0.3, 1, 8, 1 - 0.7 ** 8],
  [0.3, 5, 1, 0.3 ** 5],
  [0.5, 2, 2, 0.5],
  // 3x² − 2x³
  [0.2, 2, 2, 3 * 0.04 - 2 * 0.008],
  // Binomial sums: below x is the chance of at least a of a + b − 1.
  [0.1, 3, 40, 1 - [0, 1, 2].reduce((sum, k) => sum + [1, 42, 861][k]! * 0.1 ** k * 0.9 ** (42 - k), 0)],
] as const)("below %d of Beta(%d, %d)", (x, a, b, expected) => expect(betaBelow(x, a, b)).toBeCloseTo(expected, 10));
test("quantile and distribution undo one another, and the quantile grows with the chance", () => {
  const size = fc.double({ min: 0.3, max: 200, noNaN: true });
  const chance = fc.double({ min: 0.01, max: 0.99, noNaN: true });
  fc.assert(
    fc.property(chance, size, size, (p, a, b) => {
      const share = betaQuantile(p, a, b);
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
      expect(betaBelow(share, a, b)).toBeCloseTo(p, 6);
      expect(betaQuantile(Math.min(0.995, p + 0.004), a, b)).toBeGreaterThanOrEqual(share);
    }),
    { seed: 20, numRuns: howMany(200, 40) },
  );
});
