import type { Quantity } from "@/core/quantity";
import { chanceFrom, type Chance } from "@/core/simulation";

/* Traces of a hand meter's display as a hand and a motor make them, each with what is to be taken of it. */

type Sample = readonly [atMs: number, digits: string, unit: string];
export interface TraceTruth {
  /** in the base unit; null: open, by a tap */
  readonly value: number | null;
  readonly within: number;
}
export interface Trace {
  readonly kind: TraceKind;
  readonly quantity: Quantity;
  readonly counts: number;
  readonly samples: readonly Sample[];
  readonly taken: readonly TraceTruth[];
}

const RANGES: Readonly<Record<string, readonly (readonly [unit: string, factor: number])[]>> = {
  resistance: [
    ["Ω", 1],
    ["kΩ", 1e3],
    ["MΩ", 1e6],
  ],
  capacitance: [
    ["nF", 1e-3],
    ["µF", 1],
  ],
  voltage: [["V", 1]],
  current: [["A", 1]],
  insulation: [["MΩ", 1]],
};
/** Finest digit of the lowest range. */
const FINEST: Readonly<Record<string, number>> = { resistance: 0.1, capacitance: 0.1, voltage: 0.001, current: 0.001, insulation: 0.001 };

/** A value as a meter of so many counts shows it, on the finest range that takes it. */
function shownOn(value: number, quantity: string, counts: number): readonly [string, string] {
  const ranges = RANGES[quantity] ?? [];
  const found = ranges.find(([, factor], index) => value / factor < (index === 0 ? Math.min(counts, 1000) : 1000)) ?? ranges.at(-1);
  const [unit, factor] = found ?? ["", 1];
  const figure = value / factor;
  const finest = unit === (ranges[0]?.[0] ?? "") ? (FINEST[quantity] ?? 0.1) : 1e-9;
  let step = Math.max(finest, 0.001);
  while (figure / step >= counts) step *= 10;
  const decimals = Math.max(0, -Math.round(Math.log10(step)));
  return [figure.toFixed(decimals), unit];
}

class Hand {
  readonly samples: Sample[] = [];
  readonly taken: TraceTruth[] = [];
  private atMs = 0;
  constructor(
    readonly dice: Chance,
    readonly quantity: Quantity,
    readonly counts: number,
    readonly periodMs: number,
  ) {}
  private tick(): number {
    const at = Math.round(this.atMs + this.dice.between(-0.02, 0.02) * this.periodMs);
    this.atMs += this.periodMs;
    return at;
  }
  /** as long as this, and as many samples at least */
  private ticks(ms: number, least: number): number {
    return Math.max(least, Math.round(ms / this.periodMs));
  }
  shows(digits: string, unit: string): void {
    this.samples.push([this.tick(), digits, unit]);
  }
  show(value: number): void {
    this.shows(...shownOn(value, this.quantity, this.counts));
  }
  apart(ms: number, least = 2): void {
    const nothing = { resistance: ["OL", "MΩ"], capacitance: ["0.0", "nF"], voltage: ["0.000", "V"], current: ["0.000", "A"] } as const;
    const [digits, unit] = (nothing as Record<string, readonly [string, string]>)[this.quantity] ?? ["0.000", "MΩ"];
    for (let left = this.ticks(ms, least); left > 0; left -= 1) this.shows(digits, unit);
  }
  /** rests on one place */
  rest(value: number, ms: number, least = 2, noise = 0.0005): void {
    for (let left = this.ticks(ms, least); left > 0; left -= 1)
      this.show(value * (1 + noise * this.dice.normal()) + (this.quantity === "resistance" ? 0.04 * this.dice.normal() : 0));
  }
  truth(value: number | null, within = 0): void {
    this.taken.push({ value, within });
  }
  /** a touch as it is meant */
  touch(value: number, ms = this.dice.between(2500, 5000)): void {
    this.rest(value, ms, 4);
    this.truth(value, Math.max(0.25, 0.004 * value));
  }
  over(seconds: number, of: (second: number) => number): void {
    for (let left = this.ticks(seconds * 1000, 1), from = this.atMs; left > 0; left -= 1) this.show(of((this.atMs - from) / 1000));
  }
}

const ohmsOf = (dice: Chance): number => 10 ** dice.between(-0.1, 4);

