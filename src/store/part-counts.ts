import { database } from "./database";
import { attempt } from "./storage-status";
import { writing } from "./vemmick-database";

/** What came of taking a piece off a line of the shelf. */
export type Taken = "taken" | "none-left" | "line-gone" | "not-kept";

/**
 * Takes one piece off a line, in one transaction with the look at what is left: two tabs never take the same piece, and no
 * count goes below zero.
 */
export async function takePiece(id: string): Promise<Taken> {
  const db = database();
  let taken: Taken = "not-kept";
  const isKept = await attempt(() =>
    writing(db, async () => {
      const line = await db.parts.get(id);
      taken = line === undefined ? "line-gone" : line.quantity < 1 ? "none-left" : "taken";
      if (line && taken === "taken") await db.parts.put({ ...line, quantity: line.quantity - 1, updatedAt: new Date().toISOString() });
    }),
  );
  return isKept ? taken : "not-kept";
}

/** Puts one piece back on its line; "line-gone" where somebody took the line off meanwhile. */
export async function putPieceBack(id: string): Promise<Exclude<Taken, "none-left">> {
  const db = database();
  let back: Exclude<Taken, "none-left"> = "not-kept";
  const isKept = await attempt(() =>
    writing(db, async () => {
      const line = await db.parts.get(id);
      back = line === undefined ? "line-gone" : "taken";
      if (line) await db.parts.put({ ...line, quantity: line.quantity + 1, updatedAt: new Date().toISOString() });
    }),
  );
  return isKept ? back : "not-kept";
}
