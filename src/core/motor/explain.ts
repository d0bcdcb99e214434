import { normalDensity } from "../numeric";
import type { Figure } from "../quantity";
import { stateOfBehaviour, type Behaviour, type Measured } from "./behaviour";
import { heldAbsolutely } from "./absolute-fit";
import { SOUND } from "./condition";
import { isByLuck, waysOfLuck } from "./luck";
import { expectationOf, MODEL_SD, type Expectation } from "./expectation";
import { FLOORS, type Explanation } from "./explanation";
import { conditionOfFault, FAULTS, faultsFor, type Fault, type FaultId } from "./faults";
import type { MotorKnowledge } from "./knowledge";
import type { Topology } from "./machine";
import { predict, predictionBetween, RUN_QUANTITIES, withLineAmps, type Prediction, type RunQuantity } from "./prediction";
import { conditionOfSample, type Sample } from "./samples";

/** A behaviour no sample shows may still be there: the model is not the motor. */
const BEHAVIOUR_FLOOR = 0.02;
/** A figure may have been taken at another moment, or mis-keyed: nothing is impossible. */
const OUTLIER = { share: 0.01, logSd: 0.7 } as const;

/**
 * A sound motor with little to do draws less and turns a little faster than with its usual load: so far down its amps are no
 * finding. Small motors idle at 50 to 95 % of their plate; below the limit the load is gone.
 */
const LIGHT_LOAD = 0.62;

/** How far a figure lies from what was predicted, on a log scale; towards a lighter load a sound motor is as predicted. */
function apartFrom(quantity: RunQuantity, figure: number, predicted: number, isLightLoadSound: boolean): number {
  const floor = FLOORS[quantity];
  const apart = Math.log(Math.max(floor, figure)) - Math.log(Math.max(floor, predicted));
  if (!isLightLoadSound) return apart;
  if (quantity === "lineA" && apart < 0) return Math.min(0, apart - Math.log(LIGHT_LOAD));
  return quantity === "speedRpm" && apart > 0 ? Math.max(0, apart - FASTER) : apart;
}
/** Slip of a small motor at its usual load, which goes with it, as a part of its speed. */
const FASTER = 0.05;

/** Density of one figure at one predicted value, on a log scale above the floor. */
function density(quantity: RunQuantity, state: "running" | "held", figure: Figure, predicted: number, isLightLoadSound: boolean): number {
  const floor = FLOORS[quantity];
  const apart = apartFrom(quantity, figure.value, predicted, isLightLoadSound);
  const meterSd = figure.standardUncertainty / Math.max(floor, figure.value);
  const sd = Math.hypot(MODEL_SD[state][quantity], meterSd);
  return (1 - OUTLIER.share) * normalDensity(apart, sd) + OUTLIER.share * normalDensity(apart, OUTLIER.logSd);
}

function behaves(behaviour: Behaviour | null, { startsAlone, keepsRunning, held }: Prediction): boolean {
  switch (behaviour) {
    case null:
    case "starts":
      return startsAlone;
    case "only-pushed":
      return !startsAlone && keepsRunning;
    case "hums":
      return !startsAlone && (held.lineA ?? 0) > FLOORS.lineA;
    // The breaker is faster than any figure of this model.
    case "trips":
      return true;
    case "dead":
      return (held.lineA ?? 0) <= FLOORS.lineA;
  }
}

interface Likelihood {
  /** of behaviour and figures */
  readonly ofAll: number;
  /** of the figures, where it behaves so */
  readonly ofFigures: number;
}

/** Chance, up to a common factor, of what was seen: mean over the samples of the product over the figures. */
function likelihoodOf(predictions: readonly Prediction[], behaviour: Behaviour | null, measured: Measured, isSound: boolean): Likelihood {
  const state = stateOfBehaviour(behaviour);
  const isLightLoadSound = isSound && state === "running";
  let sum = 0;
  let doing = 0;
  for (const prediction of predictions) {
    let one = behaves(behaviour, prediction) ? 1 : BEHAVIOUR_FLOOR;
    doing += one;
    const figures = state === "held" ? prediction.held : prediction.running;
    for (const quantity of RUN_QUANTITIES) {
      const figure = measured[quantity];
      // How long it took says nothing where it had to be pushed.
      if (!figure || (quantity === "startTimeS" && behaviour !== "starts")) continue;
      const predicted = figures?.[quantity] ?? prediction.held[quantity];
      one *= predicted === null ? OUTLIER.share : density(quantity, state, figure, predicted, isLightLoadSound);
    }
    sum += one;
  }
  return { ofAll: sum / predictions.length, ofFigures: sum / doing };
}

