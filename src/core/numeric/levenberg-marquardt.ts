/** Fills `out` with the residuals at these parameters; every residual in units of its own standard deviation. */
export type Residuals = (parameters: Float64Array, out: Float64Array) => void;

export interface FitOptions {
  readonly residuals: number;
  readonly lowest: ArrayLike<number>;
  readonly highest: ArrayLike<number>;
  readonly mostRounds: number;
}

export interface Fit {
  readonly parameters: Float64Array;
  readonly residuals: Float64Array;
  readonly chi2: number;
  readonly hasConverged: boolean;
}

const DIFFERENCE = 1e-4;
const FIRST_DAMPING = 1e-3;
const LARGEST_DAMPING = 1e8;
/** Less gain than this in chi-square is no gain. */
const SETTLED = 1e-4;

const sumOfSquares = (values: Float64Array): number => values.reduce((sum, value) => sum + value * value, 0);

/** Solves the symmetric positive system in place by Cholesky; false when it is not positive. */
function solveCholesky(matrix: Float64Array, right: Float64Array, n: number): boolean {
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let sum = matrix[i * n + j]!;
      for (let k = 0; k < j; k += 1) sum -= matrix[i * n + k]! * matrix[j * n + k]!;
      if (i === j) {
        if (!(sum > 0)) return false;
        matrix[i * n + i] = Math.sqrt(sum);
      } else matrix[i * n + j] = sum / matrix[j * n + j]!;
    }
  }
  for (let i = 0; i < n; i += 1) {
    let sum = right[i]!;
    for (let k = 0; k < i; k += 1) sum -= matrix[i * n + k]! * right[k]!;
    right[i] = sum / matrix[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = right[i]!;
    for (let k = i + 1; k < n; k += 1) sum -= matrix[k * n + i]! * right[k]!;
    right[i] = sum / matrix[i * n + i]!;
  }
  return true;
}

/**
 * Least squares of a smooth function within bounds: Gauss–Newton steps, damped until they help, held inside the bounds.
 * @param first where to begin; inside the bounds
 * @param residualsAt residuals at a place
 * @param options bounds of the work
 * @returns the place, its covariance, and whether it settled
 * @source Nocedal & Wright, Numerical Optimization, 10.3 (Levenberg–Marquardt), 16.7 (projection on bounds)
 */
export function fitLeastSquares(first: Float64Array, residualsAt: Residuals, options: FitOptions): Fit {
  const n = first.length;
  const m = options.residuals;
  const hold = (values: Float64Array): void => {
    for (let i = 0; i < n; i += 1) values[i] = Math.min(options.highest[i]!, Math.max(options.lowest[i]!, values[i]!));
  };
  let at = Float64Array.from(first);
  hold(at);
  let here = new Float64Array(m);
  residualsAt(at, here);
  let chi2 = sumOfSquares(here);
  const slopes = new Float64Array(m * n);
  const moved = new Float64Array(n);
  const beside = new Float64Array(m);
  const normal = new Float64Array(n * n);
  const gradient = new Float64Array(n);
  let damping = FIRST_DAMPING;
  let hasConverged = false;
  for (let round = 0; round < options.mostRounds && !hasConverged; round += 1) {
    for (let j = 0; j < n; j += 1) {
      moved.set(at);
      const step = at[j]! + DIFFERENCE > options.highest[j]! ? -DIFFERENCE : DIFFERENCE;
      moved[j] = at[j]! + step;
      residualsAt(moved, beside);
      for (let i = 0; i < m; i += 1) slopes[i * n + j] = (beside[i]! - here[i]!) / step;
    }
    normal.fill(0);
    gradient.fill(0);
    for (let i = 0; i < m; i += 1) {
      for (let j = 0; j < n; j += 1) {
        const slope = slopes[i * n + j]!;
        if (slope === 0) continue;
        gradient[j] = gradient[j]! - slope * here[i]!;
        for (let k = 0; k <= j; k += 1) normal[j * n + k] = normal[j * n + k]! + slope * slopes[i * n + k]!;
      }
    }
    let isBetter = false;
    while (!isBetter && damping < LARGEST_DAMPING) {
      const matrix = Float64Array.from(normal);
      for (let j = 0; j < n; j += 1) matrix[j * n + j] = matrix[j * n + j]! * (1 + damping) + 1e-12;
      const move = Float64Array.from(gradient);
      const trial = Float64Array.from(at);
      if (solveCholesky(matrix, move, n)) {
        for (let j = 0; j < n; j += 1) trial[j] = at[j]! + move[j]!;
        hold(trial);
        residualsAt(trial, beside);
        const trialChi2 = sumOfSquares(beside);
        if (trialChi2 < chi2) {
          isBetter = true;
          hasConverged = chi2 - trialChi2 < SETTLED * (1 + trialChi2);
          at = trial;
          here = Float64Array.from(beside);
          chi2 = trialChi2;
          damping = Math.max(damping / 10, 1e-9);
        }
      }
      if (!isBetter) damping *= 10;
    }
    if (!isBetter) hasConverged = true;
  }
  return { parameters: at, residuals: here, chi2, hasConverged: hasConverged && Number.isFinite(chi2) };
}
