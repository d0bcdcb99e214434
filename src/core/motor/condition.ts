export type PartState = "ok" | "open" | "short";

/** What differs from the sound motor at its plate volts. Every fault is one or more of these. */
export interface Condition {
  readonly voltageScale: number;
  readonly frequencyScale: number;
  readonly runCapacitanceScale: number;
  readonly startCapacitanceScale: number;
  readonly runCapacitor: PartState;
  readonly startCapacitor: PartState;
  readonly mainWinding: "ok" | "open";
  readonly startWinding: "ok" | "open" | "reversed";
  /** part of the main winding's turns that close on themselves, 0..0.9 */
  readonly shortedMainFraction: number;
  readonly startSwitch: "ok" | "stuck-closed" | "stuck-open";
  /** multiplies the load's torque */
  readonly loadScale: number;
  readonly isJammed: boolean;
  /** drag of tight bearings, the same at every speed */
  readonly dragTorqueNm: number;
}

export const SOUND: Condition = {
  voltageScale: 1,
  frequencyScale: 1,
  runCapacitanceScale: 1,
  startCapacitanceScale: 1,
  runCapacitor: "ok",
  startCapacitor: "ok",
  mainWinding: "ok",
  startWinding: "ok",
  shortedMainFraction: 0,
  startSwitch: "ok",
  loadScale: 1,
  isJammed: false,
  dragTorqueNm: 0,
};

/**
 * A condition that differs from the sound motor in these respects only.
 * @param changes in what it differs
 * @returns the condition
 */
export const conditionWith = (changes: Partial<Condition>): Condition => ({ ...SOUND, ...changes });
