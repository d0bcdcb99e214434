import type { Failure, Result } from "../result";
import { estimateMotor, type MotorEstimate } from "./estimate";
import type { MotorKnowledge } from "./knowledge";

/** Enough for 5th and 95th percentiles that do not wander; half a second at most. */
const MEMBERS = 48;
let last: { readonly key: string; readonly found: Result<MotorEstimate, Failure> } | null = null;

/**
 * Estimate of a motor, kept while the same one is asked about: every figure keyed asks again, and the plate stays the same
 * meanwhile. The same question always has the same answer.
 * @errors those of estimateMotor
 */
export function estimateOnce(knowledge: MotorKnowledge): Result<MotorEstimate, Failure> {
  const key = JSON.stringify(knowledge);
  if (last?.key !== key) last = { key, found: estimateMotor(knowledge, MEMBERS) };
  return last.found;
}
