import { interpolate } from "../numeric";
import type { Suspect } from "../trade";
import { SIZE_TABLE, type FigureSize, type SizeId, type SizeSpec } from "./size-table";

/** Middles of nine equal parts of a normal law, in standard deviations. */
const NINE = [-1.593, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, 1.593] as const;
/** On a log axis nothing lies below this: a reading of zero is the least that a meter can tell. */
const LEAST = 1e-9;

const onAxis = (of: SizeId, at: number): number => (SIZE_TABLE[of].axis === "log" ? Math.log10(Math.max(LEAST, at)) : at);

/** Curves as they are read: place on the axis and logarithm of the weight. */
type Curve = readonly (readonly [x: number, log: number])[];
const CURVES = new Map(
  (Object.entries(SIZE_TABLE) as [SizeId, SizeSpec][]).flatMap(([of, { curves }]) =>
    Object.entries(curves).map(([fault, knots]): [string, Curve] => [
      `${of}/${fault}`,
      knots.map(([at, times]) => [onAxis(of, at), Math.log(times)] as const),
    ]),
  ),
);

/** How often sound parts have each size, by scale. */
const SOUND = new Map(
  (Object.entries(SIZE_TABLE) as [SizeId, SizeSpec][]).flatMap(([of, { sound }]): [SizeId, Curve][] =>
    sound ? [[of, sound.map(([at, density]) => [onAxis(of, at), Math.log(density)] as const)]] : [],
  ),
);

const known = new WeakMap<FigureSize, Map<Suspect, number>>();

/**
 * How many times likelier a figure of this size is with this part at fault than with nothing wrong: the curve of its kind,
 * averaged over what the figure itself may be off, by how often sound parts have each of these sizes: P(read | fault) over
 * P(read | sound) = E[curve | read, sound].
 * @param size kind, size and standard uncertainty of the figure
 * @param fault which part
 * @returns ratio of likelihoods, > 0; 1: it says nothing of this part
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 2.2.2 (virtual evidence)
 */
export function timesLikelier(size: FigureSize, fault: Suspect): number {
  const curve = CURVES.get(`${size.of}/${fault}`);
  if (curve === undefined) return 1;
  const rows = known.get(size) ?? new Map<Suspect, number>();
  known.set(size, rows);
  const before = rows.get(fault);
  if (before !== undefined) return before;
  const middle = onAxis(size.of, size.at);
  const sound = SOUND.get(size.of);
  let [all, found] = [0, 0];
  for (const z of NINE) {
    const place = middle + z * size.spread;
    const often = sound ? Math.exp(interpolate(sound, place)) : 1;
    all += often;
    found += often * Math.exp(interpolate(curve, place));
  }
  found /= all;
  rows.set(fault, found);
  return found;
}

/**
 * Likelihood of figures by their size under a set of faults, over that with nothing wrong. Where several of them make the
 * figure likelier it is the one that makes it likeliest: two causes do not make one figure twice.
 * @param sizes figures of one finding, independent of one another
 * @param faults parts at fault together
 * @returns ratio of likelihoods, > 0
 */
export function sizesLikelihood(sizes: readonly FigureSize[], faults: readonly Suspect[]): number {
  return sizes.reduce((all, size) => {
    const ratios = faults.map((fault) => timesLikelier(size, fault));
    const most = Math.max(1, ...ratios);
    return all * (most > 1 ? most : ratios.reduce((product, ratio) => product * ratio, 1));
  }, 1);
}

/**
 * Several readings of one figure as one: their middle, with at least half of what lies between them as its uncertainty.
 * @param readings the same figure, read more than once
 * @returns one size; null without any
 */
export function sizeOfRepeats(readings: readonly FigureSize[]): FigureSize | null {
  const [first] = readings;
  if (first === undefined) return null;
  const places = readings.map(({ of, at }) => onAxis(of, at));
  const middle = places.reduce((sum, each) => sum + each, 0) / places.length;
  const apart = (Math.max(...places) - Math.min(...places)) / 2;
  const spread = Math.max(apart, ...readings.map((each) => each.spread));
  return { of: first.of, at: SIZE_TABLE[first.of].axis === "log" ? 10 ** middle : middle, spread };
}

/** How grave each fault is if it is there, by the figures that were found: 0 as usual, 1 as grave as it gets. */
export type Graveness = ReadonlyMap<Suspect, number>;

/**
 * How grave faults would be by the figures that speak of them.
 * @param sizes figures of all findings
 * @returns only faults of which a figure says so, each 0 to 1
 */
export function gravenessOf(sizes: readonly FigureSize[]): Graveness {
  const found = new Map<Suspect, number>();
  for (const { of, at } of sizes) {
    const { grave = {} }: SizeSpec = SIZE_TABLE[of];
    for (const [fault, [mild, most]] of Object.entries(grave) as [Suspect, readonly [number, number]][]) {
      const share = Math.min(1, Math.max(0, (at - mild) / (most - mild)));
      if (share > 0) found.set(fault, Math.max(share, found.get(fault) ?? 0));
    }
  }
  return found;
}
