import { knownMotor, type Facts } from "../facts";
import { idleRange, type IdleRange } from "../motor";
import type { Study } from "./questions";

/**
 * What a motor of this plate draws without load: worked out for it where its plate lets the model, else as usual of its type.
 * @param plateA full-load amps of the plate [A]
 * @param facts what is known of the motor
 * @param study who answers the questions that take long
 * @returns the range [A]
 */
export function idleRangeOf(plateA: number, facts: Facts, study: Study): IdleRange {
  const known = knownMotor(facts);
  const estimate = known.ok ? study("motor", known.value.knowledge) : null;
  return idleRange(plateA, facts.motorType, estimate?.ok ? estimate.value.members : null);
}
