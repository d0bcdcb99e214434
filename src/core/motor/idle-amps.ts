import { quantileOfSorted } from "../numeric";
import type { MotorType } from "../trade";
import { toCircuit } from "./circuit";
import { conditionWith } from "./condition";
import type { Machine } from "./machine";
import { restWhenRunning } from "./resting";
import { USUAL_DRAG_FRACTION } from "./samples";

/** A range of amps without load [A]. */
export interface IdleRange {
  readonly lowA: number;
  readonly highA: number;
  /** worked out for this motor from its plate, or taken from its type */
  readonly isOwn: boolean;
}

/** Amps without load over those of the plate, by type. @source shop practice of small single-phase motors */
const USUAL: Readonly<Record<MotorType, readonly [low: number, high: number]>> = {
  psc: [0.45, 1.02],
  "cap-start": [0.5, 0.95],
  "cap-start-run": [0.4, 0.95],
  "split-phase": [0.5, 0.95],
  "shaded-pole": [0.6, 1.02],
  unknown: [0.4, 1],
};
/** The share of the ways the motor could be that is left out at either end. */
const TAIL = 0.05;
/** The model's own error of an amps figure, over the figure: judgement, see what the runs of known motors were told by. */
const MODEL_SPREAD = 0.08;

/** Amps at rest speed with nothing but its own bearings and fan to turn [A]; null: it does not keep running so. */
function idleAmpsOf(machine: Machine): number | null {
  const idle = conditionWith({ loadScale: 0, dragTorqueNm: USUAL_DRAG_FRACTION * machine.load.ratedTorqueNm });
  return restWhenRunning(toCircuit(machine, idle))?.lineA ?? null;
}

const worked = new WeakMap<readonly Machine[], IdleRange | null>();

/** The range over every way the motor could be. */
function ownRange(members: readonly Machine[]): IdleRange | null {
  const known = worked.get(members);
  if (known !== undefined) return known;
  const amps = members.flatMap((machine) => idleAmpsOf(machine) ?? []).sort((a, b) => a - b);
  const range =
    amps.length < 2
      ? null
      : {
          lowA: quantileOfSorted(amps, TAIL) * (1 - MODEL_SPREAD),
          highA: quantileOfSorted(amps, 1 - TAIL) * (1 + MODEL_SPREAD),
          isOwn: true,
        };
  worked.set(members, range);
  return range;
}

/**
 * What a motor draws without load: the range of its own where its plate lets the machine model say one, widened to what is usual
 * of its type, since a plate seldom tells a motor whole.
 * @param plateA full-load amps of the plate [A]
 * @param type type of the motor
 * @param members ways the motor could be, from its plate; null: not worked out
 * @returns the range [A]
 * @source Veinott, Fractional- and Subfractional-Horsepower Electric Motors (no-load current); machine model of this program
 */
export function idleRange(plateA: number, type: MotorType, members: readonly Machine[] | null): IdleRange {
  const [low, high] = USUAL[type];
  const own = members && ownRange(members);
  if (!own) return { lowA: low * plateA, highA: high * plateA, isOwn: false };
  return { lowA: Math.min(own.lowA, low * plateA), highA: Math.max(own.highA, high * plateA), isOwn: true };
}

/** Amps without load held against what this motor idles at. */
export type IdleVerdict = "within" | "near" | "low" | "high";

/** So far outside, as a part of the range's end, it may still be this motor on this supply: idle amps go with the volts. */
const NEAR = 0.15;

/**
 * Judges amps without load.
 * @param amps as measured [A]
 * @param standardUncertaintyA of the clamp [A]
 * @param range what this motor idles at [A]
 * @returns within; near: outside by less than clamp and supply explain; low: open section, wrong connection, wrong meter; high:
 * shorted turns, tight, start winding left in
 */
export function judgeIdle(amps: number, standardUncertaintyA: number, { lowA, highA }: IdleRange): IdleVerdict {
  const spread = 2 * standardUncertaintyA;
  if (amps >= lowA && amps <= highA) return "within";
  if (amps < lowA) return amps + spread >= lowA * (1 - NEAR) ? "near" : "low";
  return amps - spread <= highA * (1 + NEAR) ? "near" : "high";
}
