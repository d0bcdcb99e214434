import type { StationData } from "@/core/stations";
import { partType, stationRecordId, type Part, type TravellerId } from "@/records";
import { changeRowWith } from "./change-row-with";
import { beginLine, type NewPart } from "./parts";
import { moveLines, whoWorks, type LineMove } from "./stock-moves";

/** What came of taking a piece off a line of the shelf. */
export type Taken = "taken" | "none-left" | "line-gone" | "not-kept";

type OutIn = StationData<"out-in">;

/** What is noted of it on a card: kept with the count, or neither is. */
export interface OnCard {
  readonly travellerId: TravellerId;
  readonly change: (record: OutIn, at: string) => OutIn;
}

/** A change of the shelf and of what a card says of it, in one transaction: a crash between them loses no piece. */
const shelfAndCard = ({ travellerId, change }: OnCard, onShelf: Parameters<typeof changeRowWith>[3]): Promise<boolean> =>
  changeRowWith("station", stationRecordId(travellerId, "out-in"), (row, at) => ({ ...row, data: change(row.data as OutIn, at) }), onShelf);

interface Move {
  readonly id: string;
  readonly by: 1 | -1;
  /** a line that somebody took off meanwhile takes nothing back, and is no hindrance */
  readonly isOptional?: boolean;
}

/** Moves pieces, all of them or none: what is left is looked at before anything is written. */
async function count(moves: readonly Move[], card: OnCard): Promise<Taken> {
  const seen: { outcome: Taken } = { outcome: "not-kept" };
  const isKept = await shelfAndCard(card, async (db, at) => {
    const left = new Map<string, number>();
    const made: LineMove[] = [];
    for (const { id, by, isOptional = false } of moves) {
      const part = await db.parts.get(id);
      const there = left.get(id) ?? part?.quantity ?? 0;
      if (part && there + by >= 0) {
        left.set(id, there + by);
        made.push({ part, kind: by < 0 ? "taken" : "put-back", by });
      } else if (!isOptional) {
        seen.outcome = part === undefined ? "line-gone" : "none-left";
        return false;
      }
    }
    const who = await whoWorks(db);
    await moveLines(db, made, { at, who, cardId: card.travellerId });
    seen.outcome = "taken";
    return true;
  });
  return isKept || seen.outcome !== "taken" ? seen.outcome : "not-kept";
}

/**
 * Takes one piece off a line and notes it on the card, in one transaction with the look at what is left: two tabs never take the
 * same piece, and no count goes below zero.
 * @param instead lines of pieces that go back for it
 */
export const takePiece = (id: string, card: OnCard, instead: readonly string[] = []): Promise<Taken> =>
  // First what goes back: it may be of the same line.
  count([...instead.map((back) => ({ id: back, by: 1 as const, isOptional: true })), { id, by: -1 }], card);

/** Puts one piece back on its line, and off the card; "line-gone" where somebody took the line off meanwhile. */
export const putPieceBack = (id: string, card: OnCard): Promise<Taken> => count([{ id, by: 1 }], card);

/** Puts a part of a card on the shelf as a line of its own, and notes that on the card. */
export const shelvePart = (part: NewPart, card: OnCard): Promise<boolean> => {
  const id = crypto.randomUUID();
  return shelfAndCard(card, async (db, at) => {
    await beginLine(db, { ...partType.blank(id), quantity: 1, ...part, updatedAt: at } as Part);
    return true;
  });
};
