import type { Quantity } from "../quantity";

/** A stretch of figures counts as one where they lie no further apart than so many last digits, or this part of the figure. */
interface Band {
  readonly steps: number;
  readonly part: number;
}

/** When a figure of one quantity has settled. Times in ms; figures in the base unit of the quantity. */
export interface HoldRule {
  /** at or below this nothing is touched; null: over limit is what an untouched meter shows */
  readonly apartBelow: number | null;
  /** how long it stands before it is taken [ms] */
  readonly steadyMs: number;
  /** and of how many samples at least */
  readonly leastSamples: number;
  /** largest and smallest of them */
  readonly within: Band;
  /** first half against second: what creeps has not settled; within `doubt` it is asked again over twice the time */
  readonly creep: Band;
  readonly doubt?: Band;
  /** creep is measured by the second [part of the figure a second], and this much of it is allowed; absent: the halves say it */
  readonly slowedTo?: number;
  /** what an approach that goes on as it began has still to come, at most [part of the figure]; absent: it is not asked */
  readonly mostLeft?: number;
  /** in the same touch, so far from the figure that was taken lies another place */
  readonly moved: Band;
  /** the figure is the mean of the whole stretch, and their scatter is its uncertainty; else it is the mean of its end */
  readonly isAveraged?: true;
  /** stretches of figures that take longer [ms]: from this figure on */
  readonly longerFrom?: { readonly value: number; readonly steadyMs: number };
  /** and below this one */
  readonly longerBelow?: { readonly value: number; readonly steadyMs: number };
}

/** Thresholds of taking by itself, each with its reason. */
export const HOLD_TABLE: Readonly<Partial<Record<Quantity, HoldRule>>> = {
  resistance: {
    apartBelow: null,
    // Contact that bounces or brushes stands for half a second at most; a hand holds a probe still for two.
    steadyMs: 950,
    leastSamples: 3,
    within: { steps: 3, part: 0.004 },
    creep: { steps: 0.7, part: 0.001 },
    doubt: { steps: 1.2, part: 0.0015 },
    moved: { steps: 6, part: 0.015 },
    // Fingers on the tips read hundreds of kΩ, and waver more slowly than a contact: no winding reads so.
    longerFrom: { value: 50_000, steadyMs: 2500 },
    // Tips tapped together read near zero for up to a bit over a second: that says that they were open.
    longerBelow: { value: 0.6, steadyMs: 1700 },
  },
  capacitance: {
    // Open leads of a meter read a few pF.
    apartBelow: 1e-4,
    // A meter charges a large part in steps, and comes nearer ever more slowly: over so long it must not have moved.
    steadyMs: 2400,
    leastSamples: 5,
    within: { steps: 4, part: 0.004 },
    creep: { steps: 1.2, part: 0.001 },
    // A large part on a meter of few counts stands still long before it is there.
    mostLeft: 0.002,
    moved: { steps: 6, part: 0.015 },
  },
  voltage: {
    // Open leads pick up a volt and less, and waver; what is proven dead is taken by a key.
    apartBelow: 0.5,
    steadyMs: 950,
    leastSamples: 3,
    within: { steps: 4, part: 0.005 },
    creep: { steps: 2, part: 0.0025 },
    moved: { steps: 8, part: 0.02 },
  },
  current: {
    // A clamp around nothing shows the earth's field.
    apartBelow: 0.02,
    // A load ripples over a second or two: two swings of it are averaged.
    steadyMs: 2900,
    leastSamples: 6,
    within: { steps: 4, part: 0.2 },
    creep: { steps: 2, part: 0.012 },
    moved: { steps: 6, part: 0.05 },
    isAveraged: true,
  },
  insulation: {
    apartBelow: 0,
    steadyMs: 1900,
    leastSamples: 4,
    within: { steps: 4, part: 0.05 },
    creep: { steps: 4, part: 0.05 },
    // Absorption goes on for minutes; what it still gains after that is within what testers agree to. @source IEEE 43-2013, 12.1
    slowedTo: 0.01,
    // What is absorbed comes on top of what was taken; another pair is discharged and touched anew.
    moved: { steps: 6, part: 0.3 },
  },
};

/** Tips touched together and lifted say that what they were on is open. */
export const TAP = {
  /** leads and tips read no more than this [Ω] */
  mostOhm: 0.6,
  /** a slip of the hand is shorter, and a touch that is meant as one is longer [ms] */
  leastMs: 250,
  mostMs: 1600,
  /** lifted for so long before it counts: contact that bounces comes back sooner [ms] */
  openMs: 800,
} as const;

/** Off for so long is lifted, and the same place touched again is another reading; less is contact that bounces [ms]. */
export const LIFTED_MS = 700;

/** A display of so few counts in kilo and mega is on its way to a finer range. */
export const COARSE_COUNTS = 50;
/** Standing so long it will not change its range any more [ms]. */
export const COARSE_MS = 3500;
