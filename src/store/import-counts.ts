import { countOf, lastCounting } from "@/core/stock";
import type { PartMove, Part, RecordLists } from "@/records";
import { later } from "./later";
import { openingOf, piecesOf } from "./stock-moves";
import type { VemmickDatabase } from "./vemmick-database";

const groupByLine = (moves: readonly PartMove[]): ReadonlyMap<string, readonly PartMove[]> => {
  const groups = new Map<string, PartMove[]>();
  for (const move of moves) groups.set(move.partId, [...(groups.get(move.partId) ?? []), move]);
  return groups;
};

/** A file of a program that kept no moves says how many there are: that is a counting, the same whoever reads the file. */
function countingOf(row: Part, before: readonly PartMove[]): PartMove {
  const last = lastCounting(before);
  return { ...openingOf(row), id: `file-${row.id}-${row.quantity}`, by: row.quantity - countOf(before), follows: last?.id ?? null };
}

/**
 * What an import puts on the Shelf, with the counts that its moves come to beside those that are here.
 * @param inFile moves of the file, those that are here already among them
 */
export async function withCounts(db: VemmickDatabase, put: RecordLists, inFile: readonly PartMove[]): Promise<RecordLists> {
  const coming = new Map(put.part.map((row) => [row.id, row]));
  const ids = [...new Set([...coming.keys(), ...put.move.map(({ partId }) => partId)])];
  if (ids.length === 0) return put;
  const [lines, kept] = await Promise.all([db.parts.bulkGet(ids), db.moves.where("partId").anyOf(ids).toArray()]);
  const [here, news, all] = [groupByLine(kept), groupByLine(put.move), groupByLine(inFile)];
  const moves: PartMove[] = [...put.move];
  const rows = ids.flatMap((id, index): Part[] => {
    const [stored, row] = [lines[index], coming.get(id) ?? lines[index]];
    if (row === undefined) return [];
    const own = here.get(id) ?? (stored === undefined ? [] : [openingOf(stored)]);
    const more = [...(news.get(id) ?? [])];
    if (stored !== undefined && !here.has(id)) moves.push(...own);
    if (!all.has(id) && coming.has(id) && (stored === undefined || stored.quantity !== row.quantity))
      more.push(stored === undefined ? openingOf(row) : countingOf(row, own));
    moves.push(...more.filter((each) => !put.move.includes(each)));
    const quantity = piecesOf([...own, ...more]);
    if (coming.has(id)) return [{ ...row, quantity }];
    return quantity === row.quantity ? [] : [{ ...row, quantity, updatedAt: later(row.updatedAt, row.updatedAt) }];
  });
  return { ...put, part: rows, move: [...new Map(moves.map((each) => [each.id, each])).values()] };
}
