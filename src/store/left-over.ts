import { leftOver } from "./journal";
import { makeChange } from "./make-change";
import { writing, type VemmickDatabase } from "./vemmick-database";

/** Makes the changes that were under way when the browser died. One whose card is gone has nowhere to go. */
export async function makeLeftOver(db: VemmickDatabase): Promise<void> {
  for (const entry of await leftOver(db)) {
    await writing(db, () => makeChange(db, entry)).catch(() => undefined);
    await db.journal.delete(entry.id);
  }
}
