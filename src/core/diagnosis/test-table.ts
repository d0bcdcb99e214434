import type { Suspect, TestId } from "../trade";

/** How likely a test shows this: with nothing wrong that bears on it, and with each fault that does. */
export interface OutcomeRow {
  /** why the row is as it is, as it is told beside the evidence */
  readonly why: string;
  readonly base: number;
  readonly given: Partial<Record<Suspect, number>>;
  /** tests that must not be offered once this was seen */
  readonly blocks?: readonly TestId[];
}

/** Instruments beyond a plain multimeter, which everybody carries. The house says which it owns. */
export const INSTRUMENTS = ["capacitance-meter", "clamp", "insulation-tester", "tachometer"] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

export interface TestSpec {
  readonly power: "dead" | "live";
  readonly minutes: number;
  /** what it cannot be made without */
  readonly needs?: Instrument;
  readonly outcomes: Record<string, OutcomeRow>;
}

/** Every test that lets the motor turn or try to turn. */
export const LIVE_RUNS: readonly TestId[] = [
  "run-amps",
  "start-winding-amps",
  "speed",
  "start-time",
  "noise",
  "temperature",
  "capacitor-running",
  "uncoupled-run",
  "push-start",
];

/** Every test with power on: what waits while there is a path to the frame, or a switch that nothing presses. */
const LIVE_TESTS: readonly TestId[] = [...LIVE_RUNS, "supply-voltage"];

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
        why: "Most faults leave no trace; a burnt or bulged part is seen by half the time.",
        base: 0.875,
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
      "capacitor-damaged": {
        why: "A bulged or leaking can has failed or is failing; hardly any sound one looks so.",
        base: 0.01,
        given: { "run-capacitor": 0.3, "start-capacitor": 0.35 },
      },
      "winding-burnt": {
        why: "Burnt varnish smells and darkens where turns have shorted or a winding opened.",
        base: 0.015,
        given: {
          "shorted-turns": 0.4,
          "main-winding": 0.3,
          "start-winding": 0.3,
          "ground-fault": 0.25,
          "start-switch": 0.12,
          "start-relay": 0.1,
        },
      },
      "wiring-damaged": {
        why: "A loose or burnt lead is the fault itself, or beside it.",
        base: 0.02,
        given: { wiring: 0.5, "ground-fault": 0.05 },
      },
      "cover-loose": { why: "A cover that stands off never presses the start switch.", base: 0.02, given: { "start-switch": 0.25 } },
      "dust-clogged": {
        why: "A blocked wheel loads and heats the motor; dirt also ends bearings.",
        base: 0.06,
        given: { "driven-load": 0.4, "bearing-worn": 0.12 },
      },
    },
  },
  "hand-turn": {
    power: "dead",
    minutes: 1,
    outcomes: {
      free: {
        why: "A free, silent shaft clears bearing and load for the most part.",
        base: 0.91,
        given: { "bearing-worn": 0.28, "bearing-seized": 0.01, "driven-load": 0.5 },
      },
      "end-play": {
        why: "Play along the shaft beyond its limit comes with worn sleeves and lost washers.",
        base: 0.02,
        given: { "bearing-worn": 0.16 },
      },
      rough: {
        why: "Roughness like sand is the bearing, or a wheel that rubs.",
        base: 0.03,
        given: { "bearing-worn": 0.35, "bearing-seized": 0.05, "driven-load": 0.1 },
      },
      "rough-with-play": {
        why: "There should be no radial play to feel: with it the bearing is worn.",
        base: 0.006,
        given: { "bearing-worn": 0.35, "driven-load": 0.03 },
      },
      tight: {
        why: "Tight may be the bearing, or belt, wheel and pump behind it.",
        base: 0.03,
        given: { "bearing-worn": 0.08, "bearing-seized": 0.25, "driven-load": 0.4 },
      },
      seized: {
        why: "What does not turn by hand will not turn by power.",
        base: 0.004,
        given: { "bearing-seized": 0.65, "driven-load": 0.38 },
        blocks: LIVE_RUNS,
      },
    },
  },
  "hand-turn-unloaded": {
    power: "dead",
    minutes: 6,
    outcomes: {
      free: {
        why: "Free with its load off: what was coupled held it.",
        // Asked only where the hand was held before: one that erred then errs again oftener than not so.
        base: 0.65,
        given: { "driven-load": 0.94, "bearing-worn": 0.4, "bearing-seized": 0.02 },
      },
      rough: {
        why: "Still rough with its load off: the bearings.",
        base: 0.2,
        given: { "bearing-worn": 0.5, "bearing-seized": 0.08, "driven-load": 0.03 },
      },
      held: {
        why: "Still tight with its load off: the bearings, or the rotor on its stator.",
        base: 0.15,
        given: { "bearing-seized": 0.9, "bearing-worn": 0.1, "driven-load": 0.03 },
        blocks: LIVE_RUNS,
      },
    },
  },
  "supply-voltage": {
    power: "live",
    minutes: 3,
    outcomes: {
      good: {
        why: "Good volts at the motor while it tries clear supply and call, not a joint that opens warm.",
        base: 0.957,
        given: { supply: 0.12, control: 0.12, wiring: 0.5 },
      },
      low: {
        why: "Standing volts below the band come from the supply, seldom from a joint.",
        base: 0.015,
        given: { supply: 0.25, wiring: 0.04 },
      },
      sags: {
        why: "Volts that fall only while it tries point to a weak feed or a bad joint.",
        base: 0.02,
        given: { supply: 0.4, wiring: 0.15, "ground-fault": 0.05 },
      },
      absent: {
        why: "No volts at all: the supply, its fuse or breaker, or a break before the motor.",
        base: 0.0018,
        given: { supply: 0.25, control: 0.15, wiring: 0.12 },
        blocks: LIVE_RUNS,
      },
      "no-call": {
        why: "Nothing asks it to run: control, thermostat or an interlock that is open.",
        base: 0.003,
        given: { control: 0.6 },
        blocks: LIVE_RUNS,
      },
      lost: {
        why: "Volts at the disconnect and none at the motor: the way between them.",
        base: 0.002,
        given: { wiring: 0.35, control: 0.07, supply: 0.02 },
        blocks: LIVE_RUNS,
      },
    },
  },
  "capacitor-meter": {
    power: "dead",
    minutes: 3,
    needs: "capacitance-meter",
    outcomes: {
      holds: {
        why: "A failed part seldom reads right; some fail only warm and loaded.",
        base: 0.985,
        given: { "run-capacitor": 0.03, "start-capacitor": 0.05 },
      },
      out: {
        why: "A part out of its limits, or another one than the plate asks for.",
        base: 0.008,
        given: { "run-capacitor": 0.45, "start-capacitor": 0.4 },
      },
      "far-out": {
        why: "Hardly anything but a failed part reads so far off.",
        base: 0.002,
        given: { "run-capacitor": 0.4, "start-capacitor": 0.4 },
      },
      shorted: { why: "Near zero on ohms: shorted through.", base: 0.0005, given: { "run-capacitor": 0.06, "start-capacitor": 0.1 } },
      missing: {
        why: "A motor that needs a capacitor and has none cannot start by itself.",
        base: 0.0001,
        given: { "run-capacitor": 0.04, "start-capacitor": 0.04 },
      },
      bridged: {
        why: "Bridged, its start winding lies straight on the line.",
        base: 0.0001,
        given: { "run-capacitor": 0.04, "start-capacitor": 0.04 },
      },
    },
  },
  "capacitor-running": {
    power: "live",
    minutes: 4,
    needs: "clamp",
    outcomes: {
      holds: {
        why: "Measured at work it is what the motor gets; little slips by.",
        base: 0.985,
        given: { "run-capacitor": 0.04, "start-capacitor": 0.09 },
      },
      out: {
        why: "Low or high while it works, where the motor feels it.",
        base: 0.008,
        given: { "run-capacitor": 0.5, "start-capacitor": 0.4 },
      },
      "far-out": {
        why: "Hardly anything but a failed part carries so little.",
        base: 0.002,
        given: { "run-capacitor": 0.4, "start-capacitor": 0.4 },
      },
    },
  },
  "capacitor-swing": {
    power: "dead",
    minutes: 2,
    outcomes: {
      // A weak part swings like a good one.
      charges: { why: "A weak part swings like a good one.", base: 0.99, given: { "run-capacitor": 0.6, "start-capacitor": 0.6 } },
      shorted: { why: "Stays near zero: shorted through.", base: 0.0005, given: { "run-capacitor": 0.06, "start-capacitor": 0.1 } },
      open: { why: "Never dips: no plates are connected.", base: 0.001, given: { "run-capacitor": 0.3, "start-capacitor": 0.25 } },
    },
  },
  "winding-ohms": {
    power: "dead",
    minutes: 5,
    outcomes: {
      good: {
        why: "Sums that fit clear opens; small shorts hide from an ohmmeter.",
        base: 0.975,
        given: { "main-winding": 0.02, "start-winding": 0.02, "shorted-turns": 0.7, protector: 0.45, wiring: 0.8 },
      },
      "main-open": {
        why: "Main winding without a path: broken, or its lead is.",
        base: 0.002,
        given: { "main-winding": 0.9, wiring: 0.015 },
      },
      "start-open": {
        why: "Start winding without a path: broken, or its lead is.",
        base: 0.002,
        given: { "start-winding": 0.9, wiring: 0.015 },
      },
      "common-open": {
        why: "Both pairs with common open: often the protector, until it has cooled.",
        base: 0.001,
        given: { protector: 0.5, wiring: 0.015 },
      },
      shorted: {
        why: "Near zero where ohms belong: many turns are shorted.",
        base: 0.003,
        given: { "shorted-turns": 0.25 },
        blocks: LIVE_RUNS,
      },
      "start-shorted": {
        why: "A start winding far below what it has against the run winding has lost turns: it burns first, where its switch stays in.",
        base: 0.001,
        given: { "start-winding": 0.3, "shorted-turns": 0.01 },
        blocks: LIVE_RUNS,
      },
    },
  },
  "frame-ohms": {
    power: "dead",
    minutes: 2,
    outcomes: {
      clear: { why: "OL on all leads; an ohmmeter misses only leaks that need voltage.", base: 0.99, given: { "ground-fault": 0.13 } },
      leaks: { why: "Ohms far up the range: damp or dirt, or the start of a fault.", base: 0.008, given: { "ground-fault": 0.1 } },
      grounded: {
        why: "Any ohms to bare metal: the winding touches the frame.",
        base: 0.0002,
        given: { "ground-fault": 0.85 },
        blocks: LIVE_TESTS,
      },
    },
  },
  insulation: {
    power: "dead",
    minutes: 8,
    needs: "insulation-tester",
    outcomes: {
      good: {
        why: "Under voltage and still high: ground faults are all but cleared.",
        base: 0.962,
        given: { "ground-fault": 0.04, "shorted-turns": 0.8 },
      },
      watch: { why: "Near its limit or falling: damp, heat or age.", base: 0.034, given: { "ground-fault": 0.2, "shorted-turns": 0.1 } },
      bad: {
        why: "Below its limit: it will not stand line voltage for long.",
        base: 0.002,
        given: { "ground-fault": 0.75, "shorted-turns": 0.08 },
        blocks: LIVE_TESTS,
      },
    },
  },
  "relay-ohms": {
    power: "dead",
    minutes: 5,
    outcomes: {
      works: {
        why: "Coil and contacts as they should be at rest; a relay may still fail warm, and a welded contact is closed at rest as a good one is.",
        base: 0.975,
        given: { "start-relay": 0.3 },
      },
      "coil-open": { why: "An open coil never drops the start capacitor out.", base: 0.0008, given: { "start-relay": 0.25 } },
      "contact-open": { why: "Contacts that do not close leave the start winding out.", base: 0.0008, given: { "start-relay": 0.35 } },
      welded: { why: "Welded contacts leave the start capacitor in.", base: 0.0008, given: { "start-relay": 0.25 }, blocks: LIVE_RUNS },
    },
  },
  "ptc-ohms": {
    power: "dead",
    minutes: 3,
    outcomes: {
      works: { why: "Cold resistance as it should be; it may still crack when hot.", base: 0.975, given: { "start-relay": 0.2 } },
      open: { why: "A cracked PTC gives no start.", base: 0.001, given: { "start-relay": 0.6 } },
      low: { why: "Far too low: it no longer switches off.", base: 0.003, given: { "start-relay": 0.2 } },
    },
  },
  "switch-ohms": {
    power: "dead",
    minutes: 6,
    outcomes: {
      works: { why: "Closes at rest and opens when actuated; worn contacts may pass.", base: 0.953, given: { "start-switch": 0.12 } },
      "open-at-rest": { why: "Open at rest: burnt, gummed, or its weights hang.", base: 0.0008, given: { "start-switch": 0.4 } },
      "open-unpressed": {
        why: "Open, and nobody pressed it: with its end open nothing presses a sound one either.",
        base: 0.045,
        given: { "start-switch": 0.5 },
      },
      "not-pressed": {
        why: "A good switch that nothing presses: cover or end bell not seated. The motor would stand and hum.",
        base: 0.0008,
        given: { "start-switch": 0.2 },
        blocks: LIVE_TESTS,
      },
      welded: {
        why: "Does not open when actuated: the start winding would stay in.",
        base: 0.0008,
        given: { "start-switch": 0.3 },
        blocks: LIVE_RUNS,
      },
    },
  },
  "run-amps": {
    power: "live",
    minutes: 3,
    needs: "clamp",
    outcomes: {
      "near-plate": {
        why: "Line amps hardly move with a weak capacitor; they do with shorts and load.",
        base: 0.9,
        given: {
          "run-capacitor": 0.5,
          "shorted-turns": 0.12,
          "bearing-worn": 0.6,
          "driven-load": 0.5,
          "start-switch": 0.4,
          "start-relay": 0.45,
          supply: 0.6,
        },
      },
      above: {
        why: "More than the plate: load, low volts, capacitor, shorts or bearings.",
        base: 0.06,
        given: {
          "run-capacitor": 0.2,
          "shorted-turns": 0.4,
          "bearing-worn": 0.2,
          "driven-load": 0.35,
          "start-switch": 0.15,
          "start-relay": 0.15,
          supply: 0.25,
        },
      },
      "far-above": {
        why: "Twice and more: start winding left in, shorts, or held fast.",
        base: 0.006,
        given: {
          "run-capacitor": 0.1,
          "shorted-turns": 0.4,
          "bearing-worn": 0.05,
          "bearing-seized": 0.4,
          "driven-load": 0.1,
          "start-switch": 0.4,
          "start-relay": 0.35,
          "ground-fault": 0.1,
        },
      },
      below: { why: "Less than it should: the load is gone.", base: 0.032, given: { "driven-load": 0.15 } },
      // By itself it says nothing: which winding carries it is the machine model's to say.
      standing: { why: "What it draws while it stands shows which winding carries it.", base: 0.002, given: {} },
    },
  },
  "start-winding-amps": {
    power: "live",
    minutes: 4,
    needs: "clamp",
    outcomes: {
      "as-expected": {
        why: "The start winding follows its capacitor closely: a weak one would show.",
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
      low: {
        why: "Amps fall with the capacitor, by a quarter at 80 %.",
        base: 0.03,
        given: { "run-capacitor": 0.55, supply: 0.2, wiring: 0.1 },
      },
      none: {
        why: "No path through start winding or capacitor.",
        base: 0.01,
        given: { "run-capacitor": 0.12, "start-winding": 0.9, wiring: 0.2 },
      },
      high: {
        why: "Too large a capacitor, or a start part left in.",
        base: 0.03,
        given: { "run-capacitor": 0.13, "start-switch": 0.5, "start-relay": 0.4, "shorted-turns": 0.2 },
      },
    },
  },
  speed: {
    power: "live",
    minutes: 4,
    needs: "tachometer",
    outcomes: {
      "as-expected": {
        why: "Slip as on the plate: neither dragged nor starved.",
        base: 0.93,
        given: { "run-capacitor": 0.45, "bearing-worn": 0.65, "driven-load": 0.5, supply: 0.4, "shorted-turns": 0.55 },
      },
      slow: {
        why: "More slip: weak capacitor, low volts, drag.",
        base: 0.06,
        given: { "run-capacitor": 0.45, "bearing-worn": 0.3, "driven-load": 0.4, supply: 0.45, "shorted-turns": 0.3, "start-winding": 0.3 },
      },
      "far-below": {
        why: "Held back: it hangs below its pull-out speed.",
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
        why: "Up to speed at once: the start side works.",
        base: 0.9,
        given: {
          "run-capacitor": 0.3,
          "start-capacitor": 0.2,
          "start-switch": 0.35,
          "start-relay": 0.35,
          "start-winding": 0.02,
          "main-winding": 0.03,
          "bearing-seized": 0.03,
          "driven-load": 0.7,
          supply: 0.3,
        },
      },
      slow: {
        why: "Slow to come up: torque is short, or the load is heavy.",
        base: 0.08,
        given: { "run-capacitor": 0.4, "start-capacitor": 0.35, "bearing-worn": 0.2, "driven-load": 0.3, supply: 0.4, "start-relay": 0.15 },
      },
      "only-pushed": {
        why: "No torque at standstill, but it runs: the start side is out.",
        base: 0.008,
        given: {
          supply: 0.06,
          "run-capacitor": 0.15,
          "start-capacitor": 0.3,
          "start-switch": 0.25,
          "start-relay": 0.3,
          "start-winding": 0.3,
        },
      },
      trips: {
        why: "The breaker opens as it is switched on: a path to ground or across the line, or a rotor that is held.",
        base: 0.002,
        given: {
          "ground-fault": 0.5,
          "shorted-turns": 0.3,
          "bearing-seized": 0.2,
          "start-switch": 0.12,
          "start-relay": 0.12,
          "start-capacitor": 0.1,
          "run-capacitor": 0.08,
          "driven-load": 0.12,
          wiring: 0.2,
          supply: 0.02,
        },
      },
      "does-not-start": {
        why: "Many faults end here; by itself it says little.",
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
      quiet: {
        why: "Most worn bearings are heard.",
        base: 0.932,
        given: { "bearing-worn": 0.25, "driven-load": 0.5, "shorted-turns": 0.5, "run-capacitor": 0.65 },
      },
      hum: {
        why: "Loud hum is magnetic: capacitor, shorts or a start winding left in.",
        base: 0.045,
        given: {
          "bearing-seized": 0.5,
          "main-winding": 0.4,
          "start-capacitor": 0.4,
          "start-relay": 0.3,
          "run-capacitor": 0.28,
          "shorted-turns": 0.35,
          "start-switch": 0.25,
          "start-winding": 0.3,
          supply: 0.15,
        },
      },
      squeal: { why: "A dry bearing squeals; a belt does too.", base: 0.001, given: { "bearing-worn": 0.3, "driven-load": 0.12 } },
      rumble: { why: "A worn raceway rumbles.", base: 0.002, given: { "bearing-worn": 0.38, "driven-load": 0.1 } },
      scrape: {
        why: "Something touches: the rotor on worn bearings, or a wheel on its housing.",
        base: 0.004,
        given: { "driven-load": 0.15, "bearing-worn": 0.1 },
      },
      rattle: { why: "Loose wheel, mount or guard; rarely the bearing.", base: 0.016, given: { "driven-load": 0.3, "bearing-worn": 0.08 } },
    },
  },
  temperature: {
    power: "live",
    minutes: 6,
    outcomes: {
      usual: {
        why: "A motor that draws too much is soon hot.",
        base: 0.9,
        given: { "run-capacitor": 0.55, "shorted-turns": 0.3, "bearing-worn": 0.65, "driven-load": 0.6, supply: 0.6 },
      },
      "end-hot": {
        why: "One end hotter than the middle is the bearing there.",
        base: 0.02,
        given: { "bearing-worn": 0.25, "driven-load": 0.04 },
      },
      hot: {
        why: "Heat follows loss: shorts, overload, poor airflow, a start winding left in.",
        base: 0.1,
        given: {
          "bearing-seized": 0.6,
          "main-winding": 0.4,
          "start-winding": 0.4,
          "start-capacitor": 0.4,
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
        why: "Runs well without its load: what was coupled held it, or made the noise.",
        base: 0.88,
        given: {
          "driven-load": 0.85,
          "bearing-worn": 0.2,
          "shorted-turns": 0.35,
          "run-capacitor": 0.3,
          "start-capacitor": 0.2,
          "start-switch": 0.15,
          "start-relay": 0.15,
          "bearing-seized": 0.02,
          "start-winding": 0.08,
          "main-winding": 0.03,
          supply: 0.4,
          control: 0.3,
          protector: 0.3,
          wiring: 0.4,
        },
      },
      "runs-rough": {
        why: "The load is off and the trouble stays: it is in the motor or its supply.",
        base: 0.06,
        given: {
          "driven-load": 0.07,
          "bearing-worn": 0.76,
          "shorted-turns": 0.6,
          "run-capacitor": 0.35,
          "start-capacitor": 0.1,
          "start-switch": 0.35,
          "start-relay": 0.35,
          "bearing-seized": 0.03,
          "start-winding": 0.07,
          "main-winding": 0.02,
          supply: 0.25,
          wiring: 0.1,
        },
      },
      "does-not-run": {
        why: "The load is off and it still does not run: it is the motor or its supply.",
        base: 0.06,
        given: {
          "driven-load": 0.08,
          "bearing-worn": 0.04,
          "run-capacitor": 0.35,
          "start-capacitor": 0.7,
          "start-switch": 0.5,
          "start-relay": 0.5,
          "bearing-seized": 0.95,
          "start-winding": 0.85,
          "main-winding": 0.95,
          supply: 0.35,
          control: 0.7,
          protector: 0.7,
          wiring: 0.5,
        },
      },
    },
  },
  "push-start": {
    power: "live",
    minutes: 3,
    outcomes: {
      "keeps-running": {
        why: "Runs once turned: main winding and supply work, the start side does not.",
        base: 0.95,
        given: {
          "main-winding": 0.02,
          "bearing-seized": 0.01,
          "driven-load": 0.5,
          supply: 0.4,
          control: 0.05,
          protector: 0.15,
          wiring: 0.4,
          "ground-fault": 0.5,
        },
      },
      "does-not-run": {
        why: "Turned and still nothing: the main side, the supply, or a shaft held fast.",
        base: 0.05,
        given: {
          "main-winding": 0.98,
          "bearing-seized": 0.99,
          "driven-load": 0.5,
          supply: 0.6,
          control: 0.95,
          protector: 0.85,
          wiring: 0.6,
          "ground-fault": 0.5,
        },
      },
    },
  },
} as const satisfies Record<TestId, TestSpec>;

export type Outcome<T extends TestId> = keyof (typeof TEST_TABLE)[T]["outcomes"] & string;
/** Every pair of a test and what it can show, as "test/outcome". */
export type OutcomeKey = { [T in TestId]: `${T}/${Outcome<T>}` }[TestId];
