import { capacitorCurrentA } from "./running";

/** How the value in the motor stands against the one it should have. */
export type ValueState = "as-rated" | "weak" | "high" | "open" | "shorted";

/** Sums that are simple: amps of the start winding's branch with the rated value and with this one. */
export interface ValueEffect {
  readonly state: ValueState;
  /** at the volts measured, else at this part of the line */
  readonly voltsV: number;
  readonly areVoltsMeasured: boolean;
  readonly ratedA: number;
  readonly foundA: number;
  /** found / rated − 1 */
  readonly change: number;
}

/** The winding raises the volts across a run capacitor to 1.1–1.8 × line; about the middle of it. */
const USUAL_RISE = 1.5;
/** A start capacitor works with the auxiliary winding for a second at about the line volts. */
const START_RISE = 1.0;

/** Below this part of its rating a capacitor is as good as open: the motor gets no start. */
const OPEN_BELOW = 0.1;

/**
 * Names the state of a value: out of limits low or high, open, or as rated.
 * @param foundUf as found [µF]
 * @param limits limits it is held against
 * @returns name of the state
 */
export function valueState(foundUf: number, limits: { lowUf: number; highUf: number; ratedUf: number }): ValueState {
  if (foundUf < OPEN_BELOW * limits.ratedUf) return "open";
  if (foundUf < limits.lowUf) return "weak";
  return foundUf > limits.highUf ? "high" : "as-rated";
}

/**
 * First estimate of what a value does: the branch's amps change as the value at unchanged volts, I = 2π f C V.
 * The volts themselves fall somewhat with a weak part, so the real change is a little larger.
 * @param found value, rating and limits
 * @param motor volts and frequency as far as they are known
 * @param measuredV volts across the part while running; null: estimated from the line
 * @returns null without line volts or frequency
 * @source I = V ωC; usual rise of a run capacitor's volts over the line
 */
export function effectOfValue(
  found: { readonly uf: number; readonly ratedUf: number; readonly state: ValueState; readonly kind: "run" | "start" },
  motor: { readonly supplyV: number | null; readonly frequencyHz: number | null; readonly measuredV: number | null },
): ValueEffect | null {
  const { supplyV, frequencyHz, measuredV } = motor;
  if (frequencyHz === null || (measuredV === null && supplyV === null)) return null;
  const voltsV = measuredV ?? (supplyV ?? 0) * (found.kind === "run" ? USUAL_RISE : START_RISE);
  return {
    state: found.state,
    voltsV,
    areVoltsMeasured: measuredV !== null,
    ratedA: capacitorCurrentA(found.ratedUf, voltsV, frequencyHz),
    foundA: capacitorCurrentA(found.uf, voltsV, frequencyHz),
    change: found.uf / found.ratedUf - 1,
  };
}
