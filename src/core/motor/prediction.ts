import { toCircuit, type Circuit } from "./circuit";
import type { Condition } from "./condition";
import { resistingTorqueNm } from "./load";
import type { Machine } from "./machine";
import { hasStarted, restFromStandstill, restWhenRunning } from "./resting";
import { steadyState, torqueNmAt, type SteadyState } from "./steady";

/** What a clamp, a voltmeter, a tachometer and a watch show at a motor. */
export const RUN_QUANTITIES = ["lineA", "startA", "capacitorV", "speedRpm", "startTimeS"] as const;
export type RunQuantity = (typeof RUN_QUANTITIES)[number];
export type PredictedRun = Readonly<Record<RunQuantity, number | null>>;

/** What one machine does in one condition. */
export interface Prediction {
  readonly startsAlone: boolean;
  /** goes on turning when it is turning already */
  readonly keepsRunning: boolean;
  /** at speed, however it got there; null: it does not stay there */
  readonly running: PredictedRun | null;
  /** humming, or crawling, after it was switched on at rest */
  readonly held: PredictedRun;
}

/** Fewer points than a chart: the ensemble asks often. */
const GRID = 48;
const TIME_STEPS = 24;
/** A start longer than this is none. */
const LONGEST_START_S = 30;

/**
 * Time from rest to 90 % of the speed it settles at, with the torque of the steady state at each speed.
 * @source Hughes, Electric Motors and Drives, 6.4 (run-up from torque–speed curves)
 */
export function startTimeS(circuit: Circuit, finalRadS: number): number {
  const end = 0.9 * finalRadS;
  const step = end / TIME_STEPS;
  let time = 0;
  for (let index = 0; index < TIME_STEPS; index += 1) {
    const speed = (index + 0.5) * step;
    const state = speed < circuit.switchRadS ? "start" : "run";
    const net = torqueNmAt(circuit, 1 - speed / circuit.synchronousRadS, state) - resistingTorqueNm(circuit, speed);
    if (!(net > 0)) return LONGEST_START_S;
    time += (circuit.machine.inertiaKgm2 * step) / net;
  }
  return Math.min(time, LONGEST_START_S);
}

const figuresOf = (at: SteadyState, timeS: number | null): PredictedRun => ({
  lineA: at.lineA,
  startA: at.startA,
  capacitorV: at.capacitorV,
  speedRpm: at.speedRpm,
  startTimeS: timeS,
});

/** A motor wired the other way round does the same, backwards. */
const forward = (condition: Condition): Condition =>
  condition.startWinding === "reversed" ? { ...condition, startWinding: "ok" } : condition;

/**
 * What this machine does in this condition: from rest, and already at speed.
 * @param machine which machine
 * @param condition state of its parts
 * @returns amps, volts, speed and torque of either state
 */
export function predict(machine: Machine, condition: Condition): Prediction {
  const circuit = toCircuit(machine, forward(condition));
  const rest = restFromStandstill(circuit, GRID);
  const startsAlone = hasStarted(circuit, rest.steady);
  const running = startsAlone ? rest.steady : restWhenRunning(circuit, GRID);
  return {
    startsAlone,
    keepsRunning: running !== null,
    running: running && figuresOf(running, startsAlone ? startTimeS(circuit, running.speedRadS) : null),
    held: figuresOf(startsAlone ? steadyState(circuit, 1, "start") : rest.steady, null),
  };
}

const evenly = (from: number | null, to: number | null, share: number): number | null =>
  from === null || to === null ? null : from > 0 && to > 0 ? from ** (1 - share) * to ** share : from + (to - from) * share;

function figuresBetween(from: PredictedRun, to: PredictedRun, share: number): PredictedRun {
  return Object.fromEntries(RUN_QUANTITIES.map((each) => [each, evenly(from[each], to[each], share)])) as unknown as PredictedRun;
}

/**
 * What a machine does part of the way from one degree of a fault to another: it behaves as the nearer one, with figures between.
 * @param from what it does at the one
 * @param to what it does at the other
 * @param share how far on the way, 0 to 1
 */
export function predictionBetween(from: Prediction, to: Prediction, share: number): Prediction {
  const nearer = share < 0.5 ? from : to;
  const running = from.running && to.running ? figuresBetween(from.running, to.running, share) : nearer.running;
  return { ...nearer, running, held: figuresBetween(from.held, to.held, share) };
}

/** The same with other amps in the line; those in the start winding depend on how that is fed, and are left open. */
export function withLineAmps(prediction: Prediction, times: number): Prediction {
  const scaled = (figures: PredictedRun): PredictedRun => ({
    ...figures,
    lineA: figures.lineA === null ? null : times * figures.lineA,
    startA: null,
  });
  return { ...prediction, running: prediction.running && scaled(prediction.running), held: scaled(prediction.held) };
}
