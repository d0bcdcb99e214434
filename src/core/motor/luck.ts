import type { FaultId } from "./faults";
import type { Prediction, PredictedRun } from "./prediction";

/**
 * Faults whose outcome is luck: of the rotor's position, of the load, of how far iron saturates. The model's one answer
 * would be false certainty: a motor with its run capacitor shorted stands, creeps, or comes up to speed all the same.
 */
const BY_LUCK: readonly FaultId[] = ["run-capacitor-shorted"];
export const isByLuck = (fault: FaultId | undefined): boolean => fault !== undefined && BY_LUCK.includes(fault);

/** Where it runs it draws about twice what it did. @source trade experience; the linear model says more, and brakes */
export const LUCK_TIMES_SOUND = 2;
/** Where it hangs is luck: of load, of the rotor's position, of how far iron saturates. */
const CREEPS_AT: readonly number[] = [0.45, 0.6, 0.72, 0.82, 0.9];
const SLOWER = 0.97;
/** Between running and standing, on the way from one to the other. */
const between = (a: number, b: number, share: number): number => a ** (1 - share) * b ** share;

/**
 * Every way such a fault may turn out on one motor.
 * @param own what the model makes of the fault
 * @param sound what the same motor does with nothing wrong
 */
export function waysOfLuck(own: Prediction, sound: Prediction): readonly Prediction[] {
  const { running, held } = sound;
  if (running?.lineA == null || running.speedRpm === null || own.held.lineA === null) return [own];
  const twiceA = LUCK_TIMES_SOUND * running.lineA;
  const standing: Prediction = { ...own, startsAlone: false, keepsRunning: false, running: null };
  const atSpeed: PredictedRun = {
    lineA: twiceA,
    startA: Math.max(running.lineA, own.held.startA === null ? 0 : own.held.startA / LUCK_TIMES_SOUND),
    capacitorV: 0,
    speedRpm: SLOWER * running.speedRpm,
    startTimeS: running.startTimeS === null ? null : LUCK_TIMES_SOUND * running.startTimeS,
  };
  const heldA = held.lineA ?? own.held.lineA;
  const soundRpm = running.speedRpm;
  const creeping = CREEPS_AT.map((part): Prediction => {
    const figures = { ...atSpeed, lineA: between(heldA, twiceA, part), speedRpm: part * soundRpm, startTimeS: null };
    return { ...own, startsAlone: false, keepsRunning: true, running: figures, held: figures };
  });
  return [own, { ...own, startsAlone: true, keepsRunning: true, running: atSpeed }, ...creeping, standing];
}
