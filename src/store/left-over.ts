import { adopt, leftOver } from "./journal";
import { makeChange } from "./make-change";
import { toStorageFailure } from "./storage-status";
import { addUnsaved } from "./unsaved";
import { writing, type VemmickDatabase } from "./vemmick-database";

/**
 * Makes the changes that were under way when the browser died. One whose card is gone has nowhere to go. One that is refused, on
 * a full device or beside newer data, stays noted, and stands on the list of what is not kept yet: it is told, and tried again.
 */
export async function makeLeftOver(db: VemmickDatabase): Promise<void> {
  for (const entry of await leftOver(db)) {
    try {
      await writing(db, () => makeChange(db, entry));
    } catch (error) {
      const failure = toStorageFailure(error);
      if (failure.code !== "card-gone") {
        adopt(entry);
        addUnsaved(entry, failure);
        continue;
      }
    }
    await db.journal.delete(entry.id);
  }
}
