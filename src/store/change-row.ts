import type { Failure } from "@/core/result";
import { PRESENT_VERSIONS } from "@/records";
import { changedFields, type Change, type RowKind } from "./change";
import { database } from "./database";
import { askToStay } from "./device";
import { forget, note, settle } from "./journal";
import { makeChange, stamped } from "./make-change";
import { fitRow, ROWS } from "./rows";
import { reportRefusal, toStorageFailure } from "./storage-status";
import { addUnsaved, dropUnsaved, unsaved, unsavedOf, withUnsaved } from "./unsaved";
import { writing } from "./vemmick-database";

type Loose = Record<string, unknown>;

/** Rows as they were last read or written here: what a change is noted on before the database answers. */
const seen = new Map<string, Loose>();
const idOf = (kind: RowKind, key: string): string => `${kind}/${key}`;

/** Remembers a row that was read, or that there is none yet, so that a change of it can be noted in the turn of the key. */
export function remember(kind: RowKind, key: string, row: object | undefined): void {
  const known = (row as Loose | undefined) ?? ROWS[kind].blank(key);
  if (known) seen.set(idOf(kind, key), known);
}

/** What was refused cannot be taken by trying again. */
const isFinal = ({ code }: Failure): boolean => code === "card-gone";

function refuse(change: Change | null, error: unknown): void {
  const failure = toStorageFailure(error);
  if (change === null || isFinal(failure)) reportRefusal(failure);
  else addUnsaved(change, failure);
}

/** Tries again what was refused before; what is refused again stays on the list. */
export async function retryUnsaved(): Promise<boolean> {
  const db = database();
  for (const { change } of unsaved()) {
    try {
      await writing(db, () => makeChange(db, change));
      dropUnsaved(change);
    } catch (error) {
      addUnsaved(change, toStorageFailure(error));
    }
  }
  return unsaved().length === 0;
}

/**
 * Changes one row and keeps it at once: noted in the turn of the key, then read, changed and written in one transaction, so
 * that two tabs that change different fields keep both. A refused change goes on the list of what is not kept yet, and
 * stays on the screen from there.
 * @param change from the row as it is kept to the row as it should be; may run more than once
 * @returns whether it was kept
 */
export async function changeRow(kind: RowKind, key: string, change: (row: Loose) => Loose): Promise<boolean> {
  const db = database();
  const { type, get, blank, put } = ROWS[kind];
  const version = PRESENT_VERSIONS[type];
  const asChange = (before: Loose, row: Loose): Change => ({ kind, key, row, fields: changedFields(before, row), version });

  const known = withUnsaved(kind, key, seen.get(idOf(kind, key)));
  let wanted: Change | null = null;
  if (known) {
    wanted = asChange(known, change(known));
    seen.set(idOf(kind, key), wanted.row as Loose);
  }
  const noted = wanted === null || wanted.fields.length === 0 ? null : note(db, wanted);

  if (unsaved().length > 0) await retryUnsaved();
  const waiting = unsavedOf(kind, key);
  if (waiting) {
    // It must not overtake what was keyed before it.
    const before = waiting.change.row as Loose;
    addUnsaved(asChange(before, change(before)), waiting.failure);
    return false;
  }
  try {
    await writing(db, async () => {
      const stored = (await get(db, key)) ?? blank(key) ?? undefined;
      if (!stored) return;
      const row = change(stored);
      wanted = asChange(stored, row);
      const fitting = fitRow(kind, stamped(kind, row, stored));
      await Promise.all([put(db, fitting), settle(db, noted)]);
      seen.set(idOf(kind, key), fitting);
    });
    forget(noted);
    askToStay();
    return true;
  } catch (error) {
    // Refused before the row was even read.
    const blankRow = blank(key);
    refuse(wanted ?? (blankRow ? asChange(blankRow, change(blankRow)) : null), error);
    return false;
  }
}
