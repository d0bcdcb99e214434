import { partType, type Part } from "@/records";
import { database } from "./database";
import type { NewPart } from "./parts";
import { countLine, firstCounting, whoWorks } from "./stock-moves";
import { attempt } from "./storage-status";
import { writing } from "./vemmick-database";

/** A line to put on the shelf, or to lay over one that is there: readings and photo of that one stay. */
export interface PartIn {
  readonly part: NewPart;
  readonly id: string | null;
}

/** Takes many lines in at once, all or none. */
export async function takePartsIn(all: readonly PartIn[]): Promise<boolean> {
  const db = database();
  const updatedAt = new Date().toISOString();
  return attempt(() =>
    writing(db, async () => {
      const ids = all.map(({ id }) => id ?? crypto.randomUUID());
      const before = await db.parts.bulkGet(ids);
      const who = await whoWorks(db);
      const rows = all.map(({ part }, index) => {
        const id = ids[index] ?? "";
        const old = before[index];
        const kept = old ? { tested: old.tested, photo: old.photo } : {};
        return { ...partType.blank(id), ...old, ...part, ...kept, id, isDemo: old?.isDemo ?? false, updatedAt } as Part;
      });
      for (const [index, row] of rows.entries()) {
        const old = before[index];
        if (old === undefined) await db.moves.put(firstCounting(row, who));
        else if (old.quantity !== row.quantity) await countLine(db, old, row.quantity, { at: updatedAt, who });
      }
      await db.parts.bulkPut(rows);
    }),
  );
}
