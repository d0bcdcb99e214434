import type { HouseFigures, HouseRuleId } from "../house";
import type { ActionId, Standee, Suspect, TestId } from "../diagnosis";

/** What an action mends, what it takes, and what should be checked before it. */
export interface ActionSpec {
  readonly cures: readonly Standee[];
  readonly part: HouseRuleId | null;
  readonly minutes: number;
  readonly checkFirst: readonly TestId[];
}

const WHOLE_MOTOR: readonly Suspect[] = [
  "main-winding",
  "start-winding",
  "shorted-turns",
  "ground-fault",
  "protector",
  "bearing-worn",
  "bearing-seized",
  "start-switch",
];

/* "A failed capacitor asks for a winding check, not only a swap": weeks of running so damage the motor. */
export const ACTION_TABLE: Record<ActionId, ActionSpec> = {
  "replace-run-capacitor": {
    cures: ["run-capacitor"],
    part: "runCapacitorPrice",
    minutes: 20,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-start-capacitor": {
    cures: ["start-capacitor"],
    part: "startCapacitorPrice",
    minutes: 20,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "service-start-switch": { cures: ["start-switch"], part: null, minutes: 45, checkFirst: ["winding-ohms"] },
  "replace-start-relay": { cures: ["start-relay"], part: "startRelayPrice", minutes: 20, checkFirst: [] },
  "replace-bearings": {
    cures: ["bearing-worn", "bearing-seized"],
    part: "bearingsPrice",
    minutes: 60,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-motor": { cures: WHOLE_MOTOR, part: "motorPrice", minutes: 60, checkFirst: [] },
  "repair-wiring-or-supply": { cures: ["supply", "wiring"], part: null, minutes: 45, checkFirst: [] },
  "free-load": { cures: ["driven-load"], part: null, minutes: 40, checkFirst: [] },
  "repair-control": { cures: ["control"], part: null, minutes: 45, checkFirst: [] },
  "wait-and-retest": { cures: ["protector"], part: null, minutes: 40, checkFirst: [] },
  "keep-until": { cures: ["no-fault"], part: null, minutes: 2, checkFirst: [] },
  "no-repair": { cures: ["no-fault"], part: null, minutes: 0, checkFirst: [] },
  refer: { cures: [], part: null, minutes: 10, checkFirst: [] },
};

/** Cost of part and time at the house's prices. */
export function actionCost(action: ActionId, house: HouseFigures): number {
  const { part, minutes } = ACTION_TABLE[action];
  return (part === null ? 0 : house[part]) + (minutes / 60) * house.hourlyRate;
}
