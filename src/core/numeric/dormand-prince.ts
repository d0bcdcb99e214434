/** Fills `out` with the time derivative of `state`. */
export type Derivative = (timeS: number, state: Float64Array, out: Float64Array) => void;

/** An adaptive step-by-step solution. `time`, `state`, `slope` are the newest point, the `last…` ones the point before it. */
export interface Stepper {
  time: number;
  state: Float64Array;
  slope: Float64Array;
  lastTime: number;
  lastState: Float64Array;
  lastSlope: Float64Array;
  /** steps taken, refused ones included */
  steps: number;
  /** Takes one step, at most to `untilS`. */
  step: (untilS: number) => void;
  /** Goes on from this point: after the equations themselves have changed. */
  restart: (timeS: number, state: Float64Array) => void;
}

export interface StepperOptions {
  readonly relativeTolerance: number;
  /** error that does not matter, for each part of the state */
  readonly absoluteTolerance: readonly number[];
  readonly maxStepS: number;
}

// Butcher tableau, 5(4), first same as last.
const C = [0, 1 / 5, 3 / 10, 4 / 5, 8 / 9, 1, 1] as const;
const A: readonly (readonly number[])[] = [
  [],
  [1 / 5],
  [3 / 40, 9 / 40],
  [44 / 45, -56 / 15, 32 / 9],
  [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
];
/** fifth-order less fourth-order weights */
const E = [71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40] as const;

const SAFETY = 0.9;
const SMALLEST_FACTOR = 0.2;
const LARGEST_FACTOR = 5;
/** Below this the equations are too stiff for an explicit method, or the state is no number any more. */
const SMALLEST_STEP_S = 1e-10;

/**
 * An explicit Runge–Kutta solution of order 5 with error control of order 4.
 * @param derivative slope of the state at a time
 * @param startS time it begins at [s]
 * @param start state it begins with
 * @param options bounds of the work
 * @returns the solution, to be asked step by step
 * @throws when the step becomes too small: the caller turns that into words
 * @source Dormand & Prince, A family of embedded Runge–Kutta formulae, J. Comput. Appl. Math. 6 (1980); Hairer, Nørsett,
 * Wanner, Solving Ordinary Differential Equations I, II.4 (step control)
 */
export function createStepper(derivative: Derivative, startS: number, start: Float64Array, options: StepperOptions): Stepper {
  const size = start.length;
  const stages = Array.from({ length: 7 }, () => new Float64Array(size));
  const trial = new Float64Array(size);
  let stepS = options.maxStepS / 10;

  const restart = (timeS: number, state: Float64Array): void => {
    stepper.time = stepper.lastTime = timeS;
    stepper.state.set(state);
    derivative(timeS, stepper.state, stepper.slope);
    stepper.lastState.set(stepper.state);
    stepper.lastSlope.set(stepper.slope);
    stepS = Math.min(stepS, options.maxStepS / 10);
  };

  const tryStep = (h: number): number => {
    const { time, state } = stepper;
    stages[0]!.set(stepper.slope);
    for (let stage = 1; stage < 7; stage += 1) {
      const row = A[stage]!;
      for (let index = 0; index < size; index += 1) {
        let sum = 0;
        for (let before = 0; before < stage; before += 1) sum += row[before]! * stages[before]![index]!;
        trial[index] = state[index]! + h * sum;
      }
      derivative(time + C[stage]! * h, trial, stages[stage]!);
    }
    let worst = 0;
    for (let index = 0; index < size; index += 1) {
      let error = 0;
      for (let stage = 0; stage < 7; stage += 1) error += E[stage]! * stages[stage]![index]!;
      const scale =
        options.absoluteTolerance[index]! + options.relativeTolerance * Math.max(Math.abs(state[index]!), Math.abs(trial[index]!));
      worst = Math.max(worst, Math.abs((h * error) / scale));
    }
    return worst;
  };

  const step = (untilS: number): void => {
    for (;;) {
      stepper.steps += 1;
      const h = Math.min(stepS, options.maxStepS, untilS - stepper.time);
      const error = tryStep(h);
      const factor = Math.min(LARGEST_FACTOR, Math.max(SMALLEST_FACTOR, SAFETY * Math.max(error, 1e-10) ** -0.2));
      // A step cut short by the end says nothing about the next one.
      if (error <= 1) {
        stepper.lastTime = stepper.time;
        stepper.lastState.set(stepper.state);
        stepper.lastSlope.set(stepper.slope);
        stepper.time = stepper.time + h;
        stepper.state.set(trial);
        stepper.slope.set(stages[6]!);
        if (h >= stepS || factor < 1) stepS = h * factor;
        return;
      }
      if (!(h > SMALLEST_STEP_S) || Number.isNaN(error)) throw new Error("the step became too small");
      stepS = h * factor;
    }
  };

  const stepper: Stepper = {
    time: startS,
    state: Float64Array.from(start),
    slope: new Float64Array(size),
    lastTime: startS,
    lastState: Float64Array.from(start),
    lastSlope: new Float64Array(size),
    steps: 0,
    step,
    restart,
  };
  restart(startS, start);
  return stepper;
}

/**
 * State between the last two points, by the cubic through values and slopes of both.
 * @param stepper the solution on its way
 * @param timeS time [s]
 * @param out filled with the state
 * @returns `out`, filled
 * @source Hairer, Nørsett, Wanner, Solving Ordinary Differential Equations I, II.6 (Hermite interpolation)
 */
export function stateBetween(stepper: Stepper, timeS: number, out: Float64Array): Float64Array {
  const h = stepper.time - stepper.lastTime;
  const t = h > 0 ? (timeS - stepper.lastTime) / h : 1;
  const a = (1 + 2 * t) * (1 - t) ** 2;
  const b = t * (1 - t) ** 2 * h;
  const c = t * t * (3 - 2 * t);
  const d = t * t * (t - 1) * h;
  for (let index = 0; index < out.length; index += 1) {
    out[index] = a * stepper.lastState[index]! + b * stepper.lastSlope[index]! + c * stepper.state[index]! + d * stepper.slope[index]!;
  }
  return out;
}
