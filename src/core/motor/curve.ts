import { hasSwitch, type Circuit } from "./circuit";
import { loadTorqueNm } from "./load";
import { steadyState } from "./steady";

/** One point of a torque–speed and current curve. */
export interface CurvePoint {
  readonly speedRpm: number;
  readonly shaftTorqueNm: number;
  readonly loadTorqueNm: number;
  readonly lineA: number;
  readonly startA: number;
  readonly capacitorV: number;
  readonly inputW: number;
}

/**
 * Curves from standstill to synchronous speed; the switch stands as it would at each speed on the way up.
 * @param circuit machine and condition, boiled down
 * @param points points of the curve
 * @returns points, the slowest first
 */
export function torqueSpeedCurve(circuit: Circuit, points: number): CurvePoint[] {
  const isSwitched = hasSwitch(circuit.machine);
  return Array.from({ length: points }, (_, index) => {
    const speedRadS = (index / (points - 1)) * circuit.synchronousRadS;
    const state = isSwitched && speedRadS < circuit.switchRadS ? "start" : "run";
    const at = steadyState(circuit, 1 - speedRadS / circuit.synchronousRadS, state);
    return {
      speedRpm: at.speedRpm,
      shaftTorqueNm: at.shaftTorqueNm,
      loadTorqueNm: loadTorqueNm(circuit, speedRadS),
      lineA: at.lineA,
      startA: at.startA,
      capacitorV: at.capacitorV,
      inputW: at.inputW,
    };
  });
}
