import type { HouseFigures } from "../house";
import { byBands, formatQuantity, type SlipJudge } from "../quantity";
import type { MachineKind, MotorType, Suspect, TestId } from "../trade";
import {
  judgeCurrentRelay,
  judgePotentialRelay,
  judgePtc,
  judgeSwitch,
  judgeTimed,
  type ContactState,
  type GearVerdict,
  type PtcSigns,
  type SwitchSigns,
  type TimedSigns,
} from "./patterns";

/** What was seen and measured of start gear, whatever its sort. Ohms: null not read, Infinity over limit. */
export interface GearSigns {
  readonly switch: SwitchSigns;
  readonly relay: {
    readonly coilOhm: number | null;
    readonly coil: ContactState;
    readonly contact: ContactState;
    /** null: nobody said */
    readonly isUnplugged: boolean | null;
  };
  readonly ptc: PtcSigns;
  readonly timed: TimedSigns;
}

/** Figures as they were typed, for the sum. */
export interface GearTexts {
  readonly switch: { readonly atRest: string; readonly actuated: string };
  readonly relay: { readonly coil: string; readonly contact: string };
  readonly ptc: { readonly cold: string; readonly hot: string };
  readonly timed: { readonly contact: string };
}

/** The sum behind a verdict. */
interface GearWorking {
  readonly what: string;
  readonly formula: string;
  readonly numbers: (texts: GearTexts, house: HouseFigures) => string;
  readonly source: string;
}

/** How a sort is measured: by the part of the record it has. */
export type MeasuredAs = keyof GearSigns;

/** One sort of start gear: where it is usual, how it is measured, judged and weighed. */
export interface GearRow {
  /** types of motor that usually have it; of several sorts on one type the table's order counts */
  readonly usualOn: readonly MotorType[];
  /** it sits inside the motor, where a welded shell shows nothing */
  readonly isInside?: true;
  /** a motor with one sort has no other; one with none has none to fail */
  readonly rulesOut: readonly Suspect[];
  /** what the hand and the meter take of it: the part of the record; null: nothing */
  readonly measuredAs: MeasuredAs | null;
  readonly test: TestId | null;
  /** null: nothing to judge */
  readonly judge: (signs: GearSigns, house: HouseFigures) => GearVerdict | null;
  /** what a verdict is to the test; one without an outcome weighs nothing */
  readonly outcomes: Readonly<Partial<Record<GearVerdict, string>>>;
  /** bands of a coil's ohms, where a slip of the finger can be seen by them */
  readonly coilJudge?: (house: HouseFigures) => SlipJudge;
  readonly working?: GearWorking;
}

const ohm = (value: number): string => formatQuantity("resistance", value);

const RELAY_OUTCOMES = {
  works: "works",
  "coil-open": "coil-open",
  "coil-low": "coil-open",
  "contact-open": "contact-open",
  welded: "welded",
} as const;

const TIMED_WORKING: GearWorking = {
  what: "Gear that drops out by time",
  formula: "near zero at rest, out of circuit: shorted; else by the amps of the start winding, which end within about a second",
  numbers: ({ timed: { contact } }, { contactOhm }) => `contact ${contact || "not read"}, limit ${ohm(contactOhm)}`,
  source: "house rule for closed contacts; Veinott, Theory and Design of Small Induction Motors, ch. 7 (starting switches)",
};

/** A switch that does not carry for whatever reason is open at rest to the line-up. */
const OPEN_AT_REST = "open-at-rest";

/**
 * Every sort of start gear. A new one is a row here, and how it is drawn and named in features/stations/start-gear.
 * Keys are persisted: do not change one without a migration.
 */
