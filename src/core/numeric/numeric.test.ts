import { createStepper, fitLeastSquares, normalFrom, quantileOfSorted, seriesFrom, stateBetween } from "./index";

describe("stepper", () => {
  // x'' = −x: the exact answer is a cosine.
  const swing = (tolerance: number): { error: number; steps: number } => {
    const stepper = createStepper(
      (_time, [x = 0, v = 0], out) => {
        out[0] = v;
        out[1] = -x;
      },
      0,
      Float64Array.of(1, 0),
      { relativeTolerance: tolerance, absoluteTolerance: [tolerance, tolerance], maxStepS: 1 },
    );
    while (stepper.time < 20) stepper.step(20);
    return { error: Math.abs((stepper.state[0] ?? NaN) - Math.cos(20)), steps: stepper.steps };
  };
  test("a swing of twenty seconds keeps its tolerance, and a tighter one costs more steps", () => {
    expect(swing(1e-6).error).toBeLessThan(1e-4);
    expect(swing(1e-10).error).toBeLessThan(1e-8);
    expect(swing(1e-10).steps).toBeGreaterThan(swing(1e-6).steps);
  });
  test("between two points the state follows the curve", () => {
    const stepper = createStepper((time, _state, out) => void (out[0] = 3 * time * time), 0, Float64Array.of(0), {
      relativeTolerance: 1e-8,
      absoluteTolerance: [1e-8],
      maxStepS: 0.5,
    });
    stepper.step(1);
    stepper.step(1);
    const middle = (stepper.time + stepper.lastTime) / 2;
    expect(stateBetween(stepper, middle, new Float64Array(1))[0]).toBeCloseTo(middle ** 3, 9);
  });
  test("an answer that runs away is an error, not a hang", () => {
    const stepper = createStepper((_time, [x = 0], out) => void (out[0] = x * x), 0, Float64Array.of(1), {
      relativeTolerance: 1e-8,
      absoluteTolerance: [1e-8],
      maxStepS: 0.1,
    });
    expect(() => {
      while (stepper.time < 2) stepper.step(2);
    }).toThrow("the step became too small");
  });
});

describe("least squares", () => {
  const xs = [0, 1, 2, 3, 4];
  const decay = ([a = 0, b = 0]: Float64Array, out: Float64Array): void =>
    xs.forEach((x, index) => (out[index] = a * Math.exp(-b * x) - 3 * Math.exp(-0.5 * x)));
  const within = (highestRate: number) =>
    fitLeastSquares(Float64Array.of(1, 0.1), decay, { residuals: 5, lowest: [0, 0], highest: [10, highestRate], mostRounds: 60 });
  test("finds the curve its points come from", () => {
    const { parameters, chi2, hasConverged } = within(5);
    expect(hasConverged).toBe(true);
    expect(parameters[0]).toBeCloseTo(3, 3);
    expect(parameters[1]).toBeCloseTo(0.5, 3);
    expect(chi2).toBeLessThan(1e-6);
  });
  test("stays inside its bounds", () => expect(within(0.3).parameters[1]).toBeCloseTo(0.3, 3));
});

test("quantiles of a sorted list", () => {
  expect(quantileOfSorted([1, 2, 3, 4], 0.5)).toBe(2.5);
  expect(quantileOfSorted([1, 2, 3, 4], 1)).toBe(4);
  expect(quantileOfSorted([7], 0.3)).toBe(7);
});

test("normal deviates have their mean and spread, and repeat", () => {
  const next = normalFrom(seriesFrom(5));
  const values = Array.from({ length: 4000 }, next);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const variance = values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length;
  expect(Math.abs(mean)).toBeLessThan(0.06);
  expect(variance).toBeGreaterThan(0.93);
  expect(variance).toBeLessThan(1.07);
  expect(normalFrom(seriesFrom(5))()).toBe(values[0]);
});
