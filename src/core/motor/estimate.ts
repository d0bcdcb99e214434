import { fitLeastSquares, normalFrom, seriesFrom, type Fit } from "../numeric";
import { fail, ok, type Failure, type Result } from "../result";
import { KNOWLEDGE_ENTRIES, type KnowledgeEntry, type MotorKnowledge } from "./knowledge";
import type { Machine } from "./machine";
import { observationsOf, plateStates, residualOf, type Observation } from "./observations";
import { BOUND_SD, frequencyOf, PARAMETERS, polesOf, toMachine, usualSpread, withLossDrawn } from "./parameters";
import { resistanceAt } from "../winding/temperature";
import { usualEfficiency } from "./usual-efficiency";

/** A plate figure that does not belong with the others. */
export interface PlateConflict {
  readonly entry: KnowledgeEntry;
  readonly statedValue: number;
  /** what it would have to be for the others to belong together */
  readonly expectedValue: number;
}

/** A motor as well as it can be known: the likeliest machine, and others that fit as well. */
export interface MotorEstimate {
  readonly machine: Machine;
  readonly members: readonly Machine[];
  readonly missing: readonly KnowledgeEntry[];
  readonly conflict: PlateConflict | null;
}

const USUAL_MEMBERS = 64;
const MOST_ROUNDS = 30;
/** A refit begins next to its end. */
const MEMBER_ROUNDS = 8;
/** A plate figure this far from what the others ask for is looked into. [standard deviations] */
const DOUBTED_SCORE = 2.5;
/** The whole fit strained this far beyond its number of figures is looked into as well. */
const DOUBTED_TOTAL = 6;
/** The largest part of volts times amps that a small single-phase motor brings to its shaft. */
const MOST_SHAFT_FRACTION = 0.9;
/** In a motor with a run capacitor the main winding carries at least this part of the line current. */
const LEAST_MAIN_FRACTION = 0.6;
/** Without a power on the plate: main winding's ohms may take this part of the volts. */
const MOST_RESISTANCE_PU = 0.45;

function checkPlate({ supplyV, fullLoadA, powerW, main, warmC }: MotorKnowledge): Failure | null {
  if (supplyV === null || fullLoadA === null) return null;
  if (powerW !== null && powerW > MOST_SHAFT_FRACTION * supplyV * fullLoadA)
    return { code: "motor-amps-too-low", fullLoadA, leastA: powerW / (MOST_SHAFT_FRACTION * supplyV), powerW };
  if (main === null) return null;
  const lossW = powerW === null ? MOST_RESISTANCE_PU * supplyV * fullLoadA : supplyV * fullLoadA - powerW;
  const mostWarmOhm = lossW / (LEAST_MAIN_FRACTION * fullLoadA) ** 2;
  const mostOhm = resistanceAt(mostWarmOhm, warmC, main.temperatureC);
  return main.ohm > mostOhm ? { code: "motor-ohms-too-high", mainOhm: main.ohm, mostOhm } : null;
}

/** One of these sets the size of the motor; without any there is nothing to go by. */
const SIZE_ENTRIES: readonly KnowledgeEntry[] = ["power", "amps", "main-ohms", "run-capacitor", "locked-amps"];

const VALUE_OF: Record<KnowledgeEntry, (knowledge: MotorKnowledge) => number | null> = {
  volts: ({ supplyV }) => supplyV,
  hertz: ({ frequencyHz }) => frequencyHz,
  power: ({ powerW }) => powerW,
  amps: ({ fullLoadA }) => fullLoadA,
  rpm: ({ fullLoadRpm }) => fullLoadRpm,
  "run-capacitor": ({ runCapacitor }) => runCapacitor?.capacitanceUf ?? null,
  "start-capacitor": ({ startCapacitor }) => startCapacitor?.capacitanceUf ?? null,
  "main-ohms": ({ main }) => main?.ohm ?? null,
  "start-ohms": ({ start }) => start?.ohm ?? null,
  "locked-amps": ({ lockedRotorA }) => lockedRotorA,
};

const RUN_CAPACITOR_TYPES = ["psc", "cscr"];
const START_CAPACITOR_TYPES = ["csir", "cscr"];

/** Entries that bear on this kind of motor. */
function entriesFor({ topology }: MotorKnowledge): KnowledgeEntry[] {
  return KNOWLEDGE_ENTRIES.filter(
    (entry) =>
      (entry !== "run-capacitor" || RUN_CAPACITOR_TYPES.includes(topology)) &&
      (entry !== "start-capacitor" || START_CAPACITOR_TYPES.includes(topology)),
  );
}

interface Problem {
  readonly knowledge: MotorKnowledge;
  readonly observations: readonly Observation[];
  readonly means: Float64Array;
  readonly sds: Float64Array;
}

function problemOf(knowledge: MotorKnowledge): Problem {
  const frequencyHz = frequencyOf(knowledge);
  const spreads = PARAMETERS.map((parameter) => usualSpread(knowledge, parameter));
  return {
    knowledge,
    observations: observationsOf(knowledge, frequencyHz, polesOf(knowledge, frequencyHz)),
    means: Float64Array.from(spreads, ({ middle }) => Math.log(middle)),
    sds: Float64Array.from(spreads, ({ logSd }) => logSd),
  };
}

