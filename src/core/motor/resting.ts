import { hasSwitch, type Circuit, type SwitchState } from "./circuit";
import { resistingTorqueNm } from "./load";
import { steadyState, torqueNmAt, type SteadyState } from "./steady";

/** Where the motor comes to rest: at a speed in one switch state, or hunting about the switch's speed. */
export interface RestPoint {
  readonly state: SwitchState | "hunting";
  readonly steady: SteadyState;
}

/** A motor runs when it has passed this part of synchronous speed. */
export const STARTED_FRACTION = 0.8;
/** A motor that was running counts as still running down to here, when it has no switch. */
const LOWEST_RUNNING_FRACTION = 0.2;
/** Fine enough that no dip of the torque curve falls between two points. */
const GRID = 240;
/** From a step of the grid to a thousand-millionth of the speed: far below what any figure shows. */
const BISECTIONS = 26;

/** Without a switch both states are the same circuit. */
const stateAt = (circuit: Circuit, speedRadS: number): SwitchState => (speedRadS < circuit.switchRadS ? "start" : "run");

/** Motor torque less all that holds the shaft back [N m]. */
function netTorqueNm(circuit: Circuit, speedRadS: number, state: SwitchState): number {
  return torqueNmAt(circuit, 1 - speedRadS / circuit.synchronousRadS, state) - resistingTorqueNm(circuit, speedRadS);
}

const pointAt = (circuit: Circuit, speedRadS: number, state: SwitchState): SteadyState =>
  steadyState(circuit, 1 - speedRadS / circuit.synchronousRadS, state);

function crossing(circuit: Circuit, state: SwitchState, positiveRadS: number, negativeRadS: number): number {
  let low = positiveRadS;
  let high = negativeRadS;
  for (let step = 0; step < BISECTIONS; step += 1) {
    const middle = (low + high) / 2;
    if (netTorqueNm(circuit, middle, state) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Where the motor settles when it is switched on at standstill: the first speed at which nothing is left to speed it up.
 * Quasi-static: the torque of each instant is that of the steady state at that speed.
 * @param circuit machine and condition, boiled down
 * @param grid points looked at between standstill and synchronous speed
 * @returns where it settles, and in which switch position
 * @source Hughes, Electric Motors and Drives, 5.5 (steady operating point)
 */
export function restFromStandstill(circuit: Circuit, grid: number = GRID): RestPoint {
  // A torque of rounding errors does not turn a shaft.
  const threshold = 1e-9 * (1 + circuit.machine.load.ratedTorqueNm);
  const first = stateAt(circuit, 0);
  if (!(netTorqueNm(circuit, 0, first) > threshold)) return { state: first, steady: pointAt(circuit, 0, first) };
  const isSwitched = hasSwitch(circuit.machine);
  let last = 0;
  for (let index = 1; index <= grid; index += 1) {
    const speed = (index / grid) * circuit.synchronousRadS;
    if (isSwitched && last < circuit.switchRadS && speed >= circuit.switchRadS) {
      const turn = circuit.switchRadS;
      if (!(netTorqueNm(circuit, turn, "start") > 0)) {
        const rest = crossing(circuit, "start", last, turn);
        return { state: "start", steady: pointAt(circuit, rest, "start") };
      }
      // Above the switch it would slow down again, below it it speeds up.
      if (!(netTorqueNm(circuit, turn, "run") > 0)) return { state: "hunting", steady: pointAt(circuit, turn, "run") };
      last = turn;
    }
    const state = stateAt(circuit, speed);
    if (!(netTorqueNm(circuit, speed, state) > 0)) {
      const rest = crossing(circuit, state, last, speed);
      return { state, steady: pointAt(circuit, rest, state) };
    }
    last = speed;
  }
  return { state: "run", steady: pointAt(circuit, circuit.synchronousRadS, "run") };
}

/**
 * Where a motor keeps running when the fault comes while it is at speed: the highest speed, in the run state, at which
 * torque and load agree.
 * @param circuit machine and condition, boiled down
 * @param grid points looked at between standstill and synchronous speed
 * @returns null when it falls below the switch's speed, or stalls
 */
export function restWhenRunning(circuit: Circuit, grid: number = GRID): SteadyState | null {
  const lowest = hasSwitch(circuit.machine) ? circuit.switchRadS : LOWEST_RUNNING_FRACTION * circuit.synchronousRadS;
  let last = circuit.synchronousRadS;
  if (netTorqueNm(circuit, last, "run") > 0) return pointAt(circuit, last, "run");
  for (let index = 1; index <= grid; index += 1) {
    const speed = circuit.synchronousRadS - (index / grid) * (circuit.synchronousRadS - lowest);
    if (netTorqueNm(circuit, speed, "run") > 0) return pointAt(circuit, crossing(circuit, "run", speed, last), "run");
    last = speed;
  }
  return null;
}

/**
 * Whether the motor reached its running speed.
 * @param circuit machine and condition, boiled down
 * @param state a point of operation
 * @returns true above the speed that counts as started
 */
export const hasStarted = (circuit: Circuit, { speedRadS }: SteadyState): boolean => speedRadS > STARTED_FRACTION * circuit.synchronousRadS;
