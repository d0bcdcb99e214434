import type { Loose } from "@/core/kept";
import type { Failure } from "@/core/result";
import { PRESENT_VERSIONS } from "@/records";
import { changedFields, type Change, type RowKind } from "./change";
import { database } from "./database";
import { askToStay } from "./device";
import { forget, note, settle, strike, type Note } from "./journal";
import { makeChange, stamped } from "./make-change";
import { CardGoneError, fitRow, ROWS } from "./rows";
import { reportRefusal, toStorageFailure } from "./storage-status";
import { addUnsaved, dropUnsaved, unsaved, unsavedOf, withUnsaved } from "./unsaved";
import { writing } from "./vemmick-database";

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

async function retryAll(): Promise<boolean> {
  const db = database();
  for (const { change } of unsaved()) {
    try {
      await writing(db, () => makeChange(db, change));
      await strike(db, change);
      dropUnsaved(change);
    } catch (error) {
      const failure = toStorageFailure(error);
      // What was removed meanwhile takes nothing any more, however often it is tried.
      if (isFinal(failure)) await letGo(change);
      refuse(change, error);
    }
  }
  return unsaved().length === 0;
}

let retrying: Promise<boolean> | null = null;
/**
 * Tries again what was refused before; what is refused again stays on the list. One try at a time: a second one beside it
 * would make an old change once more, over what was keyed since.
 */
export function retryUnsaved(): Promise<boolean> {
  retrying ??= retryAll().finally(() => {
    retrying = null;
  });
  return retrying;
}

/** Lets a change go that is not kept: the row is again what is kept. */
export async function letGo({ kind, key }: Pick<Change, "kind" | "key">): Promise<void> {
  seen.delete(idOf(kind, key));
  dropUnsaved({ kind, key });
  await strike(database(), { kind, key });
}

/**
 * Changes one row and keeps it at once: noted in the turn of the key, then read, changed and written in one transaction, so
 * that two tabs that change different fields keep both. A refused change goes on the list of what is not kept yet, and
 * stays on the screen from there.
 * @param change from the row as it is kept to the row as it should be; may run more than once
 * @returns whether it was kept
 */
export function changeRow(kind: RowKind, key: string, change: (row: Loose) => Loose): Promise<boolean> {
  const noted = noteAtOnce(kind, key, change);
  const id = idOf(kind, key);
  const before = inTurn.get(id);
  const mine = before ? before.then(() => keepRow(kind, key, change, noted)) : keepRow(kind, key, change, noted);
  inTurn.set(id, mine);
  void mine.finally(() => {
    if (inTurn.get(id) === mine) inTurn.delete(id);
  });
  return mine;
}

/** Changes of one row are kept in the order of their keys: none overtakes another that is refused meanwhile. */
const inTurn = new Map<string, Promise<boolean>>();

/** Waits until every change of a row that was begun is through: what clears the row must come after them. */
export async function settled(kind: RowKind, key: string): Promise<void> {
  await inTurn.get(idOf(kind, key));
}

const asChange = (kind: RowKind, key: string, before: Loose, row: Loose): Change => ({
  kind,
  key,
  row,
  fields: changedFields(before, row),
  version: PRESENT_VERSIONS[ROWS[kind].type],
});

/** Notes the change on the row as it was last seen; null where it was never seen here, or nothing changes. */
function noteAtOnce(kind: RowKind, key: string, change: (row: Loose) => Loose): Note | null {
  const known = withUnsaved(kind, key, seen.get(idOf(kind, key)));
  if (!known) return null;
  const wanted = asChange(kind, key, known, change(known));
  seen.set(idOf(kind, key), wanted.row as Loose);
  return wanted.fields.length === 0 ? null : note(database(), wanted);
}

async function keepRow(kind: RowKind, key: string, change: (row: Loose) => Loose, noted: Note | null): Promise<boolean> {
  const db = database();
  const { get, blank, put } = ROWS[kind];
  if (unsaved().length > 0) await retryUnsaved();
  const waiting = unsavedOf(kind, key);
  if (waiting) {
    // It must not overtake what was keyed before it.
    const before = waiting.change.row as Loose;
    addUnsaved(asChange(kind, key, before, change(before)), waiting.failure);
    forget(noted);
    return false;
  }
  let wanted: Change | null = null;
  try {
    await writing(db, async () => {
      const stored = (await get(db, key)) ?? blank(key);
      if (stored === null) throw new CardGoneError("the row was removed");
      const row = change(stored);
      wanted = asChange(kind, key, stored, row);
      const fitting = fitRow(kind, stamped(kind, row, stored));
      await put(db, fitting);
      seen.set(idOf(kind, key), fitting);
    });
    settle(db, noted);
    askToStay();
    return true;
  } catch (error) {
    // Refused before the row was even read.
    const blankRow = blank(key);
    refuse(wanted ?? (blankRow ? asChange(kind, key, blankRow, change(blankRow)) : null), error);
    return false;
  } finally {
    forget(noted);
  }
}