/** The fit with every mean and figure moved by `noise` (in standard deviations; zero: the best fit). */
function fitProblem({ knowledge, observations, means, sds }: Problem, first: Float64Array, rounds: number, noise: () => number): Fit {
  const moves = Float64Array.from({ length: means.length + observations.length }, noise);
  return fitLeastSquares(
    first,
    (theta, out) => {
      for (let index = 0; index < means.length; index += 1) out[index] = (theta[index]! - means[index]!) / sds[index]! - moves[index]!;
      const states = plateStates(toMachine(knowledge, theta));
      for (let index = 0; index < observations.length; index += 1)
        out[means.length + index] = residualOf(observations[index]!, states) - moves[means.length + index]!;
    },
    {
      residuals: moves.length,
      lowest: means.map((mean, index) => mean - BOUND_SD * sds[index]!),
      highest: means.map((mean, index) => mean + BOUND_SD * sds[index]!),
      mostRounds: rounds,
    },
  );
}

/** Begins near the size the entries speak of, so that the fit has only small steps to go. */
function firstGuess({ knowledge, means }: Problem): Float64Array {
  const first = Float64Array.from(means);
  const at = (name: (typeof PARAMETERS)[number]): number => PARAMETERS.indexOf(name);
  const supplyV = knowledge.supplyV ?? Math.exp(means[at("volts")]!);
  const omega = 2 * Math.PI * frequencyOf(knowledge);
  const mean = (name: (typeof PARAMETERS)[number]): number => Math.exp(means[at(name)]!);
  const amps =
    knowledge.fullLoadA ??
    (knowledge.powerW !== null
      ? knowledge.powerW / (usualEfficiency(knowledge.powerW).middle * 0.85 * supplyV)
      : knowledge.runCapacitor && RUN_CAPACITOR_TYPES.includes(knowledge.topology)
        ? (omega * knowledge.runCapacitor.capacitanceUf * 1e-6 * supplyV) / (mean("runVars") / (1 + mean("turnsRatio") ** 2))
        : knowledge.main
          ? (mean("mainResistance") * supplyV) / knowledge.main.ohm
          : (knowledge.lockedRotorA ?? 10) / 4);
  first[at("volts")] = Math.log(supplyV);
  first[at("amps")] = Math.log(amps);
  return first;
}

const NO_NOISE = (): number => 0;

/** The entry whose absence lets all others belong together; null: they do already, or no single one is to blame. */
function findConflict(problem: Problem, best: Fit): PlateConflict | null {
  const { observations, knowledge } = problem;
  // Rare is not impossible: one figure far from all others, or everything strained at once.
  const isStrained = best.residuals.some((residual) => Math.abs(residual) > DOUBTED_SCORE);
  if (!isStrained && best.chi2 < DOUBTED_TOTAL ** 2 + observations.length) return null;
  let found: { conflict: PlateConflict; chi2: number } | null = null;
  for (const dropped of observations) {
    const { entry } = dropped;
    const statedValue = entry && VALUE_OF[entry](knowledge);
    if (entry === null || statedValue === null) continue;
    const others = observations.filter((observation) => observation !== dropped);
    const fit = fitProblem({ ...problem, observations: others }, best.parameters, MOST_ROUNDS, NO_NOISE);
    if (found && fit.chi2 >= found.chi2) continue;
    const modelled = dropped.of(plateStates(toMachine(knowledge, fit.parameters)));
    const ratio = modelled / Math.exp(dropped.logValue);
    // A speed is judged by its slip.
    const synchronous = entry === "rpm" ? statedValue + Math.exp(dropped.logValue) : 0;
    const expectedValue = entry === "rpm" ? synchronous - modelled : statedValue * ratio;
    found = { conflict: { entry, statedValue, expectedValue }, chi2: fit.chi2 };
  }
  return found && best.chi2 - found.chi2 > DOUBTED_SCORE ** 2 ? found.conflict : null;
}

/**
 * The machine behind a plate: a fit of its parameters to what is known, held by what is usual, and an ensemble of machines
 * that fit equally well, each the best fit to figures moved at random within their uncertainty.
 * @param knowledge what is known of the motor
 * @param members how many machines the ensemble has
 * @returns the likeliest machine, the ensemble, what is missing, and the one figure that does not belong with the others
 * @errors 'motor-hardly-known' without any figure that sets its size; 'motor-amps-too-low', 'motor-ohms-too-high' where the
 * plate cannot be one motor; 'model-does-not-converge'
 * @source Bardsley et al., Randomize-then-optimize: a method for sampling from posterior distributions (2014); Nocedal &
 * Wright, Numerical Optimization, 10.3
 */
export function estimateMotor(knowledge: MotorKnowledge, members: number = USUAL_MEMBERS): Result<MotorEstimate, Failure> {
  const missing = entriesFor(knowledge).filter((entry) => VALUE_OF[entry](knowledge) === null);
  if (SIZE_ENTRIES.every((entry) => missing.includes(entry) || !entriesFor(knowledge).includes(entry)))
    return fail({ code: "motor-hardly-known" });
  const impossible = checkPlate(knowledge);
  if (impossible) return fail(impossible);
  const problem = problemOf(knowledge);
  const best = fitProblem(problem, firstGuess(problem), MOST_ROUNDS, NO_NOISE);
  if (!Number.isFinite(best.chi2)) return fail({ code: "model-does-not-converge" });
  const noise = normalFrom(seriesFrom(SEED));
  const losses = normalFrom(seriesFrom(SEED + 1));
  const drawn = Array.from({ length: members }, () => fitProblem(problem, best.parameters, MEMBER_ROUNDS, noise));
  const machines = drawn
    .filter(({ chi2 }) => Number.isFinite(chi2))
    .map(({ parameters }) => toMachine(withLossDrawn(knowledge, losses()), parameters));
  if (machines.length < members / 2) return fail({ code: "model-does-not-converge" });
  return ok({ machine: toMachine(knowledge, best.parameters), members: machines, missing, conflict: findConflict(problem, best) });
}

/** Fixed, so that the same plate always gets the same range. */
const SEED = 48_611;
