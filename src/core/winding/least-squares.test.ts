import fc from "fast-check";
import { chiSquareSurvival } from "./chi-square";
import { covarianceOf, differenceStandard, LeastSquares } from "./least-squares";

describe("chi-square", () => {
  // Percentage points of chi-square. Source: Abramowitz & Stegun, table 26.8.
  test.each([
    [3.84146, 1, 0.05],
    [10.8276, 1, 0.001],
    [9.23635, 5, 0.1],
    [18.307, 10, 0.05],
    [59.7031, 30, 0.001],
    [99.3341, 100, 0.5],
  ])("beyond %d with %d degrees of freedom: %d", (chi2, dof, p) => {
    expect(chiSquareSurvival(chi2, dof)).toBeCloseTo(p, 5);
  });
  test("without degrees of freedom everything fits", () => expect(chiSquareSurvival(50, 0)).toBe(1));
});

describe("least squares", () => {
  test("two unknowns, three equations: the textbook answer", () => {
    // x = 3.0, y = 5.1, x + y = 8.4, all to 0.1: the mismatch of 0.3 is shared by thirds.
    const equations = new LeastSquares(2);
    equations.add(0b01, 3, 0.1);
    equations.add(0b10, 5.1, 0.1);
    equations.add(0b11, 8.4, 0.1);
    const { values } = equations.solve();
    expect([...values]).toEqual([expect.closeTo(3.1, 9), expect.closeTo(5.2, 9)]);
    expect(equations.chi2).toBeCloseTo(0.3 ** 2 / (3 * 0.01), 9);
    expect(equations.rank).toBe(2);
  });

  test("what no equation reaches by itself is free", () => {
    const equations = new LeastSquares(3);
    equations.add(0b011, 8, 0.1);
    equations.add(0b100, 2, 0.1);
    const { isFree, values } = equations.solve();
    expect([...isFree]).toEqual([1, 1, 0]);
    expect(values[2]).toBeCloseTo(2, 9);
  });

  test("covariance and difference agree with the inverse of the normal matrix", () => {
    const equations = new LeastSquares(2);
    equations.add(0b01, 3, 0.1);
    equations.add(0b10, 5, 0.2);
    equations.add(0b11, 8, 0.1);
    const solution = equations.solve();
    // N = [[200, 100], [100, 125]], its inverse by hand.
    expect(covarianceOf(solution, 0b01, 0b01)).toBeCloseTo(125 / 15000, 9);
    expect(covarianceOf(solution, 0b01, 0b10)).toBeCloseTo(-100 / 15000, 9);
    expect(differenceStandard(solution, 0, 1)).toBeCloseTo(Math.sqrt((125 + 200 + 200) / 15000), 9);
    expect(equations.logDeterminant).toBeCloseTo(Math.log(15000), 9);
  });

  test("the order of equations does not matter, and chi-square only grows", () => {
    const row = fc.tuple(
      fc.integer({ min: 1, max: 15 }),
      fc.double({ min: 0, max: 50, noNaN: true }),
      fc.double({ min: 0.05, max: 2, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(row, { minLength: 4, maxLength: 12 }), (rows) => {
        const solve = (list: typeof rows): { chi2: number; rank: number } => {
          const equations = new LeastSquares(4);
          let before = 0;
          for (const [bits, value, standard] of list) {
            equations.add(bits, value, standard);
            expect(equations.chi2).toBeGreaterThanOrEqual(before - 1e-9);
            before = equations.chi2;
          }
          return { chi2: equations.chi2, rank: equations.rank };
        };
        const [one, other] = [solve(rows), solve([...rows].reverse())];
        expect(other.rank).toBe(one.rank);
        expect(Math.abs(other.chi2 - one.chi2)).toBeLessThan(1e-6 * Math.max(1, one.chi2));
      }),
      { seed: 11, numRuns: 200 },
    );
  });
});
