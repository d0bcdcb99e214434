import { fail, ok, type Failure, type Result } from "../result";
import { hasSwitch, type BranchPart, type Circuit } from "./circuit";
import { createStepper, stateBetween, type Stepper } from "../numeric";
import { STARTED_FRACTION } from "./resting";
import { AT, transientEquations, type Equations } from "./transient-equations";

/** One moment of a start as a chart shows it: rms over one cycle of the line, and speed at its end. */
export interface TracePoint {
  readonly timeS: number;
  readonly speedRpm: number;
  readonly lineA: number;
  readonly startA: number;
  readonly capacitorV: number;
}

/** A start from the moment the line is switched on. "Settled" is the mean over the last cycles. */
export interface Start {
  readonly hasStarted: boolean;
  readonly finalRpm: number;
  /** to 90 % of the final speed; null when the rotor does not turn */
  readonly timeTo90S: number | null;
  /** when the start branch was broken, at a zero of its current; null: never */
  readonly switchOpenS: number | null;
  readonly peakLineA: number;
  readonly settledMainA: number;
  readonly settledStartA: number;
  readonly settledLineA: number;
  readonly settledCapacitorV: number;
  readonly peakCapacitorV: number;
  readonly settledTorqueNm: number;
  /** heat left in the main and the start winding by the time of 90 % speed [J]; to the end when it does not get there */
  readonly mainHeatJ: number;
  readonly startHeatJ: number;
  readonly trace: readonly TracePoint[];
}

export interface StartOptions {
  readonly endS: number;
  /** angle of the line's sine at the moment of switching */
  readonly phaseRad?: number;
  readonly initialRpm?: number;
  readonly settledCycles?: number;
}

const USUAL_SETTLED_CYCLES = 10;
/** A stalled rotor may rock a little. */
const TURNS_FRACTION = 0.05;
const TOLERANCE = 3e-6;
const MOST_STEPS = 60_000;
/** At least this many points on every cycle: what peaks and rms values are read from. */
const POINTS_A_CYCLE = 40;

/** What is read off one point of the solution. */
interface Values {
  main: number;
  start: number;
  line: number;
  volts: number;
  torque: number;
  speed: number;
}

/** Sums over time, by trapezoids between the points of the solution. */
interface Sums extends Values {
  time: number;
}
const noSums = (): Sums => ({ time: 0, main: 0, start: 0, line: 0, volts: 0, torque: 0, speed: 0 });

/** Reads what is charted off a state; volts are those on the capacitor that always stays in, else on the start branch. */
function reader(equations: Equations, watched: BranchPart | null): (timeS: number, state: Float64Array) => Values & { inner: number } {
  const place = watched ? equations.parts.indexOf(watched) : -1;
  return (timeS, state) => {
    const at = equations.instantAt(timeS, state);
    return {
      main: at.mainA,
      start: at.startA,
      line: at.lineA,
      volts: place >= 0 ? at.externalV : 0,
      torque: at.torqueNm,
      speed: state[AT.speed] ?? 0,
      inner: place >= 0 ? (state[AT.capacitors + place] ?? 0) : 0,
    };
  };
}

function add(sums: Sums, from: Values, to: Values, h: number): void {
  sums.time += h;
  sums.main += ((from.main ** 2 + to.main ** 2) / 2) * h;
  sums.start += ((from.start ** 2 + to.start ** 2) / 2) * h;
  sums.line += ((from.line ** 2 + to.line ** 2) / 2) * h;
  sums.volts += ((from.volts ** 2 + to.volts ** 2) / 2) * h;
  sums.torque += ((from.torque + to.torque) / 2) * h;
  sums.speed += ((from.speed + to.speed) / 2) * h;
}

const rms = (sum: number, time: number): number => Math.sqrt(sum / time);

