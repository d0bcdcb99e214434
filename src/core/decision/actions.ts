import { TIER_TABLE } from "../bearing";
import type { HouseRuleId } from "../house";
import type { ActionId, Suspect, TestId } from "../diagnosis";

/** What an action mends, what it takes, how well it holds, and what should be checked before it. */
export interface ActionSpec {
  readonly cures: readonly Suspect[];
  readonly part: HouseRuleId | null;
  readonly minutes: HouseRuleId;
  /** chance that the work itself holds where it was the right work; trade judgement */
  readonly holds: number;
  readonly checkFirst: readonly TestId[];
}

/** Faults inside the motor, and of what comes new with it: another motor mends them all. */
const WHOLE_MOTOR: readonly Suspect[] = [
  "main-winding",
  "start-winding",
  "shorted-turns",
  "ground-fault",
  "protector",
  "bearing-worn",
  "bearing-seized",
  "start-switch",
  "start-relay",
  "run-capacitor",
  "start-capacitor",
];

/* "A failed capacitor asks for a winding check, not only a swap": weeks of running so damage the motor. */
export const ACTION_TABLE: Record<ActionId, ActionSpec> = {
  "replace-run-capacitor": {
    cures: ["run-capacitor"],
    part: "runCapacitorPrice",
    minutes: "capacitorMinutes",
    holds: 0.98,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-start-capacitor": {
    cures: ["start-capacitor"],
    part: "startCapacitorPrice",
    minutes: "capacitorMinutes",
    holds: 0.97,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "service-start-switch": {
    cures: ["start-switch"],
    part: "startSwitchPrice",
    minutes: "switchMinutes",
    holds: 0.88,
    checkFirst: ["winding-ohms"],
  },
  "replace-start-relay": { cures: ["start-relay"], part: "startRelayPrice", minutes: "capacitorMinutes", holds: 0.97, checkFirst: [] },
  "replace-bearings": {
    cures: ["bearing-worn", "bearing-seized"],
    part: "bearingsPrice",
    minutes: "bearingMinutes",
    // Part, minutes and this chance are those of the whole job, core/bearing/job.ts.
    holds: TIER_TABLE.good.holds,
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-motor": { cures: WHOLE_MOTOR, part: "motorPrice", minutes: "motorMinutes", holds: 0.98, checkFirst: [] },
  "repair-wiring-or-supply": { cures: ["supply", "wiring"], part: null, minutes: "wiringMinutes", holds: 0.95, checkFirst: [] },
  "free-load": { cures: ["driven-load"], part: null, minutes: "loadMinutes", holds: 0.92, checkFirst: [] },
  "repair-control": { cures: ["control"], part: "controlPrice", minutes: "wiringMinutes", holds: 0.95, checkFirst: [] },
  "wait-and-retest": { cures: ["protector"], part: null, minutes: "waitMinutes", holds: 0.7, checkFirst: [] },
  "keep-until": { cures: [], part: null, minutes: "recheckMinutes", holds: 1, checkFirst: [] },
  "no-repair": { cures: [], part: null, minutes: "noMinutes", holds: 1, checkFirst: [] },
  refer: { cures: WHOLE_MOTOR, part: "licensedPrice", minutes: "noMinutes", holds: 0.97, checkFirst: [] },
};

/** Faults that a machine can be left running with until a date: they get worse slowly and warn before they end it. */
export const SLOW_FAULTS: readonly Suspect[] = ["run-capacitor", "bearing-worn", "driven-load"];
