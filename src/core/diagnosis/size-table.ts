import type { Suspect } from "../trade";

/** One point of a curve: at this size a figure is so many times as likely with the part at fault as with nothing wrong. */
type Knot = readonly [at: number, times: number];

/** How much a figure of one kind says by its size. */
export interface SizeSpec {
  /** `log`: the tenth of a figure is as far from it as ten times it is */
  readonly axis: "log" | "linear";
  /** in rising order of `at`; between two points the weight is interpolated on its logarithm, beyond the ends it stays */
  readonly curves: Readonly<Partial<Record<Suspect, readonly Knot[]>>>;
  /**
   * how often sound parts have each size, as a relative density: where a figure may be off by much, it is far likelier one of the many
   * that are sound than one of the few beyond; without it sizes are taken as equally frequent
   */
  readonly sound?: readonly Knot[];
  /** between these sizes a fault turns from a mild one into a grave one, which shows itself in other ways */
  readonly grave?: Readonly<Partial<Record<Suspect, readonly [mild: number, grave: number]>>>;
}

/** How far beyond its limit a capacitor reads, over that limit: what is surely out is out, however little else it does. */
const BEYOND_LIMIT: readonly Knot[] = [
  [-0.02, 0.04],
  [0, 0.25],
  [0.01, 2.5],
  [0.03, 40],
  [0.06, 400],
  [0.1, 2000],
  [0.2, 8000],
  [0.5, 15000],
];
/** Parts that hold lie within their limits, most of them well within; beyond, a label misread or another path is left. Judgement. */
const SOUND_CAPACITORS: readonly Knot[] = [
  [-0.2, 0.3],
  [-0.06, 1],
  [-0.03, 0.8],
  [-0.01, 0.35],
  [0, 0.12],
  [0.01, 0.03],
  [0.03, 0.0035],
  [0.06, 0.0004],
  [0.1, 0.00008],
  [0.2, 0.00002],
  [0.5, 0.00001],
];

/** Volts below the plate's: half of them is another connection or a lost leg, not a weak feed. */
const LOW_VOLTS = {
  supply: [
    [0.2, 250],
    [0.6, 220],
    [0.75, 120],
    [0.85, 18],
    [0.9, 3],
    [0.95, 0.6],
    [1, 0.45],
  ],
  wiring: [
    [0.2, 16],
    [0.6, 14],
    [0.75, 7],
    [0.85, 2.5],
    [0.92, 1],
    [1, 0.75],
  ],
} as const satisfies SizeSpec["curves"];
/** Torque goes with the square of the volts: at 88 % most machines still start, at 70 % hardly one does. */
const GRAVE_VOLTS = { supply: [0.9, 0.72], wiring: [0.9, 0.72] } as const satisfies SizeSpec["grave"];

/*
 * Weights of figures by their size. Each curve goes one way, without steps: what is just over a limit does not count like
 * what is far over it. Trade judgement where no source is named, checked against the reference world.
 */
