import type { ReturnsRuleId } from "../house";
import type { ActionId } from "../trade";

/** Works that can hold or come back, each with the house rule of how often it does; leaving it or passing it on is none. */
export const RETURNS_OF = {
  "replace-run-capacitor": "returnsRunCapacitor",
  "replace-start-capacitor": "returnsStartCapacitor",
  "service-start-switch": "returnsStartSwitch",
  "replace-start-relay": "returnsStartRelay",
  "replace-bearings": "returnsBearings",
  "replace-motor": "returnsMotor",
  "repair-wiring-or-supply": "returnsWiring",
  "free-load": "returnsLoad",
  "repair-control": "returnsControl",
} as const satisfies Partial<Record<ActionId, ReturnsRuleId>>;
export type JudgedWork = keyof typeof RETURNS_OF;
export const JUDGED_WORKS = Object.keys(RETURNS_OF) as JudgedWork[];

/**
 * Whether a work can hold or come back.
 * @param work any action
 * @returns true for those of the table
 */
export const isJudgedWork = (work: ActionId): work is JudgedWork => work in RETURNS_OF;
