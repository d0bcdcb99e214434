/** A part of a stock list by its nominal value. */
export interface StockValue {
  readonly id: string;
  readonly capacitanceUf: number;
  readonly ratedV: number;
}

/** How parts are joined. In the three-part mixed kinds the first two stand in the brackets. */
export type JoinKind = "single" | "parallel" | "series" | "(series)parallel" | "(parallel)series";

/** A way to make a value, with the volts each part sees. */
export interface Combination {
  readonly kind: JoinKind;
  readonly ids: readonly string[];
  readonly capacitanceUf: number;
  readonly deviation: number;
  /** volts across each part, in the order of `ids` */
  readonly voltsV: readonly number[];
}

interface Wiring {
  readonly kind: JoinKind;
  readonly capacitanceUf: (c: readonly number[]) => number;
  /** share of the working volts across each part */
  readonly shares: (c: readonly number[]) => readonly number[];
  /** places that may be exchanged without making another circuit */
  readonly isOrdered: boolean;
}

const series = (...c: readonly number[]): number => 1 / c.reduce((sum, each) => sum + 1 / each, 0);
const total = (c: readonly number[]): number => c.reduce((sum, each) => sum + each, 0);
const at = (c: readonly number[], index: number): number => c[index] ?? 0;

/** One row a wiring of two or three parts: its value, and the volts of each part as a share (V C_eq / C_i in series). */
const WIRINGS: readonly (Wiring & { readonly parts: number })[] = [
  { kind: "single", parts: 1, capacitanceUf: total, shares: () => [1], isOrdered: false },
  { kind: "parallel", parts: 2, capacitanceUf: total, shares: () => [1, 1], isOrdered: false },
  { kind: "series", parts: 2, capacitanceUf: (c) => series(...c), shares: (c) => c.map((each) => series(...c) / each), isOrdered: false },
  { kind: "parallel", parts: 3, capacitanceUf: total, shares: () => [1, 1, 1], isOrdered: false },
  { kind: "series", parts: 3, capacitanceUf: (c) => series(...c), shares: (c) => c.map((each) => series(...c) / each), isOrdered: false },
  {
    kind: "(series)parallel",
    parts: 3,
    capacitanceUf: (c) => series(at(c, 0), at(c, 1)) + at(c, 2),
    shares: (c) => [series(at(c, 0), at(c, 1)) / at(c, 0), series(at(c, 0), at(c, 1)) / at(c, 1), 1],
    isOrdered: true,
  },
  {
    kind: "(parallel)series",
    parts: 3,
    capacitanceUf: (c) => series(at(c, 0) + at(c, 1), at(c, 2)),
    shares: (c) => {
      const all = series(at(c, 0) + at(c, 1), at(c, 2));
      const pair = all / (at(c, 0) + at(c, 1));
      return [pair, pair, all / at(c, 2)];
    },
    isOrdered: true,
  },
];

/** Sets of a size; where the third place differs from the first two, each part takes it in turn. */
function* choose(count: number, size: number, isOrdered: boolean): Generator<readonly number[]> {
  for (let a = 0; a < count; a += 1) {
    if (size === 1) yield [a];
    for (let b = a + 1; size > 1 && b < count; b += 1) {
      if (size === 2) yield [a, b];
      for (let c = b + 1; size > 2 && c < count; c += 1) {
        yield [a, b, c];
        if (isOrdered) {
          yield [a, c, b];
          yield [b, c, a];
        }
      }
    }
  }
}

/** Limits are inclusive; binary fractions of decimal percentages miss by a hair. */
const ROUNDING = 1e-12;

/**
 * Every way to make a value from at most three parts, each used once: single, parallel, series and both mixed wirings,
 * within a tolerance and with no part above its volts. Series parts share the volts as 1/C (equal charge), which holds
 * for film parts of known value only: a leaky one upsets it, so that series is offered behind a warning.
 * @param stock values at hand
 * @param target value that is wanted, and how near to it
 * @param mostParts most parts joined
 * @param tolerance lowest and highest deviation as fractions, inclusive
 * @param workingV volts rms across the whole
 * @returns best first (smallest deviation, fewest parts)
 * @source Q equal in series: V_i = V C_eq / C_i, any circuits text
 */
export function enumerateCombinations(
  stock: readonly StockValue[],
  target: { readonly capacitanceUf: number; readonly lowest: number; readonly highest: number; readonly workingV: number },
  mostParts = 3,
): Combination[] {
  const found: Combination[] = [];
  for (const wiring of WIRINGS.filter(({ parts }) => parts <= mostParts)) {
    for (const indexes of choose(stock.length, wiring.parts, wiring.isOrdered)) {
      const parts = indexes.map((index) => stock[index]).filter((part) => part !== undefined);
      const values = parts.map((part) => part.capacitanceUf);
      const capacitanceUf = wiring.capacitanceUf(values);
      const deviation = capacitanceUf / target.capacitanceUf - 1;
      if (deviation < target.lowest - ROUNDING || deviation > target.highest + ROUNDING) continue;
      const voltsV = wiring.shares(values).map((share) => share * target.workingV);
      if (parts.some((part, index) => (voltsV[index] ?? 0) > part.ratedV * (1 + ROUNDING))) continue;
      found.push({ kind: wiring.kind, ids: parts.map(({ id }) => id), capacitanceUf, deviation, voltsV });
    }
  }
  return found.sort((a, b) => Math.abs(a.deviation) - Math.abs(b.deviation) || a.ids.length - b.ids.length);
}