function against(expected: Expectation, behaviour: Behaviour | null, measured: Measured): RunQuantity[] {
  const ranges = expected[stateOfBehaviour(behaviour)];
  return RUN_QUANTITIES.map((quantity) => {
    const figure = measured[quantity];
    const range = ranges[quantity];
    if (!figure || !range) return { quantity, apart: 0 };
    const margin = 2 * figure.standardUncertainty + FLOORS[quantity] / 10;
    const outside = Math.max(range.low - margin - figure.value, figure.value - range.high - margin, 0);
    return { quantity, apart: outside / Math.max(range.middle, FLOORS[quantity]) };
  })
    .filter(({ apart }) => apart > 0)
    .sort((a, b) => b.apart - a.apart)
    .map(({ quantity }) => quantity);
}

/** Nothing wrong is named first where a fault accounts for the figures no better than this. */
const SOUND_FIRST = 2;

/** Wrong connections, each where the plate has such another one. */
const OTHER_VOLTS: Partial<Record<FaultId, MotorKnowledge["otherVolts"]>> = { "wired-for-higher": "higher", "wired-for-lower": "lower" };

/** A capacitor within this part of its value is as labelled. */
const AS_LABELLED = 0.03;

/** Measured within this part of its value it holds, whatever its label allows. The narrowest usual tolerance. */
const AS_MEASURED = 0.05;

/** Every fault at every degree; a capacitor that was measured is one more degree. */
function hypotheses({ topology, isSupplyMeasured, capacitorScale, otherVolts }: ExplainOptions): (Fault | null)[] {
  const found: (Fault | null)[] = [null];
  // A run capacitor that was measured and is as labelled is out of the explanations, in every degree.
  const isSound = capacitorScale !== null && Math.abs(capacitorScale - 1) <= AS_MEASURED;
  for (const id of faultsFor(topology)) {
    if (isSound && id.startsWith("run-capacitor")) continue;
    if (id in OTHER_VOLTS && OTHER_VOLTS[id] !== otherVolts) continue;
    // Wired the other way round, it draws the same.
    if (id === "start-winding-reversed" || (FAULTS[id].levelOf === "volts" && isSupplyMeasured)) continue;
    for (const level of FAULTS[id].levels) found.push({ id, level });
  }
  if (capacitorScale !== null && faultsFor(topology).includes("run-capacitor-weak")) {
    if (capacitorScale < 1 - AS_LABELLED) found.push({ id: "run-capacitor-weak", level: capacitorScale });
    if (capacitorScale > 1 + AS_LABELLED) found.push({ id: "run-capacitor-large", level: capacitorScale });
  }
  return found;
}

export interface ExplainOptions {
  readonly topology: Topology;
  readonly behaviour: Behaviour | null;
  readonly measured: Measured;
  readonly isSupplyMeasured: boolean;
  /** run capacitor as found over its plate value; null: nobody measured it */
  readonly capacitorScale: number | null;
  /** another connection that may have been made instead; left out: none */
  readonly otherVolts?: MotorKnowledge["otherVolts"];
}

/**
 * Chance of what was seen under one fault, averaged over its degrees, over that of the best; `fault` null: nothing wrong. Of a
 * motor that stands, of its figures alone.
 */
export interface FaultLikelihood {
  readonly fault: FaultId | null;
  readonly likelihood: number;
}

interface ScoredFault {
  readonly fault: Fault | null;
  readonly predictions: readonly Prediction[];
  readonly likelihood: number;
  /** as the line-up takes it, which hears of a motor that stands from the complaint */
  readonly weighed: number;
}

// What a fault makes of a machine does not depend on what was measured: each figure keyed asks only for its likelihood.
const predicted = new WeakMap<readonly Sample[], Map<string, readonly Prediction[]>>();

function predictionsOf(samples: readonly Sample[], fault: Fault | null): readonly Prediction[] {
  const known = predicted.get(samples) ?? new Map<string, readonly Prediction[]>();
  predicted.set(samples, known);
  const key = fault ? `${fault.id} ${fault.level}` : "";
  const found = known.get(key) ?? predictAll(samples, fault);
  known.set(key, found);
  return found;
}

