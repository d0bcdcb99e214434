import type { Failure } from "@/core/result";
import type { Change, JournalEntry } from "./change";
import { adopted, leftOver } from "./journal";
import { makeChange } from "./make-change";
import { toStorageFailure } from "./storage-status";
import { addUnsaved } from "./unsaved";
import { writing, type VemmickDatabase } from "./vemmick-database";

function adopt({ id, kind, key }: JournalEntry): void {
  const of = `${kind}/${key}`;
  adopted.set(of, [...(adopted.get(of) ?? []), id]);
}

/** The card a change is on, by its key. */
const cardOf = ({ kind, key }: Change): string | null => (kind === "station" ? key.slice(0, key.lastIndexOf("/")) : null);

/**
 * Makes the changes that were under way when the browser died. One whose card is gone has nowhere to go. One that is refused, on
 * a full device or beside newer data, stays noted, and stands on the list of what is not kept yet: it is told, and tried again;
 * so does what was keyed on a card that was begun and refused.
 */
export async function makeLeftOver(db: VemmickDatabase): Promise<void> {
  const refused = new Map<string, Failure>();
  for (const entry of await leftOver(db)) {
    try {
      await writing(db, () => makeChange(db, entry));
    } catch (error) {
      const found = toStorageFailure(error);
      const failure = found.code === "card-gone" ? (refused.get(cardOf(entry) ?? "") ?? null) : found;
      if (failure !== null) {
        if (entry.kind === "traveller") refused.set(entry.key, failure);
        adopt(entry);
        addUnsaved(entry, failure);
        continue;
      }
    }
    await db.journal.delete(entry.id);
  }
}
