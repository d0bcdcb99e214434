import { ok, type Failure, type Result } from "../result";
import { SOUND } from "./condition";
import { estimateOnce } from "./estimate-once";
import type { PlateConflict } from "./estimate";
import { expectationOf, narrowingEntry, type Expectation } from "./expectation";
import type { Behaviour, Measured } from "./behaviour";
import { explainRun, type Explanation } from "./explain";
import type { KnowledgeEntry, MotorKnowledge } from "./knowledge";
import { predict } from "./prediction";
import { conditionOfSample, drawSamples, type SupplyFigure } from "./samples";

/** What a run test asks of the model. Plain data: it goes to a worker. */
export interface RunQuestion {
  readonly knowledge: MotorKnowledge;
  readonly supply: SupplyFigure | null;
  readonly behaviour: Behaviour | null;
  readonly measured: Measured;
  /** run capacitor as found over its plate value */
  readonly capacitorScale: number | null;
}

/** What this motor should do, and what would make it do what it did. */
export interface RunUnderstanding {
  /** a sound motor, at the volts measured */
  readonly sound: Expectation;
  /** empty until something was measured or seen */
  readonly explanations: readonly Explanation[];
  readonly missing: readonly KnowledgeEntry[];
  /** the entry that would narrow the ranges most; null: they are narrow, or nothing missing bears on them */
  readonly narrowing: KnowledgeEntry | null;
  readonly conflict: PlateConflict | null;
}

/** Loads and volts drawn for each machine where the ranges are shown. */
const DRAWS = 3;
/** Explanations less likely than this against the best one are not worth a line. */
const LEAST_FIT = 0.02;

/**
 * Estimates the motor from what is known of it, says what it should draw, and which faults account for what it does.
 * @errors those of estimateMotor
 */
export function understandRun({ knowledge, supply, behaviour, measured, capacitorScale }: RunQuestion): Result<RunUnderstanding, Failure> {
  const estimate = estimateOnce(knowledge);
  if (!estimate.ok) return estimate;
  const { members, missing, conflict } = estimate.value;
  const samples = drawSamples(estimate.value, knowledge, supply, DRAWS);
  const predictions = samples.map((sample) => predict(sample.machine, conditionOfSample(sample, SOUND)));
  const isAsked = behaviour !== null || Object.keys(measured).length > 0;
  const explanations = isAsked
    ? explainRun(samples.slice(0, members.length), {
        topology: knowledge.topology,
        behaviour,
        measured,
        isSupplyMeasured: supply !== null && knowledge.supplyV !== null,
        capacitorScale,
      })
    : [];
  const lineA = predictions.slice(0, members.length).map(({ running, held }) => running?.lineA ?? held.lineA ?? 0);
  return ok({
    sound: expectationOf(predictions),
    explanations: explanations.filter(({ fit }) => fit > LEAST_FIT),
    missing,
    narrowing: narrowingEntry(members, lineA, missing),
    conflict,
  });
}
