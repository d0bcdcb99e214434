/*
 * Coefficients of the rational Chebyshev fit of the complementary error function, fractional error below 1.2e-7
 * everywhere. Source: Press et al., Numerical Recipes (2nd ed.), section 6.2, function erfcc.
 */
const ERFC_COEFFICIENTS = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587, -0.82215223, 0.17087277,
] as const;

function complementaryError(x: number): number {
  const t = 1 / (1 + 0.5 * Math.abs(x));
  const polynomial = ERFC_COEFFICIENTS.reduceRight((sum, coefficient) => coefficient + t * sum, 0);
  const tail = t * Math.exp(-x * x + polynomial);
  return x >= 0 ? tail : 2 - tail;
}

/**
 * Cumulative standard normal probability.
 * @param z standard score; ±Infinity allowed [standard deviations]
 * @returns probability in 0..1
 * @source Press et al., Numerical Recipes (2nd ed.), section 6.2
 * @example normalCdf(1.96) = 0.9750
 */
export function normalCdf(z: number): number {
  if (z === Infinity) return 1;
  if (z === -Infinity) return 0;
  return 0.5 * complementaryError(-z / Math.SQRT2);
}