const KINDS = {
  touch: (hand: Hand) => hand.touch(ohmsOf(hand.dice)),
  "long hold": (hand: Hand) => hand.touch(ohmsOf(hand.dice), 15_000),
  bounce: (hand: Hand) => {
    for (let left = Math.floor(hand.dice.between(1, 5)); left > 0; left -= 1) {
      hand.rest(hand.dice.between(1, 200), hand.dice.between(200, 400), 1);
      hand.apart(hand.dice.between(200, 400), 1);
    }
    hand.touch(ohmsOf(hand.dice));
  },
  brush: (hand: Hand) => {
    hand.rest(hand.dice.between(2, 9000), 350, 1);
    hand.apart(1500);
    hand.touch(ohmsOf(hand.dice));
  },
  autorange: (hand: Hand) => {
    const value = ohmsOf(hand.dice) + 5;
    hand.shows("0.00", "MΩ");
    hand.touch(value);
  },
  "twice the same place": (hand: Hand) => {
    const value = ohmsOf(hand.dice);
    hand.touch(value);
    hand.apart(hand.dice.between(1200, 2500));
    hand.touch(value);
  },
  "row of touches": (hand: Hand) => {
    for (let left = Math.floor(hand.dice.between(2, 6)); left > 0; left -= 1) {
      hand.touch(ohmsOf(hand.dice));
      if (left > 1) hand.apart(hand.dice.between(1000, 2000));
    }
  },
  slide: (hand: Hand) => {
    const value = ohmsOf(hand.dice);
    hand.touch(value);
    hand.touch(value < 20 ? value + hand.dice.between(2, 40) : value * hand.dice.between(0.05, 0.8));
  },
  fingers: (hand: Hand) => {
    const middle = hand.dice.between(3e5, 4e6);
    const [a, b] = [hand.dice.between(0.6, 1.4), hand.dice.between(1.9, 3.1)];
    hand.over(hand.dice.between(5, 8), (s) => middle * (1 + 0.25 * Math.sin(a * s * 1.4) + 0.12 * Math.sin(b * s * 2)));
  },
  "never steady": (hand: Hand) => {
    const value = hand.dice.between(20, 200);
    const aSecond = hand.dice.between(0.01, 0.08);
    hand.over(6, (s) => value * (1 + aSecond * s));
  },
  "open by a tap": (hand: Hand) => {
    hand.apart(hand.dice.between(1000, 3000));
    hand.rest(hand.dice.between(0.1, 0.4), hand.dice.between(330, 1150), 2, 0);
    hand.truth(null);
    hand.apart(1800, 4);
  },
  "touch and lost": (hand: Hand) => hand.rest(hand.dice.between(2, 9000), hand.dice.between(200, 600), 1),
  "slow capacitor": (hand: Hand) => {
    const value = 10 ** hand.dice.between(0.3, 2.7);
    const tau = hand.dice.between(0.3, 3.2);
    hand.over(tau * 6 + 3.5, (s) => value * (1 - 0.35 * Math.exp(-s / tau)) * (1 + 0.0002 * hand.dice.normal()));
    hand.truth(value, Math.max(0.004 * value, 0.02));
  },
  "rippling amps": (hand: Hand) => {
    const value = 10 ** hand.dice.between(-0.3, 1.3);
    const [part, period] = [hand.dice.between(0.005, 0.04), hand.dice.between(0.7, 2.1)];
    hand.over(hand.dice.between(6.5, 10), (s) => value * (1 + part * Math.sin((2 * Math.PI * s) / period) + 0.003 * hand.dice.normal()));
    hand.truth(value, Math.max(part * value * 0.8, 0.004 * value));
  },
  "amps of a start": (hand: Hand) => {
    const value = hand.dice.between(2, 12);
    hand.over(hand.dice.between(0.6, 1.2), (s) => value * (6 - 2 * s));
    hand.over(7, () => value * (1 + 0.004 * hand.dice.normal()));
    hand.truth(value, 0.008 * value);
  },
  "noisy volts": (hand: Hand) => {
    hand.over(1.5, () => hand.dice.between(3, 9));
    const value = hand.dice.between(100, 250);
    hand.rest(value, 3500, 4, 0.0006);
    hand.truth(value, 0.004 * value);
  },
  "insulation creeps": (hand: Hand) => {
    const value = 10 ** hand.dice.between(-0.4, 2.6);
    const tau = hand.dice.between(3, 7);
    hand.over(26, (s) => value * (1 - 0.6 * Math.exp(-s / tau)) * (1 + 0.0005 * hand.dice.normal()));
    hand.truth(value, 0.12 * value);
  },
} as const;
export type TraceKind = keyof typeof KINDS;
export const TRACE_KINDS = Object.keys(KINDS) as TraceKind[];

const QUANTITY: Readonly<Partial<Record<TraceKind, Quantity>>> = {
  "slow capacitor": "capacitance",
  "rippling amps": "current",
  "amps of a start": "current",
  "noisy volts": "voltage",
  "insulation creeps": "insulation",
};

/** One trace of a kind from a seed. */
export function traceOf(kind: TraceKind, seed: number): Trace {
  const dice = chanceFrom(seed);
  const quantity = QUANTITY[kind] ?? "resistance";
  const hand = new Hand(dice, quantity, dice.of([2000, 4000, 6000, 20_000]), dice.of([200, 250, 330, 500]));
  hand.apart(dice.between(600, 3000));
  KINDS[kind](hand);
  if (kind !== "touch and lost") hand.apart(1500, 3);
  return { kind, quantity, counts: hand.counts, samples: hand.samples, taken: hand.taken };
}
