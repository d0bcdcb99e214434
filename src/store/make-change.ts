import type { Loose } from "@/core/kept";
import { migrateRecord, PRESENT_VERSIONS, recordTypeOf } from "@/records";
import { applyChange, type Change, type RowKind } from "./change";
import { later } from "./later";
import { CardGoneError, fitRow, ROWS } from "./rows";
import type { VemmickDatabase } from "./vemmick-database";

const now = (): string => new Date().toISOString();

/** A change of an older program as the present one would have made it. */
function upToDate(change: Change): Change {
  const { type } = ROWS[change.kind];
  // Of a slim one there is too little to bring up to date: its fields are taken by their names, or not at all.
  if (change.isSlim || change.kind === "bench" || change.version === PRESENT_VERSIONS[type]) return change;
  const row = migrateRecord(recordTypeOf(type), { ...change.row }, change.version);
  // Fields may have moved: of a station's record all of them are taken.
  return {
    ...change,
    row,
    fields: change.kind === "station" ? [["data"], ["skippedReason"], ["earlier"]] : change.fields,
    version: PRESENT_VERSIONS[type],
  };
}

/**
 * Makes a change that was kept as data, on the row as it is now. Part of a transaction.
 * @errors CardGoneError where the row, or its card, was removed
 */
export async function makeChange(db: VemmickDatabase, change: Change): Promise<void> {
  const { kind, key } = change;
  const present = upToDate(change);
  const stored = await ROWS[kind].get(db, key);
  const base = stored ?? (change.isNew === true ? ({ ...present.row } as Loose) : ROWS[kind].blank(key));
  if (base === null) throw new CardGoneError("the row was removed");
  const row = applyChange(base, present);
  await ROWS[kind].put(db, fitRow(kind, stamped(kind, row, stored)));
}

/** A row with the time of its change; what lies on the bench has none. */
export const stamped = (kind: RowKind, row: Loose, stored: Loose | undefined): Loose =>
  kind === "bench" ? row : { ...row, updatedAt: later(now(), stored?.updatedAt) };
