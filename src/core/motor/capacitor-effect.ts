import { ok, type Failure, type Result } from "../result";
import { conditionWith, SOUND } from "./condition";
import { estimateOnce } from "./estimate-once";
import { expectationOf, type Expectation } from "./expectation";
import type { MotorKnowledge } from "./knowledge";
import { predict } from "./prediction";
import { conditionOfSample, drawSamples } from "./samples";
import { capacitorOf, noticesOf, whatIf, type Notice } from "./what-if";

/** What a value of the motor's capacitor does, against the value it should have. */
export interface CapacitorEffect {
  readonly asRated: Expectation;
  readonly asFound: Expectation;
  readonly notices: readonly Notice[];
}

export interface EffectQuestion {
  readonly knowledge: MotorKnowledge;
  /** found over rated, of the capacitor that matters to this motor */
  readonly scale: number;
}

/**
 * Figures of the run with the capacitor as it should be and as found, and what would be noticed. @errors those of estimateMotor
 * @param question the motor and its capacitor, as plain data
 * @returns both runs side by side, or why there is no model
 */
export function capacitorEffect({ knowledge, scale }: EffectQuestion): Result<CapacitorEffect, Failure> {
  const estimate = estimateOnce(knowledge);
  if (!estimate.ok) return estimate;
  const { machine } = estimate.value;
  const samples = drawSamples(estimate.value, knowledge, null, 1);
  const own = capacitorOf(machine);
  const changed = conditionWith(own?.which === "start" ? { startCapacitanceScale: scale } : { runCapacitanceScale: scale });
  const expect = (condition: typeof SOUND): Expectation =>
    expectationOf(samples.map((sample) => predict(sample.machine, conditionOfSample(sample, condition))));
  const at = (capacitanceUf: number | null) => whatIf(machine, { capacitanceUf, supplyV: machine.supplyV, fault: null }, 2);
  return ok({
    asRated: expect(SOUND),
    asFound: expect(changed),
    notices: noticesOf(machine, at(own ? own.capacitanceUf * scale : null), at(null), null, knowledge.capacitorRatedV),
  });
}
