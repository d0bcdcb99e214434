/* Beta distribution by its incomplete function. */

/** Lanczos coefficients, g = 7. @source Press et al., Numerical Recipes, 6.1 */
const LANCZOS: readonly number[] = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
  -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const z = x - 1;
  const sum = LANCZOS.reduce((all, coefficient, index) => all + (index === 0 ? coefficient : coefficient / (z + index)), 0);
  const t = z + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

const TINY = 1e-300;
const away = (value: number): number => (Math.abs(value) < TINY ? TINY : value);

/** Continued fraction of the incomplete beta function. @source Press et al., Numerical Recipes, 6.4 */
function fraction(x: number, a: number, b: number): number {
  let [c, d] = [1, 1 / away(1 - ((a + b) * x) / (a + 1))];
  let h = d;
  for (let m = 1; m <= 300; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / away(1 + even * d);
    c = away(1 + even / c);
    h *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / away(1 + odd * d);
    c = away(1 + odd / c);
    h *= d * c;
    if (Math.abs(d * c - 1) < 1e-14) break;
  }
  return h;
}

/**
 * Chance that a beta variable lies below a share: the regularised incomplete beta function.
 * @param share where [0..1]
 * @param a first parameter [1], > 0
 * @param b second parameter [1], > 0
 * @returns probability, 0..1
 * @source Press et al., Numerical Recipes, 6.4
 * @example betaBelow(0.5, 2, 2) = 0.5
 */
export function betaBelow(share: number, a: number, b: number): number {
  if (share <= 0) return 0;
  if (share >= 1) return 1;
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(share) + b * Math.log(1 - share));
  return share < (a + 1) / (a + b + 2) ? (front * fraction(share, a, b)) / a : 1 - (front * fraction(1 - share, b, a)) / b;
}

/**
 * Share below which a beta variable lies with some chance, by halving.
 * @param probability the chance, 0..1
 * @param a first parameter [1], > 0
 * @param b second parameter [1], > 0
 * @returns share [0..1]
 * @example betaQuantile(0.95, 1, 8) = 0.3123
 */
export function betaQuantile(probability: number, a: number, b: number): number {
  let [low, high] = [0, 1];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (betaBelow(middle, a, b) < probability) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
