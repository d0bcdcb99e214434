import { partType, type PartMove, type Part } from "@/records";
import { database } from "./database";
import type { NewPart } from "./parts";
import { countLine, firstCounting, whoWorks } from "./stock-moves";
import { attempt } from "./storage-status";
import { deleteParts } from "./delete-records";
import { writing } from "./vemmick-database";

/** A line to put on the shelf, or to lay over one that is there: readings and photo of that one stay. */
export interface PartIn {
  readonly part: NewPart;
  readonly id: string | null;
}

/** The way back: what was changed since stays. @returns how many lines are as before; null: it could not be kept */
export type PartsBack = () => Promise<number | null>;

/**
 * Takes many lines in at once, all or none.
 * @returns the way back; null: nothing could be kept
 */
export async function takePartsIn(all: readonly PartIn[]): Promise<PartsBack | null> {
  const db = database();
  const updatedAt = new Date().toISOString();
  const ids = all.map(({ id }) => id ?? crypto.randomUUID());
  const was: { parts: (Part | undefined)[]; moves: readonly PartMove[]; now: readonly Part[] } = { parts: [], moves: [], now: [] };
  const isKept = await attempt(() =>
    writing(db, async () => {
      was.parts = await db.parts.bulkGet(ids);
      was.moves = await db.moves.where("partId").anyOf(ids).toArray();
      const who = await whoWorks(db);
      was.now = all.map(({ part }, index) => {
        const id = ids[index] ?? "";
        const old = was.parts[index];
        const kept = old ? { tested: old.tested, photo: old.photo } : {};
        return { ...partType.blank(id), ...old, ...part, ...kept, id, isDemo: old?.isDemo ?? false, updatedAt } as Part;
      });
      for (const [index, row] of was.now.entries()) {
        const old = was.parts[index];
        if (old === undefined) await db.moves.put(firstCounting(row, who));
        else if (old.quantity !== row.quantity) await countLine(db, old, row.quantity, { at: updatedAt, who });
      }
      await db.parts.bulkPut(was.now);
    }),
  );
  if (!isKept) return null;
  return async () => {
    let back = 0;
    const isBack = await attempt(() =>
      writing(db, async () => {
        const now = await db.parts.bulkGet(ids);
        const ours = ids.filter((_, index) => now[index] !== undefined && now[index]?.updatedAt === updatedAt);
        const restored = was.parts.filter((part) => part !== undefined).filter(({ id }) => ours.includes(id));
        await deleteParts(db, ours);
        await db.parts.bulkPut(restored);
        await db.moves.bulkPut(was.moves.filter(({ partId }) => ours.includes(partId)));
        back = ours.length;
      }),
    );
    return isBack ? back : null;
  };
}
