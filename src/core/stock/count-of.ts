import type { StockMove } from "./move";

const isCounting = ({ kind }: StockMove): boolean => kind === "counted";
const isLater = (a: StockMove, b: StockMove): boolean => a.at > b.at || (a.at === b.at && a.id > b.id);

/**
 * The counting that holds: of those that no other one follows, the latest. Two people who count one shelf without knowing of
 * one another have counted the same pieces: what each found missing is not missing twice.
 * @param moves every move of one line, in any order
 * @returns null: nobody has counted yet
 */
export function lastCounting<Move extends StockMove>(moves: readonly Move[]): Move | null {
  const countings = moves.filter(isCounting);
  const followed = new Set(countings.map(({ follows }) => follows));
  const ends = countings.filter(({ id }) => !followed.has(id));
  return ends.reduce<Move | null>((latest, each) => (latest === null || isLater(each, latest) ? each : latest), null);
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
