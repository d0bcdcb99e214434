import type { Failure, Result } from "../result";
import { estimateMotor, type MotorEstimate } from "./estimate";
import type { MotorKnowledge } from "./knowledge";

/** Enough for 5th and 95th percentiles that do not wander; half a second at most. */
const MEMBERS = 48;
/** Motors asked about lately: a few cards stand open side by side. */
const KEPT = 6;
const lately = new Map<string, Result<MotorEstimate, Failure>>();

/**
 * Estimate of a motor, kept while it was asked about lately: every figure keyed asks again, and the plate stays the same
 * meanwhile. The same question always has the same answer.
 * @param knowledge what is known of the motor
 * @returns the estimate, or why there is none
 * @errors those of estimateMotor
 */
export function estimateOnce(knowledge: MotorKnowledge): Result<MotorEstimate, Failure> {
  const key = JSON.stringify(knowledge);
  const found = lately.get(key) ?? estimateMotor(knowledge, MEMBERS);
  lately.delete(key);
  lately.set(key, found);
  const oldest = lately.keys().next().value;
  if (lately.size > KEPT && oldest !== undefined) lately.delete(oldest);
  return found;
}