export const SIZE_TABLE = {
  /**
   * What the insulation tester reads [MΩ].
   * @source bands of the trade for windings below 1 kV: above 100 MΩ as new, 5 to 100 sound, 1 to 5 low (damp, dirty or old), below 1 no
   * power, below 0.1 finished once dried; IEEE 43-2013, table 3 for the least
   */
  insulation: {
    axis: "log",
    curves: {
      "ground-fault": [
        [0.01, 600],
        [0.05, 420],
        [0.1, 380],
        [0.3, 260],
        [0.6, 110],
        [1, 20],
        [2, 3],
        [5, 0.8],
        [10, 0.35],
        [20, 0.16],
        [100, 0.05],
      ],
      "shorted-turns": [
        [0.05, 6],
        [1, 2],
        [5, 1],
        [100, 0.83],
      ],
    },
  },
  /** What an ohmmeter reads to the frame [Ω]. @source an ohmmeter on sound insulation shows OL; skin across the tips reads from 100 kΩ up, damp and dirt from there on */
  "frame-ohm": {
    axis: "log",
    curves: {
      "ground-fault": [
        [100, 5000],
        [2_000, 2500],
        [20_000, 500],
        [100_000, 80],
        [1_000_000, 12],
        [5_000_000, 3],
        [50_000_000, 0.5],
      ],
    },
  },
  /** Volts standing at the motor, over those of its plate. @source IEC 60034-1, 7.3 (±5 and ±10 %); below it by trade judgement */
  "volts-part": {
    axis: "linear",
    grave: GRAVE_VOLTS,
    curves: {
      ...LOW_VOLTS,
      control: [
        [0.2, 160],
        [0.35, 12],
        [0.6, 1],
        [0.9, 0.35],
      ],
    },
  },
  /** Volts standing at the motor while its control calls, over those of its plate. @source IEC 60034-1, 7.3 (±5 and ±10 %); below it by trade judgement */
  "volts-part-called": {
    axis: "linear",
    grave: GRAVE_VOLTS,
    curves: {
      ...LOW_VOLTS,
      control: [
        [0.2, 6],
        [0.6, 0.8],
        [0.9, 0.12],
      ],
    },
  },
  /** Part of its volts that it loses while it tries to start, over what the house allows. @source house rule for the fall; beyond it by trade judgement */
  "volts-fall": {
    axis: "linear",
    curves: {
      supply: [
        [0.5, 0.3],
        [1, 1],
        [1.5, 6],
        [2.5, 30],
        [4, 60],
      ],
      wiring: [
        [0.5, 0.7],
        [1, 1],
        [1.5, 3],
        [2.5, 10],
        [4, 16],
      ],
    },
  },
  /** How far amps and speed look like those of the plate's other connection, 0 to 1. @source a winding of two halves in series takes half the volts each, side by side double: Veinott, ch. 2; weight by trade judgement */
  "other-connection": {
    axis: "linear",
    curves: {
      wiring: [
        [0, 1],
        [0.5, 60],
        [1, 300],
      ],
    },
    grave: { wiring: [0.3, 1] },
  },
  /** Line amps of a motor that runs, over those of its plate. @source NEMA MG 1-12 (service factor) and IEC 60034-1 up to 1.15; beyond it by trade judgement: at twice the plate nothing is in order */
  "amps-part": {
    axis: "linear",
    curves: {
      "shorted-turns": [
        [0.9, 0.14],
        [1.1, 1],
        [1.3, 6],
        [1.6, 30],
        [2, 120],
        [3, 500],
      ],
      "driven-load": [
        [0.35, 4],
        [0.6, 1],
        [0.9, 0.5],
        [1.1, 1.2],
        [1.3, 6],
        [1.6, 20],
        [2, 60],
        [3, 200],
      ],
      "start-switch": [
        [0.9, 0.5],
        [1.1, 0.7],
        [1.3, 2],
        [1.6, 10],
        [2, 90],
        [3, 600],
      ],
      "start-relay": [
        [0.9, 0.5],
        [1.1, 0.7],
        [1.3, 2],
        [1.6, 8],
        [2, 40],
        [3, 200],
      ],
      "run-capacitor": [
        [0.9, 0.6],
        [1.1, 1],
        [1.3, 3],
        [1.6, 10],
        [2, 40],
        [3, 120],
      ],
      "bearing-worn": [
        [0.9, 0.65],
        [1.1, 1],
        [1.3, 3],
        [1.6, 7],
        [2, 18],
        [3, 50],
      ],
      "bearing-seized": [
        [1.1, 0.3],
        [1.6, 4],
        [2, 50],
        [3, 500],
      ],
      supply: [
        [0.9, 0.65],
        [1.1, 1],
        [1.3, 3.5],
        [1.6, 8],
        [2, 15],
        [3, 30],
      ],
      wiring: [
        [1.1, 1],
        [1.6, 4],
        [2, 20],
        [3, 60],
      ],
      "ground-fault": [
        [1.1, 1],
        [2, 12],
        [3, 30],
      ],
    },
  },
  /** How far a capacitor reads beyond its limit, over that limit. @source a part out of its limits is to be replaced: IEC 60252-1 and -2, and its label; weights by trade judgement */
  "capacitor-beyond": {
    axis: "linear",
    sound: SOUND_CAPACITORS,
    curves: {
      "run-capacitor": [[-0.05, 0.03], ...BEYOND_LIMIT],
      "start-capacitor": [[-0.06, 0.05], ...BEYOND_LIMIT],
    },
  },
  /** How far a capacitor reads beyond its limit while it works, over that limit. @source a part out of its limits is to be replaced: IEC 60252-1 and -2, and its label; weights by trade judgement */
  "capacitor-beyond-running": {
    axis: "linear",
    sound: SOUND_CAPACITORS,
    curves: {
      "run-capacitor": [[-0.05, 0.04], ...BEYOND_LIMIT],
      "start-capacitor": [[-0.06, 0.09], ...BEYOND_LIMIT],
    },
  },
} as const satisfies Record<string, SizeSpec>;

export type SizeId = keyof typeof SIZE_TABLE;

/** A figure by its size: which kind it is, how large, and its standard uncertainty (on a log axis in decades). */
export interface FigureSize {
  readonly of: SizeId;
  readonly at: number;
  readonly spread: number;
}
