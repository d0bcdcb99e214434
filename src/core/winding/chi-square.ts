/** ln Γ(x), x > 0; Lanczos approximation. Source: Press et al., Numerical Recipes (2nd ed.), section 6.1, gammln. */
const LANCZOS = [76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155, 0.001208650973866179, -0.000005395239384953];

function lnGamma(x: number): number {
  const t = x + 5.5 - (x + 0.5) * Math.log(x + 5.5);
  const series = LANCZOS.reduce((sum, coefficient, index) => sum + coefficient / (x + 1 + index), 1.000000000190015);
  return -t + Math.log((2.5066282746310005 * series) / x);
}

const MOST_TERMS = 300;

function lowerBySeries(a: number, x: number): number {
  let term = 1 / a;
  let sum = term;
  for (let n = 1; n < MOST_TERMS && Math.abs(term) > 1e-15 * Math.abs(sum); n += 1) {
    term *= x / (a + n);
    sum += term;
  }
  return sum * Math.exp(-x + a * Math.log(x) - lnGamma(a));
}

function upperByFraction(a: number, x: number): number {
  const tiny = 1e-300;
  let b = x + 1 - a;
  let c = 1 / tiny;
  let d = 1 / b;
  let h = d;
  for (let n = 1; n < MOST_TERMS; n += 1) {
    const an = -n * (n - a);
    b += 2;
    d = 1 / (Math.abs(an * d + b) < tiny ? tiny : an * d + b);
    c = Math.abs(b + an / c) < tiny ? tiny : b + an / c;
    h *= d * c;
    if (Math.abs(d * c - 1) < 1e-15) break;
  }
  return h * Math.exp(-x + a * Math.log(x) - lnGamma(a));
}

/**
 * Probability that chi-square with `dof` degrees of freedom exceeds `chi2`; 1 without degrees of freedom.
 * @source Press et al., Numerical Recipes (2nd ed.), section 6.2, gammq
 * @example chiSquareSurvival(3.841459, 1) = 0.05
 */
export function chiSquareSurvival(chi2: number, dof: number): number {
  if (dof <= 0 || chi2 <= 0) return 1;
  const [a, x] = [dof / 2, chi2 / 2];
  return x < a + 1 ? 1 - lowerBySeries(a, x) : upperByFraction(a, x);
}