/** Time at which the current of the start branch crosses zero within the last step, by bisection; null: it does not. */
function zeroOfStartBranch(
  stepper: Stepper,
  currentAt: (timeS: number, state: Float64Array) => number,
  scratch: Float64Array,
): number | null {
  let low = stepper.lastTime;
  let high = stepper.time;
  const before = currentAt(low, stepper.lastState);
  const after = currentAt(high, stepper.state);
  if (before === 0) return low;
  if (before * after > 0) return null;
  for (let step = 0; step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (currentAt(middle, stateBetween(stepper, middle, scratch)) * before > 0) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * The start over time, switched on at rest with everything dead: does it start, how long, what flows.
 * The switch is told to open when speed first passes its own; the current breaks at its next zero; it stays open.
 * @param circuit machine and condition, boiled down
 * @param options bounds of the work
 * @returns the start point by point, or that it does not converge
 * @errors 'model-does-not-converge' when the equations cannot be followed (values far outside any motor)
 * @source Krause, Analysis of Electric Machinery, ch. 10; integration: see core/numeric
 */
export function simulateStart(circuit: Circuit, options: StartOptions): Result<Start, Failure> {
  const { machine, condition, omega, synchronousRadS } = circuit;
  const { endS, phaseRad = 0, initialRpm = 0, settledCycles = USUAL_SETTLED_CYCLES } = options;
  const cycleS = (2 * Math.PI) / omega;
  const equations = transientEquations(circuit, phaseRad);
  const watched = machine.runCapacitor ? circuit.branches.run.parts[0] : circuit.branches.start.parts[0];
  const isWatchable = machine.runCapacitor !== null && watched !== undefined;
  const read = reader(equations, isWatchable ? watched : null);
  const holdsCharge = watched?.capacitanceF != null;

  const first = new Float64Array(equations.size);
  first[AT.speed] = (initialRpm * Math.PI) / 30;
  const scaleFlux = (Math.SQRT2 * circuit.voltageV) / omega;
  const scaleA = circuit.voltageV / (machine.mainResistanceOhm + machine.mainReactanceOhm);
  const stepper = createStepper(equations.derivative, 0, first, {
    relativeTolerance: TOLERANCE,
    absoluteTolerance: [
      ...Array.from({ length: 4 }, () => TOLERANCE * scaleFlux),
      TOLERANCE * synchronousRadS,
      TOLERANCE * scaleA,
      ...equations.parts.map(() => TOLERANCE * circuit.voltageV),
    ],
    maxStepS: cycleS / POINTS_A_CYCLE,
  });

  // A stuck switch has the same branch in both states: nothing ever opens.
  const startParts = circuit.branches.start.parts.flatMap((part, index) =>
    circuit.branches.run.parts.includes(part) ? [] : [equations.parts.indexOf(circuit.branches.start.parts[index] ?? part)],
  );
  const canOpen = hasSwitch(machine) && circuit.branches.start !== circuit.branches.run && condition.startSwitch === "ok";
  const startBranchA = (timeS: number, state: Float64Array): number => {
    const at = equations.instantAt(timeS, state);
    return startParts.reduce((sum, place) => sum + (at.partsA[place] ?? 0), 0);
  };
  const scratch = new Float64Array(equations.size);
  let switchOpenS: number | null = null;
  let isTold = false;

  let from = read(0, stepper.state);
  let peakLineA = 0;
  let peakCapacitorV = 0;
  let mainHeat = 0;
  let startHeat = 0;
  const speeds: { timeS: number; speed: number; mainJ: number; startJ: number }[] = [{ timeS: 0, speed: from.speed, mainJ: 0, startJ: 0 }];
  const trace: TracePoint[] = [];
  const settled = noSums();
  let cycle = noSums();
  const settledFromS = endS - settledCycles * cycleS;
  let marks = 1;

  try {
    while (stepper.time < endS - 1e-12) {
      // Steps end on the cycle's end and where the settled stretch begins, so that the sums cover whole cycles.
      const cycleEndS = marks * cycleS;
      const limits = [cycleEndS, settledFromS, endS].filter((limit) => limit > stepper.time + 1e-12);
      stepper.step(Math.min(...limits));
      if (stepper.steps > MOST_STEPS) return fail({ code: "model-does-not-converge" });
      if (canOpen && !isTold && stepper.state[AT.speed]! >= circuit.switchRadS) isTold = true;
      if (isTold && switchOpenS === null) {
        const zeroS = zeroOfStartBranch(stepper, startBranchA, scratch);
        if (zeroS !== null) {
          switchOpenS = zeroS;
          stateBetween(stepper, zeroS, scratch);
          const h = zeroS - stepper.lastTime;
          stepper.time = zeroS;
          stepper.state.set(scratch);
          const to = read(zeroS, scratch);
          add(cycle, from, to, h);
          equations.setSwitch("run");
          stepper.restart(zeroS, scratch);
          from = read(zeroS, scratch);
          continue;
        }
      }
      const h = stepper.time - stepper.lastTime;
      const to = read(stepper.time, stepper.state);
      add(cycle, from, to, h);
      if (stepper.time > settledFromS + 1e-12) add(settled, from, to, h);
      peakLineA = Math.max(peakLineA, Math.abs(to.line));
      if (holdsCharge) peakCapacitorV = Math.max(peakCapacitorV, Math.abs(to.inner));
      mainHeat += ((from.main ** 2 + to.main ** 2) / 2) * h * machine.mainResistanceOhm;
      startHeat += ((from.start ** 2 + to.start ** 2) / 2) * h * machine.startResistanceOhm;
      speeds.push({ timeS: stepper.time, speed: to.speed, mainJ: mainHeat, startJ: startHeat });
      from = to;
      if (stepper.time >= cycleEndS - 1e-12) {
        trace.push({
          timeS: stepper.time,
          speedRpm: (to.speed * 30) / Math.PI,
          lineA: rms(cycle.line, cycle.time),
          startA: rms(cycle.start, cycle.time),
          capacitorV: rms(cycle.volts, cycle.time),
        });
        cycle = noSums();
        marks += 1;
      }
    }
  } catch {
    return fail({ code: "model-does-not-converge" });
  }
  if (!(settled.time > 0) || !Number.isFinite(settled.line)) return fail({ code: "model-does-not-converge" });

  const finalRadS = settled.speed / settled.time;
  const turns = Math.abs(finalRadS) > TURNS_FRACTION * synchronousRadS;
  const reached = turns ? speeds.findIndex(({ speed }) => speed >= 0.9 * finalRadS) : -1;
  const after = speeds[reached];
  const before = speeds[reached - 1] ?? after;
  const share = after && before && after.speed > before.speed ? (0.9 * finalRadS - before.speed) / (after.speed - before.speed) : 1;
  return ok({
    hasStarted: finalRadS > STARTED_FRACTION * synchronousRadS,
    finalRpm: (finalRadS * 30) / Math.PI,
    timeTo90S: after && before ? before.timeS + share * (after.timeS - before.timeS) : null,
    switchOpenS,
    peakLineA,
    settledMainA: rms(settled.main, settled.time),
    settledStartA: rms(settled.start, settled.time),
    settledLineA: rms(settled.line, settled.time),
    settledCapacitorV: rms(settled.volts, settled.time),
    peakCapacitorV,
    settledTorqueNm: settled.torque / settled.time,
    mainHeatJ: after?.mainJ ?? mainHeat,
    startHeatJ: after?.startJ ?? startHeat,
    trace,
  });
}