const GEAR_TABLE = {
  switch: {
    usualOn: ["cap-start", "cap-start-run", "split-phase", "unknown"],
    isInside: true,
    rulesOut: ["start-relay"],
    measuredAs: "switch",
    test: "switch-ohms",
    judge: ({ switch: signs }) => judgeSwitch(signs),
    outcomes: {
      works: "works",
      welded: "welded",
      "not-pressed": "not-pressed",
      gummed: OPEN_AT_REST,
      "contacts-burnt": OPEN_AT_REST,
      "contacts-dirty": OPEN_AT_REST,
      "open-at-rest": OPEN_AT_REST,
      "press-first": "open-unpressed",
    },
    working: {
      what: "Start switch",
      formula: "closed at rest: reading − test leads ≤ limit; open when actuated",
      numbers: ({ switch: { atRest, actuated } }, { contactOhm }) => `at rest ${atRest}, actuated ${actuated}, limit ${ohm(contactOhm)}`,
      source: "house rule for closed contacts",
    },
  },
  "potential-relay": {
    usualOn: ["cap-start", "cap-start-run"],
    rulesOut: ["start-switch"],
    measuredAs: "relay",
    test: "relay-ohms",
    judge: ({ relay: { coilOhm, contact } }, { relayCoilLowOhm, relayCoilHighOhm }) =>
      judgePotentialRelay(coilOhm, contact, relayCoilLowOhm, relayCoilHighOhm),
    outcomes: RELAY_OUTCOMES,
    // A coil of a few ohms is a short; one of a few ohms typed without its k is commoner.
    coilJudge: ({ relayCoilLowOhm: low, relayCoilHighOhm: high }) =>
      byBands({ low: low / 20, high: 20 * high }, { low, high }, ["prefix", "point"]),
    working: {
      what: "Potential relay",
      formula: "coil between its limits; contacts closed at rest",
      numbers: ({ relay: { coil, contact } }, { relayCoilLowOhm, relayCoilHighOhm }) =>
        `coil ${coil}, contacts ${contact}; coil ${ohm(relayCoilLowOhm)} to ${ohm(relayCoilHighOhm)}`,
      source: "house rules; the maker's figures come first",
    },
  },
  "current-relay": {
    usualOn: ["split-phase"],
    rulesOut: ["start-switch"],
    measuredAs: "relay",
    test: "relay-ohms",
    judge: ({ relay: { coil, contact } }) => judgeCurrentRelay(coil, contact),
    outcomes: RELAY_OUTCOMES,
    working: {
      what: "Current relay",
      formula: "contacts open at rest; coil: reading − test leads ≤ limit",
      numbers: ({ relay: { coil, contact } }, { contactOhm }) => `coil ${coil}, contacts ${contact}; limit ${ohm(contactOhm)}`,
      source: "house rule for what counts as near zero",
    },
  },
  ptc: {
    usualOn: ["split-phase"],
    rulesOut: ["start-switch"],
    measuredAs: "ptc",
    test: "ptc-ohms",
    judge: ({ ptc }, { ptcColdLowOhm, ptcColdHighOhm, ptcHotOhm }) =>
      judgePtc(ptc, { low: ptcColdLowOhm, high: ptcColdHighOhm, hot: ptcHotOhm }),
    outcomes: { works: "works", "ptc-open": "open", "ptc-high": "open", "ptc-low": "low", "ptc-cold-when-hot": "low" },
    working: {
      what: "PTC",
      formula: "cold between its limits; hot above its own",
      numbers: ({ ptc: { cold } }, { ptcColdLowOhm, ptcColdHighOhm, ptcHotOhm }) =>
        `cold ${cold}; ${ohm(ptcColdLowOhm)} to ${ohm(ptcColdHighOhm)}; hot at least ${ohm(ptcHotOhm)}`,
      source: "house rules; the maker's figures come first",
    },
  },
  "time-relay": {
    usualOn: [],
    rulesOut: ["start-switch"],
    measuredAs: "timed",
    test: "relay-ohms",
    judge: ({ timed }) => judgeTimed(timed),
    outcomes: RELAY_OUTCOMES,
    working: TIMED_WORKING,
  },
  "solid-state-kit": {
    usualOn: [],
    rulesOut: ["start-switch"],
    measuredAs: "timed",
    test: "relay-ohms",
    judge: ({ timed }) => judgeTimed(timed),
    outcomes: RELAY_OUTCOMES,
    working: TIMED_WORKING,
  },
  none: {
    usualOn: ["psc", "shaded-pole", "unknown"],
    rulesOut: ["start-switch", "start-relay"],
    measuredAs: null,
    test: null,
    judge: () => null,
    outcomes: {},
  },
} as const satisfies Record<string, GearRow>;

export type GearSort = keyof typeof GEAR_TABLE;
export const GEAR_SORTS = Object.keys(GEAR_TABLE) as [GearSort, ...GearSort[]];

/**
 * The row of a sort, without its own types.
 * @param sort which sort of start gear
 * @returns its row of the table
 */
export const gearRow = (sort: GearSort): GearRow => GEAR_TABLE[sort];

/**
 * Whether a sort of start gear can be on a machine at all.
 * @param sort which sort
 * @param machine which machine
 * @returns false for what would sit inside a welded shell
 */
export const isGearOn = (sort: GearSort, machine: MachineKind): boolean => !(gearRow(sort).isInside && machine === "hermetic-compressor");

/**
 * Start gear that motors of a type usually have; it decides which test is proposed.
 * @param type how the motor gets its start
 * @returns sorts, the likeliest first
 * @example usualGear("split-phase") // ["switch", "current-relay", "ptc"]
 */
export const usualGear = (type: MotorType): GearSort[] => GEAR_SORTS.filter((sort) => gearRow(sort).usualOn.includes(type));
