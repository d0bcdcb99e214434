import { EPOCH } from "@/core/kept";
import { countOf, lastCounting } from "@/core/stock";
import type { PartMove, Part } from "@/records";
import { later } from "./later";
import type { VemmickDatabase } from "./vemmick-database";

/*
 * Pieces of a line are what its moves add up to; the line keeps the sum, so that whoever reads it need not add. Everything
 * here is part of a transaction with the shelf, and none of it is async itself: one more turn, and it may end before its time.
 */

/** A line without moves is from before there were any: what it says is its first counting, the same on every device. */
export const openingOf = ({ id, quantity, isDemo }: Part): PartMove => ({
  id: `open-${id}-${quantity}`,
  partId: id,
  kind: "counted",
  by: quantity,
  follows: null,
  counted: quantity,
  at: EPOCH,
  cardId: null,
  who: "",
  isDemo,
  updatedAt: EPOCH,
});

/** The first counting of a line that is put there now. */
export const firstCounting = (part: Part, who: string): PartMove => ({
  ...openingOf(part),
  at: part.updatedAt,
  updatedAt: part.updatedAt,
  who,
});

/** Moves of lines, by line; a line without any has its opening. */
const movesOf = (db: VemmickDatabase, parts: readonly Part[]): PromiseLike<ReadonlyMap<string, readonly PartMove[]>> =>
  db.moves
    .where("partId")
    .anyOf(parts.map(({ id }) => id))
    .toArray((kept) => {
      const byLine = new Map<string, readonly PartMove[]>(parts.map(({ id }) => [id, kept.filter(({ partId }) => partId === id)]));
      for (const part of parts) if (byLine.get(part.id)?.length === 0) byLine.set(part.id, [openingOf(part)]);
      return byLine;
    });

/** Pieces that are there by the moves; less than none is none. */
export const piecesOf = (moves: readonly PartMove[]): number => Math.max(0, countOf(moves));

/** Keystrokes within this time are one counting. */
const ONE_COUNTING_MS = 120_000;
/** Countings of this page: one that was made here may still be keyed on. */
const ofThisPage = new Set<string>();

const stillKeyed = (last: PartMove, at: string): boolean =>
  ofThisPage.has(last.id) && Math.abs(Date.parse(at) - Date.parse(last.at)) < ONE_COUNTING_MS;

/** What is known of who moves, and why. */
export interface MovedBy {
  readonly at: string;
  readonly who: string;
  readonly cardId?: string | null;
}

/** Who works here, as a move keeps it. */
export const whoWorks = (db: VemmickDatabase): PromiseLike<string> =>
  db.house.get("house").then((house) => {
    const technician: unknown = house?.technician;
    return typeof technician === "string" ? technician : "";
  });

const moveOf = (part: Part, move: Pick<PartMove, "kind" | "by"> & Partial<PartMove>, { at, who, cardId = null }: MovedBy): PartMove => ({
  id: crypto.randomUUID(),
  partId: part.id,
  follows: null,
  counted: null,
  cardId,
  at,
  who,
  isDemo: part.isDemo,
  updatedAt: at,
  ...move,
});

/** A line counted anew. @returns the line as it is then, for whoever puts it */
export const countLine = (db: VemmickDatabase, part: Part, counted: number, by: MovedBy): PromiseLike<Part> =>
  movesOf(db, [part]).then((known) => {
    const moves = known.get(part.id) ?? [];
    const last = lastCounting(moves);
    const goesOn = last !== null && stillKeyed(last, by.at) ? last : null;
    const before = moves.filter((move) => move !== goesOn);
    const follows = (goesOn === null ? last?.id : goesOn.follows) ?? null;
    const made = moveOf(part, { kind: "counted", by: counted - countOf(before), follows, counted }, by);
    ofThisPage.add(made.id);
    const gone = goesOn === null ? [] : [goesOn.id];
    return db.moves
      .bulkDelete(gone)
      .then(() => db.moves.bulkPut([...before, made]))
      .then(() => ({ ...part, quantity: counted, updatedAt: later(by.at, part.updatedAt) }));
  });

/** A change of a line's pieces. */
export interface LineMove {
  readonly part: Part;
  readonly kind: "taken" | "put-back" | "bought";
  readonly by: number;
}

/** Pieces that came or went: the moves are noted, and the lines have their new sums. */
export const moveLines = (db: VemmickDatabase, changes: readonly LineMove[], by: MovedBy): PromiseLike<unknown> =>
  movesOf(
    db,
    changes.map(({ part }) => part),
  ).then((known) => {
    const moves = new Map(known);
    for (const { part, kind, by: pieces } of changes)
      moves.set(part.id, [...(moves.get(part.id) ?? []), moveOf(part, { kind, by: pieces }, by)]);
    const lines = [...new Map(changes.map(({ part }) => [part.id, part])).values()];
    const summed = lines.map((part) => ({
      ...part,
      quantity: piecesOf(moves.get(part.id) ?? []),
      updatedAt: later(by.at, part.updatedAt),
    }));
    return db.moves.bulkPut([...moves.values()].flat()).then(() => db.parts.bulkPut(summed));
  });

/** Pieces that came in are added to a line. */
export async function buyInto(db: VemmickDatabase, id: string, pieces: number, at: string): Promise<boolean> {
  const part = await db.parts.get(id);
  if (part === undefined) return false;
  const who = await whoWorks(db);
  await moveLines(db, [{ part, kind: "bought", by: pieces }], { at, who });
  return true;
}
