import type { Complaint, Suspect } from "./vocabulary";

/** How likely a fault makes people say this, and how likely they say it with none of these faults present. */
export interface ComplaintRow {
  /** why the row is as it is */
  readonly why: string;
  readonly leak: number;
  readonly given: Partial<Record<Suspect, number>>;
}

/* Source: trade judgement; causes act independently (noisy or). */
export const COMPLAINT_TABLE: Record<Complaint, ComplaintRow> = {
  dead: {
    why: "No current at all: supply, call, a break, or a protector that is open; a hum would have been heard.",
    leak: 0.004,
    given: {
      supply: 0.6,
      control: 0.7,
      wiring: 0.5,
      protector: 0.5,
      "main-winding": 0.3,
      "ground-fault": 0.15,
      "start-switch": 0.05,
      "bearing-seized": 0.08,
    },
  },
  "hums-no-start": {
    why: "The main winding pulls and nothing turns it: the start side, or a shaft held fast.",
    leak: 0.004,
    given: {
      "run-capacitor": 0.5,
      "start-capacitor": 0.6,
      "start-switch": 0.45,
      "start-relay": 0.5,
      "start-winding": 0.65,
      "main-winding": 0.2,
      "bearing-seized": 0.55,
      "driven-load": 0.3,
      supply: 0.12,
      wiring: 0.12,
      "shorted-turns": 0.12,
    },
  },
  "starts-with-push": {
    why: "Runs once turned: the start side gives no torque.",
    leak: 0.002,
    given: {
      "run-capacitor": 0.45,
      "start-capacitor": 0.5,
      "start-switch": 0.45,
      "start-relay": 0.4,
      "start-winding": 0.55,
      "bearing-worn": 0.06,
      wiring: 0.05,
    },
  },
  "starts-slow": {
    why: "Starting torque is short, or drag eats it.",
    leak: 0.004,
    given: {
      "run-capacitor": 0.4,
      "start-capacitor": 0.25,
      supply: 0.3,
      "bearing-worn": 0.2,
      "driven-load": 0.2,
      "shorted-turns": 0.12,
      "start-relay": 0.1,
    },
  },
  "trips-at-start": {
    why: "The current stays at its locked figure too long, or goes to ground.",
    leak: 0.003,
    given: {
      "ground-fault": 0.3,
      "bearing-seized": 0.3,
      "start-switch": 0.2,
      "start-capacitor": 0.2,
      "driven-load": 0.2,
      "shorted-turns": 0.25,
      "run-capacitor": 0.12,
      wiring: 0.15,
      supply: 0.05,
    },
  },
  "trips-running": {
    why: "More current than the breaker bears for minutes.",
    leak: 0.003,
    given: {
      "start-switch": 0.35,
      "shorted-turns": 0.3,
      "bearing-worn": 0.2,
      "driven-load": 0.3,
      "ground-fault": 0.2,
      "run-capacitor": 0.12,
      supply: 0.1,
      wiring: 0.15,
      "start-relay": 0.2,
    },
  },
  "trips-at-once": {
    why: "A path to ground or across the line.",
    leak: 0.002,
    given: { "ground-fault": 0.65, wiring: 0.25, "shorted-turns": 0.15, "run-capacitor": 0.05 },
  },
  "runs-hot": {
    why: "More loss than the shell can shed.",
    leak: 0.006,
    given: {
      "run-capacitor": 0.25,
      "shorted-turns": 0.45,
      "bearing-worn": 0.3,
      "driven-load": 0.35,
      supply: 0.25,
      "start-switch": 0.25,
      "start-relay": 0.15,
    },
  },
  "burning-smell": {
    why: "Varnish, insulation or a joint has burnt.",
    leak: 0.003,
    given: {
      "shorted-turns": 0.45,
      "ground-fault": 0.3,
      "start-switch": 0.2,
      wiring: 0.25,
      "main-winding": 0.25,
      "start-winding": 0.25,
      "bearing-seized": 0.15,
      "run-capacitor": 0.08,
    },
  },
  squeals: { why: "Dry bearing, or a belt.", leak: 0.004, given: { "bearing-worn": 0.6, "driven-load": 0.2, "bearing-seized": 0.1 } },
  rumbles: { why: "Worn raceways, or a wheel.", leak: 0.004, given: { "bearing-worn": 0.6, "driven-load": 0.2 } },
  vibrates: { why: "Unbalance or play.", leak: 0.005, given: { "driven-load": 0.4, "bearing-worn": 0.35 } },
  "slow-or-weak": {
    why: "More slip or less flow: short torque, low volts, drag.",
    leak: 0.006,
    given: {
      "run-capacitor": 0.35,
      supply: 0.4,
      "driven-load": 0.35,
      "bearing-worn": 0.2,
      "shorted-turns": 0.15,
      wiring: 0.06,
    },
  },
  "runs-backwards": {
    why: "Start winding the wrong way round.",
    leak: 0.002,
    given: { wiring: 0.6, "run-capacitor": 0.08, "start-switch": 0.05 },
  },
  "high-current": {
    why: "What a clamp shows for shorts, load, drag and a start winding left in.",
    leak: 0.003,
    given: {
      "shorted-turns": 0.4,
      "driven-load": 0.3,
      "bearing-worn": 0.25,
      "run-capacitor": 0.25,
      supply: 0.2,
      "start-switch": 0.3,
      "start-relay": 0.15,
    },
  },
  "cuts-out-and-returns": {
    why: "The protector opens on heat and closes again.",
    leak: 0.003,
    given: {
      protector: 0.45,
      "run-capacitor": 0.2,
      "bearing-worn": 0.2,
      "driven-load": 0.25,
      supply: 0.2,
      "shorted-turns": 0.25,
      control: 0.15,
      "start-relay": 0.15,
    },
  },
  intermittent: {
    why: "Joints, contacts and calls come and go; windings seldom do.",
    leak: 0.02,
    given: {
      wiring: 0.35,
      control: 0.35,
      "start-switch": 0.2,
      protector: 0.2,
      supply: 0.15,
      "run-capacitor": 0.08,
      "start-relay": 0.2,
    },
  },
  "noisy-hum": {
    why: "Magnetic noise, or something loose.",
    leak: 0.006,
    given: {
      "run-capacitor": 0.2,
      "bearing-worn": 0.15,
      "driven-load": 0.2,
      "shorted-turns": 0.2,
      "start-switch": 0.08,
    },
  },
};
