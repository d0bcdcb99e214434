import { toSummary } from "./summary";
import { deleteSummaries, putSummaries, type VemmickDatabase } from "./vemmick-database";

/** Gives every card its summary and takes away those of cards that are gone: whoever wrote past the program left them so. */
export async function mendSummaries(db: VemmickDatabase): Promise<void> {
  await db.transaction("rw", [db.travellers, db.summaries, db.deeds], async () => {
    const [cards, known] = await Promise.all([db.travellers.toCollection().primaryKeys(), db.summaries.toCollection().primaryKeys()]);
    const [there, summarised] = [new Set<string>(cards), new Set<string>(known)];
    const missing = await db.travellers.bulkGet(cards.filter((id) => !summarised.has(id)));
    await putSummaries(
      db,
      missing.filter((row) => row !== undefined).map((row) => toSummary(row)),
    );
    await deleteSummaries(
      db,
      known.filter((id) => !there.has(id)),
    );
  });
}
