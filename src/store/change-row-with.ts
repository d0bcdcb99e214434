import type { Loose } from "@/core/kept";
import type { RowKind } from "./change";
import { inOrder, loadKeeping, retryUnsaved, type ChangeOfRow } from "./change-row";
import { database } from "./database";
import { endChange } from "./in-hand";
import { reportRefusal, toStorageFailure } from "./storage-status";
import { unsaved, unsavedOf } from "./unsaved";
import { writing, type VemmickDatabase } from "./vemmick-database";

/**
 * Changes one row together with something beside it, in one transaction: both are kept, or neither. Unlike a key it shows once
 * it is kept, and is not tried again by itself: what was counted is looked at anew.
 * @param change from the row as it is to the row as it should be
 * @param beside part of the transaction, before the row; false: neither is done
 * @returns whether both were kept
 */
export const changeRowWith = (
  kind: RowKind,
  key: string,
  change: ChangeOfRow,
  beside: (db: VemmickDatabase, at: string) => Promise<boolean>,
): Promise<boolean> => inOrder(kind, key, () => keepBoth(kind, key, change, beside));

async function keepBoth(
  kind: RowKind,
  key: string,
  change: ChangeOfRow,
  beside: (db: VemmickDatabase, at: string) => Promise<boolean>,
): Promise<boolean> {
  const db = database();
  const at = new Date().toISOString();
  let written: Loose | null = null;
  try {
    const { ROWS, CardGoneError, fitRow, stamped } = await loadKeeping();
    if (unsaved().length > 0) await retryUnsaved();
    // It must not overtake what was keyed before it.
    if (unsavedOf(kind, key)) return false;
    await writing(db, async () => {
      if (!(await beside(db, at))) return;
      const stored = (await ROWS[kind].get(db, key)) ?? ROWS[kind].blank(key);
      if (stored === null) throw new CardGoneError("the row was removed");
      const row = fitRow(kind, stamped(kind, { ...change(stored, at) }, stored));
      await ROWS[kind].put(db, row);
      written = row;
    });
  } catch (error) {
    written = null;
    reportRefusal(toStorageFailure(error));
  }
  endChange(kind, key, null, written);
  return written !== null;
}
