import type { Suspect, TestId } from "./vocabulary";

/** How likely a test shows this: with nothing wrong that bears on it, and with each fault that does. */
export interface OutcomeRow {
  readonly base: number;
  readonly given: Partial<Record<Suspect, number>>;
  /** tests that must not be offered once this was seen */
  readonly blocks?: readonly TestId[];
}

export interface TestSpec {
  readonly power: "dead" | "live";
  readonly minutes: number;
  readonly outcomes: Record<string, OutcomeRow>;
}

const LIVE_RUNS: readonly TestId[] = ["run-amps", "start-winding-amps", "speed", "start-time", "noise", "temperature", "uncoupled-run"];

/*
 * One table for the line-up and for the next move: what each test can show, and how likely each fault shows it.
 * The weight of a finding is given / base. Faults together multiply their weights; rows are brought to sum 1.
 * Source: trade judgement, kept so that no single test convicts beyond what it can see.
 */
export const TEST_TABLE = {
  look: {
    power: "dead",
    minutes: 2,
    outcomes: {
      clean: {
        base: 0.86,
        given: {
          "run-capacitor": 0.6,
          "start-capacitor": 0.55,
          "start-switch": 0.65,
          "ground-fault": 0.6,
          "shorted-turns": 0.5,
          "main-winding": 0.6,
          "start-winding": 0.6,
          wiring: 0.4,
          "bearing-seized": 0.7,
          "bearing-worn": 0.75,
        },
      },
      "capacitor-damaged": { base: 0.01, given: { "run-capacitor": 0.3, "start-capacitor": 0.35 } },
      "winding-burnt": {
        base: 0.015,
        given: { "shorted-turns": 0.4, "main-winding": 0.3, "start-winding": 0.3, "ground-fault": 0.25 },
      },
      "wiring-damaged": { base: 0.02, given: { wiring: 0.5, "ground-fault": 0.05 } },
      "cover-loose": { base: 0.02, given: { "start-switch": 0.25 } },
      "dust-clogged": { base: 0.075, given: { "driven-load": 0.3, "bearing-worn": 0.12 } },
    },
  },
  "hand-turn": {
    power: "dead",
    minutes: 1,
    outcomes: {
      free: { base: 0.93, given: { "bearing-worn": 0.25, "bearing-seized": 0.01, "driven-load": 0.4 } },
      rough: { base: 0.03, given: { "bearing-worn": 0.35, "bearing-seized": 0.05, "driven-load": 0.1 } },
      "rough-with-play": { base: 0.006, given: { "bearing-worn": 0.35, "driven-load": 0.03 } },
      tight: { base: 0.03, given: { "bearing-worn": 0.08, "bearing-seized": 0.25, "driven-load": 0.4 } },
      seized: { base: 0.004, given: { "bearing-seized": 0.7, "driven-load": 0.12 }, blocks: LIVE_RUNS },
    },
  },
  "supply-voltage": {
    power: "live",
    minutes: 3,
    outcomes: {
      good: { base: 0.96, given: { supply: 0.15, control: 0.2, wiring: 0.5 } },
      sags: { base: 0.02, given: { supply: 0.5, wiring: 0.15, "ground-fault": 0.05 } },
      absent: { base: 0.005, given: { supply: 0.35, control: 0.6, wiring: 0.3 } },
    },
  },
  "capacitor-meter": {
    power: "dead",
    minutes: 3,
    outcomes: {
      holds: { base: 0.985, given: { "run-capacitor": 0.07, "start-capacitor": 0.09 } },
      out: { base: 0.008, given: { "run-capacitor": 0.45, "start-capacitor": 0.4 } },
      "far-out": { base: 0.002, given: { "run-capacitor": 0.4, "start-capacitor": 0.4 } },
      shorted: { base: 0.0005, given: { "run-capacitor": 0.06, "start-capacitor": 0.1 } },
    },
  },
  "capacitor-running": {
    power: "live",
    minutes: 4,
    outcomes: {
      holds: { base: 0.985, given: { "run-capacitor": 0.04, "start-capacitor": 0.09 } },
      out: { base: 0.008, given: { "run-capacitor": 0.5, "start-capacitor": 0.4 } },
      "far-out": { base: 0.002, given: { "run-capacitor": 0.4, "start-capacitor": 0.4 } },
    },
  },
  "capacitor-swing": {
    power: "dead",
    minutes: 2,
    outcomes: {
      // A weak part swings like a good one.
      charges: { base: 0.99, given: { "run-capacitor": 0.6, "start-capacitor": 0.6 } },
      shorted: { base: 0.0005, given: { "run-capacitor": 0.06, "start-capacitor": 0.1 } },
      open: { base: 0.001, given: { "run-capacitor": 0.3, "start-capacitor": 0.25 } },
    },
  },
  "winding-ohms": {
    power: "dead",
    minutes: 5,
    outcomes: {
      good: {
        base: 0.975,
        given: { "main-winding": 0.02, "start-winding": 0.02, "shorted-turns": 0.7, protector: 0.45, wiring: 0.8 },
      },
      "main-open": { base: 0.002, given: { "main-winding": 0.9, wiring: 0.03 } },
      "start-open": { base: 0.002, given: { "start-winding": 0.9, wiring: 0.03 } },
      "common-open": { base: 0.001, given: { protector: 0.5, wiring: 0.03 } },
      shorted: { base: 0.003, given: { "shorted-turns": 0.25 }, blocks: LIVE_RUNS },
    },
  },
  "frame-ohms": {
    power: "dead",
    minutes: 2,
    outcomes: {
      clear: { base: 0.99, given: { "ground-fault": 0.05 } },
      leaks: { base: 0.008, given: { "ground-fault": 0.1 } },
      grounded: { base: 0.001, given: { "ground-fault": 0.85 }, blocks: LIVE_RUNS },
    },
  },
  insulation: {
    power: "dead",
    minutes: 8,
    outcomes: {
      good: { base: 0.96, given: { "ground-fault": 0.04, "shorted-turns": 0.8 } },
      watch: { base: 0.034, given: { "ground-fault": 0.2, "shorted-turns": 0.1 } },
      bad: { base: 0.004, given: { "ground-fault": 0.75, "shorted-turns": 0.08 }, blocks: LIVE_RUNS },
    },
  },
  "relay-ohms": {
    power: "dead",
    minutes: 5,
    outcomes: {
      works: { base: 0.975, given: { "start-relay": 0.15 } },
      "coil-open": { base: 0.004, given: { "start-relay": 0.25 } },
      "contact-open": { base: 0.004, given: { "start-relay": 0.35 } },
      welded: { base: 0.003, given: { "start-relay": 0.25 }, blocks: LIVE_RUNS },
    },
  },
  "ptc-ohms": {
    power: "dead",
    minutes: 3,
    outcomes: {
      works: { base: 0.975, given: { "start-relay": 0.2 } },
      open: { base: 0.004, given: { "start-relay": 0.6 } },
      low: { base: 0.003, given: { "start-relay": 0.2 } },
    },
  },
  "switch-ohms": {
    power: "dead",
    minutes: 6,
    outcomes: {
      works: { base: 0.96, given: { "start-switch": 0.12 } },
      "open-at-rest": { base: 0.004, given: { "start-switch": 0.5 } },
      welded: { base: 0.003, given: { "start-switch": 0.3 }, blocks: LIVE_RUNS },
    },
  },
  "run-amps": {
    power: "live",
    minutes: 3,
    outcomes: {
      "near-plate": {
        base: 0.9,
        given: {
          "run-capacitor": 0.5,
          "shorted-turns": 0.12,
          "bearing-worn": 0.6,
          "driven-load": 0.4,
          "start-switch": 0.4,
          supply: 0.6,
        },
      },
      above: {
        base: 0.06,
        given: {
          "run-capacitor": 0.2,
          "shorted-turns": 0.4,
          "bearing-worn": 0.2,
          "driven-load": 0.35,
          "start-switch": 0.15,
          supply: 0.25,
        },
      },
      "far-above": {
        base: 0.006,
        given: {
          "run-capacitor": 0.1,
          "shorted-turns": 0.4,
          "bearing-worn": 0.05,
          "bearing-seized": 0.4,
          "driven-load": 0.1,
          "start-switch": 0.4,
          "ground-fault": 0.1,
        },
      },
      below: { base: 0.034, given: { "driven-load": 0.15 } },
    },
  },
  "start-winding-amps": {
    power: "live",
    minutes: 4,
    outcomes: {
      "as-expected": {
        base: 0.93,
        given: {
          "run-capacitor": 0.2,
          "start-winding": 0.05,
          "start-switch": 0.45,
          "start-relay": 0.5,
          "shorted-turns": 0.75,
          supply: 0.7,
        },
      },
      low: { base: 0.03, given: { "run-capacitor": 0.55, supply: 0.2, wiring: 0.1 } },
      none: { base: 0.01, given: { "run-capacitor": 0.12, "start-winding": 0.9, wiring: 0.2 } },
      high: { base: 0.03, given: { "run-capacitor": 0.13, "start-switch": 0.5, "start-relay": 0.4, "shorted-turns": 0.2 } },
    },
  },
  speed: {
    power: "live",
    minutes: 4,
    outcomes: {
      "as-expected": {
        base: 0.93,
        given: { "run-capacitor": 0.45, "bearing-worn": 0.65, "driven-load": 0.5, supply: 0.4, "shorted-turns": 0.55 },
      },
      slow: {
        base: 0.06,
        given: { "run-capacitor": 0.45, "bearing-worn": 0.3, "driven-load": 0.4, supply: 0.45, "shorted-turns": 0.3, "start-winding": 0.3 },
      },
      "far-below": {
        base: 0.01,
        given: {
          "run-capacitor": 0.1,
          "bearing-seized": 0.5,
          "driven-load": 0.1,
          supply: 0.15,
          "shorted-turns": 0.15,
          "start-switch": 0.15,
        },
      },
    },
  },
  "start-time": {
    power: "live",
    minutes: 3,
    outcomes: {
      quick: {
        base: 0.9,
        given: {
          "run-capacitor": 0.3,
          "start-capacitor": 0.1,
          "start-switch": 0.25,
          "start-relay": 0.25,
          "start-winding": 0.02,
          "main-winding": 0.03,
          "bearing-seized": 0.03,
          "driven-load": 0.5,
          supply: 0.3,
        },
      },
      slow: {
        base: 0.08,
        given: { "run-capacitor": 0.4, "start-capacitor": 0.35, "bearing-worn": 0.2, "driven-load": 0.3, supply: 0.4, "start-relay": 0.15 },
      },
      "only-pushed": {
        base: 0.008,
        given: { "run-capacitor": 0.15, "start-capacitor": 0.3, "start-switch": 0.25, "start-relay": 0.3, "start-winding": 0.3 },
      },
      "does-not-start": {
        base: 0.012,
        given: {
          "run-capacitor": 0.15,
          "start-capacitor": 0.3,
          "start-switch": 0.35,
          "start-relay": 0.3,
          "start-winding": 0.6,
          "main-winding": 0.9,
          "bearing-seized": 0.95,
          "driven-load": 0.2,
          supply: 0.25,
          protector: 0.4,
          wiring: 0.4,
          control: 0.3,
        },
      },
    },
  },
  noise: {
    power: "live",
    minutes: 3,
    outcomes: {
      quiet: { base: 0.84, given: { "bearing-worn": 0.25, "driven-load": 0.5, "shorted-turns": 0.5, "run-capacitor": 0.65 } },
      hum: {
        base: 0.07,
        given: { "run-capacitor": 0.28, "shorted-turns": 0.35, "start-switch": 0.25, "start-winding": 0.3, supply: 0.15 },
      },
      squeal: { base: 0.03, given: { "bearing-worn": 0.3, "driven-load": 0.12 } },
      rumble: { base: 0.03, given: { "bearing-worn": 0.38, "driven-load": 0.1 } },
      rattle: { base: 0.03, given: { "driven-load": 0.3, "bearing-worn": 0.08 } },
    },
  },
  temperature: {
    power: "live",
    minutes: 6,
    outcomes: {
      usual: { base: 0.9, given: { "run-capacitor": 0.55, "shorted-turns": 0.3, "bearing-worn": 0.65, "driven-load": 0.6, supply: 0.6 } },
      hot: {
        base: 0.1,
        given: {
          "run-capacitor": 0.45,
          "shorted-turns": 0.7,
          "bearing-worn": 0.35,
          "driven-load": 0.4,
          supply: 0.4,
          "start-switch": 0.5,
          "start-relay": 0.3,
        },
      },
    },
  },
  "uncoupled-run": {
    power: "live",
    minutes: 6,
    outcomes: {
      runs: {
        base: 0.9,
        given: {
          "driven-load": 0.9,
          "run-capacitor": 0.25,
          "start-capacitor": 0.2,
          "start-switch": 0.2,
          "bearing-seized": 0.02,
          "start-winding": 0.1,
          "main-winding": 0.05,
          supply: 0.4,
        },
      },
      "does-not-run": {
        base: 0.1,
        given: {
          "driven-load": 0.1,
          "run-capacitor": 0.75,
          "start-capacitor": 0.8,
          "start-switch": 0.8,
          "bearing-seized": 0.98,
          "start-winding": 0.9,
          "main-winding": 0.95,
          supply: 0.6,
        },
      },
    },
  },
} as const satisfies Record<TestId, TestSpec>;

export type Outcome<T extends TestId> = keyof (typeof TEST_TABLE)[T]["outcomes"] & string;
/** Every pair of a test and what it can show, as "test/outcome". */
export type OutcomeKey = { [T in TestId]: `${T}/${Outcome<T>}` }[TestId];
