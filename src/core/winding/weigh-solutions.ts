import type { MotorType } from "../trade";
import type { BoardTable } from "./board";
import { addReadings, emptyEquations, isNearZero, NEAR_ZERO } from "./fit-board";
import { faultsOf, type LayoutRole } from "./layout";
import { LeastSquares, type Solution } from "./least-squares";
import type { BoardSolution } from "./solve-board";
import { FRAME, SPARE, type Joint, type Structure } from "./structure";

/*
 * Ohms to expect before anything is measured, against the main winding of the same motor. Trade judgement: start windings
 * have about 1.4 to 4 times the ohms of the main, sections between speeds a fraction of it.
 */
const EXPECTED: Partial<Record<Joint["cls"], { readonly ratio: number; readonly spread: number }>> = {
  main: { ratio: 1, spread: 0.4 },
  half: { ratio: 1, spread: 0.4 },
  coil: { ratio: 1, spread: 0.4 },
  aux: { ratio: 2.4, spread: 0.9 },
  section: { ratio: 0.33, spread: 0.13 },
  winding: { ratio: 1.6, spread: 1.2 },
};
/** A ground fault can be anything; this is wide enough to say so. */
const GROUND = { ohm: 10, standardOhm: 15 } as const;
/** Main windings of motors of this trade, from a compressor's to a small fan's, in steps of 2.2, with how often [Ω]. */
const SCALES = Array.from({ length: 10 }, (_, index) => {
  const mainOhm = 0.36 * 2.2 ** index;
  return { mainOhm, share: Math.exp(-0.5 * (Math.log(mainOhm / 6) / 1.5) ** 2) };
});
/** A post that nothing hangs on is rarer than one in use. */
const SPARE_SHARE = 0.1;
/** One board in so many that is probed has a winding open, shorted or grounded. */
const FAULT_SHARE = 0.15;
/** A layout that the plate's type of motor does not have. */
const OTHER_MOTOR_SHARE = 0.02;
/** What a written mark counts for, when readings cannot decide: it is right more often than wrong. */
const MARK_FACTOR = 5;

/** What one scale expects of the joints, laid over the readings. */
export interface ScaledFit extends Solution {
  readonly weight: number;
}

function expectation(joint: Joint, mainOhm: number): { ohm: number; standardOhm: number } {
  if (isNearZero(joint)) return NEAR_ZERO;
  const found = EXPECTED[joint.cls];
  return found ? { ohm: found.ratio * mainOhm, standardOhm: found.spread * mainOhm } : GROUND;
}

/** The equations with what one size of motor expects of the joints added. */
function scaled(
  structure: Structure,
  bare: LeastSquares,
  mainOhm: number,
): { readonly equations: LeastSquares; readonly logSpread: number } {
  const equations = new LeastSquares(bare.unknowns).copyFrom(bare);
  let logSpread = 0;
  structure.joints.forEach((joint, index) => {
    const { ohm, standardOhm } = expectation(joint, mainOhm);
    equations.add(1 << index, ohm, standardOhm);
    logSpread += Math.log(standardOhm);
  });
  return { equations, logSpread };
}

const bareEquations = (structure: Structure, postOf: ArrayLike<number>, table: BoardTable): LeastSquares =>
  addReadings(emptyEquations(structure, table, false), structure, postOf, table);

/**
 * Evidence of the readings for a way of laying out, over all sizes of motor: the Gaussian integral over the joints' ohms.
 * @returns natural log of the evidence (up to a constant common to one board), and the weight of each size
 * @source MacKay, Information Theory, Inference and Learning Algorithms, ch. 28 (Occam factor)
 */
function weighLayOut(
  structure: Structure,
  postOf: ArrayLike<number>,
  table: BoardTable,
): { readonly logEvidence: number; readonly weights: readonly number[] } {
  const bare = bareEquations(structure, postOf, table);
  const logs = SCALES.map(({ mainOhm, share }) => {
    const { equations, logSpread } = scaled(structure, bare, mainOhm);
    return Math.log(share) - logSpread - 0.5 * (equations.logDeterminant + equations.chi2);
  });
  const highest = Math.max(...logs);
  const total = logs.reduce((sum, log) => sum + Math.exp(log - highest), 0);
  return { logEvidence: highest + Math.log(total), weights: logs.map((log) => Math.exp(log - highest) / total) };
}

/** A size of motor with this weight or less does not move what is expected of a pair. */
const LEAST_SCALE_WEIGHT = 0.02;

/** What each size of motor that counts expects of the joints, once the readings are laid over it. */
export function scaledFits({ structure, postOf, weights }: WeighedSolution, table: BoardTable): ScaledFit[] {
  const bare = bareEquations(structure, postOf, table);
  return SCALES.flatMap(({ mainOhm }, index) => {
    const weight = weights[index] ?? 0;
    if (weight <= LEAST_SCALE_WEIGHT) return [];
    return [{ weight, ...scaled(structure, bare, mainOhm).equations.solve() }];
  });
}

/** What is known of a board beside its readings. */
export interface Beside {
  readonly marks: readonly (LayoutRole | null)[];
  readonly motorType: MotorType;
}

/** Log of how likely this way of laying out was before any reading: layout, motor, fault, spares, number of ways, written marks. */
function logPrior({ layout, fault, places, exchanges }: Structure, postOf: ArrayLike<number>, { marks, motorType }: Beside): number {
  const spares = places.filter((place) => place === SPARE).length;
  const marked = places.reduce((sum, place, index) => {
    const mark = marks[postOf[index] ?? -1] ?? null;
    return mark === null ? sum : sum + (mark === place ? 1 : -1) * Math.log(MARK_FACTOR);
  }, 0);
  const isOther = motorType !== "unknown" && layout.motors !== undefined && !layout.motors.includes(motorType);
  const faultShare = fault === null ? 1 - FAULT_SHARE : FAULT_SHARE / faultsOf(layout, places.at(-1) === FRAME).length;
  return (
    Math.log(layout.share * faultShare * (isOther ? OTHER_MOTOR_SHARE : 1)) +
    spares * Math.log(SPARE_SHARE) +
    exchanges.length * Math.LN2 +
    marked
  );
}

/** A solution with its chance among all that were weighed with it. */
export interface WeighedSolution extends BoardSolution {
  readonly probability: number;
  /** of each size of motor */
  readonly weights: readonly number[];
}

/** Weighs solutions against each other; chances sum to 1, the likeliest first. */
export function weighSolutions(solutions: readonly BoardSolution[], table: BoardTable, beside: Beside): WeighedSolution[] {
  const weighed = solutions.map((solution) => {
    const { logEvidence, weights } = weighLayOut(solution.structure, solution.postOf, table);
    return { ...solution, weights, log: logEvidence + logPrior(solution.structure, solution.postOf, beside) };
  });
  const highest = weighed.reduce((most, { log }) => Math.max(most, log), -Infinity);
  const total = weighed.reduce((sum, { log }) => sum + Math.exp(log - highest), 0);
  return weighed
    .map(({ log, ...solution }) => ({ ...solution, probability: Math.exp(log - highest) / total }))
    .sort((a, b) => b.probability - a.probability);
}
