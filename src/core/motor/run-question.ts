import { ok, type Failure, type Result } from "../result";
import { SOUND } from "./condition";
import { estimateOnce } from "./estimate-once";
import type { MotorEstimate, PlateConflict } from "./estimate";
import { expectationOf, narrowingEntry, type Expectation } from "./expectation";
import type { Behaviour, Measured } from "./behaviour";
import { conditioned, explainRun, type FaultLikelihood } from "./explain";
import type { Explanation } from "./explanation";
import type { KnowledgeEntry, MotorKnowledge } from "./knowledge";
import { predict, type Prediction, type RunQuantity } from "./prediction";
import { conditionOfSample, drawSamples, type Sample, type SupplyFigure } from "./samples";

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
  /** how likely each fault makes what was measured; empty until something was */
  readonly likelihoods: readonly FaultLikelihood[];
  /** figures that nothing known makes, not even the best explanation */
  readonly unexplained: readonly RunQuantity[];
  readonly missing: readonly KnowledgeEntry[];
  /** the entry that would narrow the ranges most; null: they are narrow, or nothing missing bears on them */
  readonly narrowing: KnowledgeEntry | null;
  readonly conflict: PlateConflict | null;
}

/** Loads and volts drawn for each machine where the ranges are shown. */
const DRAWS = 3;
/** Explanations less likely than this against the best one are not worth a line. */
const LEAST_FIT = 0.02;

/** Where hardly any of them starts, the load is not what it was taken for. */
const LEAST_STARTING = 0.1;
/** Samples by which faults are weighed. */
const FEW = 64;

/** Machines drawn for one estimate at one supply, and what a sound one of each does. */
interface Drawn {
  /** one a member of the ensemble, for weighing faults */
  readonly few: readonly Sample[];
  readonly predictions: readonly Prediction[];
}

// Each figure keyed asks again about the same motor at the same volts.
const drawn = new WeakMap<MotorEstimate, Map<string, Drawn>>();
const KEPT = 4;

/** A sound motor starts what it drives at its plate volts: machines that cannot are none of those the plate may mean. */
function thatStart(samples: readonly Sample[]): readonly Sample[] {
  const starting = samples.filter(
    (sample) => predict(sample.machine, conditionOfSample({ ...sample, voltageScale: 1 }, SOUND)).startsAlone,
  );
  return starting.length < LEAST_STARTING * samples.length ? samples : starting;
}

function drawOnce(estimate: MotorEstimate, knowledge: MotorKnowledge, supply: SupplyFigure | null): Drawn {
  const known = drawn.get(estimate) ?? new Map<string, Drawn>();
  drawn.set(estimate, known);
  const key = JSON.stringify(supply);
  const before = known.get(key);
  if (before) return before;
  const samples = thatStart(drawSamples(estimate, knowledge, supply, DRAWS));
  const made = {
    few: samples.slice(0, FEW),
    predictions: samples.map((sample) => predict(sample.machine, conditionOfSample(sample, SOUND))),
  };
  if (known.size >= KEPT) known.clear();
  known.set(key, made);
  return made;
}

/**
 * Estimates the motor from what is known of it, says what it should draw, and which faults account for what it does.
 * @param question the motor and what was measured, as plain data
 * @returns the motor, what to expect of it, and which faults explain what was measured
 * @errors those of estimateMotor
 */
export function understandRun({ knowledge, supply, behaviour, measured, capacitorScale }: RunQuestion): Result<RunUnderstanding, Failure> {
  const estimate = estimateOnce(knowledge);
  if (!estimate.ok) return estimate;
  const { missing, conflict } = estimate.value;
  const { few, predictions } = drawOnce(estimate.value, knowledge, supply);
  const isAsked = behaviour !== null || Object.keys(measured).length > 0;
  const { explanations, likelihoods, unexplained } = isAsked
    ? explainRun(few, {
        topology: knowledge.topology,
        behaviour,
        measured,
        isSupplyMeasured: supply !== null && knowledge.supplyV !== null,
        capacitorScale,
        ...(knowledge.otherVolts ? { otherVolts: knowledge.otherVolts } : {}),
      })
    : { explanations: [], likelihoods: [], unexplained: [] };
  const lineA = few.map((_, index) => predictions[index]).map((found) => found?.running?.lineA ?? found?.held.lineA ?? 0);
  return ok({
    sound: expectationOf(conditioned(predictions, behaviour === "starts" ? behaviour : null)),
    explanations: explanations.filter(({ fit }) => fit > LEAST_FIT),
    likelihoods,
    unexplained,
    missing,
    narrowing: narrowingEntry(
      few.map(({ machine }) => machine),
      lineA,
      missing,
    ),
    conflict,
  });
}
