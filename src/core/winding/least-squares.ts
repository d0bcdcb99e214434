/** What the equations say of each unknown. */
export interface Solution {
  readonly values: Float64Array;
  /** 1 where the equations do not settle the unknown by itself */
  readonly isFree: Uint8Array;
  /** inverse of the triangle, row by row; covariance = inverse · inverseᵀ */
  readonly inverse: Float64Array;
}

/** A turned row this small against its weight is rounding, not an equation of its own. */
const ROUNDING = 1e-9;

/**
 * Weighted least squares taken in one equation at a time: an upper triangle turned by Givens rotations. What an equation
 * adds to chi-square is known at once, so that a search can turn back early. Every equation is a plain sum of unknowns.
 * @source Gentleman, Least squares computations by Givens transformations (1973); Golub & Van Loan, Matrix Computations, 5.2
 */
export class LeastSquares {
  chi2 = 0;
  rows = 0;
  private readonly cells: Float64Array;
  private readonly right: Float64Array;
  private readonly row: Float64Array;

  constructor(readonly unknowns: number) {
    this.cells = new Float64Array(unknowns * unknowns);
    this.right = new Float64Array(unknowns);
    this.row = new Float64Array(unknowns);
  }

  copyFrom(other: LeastSquares): this {
    this.cells.set(other.cells);
    this.right.set(other.right);
    this.chi2 = other.chi2;
    this.rows = other.rows;
    return this;
  }

  /** Takes in: value = sum of the unknowns whose bit is set, known to `standard` (k = 1). */
  add(bits: number, value: number, standard: number): void {
    const { cells, right, row, unknowns: n } = this;
    const weight = 1 / standard;
    for (let k = 0; k < n; k += 1) row[k] = bits & (1 << k) ? weight : 0;
    let y = value * weight;
    this.rows += 1;
    for (let i = 0; i < n; i += 1) {
      const own = row[i] ?? 0;
      if (own === 0) continue;
      const pivot = cells[i * n + i] ?? 0;
      if (pivot === 0) {
        for (let k = i; k < n; k += 1) cells[i * n + k] = row[k] ?? 0;
        right[i] = y;
        return;
      }
      const length = Math.sqrt(pivot * pivot + own * own);
      const c = pivot / length;
      const s = own / length;
      for (let k = i; k < n; k += 1) {
        const above = cells[i * n + k] ?? 0;
        const below = row[k] ?? 0;
        const turned = c * below - s * above;
        cells[i * n + k] = c * above + s * below;
        row[k] = Math.abs(turned) < ROUNDING * weight ? 0 : turned;
      }
      const z = right[i] ?? 0;
      right[i] = c * z + s * y;
      y = c * y - s * z;
    }
    this.chi2 += y * y;
  }

  /** Unknowns that some equation reaches. */
  get rank(): number {
    let count = 0;
    for (let i = 0; i < this.unknowns; i += 1) if ((this.cells[i * this.unknowns + i] ?? 0) !== 0) count += 1;
    return count;
  }

  /** Natural log of the determinant of the normal matrix; for equations that reach every unknown. */
  get logDeterminant(): number {
    let sum = 0;
    for (let i = 0; i < this.unknowns; i += 1) sum += Math.log(Math.abs(this.cells[i * this.unknowns + i] ?? 1));
    return 2 * sum;
  }

  solve(): Solution {
    const { cells, right, unknowns: n } = this;
    const values = new Float64Array(n);
    const isFree = new Uint8Array(n);
    const inverse = new Float64Array(n * n);
    for (let i = n - 1; i >= 0; i -= 1) {
      const pivot = cells[i * n + i] ?? 0;
      if (pivot === 0) {
        isFree[i] = 1;
        continue;
      }
      let sum = right[i] ?? 0;
      inverse[i * n + i] = 1 / pivot;
      for (let k = i + 1; k < n; k += 1) {
        const cell = cells[i * n + k] ?? 0;
        if (cell === 0) continue;
        if (isFree[k] === 1 && Math.abs(cell) > ROUNDING * Math.abs(pivot)) isFree[i] = 1;
        sum -= cell * (values[k] ?? 0);
        for (let j = k; j < n; j += 1) inverse[i * n + j] = (inverse[i * n + j] ?? 0) - (cell * (inverse[k * n + j] ?? 0)) / pivot;
      }
      values[i] = sum / pivot;
    }
    return { values, isFree, inverse };
  }
}

/** Covariance of two sums of unknowns, each by its bits. */
export function covarianceOf({ inverse, values }: Solution, first: number, second: number): number {
  const n = values.length;
  let sum = 0;
  for (let k = 0; k < n; k += 1) {
    let a = 0;
    let b = 0;
    for (let i = 0; i <= k; i += 1) {
      const cell = inverse[i * n + k] ?? 0;
      if (first & (1 << i)) a += cell;
      if (second & (1 << i)) b += cell;
    }
    sum += a * b;
  }
  return sum;
}

/** Standard uncertainty of the difference of two unknowns. */
export function differenceStandard({ inverse, values }: Solution, a: number, b: number): number {
  const n = values.length;
  let sum = 0;
  for (let k = 0; k < n; k += 1) sum += ((inverse[a * n + k] ?? 0) - (inverse[b * n + k] ?? 0)) ** 2;
  return Math.sqrt(sum);
}
