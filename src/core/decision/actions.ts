import type { ActionId, Suspect, TestId } from "../trade";
import { TIER_TABLE } from "../bearing";
import type { NumberRuleId } from "../house";

/** What an action mends, what it takes, how well it holds, and what should be checked before it. */
export interface ActionSpec {
  readonly cures: readonly Suspect[];
  readonly part: NumberRuleId | null;
  /** price of a part where one is bought, though the work often needs none */
  readonly partIfBought?: NumberRuleId;
  readonly minutes: NumberRuleId;
  /** chance that the work itself holds where it was the right work, over the weeks in which a customer would call back */
  readonly holds: number;
  /** why it holds so often and no oftener: trade judgement, until a ledger says better */
  readonly why: string;
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
    why: "A new part from a good maker; one in fifty is dead on arrival, or put where the old one was cooked.",
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-start-capacitor": {
    cures: ["start-capacitor"],
    part: "startCapacitorPrice",
    minutes: "capacitorMinutes",
    holds: 0.97,
    why: "As a run part; what cooked the old one (short cycling, a switch that stays in) takes one in thirty new ones too.",
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "service-start-switch": {
    cures: ["start-switch"],
    // Cleaned and set as often as exchanged: a part is counted where one is bought.
    part: null,
    partIfBought: "startSwitchPrice",
    minutes: "switchMinutes",
    holds: 0.88,
    why: "Cleaned contacts and freed weights are worn all the same: about one in eight sticks again.",
    checkFirst: ["switch-ohms", "winding-ohms"],
  },
  "replace-start-relay": {
    cures: ["start-relay"],
    part: "startRelayPrice",
    minutes: "capacitorMinutes",
    holds: 0.97,
    why: "A relay of the right coil lasts; one in thirty is of the wrong sort or dies of what killed the first.",
    checkFirst: ["relay-ohms"],
  },
  "replace-bearings": {
    cures: ["bearing-worn", "bearing-seized"],
    part: "bearingsPrice",
    minutes: "bearingMinutes",
    // Part, minutes and this chance are those of the whole job, core/bearing/job.ts.
    holds: TIER_TABLE.good.holds,
    why: "That of the job as it is put together: see the table of bearing jobs.",
    checkFirst: ["winding-ohms", "frame-ohms"],
  },
  "replace-motor": {
    cures: WHOLE_MOTOR,
    part: "motorPrice",
    minutes: "motorMinutes",
    holds: 0.98,
    why: "A new motor fails early about once in fifty, of shipping, of a loose set screw, or of what ended the old one.",
    checkFirst: [],
  },
  "repair-wiring-or-supply": {
    cures: ["supply", "wiring"],
    part: null,
    minutes: "wiringMinutes",
    holds: 0.95,
    why: "One in twenty has another bad joint behind the one that was found.",
    checkFirst: [],
  },
  "free-load": {
    cures: ["driven-load"],
    part: null,
    minutes: "loadMinutes",
    holds: 0.92,
    why: "What fouled or jammed comes back once in twelve: lint, belt, a worn pulley.",
    checkFirst: [],
  },
  "repair-control": {
    cures: ["control"],
    part: "controlPrice",
    minutes: "wiringMinutes",
    holds: 0.95,
    why: "One in twenty controls is sent for by something else that is still there.",
    checkFirst: [],
  },
  "wait-and-retest": {
    cures: ["protector"],
    part: null,
    minutes: "waitMinutes",
    holds: 0.7,
    why: "A protector that opened on heat closes again, and three times in ten the heat does too.",
    checkFirst: ["winding-ohms"],
  },
  "keep-until": { cures: [], part: null, minutes: "recheckMinutes", holds: 1, why: "Nothing is done that could fail.", checkFirst: [] },
  "no-repair": { cures: [], part: null, minutes: "noMinutes", holds: 1, why: "Nothing is done that could fail.", checkFirst: ["run-amps"] },
  refer: {
    cures: WHOLE_MOTOR,
    part: "licensedPrice",
    minutes: "noMinutes",
    holds: 0.97,
    why: "Licensed work with a new compressor; one in thirty comes back.",
    checkFirst: [],
  },
  "service-bearings": {
    cures: [],
    part: null,
    minutes: "greaseMinutes",
    holds: 0.5,
    why: "What was dry and is not worn runs on for years; what is worn is quiet for a season at most.",
    checkFirst: ["hand-turn"],
  },
  "dry-out": {
    // Damp and dirt alone; how often it is those, by what the tester read: see the site.
    cures: ["ground-fault"],
    part: null,
    minutes: "dryMinutes",
    holds: 0.7,
    why: "Damp goes and stays away where it came in once; what leaks comes back.",
    checkFirst: ["frame-ohms"],
  },
  "make-it-hold": {
    cures: [],
    part: null,
    minutes: "holdMinutes",
    holds: 0.9,
    why: "A cover or foot that was seated and fastened holds as long as its thread does.",
    checkFirst: ["look"],
  },
  reconnect: {
    // Only where the figures are those of the plate's other connection: see the site.
    cures: ["wiring"],
    part: null,
    minutes: "reconnectMinutes",
    holds: 0.98,
    why: "As the plate says it, checked by amps and by the way it turns.",
    checkFirst: ["winding-ohms"],
  },
};

/** Faults that a machine can be left running with until a date: they get worse slowly and warn before they end it. */
export const SLOW_FAULTS: readonly Suspect[] = ["run-capacitor", "bearing-worn", "driven-load"];
