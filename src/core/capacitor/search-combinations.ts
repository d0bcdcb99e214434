import {
  compareCombinations,
  DEVIATION_STEP,
  deviationRank,
  isWithinTarget,
  joinParallel,
  type Joinable,
  type JoinTarget,
  type ParallelCombination,
} from "./combination";

const MOST_PARTS = 4;

/** Parts of one value: among them the cheaper always ranks first, so that only the first few can ever be wanted. */
interface Group {
  readonly uf: number;
  /** pieces in order of price, at most four */
  readonly pieces: readonly Joinable[];
}

/** Values that agree to nine figures are one value. */
const keyOf = (uf: number): string => uf.toPrecision(9);

function groupByValue(parts: readonly Joinable[], target: JoinTarget): Group[] {
  const groups = new Map<string, Joinable[]>();
  for (const part of parts) {
    if (part.ratedV < target.atLeastV || part.nominalUf >= target.highUf * 1.001 || part.quantity < 1) continue;
    const key = keyOf(part.nominalUf);
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  return [...groups.values()]
    .map((same) => ({
      uf: same[0]?.nominalUf ?? 0,
      pieces: same
        .toSorted((a, b) => a.price - b.price || (a.id < b.id ? -1 : 1))
        .flatMap((part) => Array.from({ length: Math.min(part.quantity, MOST_PARTS) }, () => part))
        .slice(0, MOST_PARTS),
    }))
    .sort((a, b) => a.uf - b.uf);
}

/** Sums of two values (an index may occur twice), sorted, as columns: a list of objects would cost the time saved. */
interface PairSums {
  readonly sumUf: Float64Array;
  readonly low: Uint16Array;
  readonly high: Uint16Array;
}

function pairSums(groups: readonly Group[], most: number): PairSums {
  const pairs: [number, number, number][] = [];
  groups.forEach((a, low) => {
    for (let high = low; high < groups.length; high += 1) {
      const sum = a.uf + (groups[high]?.uf ?? 0);
      if (sum <= most && (high > low || a.pieces.length > 1)) pairs.push([sum, low, high]);
    }
  });
  pairs.sort((a, b) => a[0] - b[0]);
  return {
    sumUf: Float64Array.from(pairs, (pair) => pair[0]),
    low: Uint16Array.from(pairs, (pair) => pair[1]),
    high: Uint16Array.from(pairs, (pair) => pair[2]),
  };
}

/** First place in a sorted column whose value is not below. */
function lowerBound(column: ArrayLike<number>, value: number): number {
  let [from, to] = [0, column.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((column[middle] ?? 0) < value) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** The best few so far, by the order of combinations. */
class Best {
  readonly list: ParallelCombination[] = [];
  constructor(
    private readonly count: number,
    private readonly target: JoinTarget,
  ) {}
  offer(combination: ParallelCombination): void {
    const { list, count, target } = this;
    const last = list[count - 1];
    if (last && compareCombinations(combination, last, target.ratedUf) >= 0) return;
    let [from, to] = [0, list.length];
    while (from < to) {
      const middle = (from + to) >> 1;
      const other = list[middle];
      if (other && compareCombinations(other, combination, target.ratedUf) <= 0) from = middle + 1;
      else to = middle;
    }
    list.splice(from, 0, combination);
    if (list.length > count) list.pop();
  }
  /** rank, parts and price a newcomer must beat; null while there is room */
  get bar(): ParallelCombination | null {
    return this.list[this.count - 1] ?? null;
  }
}

/**
 * The best ways to make a value from parts in parallel, one for each set of values (the cheapest pieces of it).
 * Two, three and four parts are found as a value or a pair of values completed from the sorted pair sums, in rings of
 * half a percent around the target, until the rings that are left cannot hold anything better.
 * @param parts list of parts; those that bear too few volts are left out
 * @param target rated value and limits the sum of the nominal values must lie within, and volts
 * @param count how many to return
 * @returns best first: closeness in steps of half a percent, fewer parts, lower price
 */
export function searchCombinations(parts: readonly Joinable[], target: JoinTarget, count = 12): ParallelCombination[] {
  const groups = groupByValue(parts, target);
  const best = new Best(count, target);
  const pairs = pairSums(groups, target.highUf * (1 + 1e-9));
  const farthest = Math.max(deviationRank(target.lowUf, target.ratedUf), deviationRank(target.highUf, target.ratedUf));
  for (let rank = 0; rank <= farthest; rank += 1) {
    for (const [fromUf, toUf] of ring(rank, target.ratedUf)) visitBand(groups, pairs, { fromUf, toUf, rank }, target, best);
    // Every later ring ranks behind every combination of this one.
    if (best.bar !== null) break;
  }
  return best.list;
}

/** The two bands of sums whose deviation falls in one step. A hair wider: what lies outside is left out by its rank. */
function ring(rank: number, ratedUf: number): (readonly [number, number])[] {
  const [inner, outer] = [rank * DEVIATION_STEP - 1e-8, (rank + 1) * DEVIATION_STEP + 1e-8];
  return rank === 0
    ? [[ratedUf * (1 - outer), ratedUf * (1 + outer)]]
    : [
        [ratedUf * (1 - outer), ratedUf * (1 - inner)],
        [ratedUf * (1 + inner), ratedUf * (1 + outer)],
      ];
}

interface Band {
  readonly fromUf: number;
  readonly toUf: number;
  readonly rank: number;
}

function visitBand(groups: readonly Group[], pairs: PairSums, band: Band, target: JoinTarget, best: Best): void {
  const take = (indexes: readonly number[]): void => {
    const used = new Map<number, number>();
    const pieces: Joinable[] = [];
    for (const index of indexes) {
      const nth = used.get(index) ?? 0;
      const piece = groups[index]?.pieces[nth];
      if (!piece) return;
      used.set(index, nth + 1);
      pieces.push(piece);
    }
    const sumUf = pieces.reduce((sum, piece) => sum + piece.nominalUf, 0);
    if (deviationRank(sumUf, target.ratedUf) !== band.rank || !isWithinTarget(sumUf, target)) return;
    best.offer(joinParallel(pieces, target));
  };
  /** Whether a set of this many parts at this price could still be among the best: keeps the costly part rare. */
  const isHopeful = (indexes: readonly number[]): boolean => {
    const { bar } = best;
    if (bar === null || deviationRank(bar.nominalUf, target.ratedUf) > band.rank) return true;
    if (bar.ids.length !== indexes.length) return bar.ids.length > indexes.length;
    return indexes.reduce((sum, index) => sum + (groups[index]?.pieces[0]?.price ?? 0), 0) <= bar.price + 1e-9;
  };
  const offer = (indexes: readonly number[]): void => {
    if (isHopeful(indexes)) take(indexes);
  };
  const { sumUf, low, high } = pairs;
  for (let p = lowerBound(sumUf, band.fromUf); p < sumUf.length && (sumUf[p] ?? 0) <= band.toUf; p += 1) offer([low[p] ?? 0, high[p] ?? 0]);
  groups.forEach((group, index) => {
    for (let p = lowerBound(sumUf, band.fromUf - group.uf); p < sumUf.length && (sumUf[p] ?? 0) <= band.toUf - group.uf; p += 1) {
      // Each set of three once: the single is the lowest of the three.
      if (index <= (low[p] ?? 0)) offer([index, low[p] ?? 0, high[p] ?? 0]);
    }
  });
  for (let q = 0; q < sumUf.length; q += 1) {
    const first = sumUf[q] ?? 0;
    // Each set of four once: the pair taken first holds the two lowest, so its sum is at most half.
    if (2 * first > band.toUf) break;
    const [lowest, second] = [low[q] ?? 0, high[q] ?? 0];
    for (let p = lowerBound(sumUf, band.fromUf - first); p < sumUf.length && (sumUf[p] ?? 0) <= band.toUf - first; p += 1) {
      if (second <= (low[p] ?? 0)) offer([lowest, second, low[p] ?? 0, high[p] ?? 0]);
    }
  }
}
