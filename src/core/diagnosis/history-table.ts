import type { Suspect } from "../trade";

/* Since when, and after what. Ids stand in files: do not change one without a migration. */
export const COURSES = ["sudden", "growing", "sometimes-then-always", "only-cold", "only-hot", "better-once-run"] as const;
export type Course = (typeof COURSES)[number];

export const EVENTS = ["storm", "repair", "standstill", "water", "moved-or-cleaned"] as const;
export type Event = (typeof EVENTS)[number];

/** How it came about, as far as somebody said. */
export type History = Course | Event;

/** How likely it is told so: of a fault without a row, and of each that differs. Nobody asked is no evidence. */
export interface HistoryRow {
  /** why the row is as it is */
  readonly why: string;
  readonly base: number;
  readonly given: Partial<Record<Suspect, number>>;
}

/* Source: trade judgement; a tap moves the odds by a few times at most, since people remember what they expect. */
export const HISTORY_TABLE: Record<History, HistoryRow> = {
  sudden: {
    why: "A winding, a coil or a control fails from one moment to the next; a bearing gives notice.",
    base: 0.42,
    given: {
      "main-winding": 0.6,
      "start-winding": 0.58,
      control: 0.55,
      "start-capacitor": 0.52,
      "bearing-worn": 0.1,
      "driven-load": 0.3,
      "shorted-turns": 0.36,
      "bearing-seized": 0.34,
    },
  },
  growing: {
    why: "Bearings wear, capacitors fade and filters clog over weeks; coils and switches do not.",
    base: 0.12,
    given: {
      "bearing-worn": 0.6,
      "driven-load": 0.4,
      "run-capacitor": 0.35,
      "shorted-turns": 0.28,
      "bearing-seized": 0.32,
      "main-winding": 0.04,
      "start-winding": 0.05,
      control: 0.05,
    },
  },
  "sometimes-then-always": {
    why: "First sometimes, then always: something mechanical has come loose or wears: a joint, a contact, a switch.",
    base: 0.08,
    given: {
      wiring: 0.32,
      "start-switch": 0.32,
      "start-relay": 0.24,
      control: 0.18,
      protector: 0.18,
      "bearing-seized": 0.18,
      "bearing-worn": 0.12,
      "main-winding": 0.04,
      "start-winding": 0.06,
    },
  },
  "only-cold": {
    why: "Cold stiffens grease and weakens capacitors: a start that is short of torque shows it first.",
    base: 0.035,
    given: {
      "bearing-seized": 0.2,
      "bearing-worn": 0.12,
      "driven-load": 0.14,
      "run-capacitor": 0.12,
      "start-capacitor": 0.14,
      "start-switch": 0.1,
    },
  },
  "only-hot": {
    why: "Heat opens protectors and joints and lets shorted turns through.",
    base: 0.04,
    given: {
      protector: 0.28,
      "shorted-turns": 0.2,
      wiring: 0.12,
      "run-capacitor": 0.1,
      "start-relay": 0.14,
      "driven-load": 0.12,
      "bearing-seized": 0.1,
      "bearing-worn": 0.08,
    },
  },
  "better-once-run": {
    why: "Better just after it has run: stiff grease, or a weak start.",
    base: 0.03,
    given: { "bearing-seized": 0.18, "bearing-worn": 0.14, "run-capacitor": 0.12, "start-capacitor": 0.08, "driven-load": 0.09 },
  },
  storm: {
    why: "Lightning and power cuts open coils, protectors and capacitors, and end controls.",
    base: 0.04,
    given: {
      supply: 0.24,
      control: 0.22,
      "main-winding": 0.14,
      "start-winding": 0.1,
      protector: 0.12,
      "ground-fault": 0.12,
      "run-capacitor": 0.09,
      "start-relay": 0.08,
      "bearing-worn": 0.02,
      "bearing-seized": 0.02,
      "driven-load": 0.02,
    },
  },
  repair: {
    why: "After somebody's work: a wrong part, a lead in the wrong place, a cover that does not seat.",
    base: 0.05,
    given: {
      wiring: 0.3,
      "start-switch": 0.14,
      "run-capacitor": 0.12,
      "start-capacitor": 0.12,
      control: 0.1,
      "driven-load": 0.1,
      "shorted-turns": 0.03,
    },
  },
  standstill: {
    why: "Standing long lets bearings stick, switches gum and damp creep in.",
    base: 0.04,
    given: {
      "bearing-seized": 0.3,
      "start-switch": 0.22,
      "driven-load": 0.16,
      "ground-fault": 0.12,
      "start-capacitor": 0.09,
      "bearing-worn": 0.08,
    },
  },
  water: {
    why: "Water goes into insulation, joints and bearings.",
    base: 0.02,
    given: { "ground-fault": 0.4, wiring: 0.14, control: 0.1, "bearing-seized": 0.12, "bearing-worn": 0.1 },
  },
  "moved-or-cleaned": {
    why: "A move or a cleaning pulls leads and leaves something in the wheel.",
    base: 0.04,
    given: { wiring: 0.26, "driven-load": 0.22, control: 0.08, "start-switch": 0.06 },
  },
};

/** Likelihood that it is told so with these faults: of several, each is as likely to be what was noticed. */
export function historyLikelihood(history: History, faults: readonly Suspect[]): number {
  const { base, given } = HISTORY_TABLE[history];
  if (faults.length === 0) return base;
  return faults.reduce((sum, fault) => sum + (given[fault] ?? base), 0) / faults.length;
}