function predictAll(samples: readonly Sample[], fault: Fault | null): readonly Prediction[] {
  const own = samples.map((sample) =>
    predict(sample.machine, conditionOfSample(sample, fault ? conditionOfFault(fault, sample.machine) : SOUND)),
  );
  const { lineTimes } = fault ? FAULTS[fault.id] : {};
  if (lineTimes !== undefined) return own.map((prediction) => withLineAmps(prediction, lineTimes));
  if (!isByLuck(fault?.id)) return own;
  const sound = predictionsOf(samples, null);
  return own.flatMap((prediction, index) => waysOfLuck(prediction, sound[index] ?? prediction));
}

/** Places between two degrees of a fault: faults come in every degree, and the model is asked for a few. */
const BETWEEN: readonly number[] = [0.25, 0.5, 0.75];

/** A degree with what lies on the way from the next milder one: figures go evenly from one to the other. */
function withDegrees(samples: readonly Sample[], fault: Fault, own: readonly Prediction[]): readonly Prediction[] {
  const { levels } = FAULTS[fault.id];
  const place = levels.indexOf(fault.level);
  const milderLevel = levels[place - 1];
  // What is milder than the mildest hides in the spread of a sound motor.
  if (milderLevel === undefined) return own;
  const milder = predictionsOf(samples, { id: fault.id, level: milderLevel });
  return own.flatMap((prediction, index) => {
    const from = milder[index];
    return from === undefined ? [prediction] : [prediction, ...BETWEEN.map((share) => predictionBetween(from, prediction, share))];
  });
}

/** Fewer of the samples than this part are chance, not a picture of what was seen. */
const ENOUGH = 0.05;

/** Those that do what was seen: a motor that starts is none of those that cannot. All of them where hardly any does. */
export function conditioned(predictions: readonly Prediction[], behaviour: Behaviour | null): readonly Prediction[] {
  const doing = behaviour === null ? predictions : predictions.filter((prediction) => behaves(behaviour, prediction));
  return doing.length < ENOUGH * predictions.length ? predictions : doing;
}

function weigh(samples: readonly Sample[], options: ExplainOptions): ScoredFault[] {
  const { behaviour, measured } = options;
  return hypotheses(options).map((fault) => {
    const predictions = predictionsOf(samples, fault);
    const all = fault === null ? predictions : withDegrees(samples, fault, predictions);
    const { ofAll, ofFigures } = likelihoodOf(all, behaviour, measured, fault === null);
    return { fault, predictions, likelihood: ofAll, weighed: stateOfBehaviour(behaviour) === "held" ? ofFigures : ofAll };
  });
}

/** No degree of a fault is likelier than another before anything is measured: a fault of many degrees gains nothing by it. */
function averaged(all: readonly ScoredFault[]): FaultLikelihood[] {
  const families = new Map<FaultId | null, number[]>();
  for (const { fault, weighed } of all) families.set(fault?.id ?? null, [...(families.get(fault?.id ?? null) ?? []), weighed]);
  const means = [...families].map(([fault, list]) => ({ fault, likelihood: list.reduce((sum, each) => sum + each, 0) / list.length }));
  const most = Math.max(...means.map(({ likelihood }) => likelihood));
  return means.map(({ fault, likelihood }) => ({ fault, likelihood: likelihood / most }));
}

/**
 * Which faults would produce what was measured, the likeliest first, each at the degree that accounts for it best. No
 * prior beyond that nothing wrong comes first in a near tie: what is common and what is not is the line-up's business.
 * @returns with them the figures that even the best of them does not make: then nothing known makes these figures
 * @param samples machines that fit the plate, with loads and volts
 * @source Gelman et al., Bayesian Data Analysis, 1.3 (likelihood averaged over what is not known)
 */
export function explainRun(
  samples: readonly Sample[],
  options: ExplainOptions,
): { readonly explanations: Explanation[]; readonly likelihoods: FaultLikelihood[]; readonly unexplained: readonly RunQuantity[] } {
  const { behaviour, measured } = options;
  const all = weigh(samples, options);
  const most = Math.max(...all.map(({ likelihood }) => likelihood));
  const seen = new Set<string>();
  const rank = ({ fault, likelihood }: (typeof all)[number]): number => likelihood * (fault ? 1 : SOUND_FIRST);
  const explanations = [...all]
    .sort((a, b) => rank(b) - rank(a))
    .filter(({ fault }) => {
      const family = fault?.id ?? "sound";
      return seen.has(family) ? false : Boolean(seen.add(family));
    })
    .map(({ fault, predictions, likelihood }) => {
      const expected = expectationOf(conditioned(predictions, behaviour));
      return { fault, expected, fit: likelihood / most, against: against(expected, behaviour, measured) };
    });
  return { ...heldAbsolutely(explanations, behaviour, measured), likelihoods: averaged(all) };
}
