import type { StockMove } from "./move";

const isCounting = ({ kind }: StockMove): boolean => kind === "counted";

/**
 * The counting that holds: from one to those that follow it, and of several that follow the same one to where somebody counted
 * last. Two people who count one shelf without knowing of one another have counted the same pieces: what each found missing is
 * not missing twice.
 * @param moves every move of one line, in any order
 * @returns null: nobody has counted yet
 */
export function lastCounting<Move extends StockMove>(moves: readonly Move[]): Move | null {
  const countings = moves.filter(isCounting);
  const known = new Set(countings.map(({ id }) => id));
  const followers = new Map<string | null, Move[]>();
  for (const each of countings) {
    const follows = each.follows !== null && known.has(each.follows) ? each.follows : null;
    followers.set(follows, [...(followers.get(follows) ?? []), each]);
  }
  const seen = new Set<string>();
  /** The latest moment at which somebody counted from here on, and the id of that counting. */
  const latestFrom = (move: Move, path: ReadonlySet<string>): string =>
    (followers.get(move.id) ?? [])
      .filter(({ id }) => !path.has(id))
      .map((each) => latestFrom(each, new Set([...path, each.id])))
      .reduce((a, b) => (a > b ? a : b), `${move.at} ${move.id}`);
  let last: Move | null = null;
  for (let next = followers.get(null) ?? []; next.length > 0;) {
    // Only where several follow the same one is it asked who counted last.
    const [first, ...others] = next.map((each) => ({ each, latest: next.length === 1 ? "" : latestFrom(each, new Set([each.id])) }));
    if (first === undefined) break;
    last = others.reduce((best, other) => (other.latest > best.latest ? other : best), first).each;
    seen.add(last.id);
    next = (followers.get(last.id) ?? []).filter(({ id }) => !seen.has(id));
  }
  return last;
}

/**
 * Pieces of a line: the sum of what was taken, put back and bought, with what the countings found that lead to the one that
 * holds. Whatever the order in which moves become known, the sum is the same.
 * @param moves every move of one line, in any order
 * @returns pieces; below zero where more was taken than anybody put there: it wants counting
 * @example two people take one each of five: countOf([counted 5, taken 1, taken 1]) -> 3
 */
export function countOf(moves: readonly StockMove[]): number {
  const byId = new Map(moves.map((move) => [move.id, move]));
  let sum = moves.reduce((total, move) => (isCounting(move) ? total : total + move.by), 0);
  const added = new Set<string>();
  for (let each: StockMove | null = lastCounting(moves); each !== null && !added.has(each.id);) {
    added.add(each.id);
    sum += each.by;
    each = each.follows === null ? null : (byId.get(each.follows) ?? null);
  }
  return sum;
}

/**
 * Countings that do not count: somebody else counted the same shelf meanwhile, and later.
 * @param moves every move of one line, in any order
 * @returns those, in the order of the moves
 */
export function voidCountings<Move extends StockMove>(moves: readonly Move[]): readonly Move[] {
  const byId = new Map(moves.map((move) => [move.id, move]));
  const holds = new Set<string>();
  for (let each: Move | null = lastCounting(moves); each !== null && !holds.has(each.id);) {
    holds.add(each.id);
    each = each.follows === null ? null : (byId.get(each.follows) ?? null);
  }
  return moves.filter((move) => isCounting(move) && !holds.has(move.id));
}
