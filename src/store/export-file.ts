import {
  byType,
  cardOf,
  mapLists,
  RECORD_TYPE_NAMES,
  recordKindOf,
  writeVemmickFile,
  type DatedRow,
  type RecordLists,
  type RecordTypeName,
  type TravellerId,
  type WrittenFile,
} from "@/records";
import { database } from "./database";
import { allWithUnsaved } from "./unsaved";
import { checkStamp } from "./vemmick-database";

export { FILE_SUFFIX } from "@/records";

/** Records as they were at one moment: one transaction reads every table. */
async function readAll(id: TravellerId | "everything"): Promise<RecordLists> {
  const db = database();
  return db.transaction("r", [...db.recordTables, db.settings], async () => {
    await checkStamp(db);
    const isWanted = (name: RecordTypeName): boolean => id === "everything" || recordKindOf(name).cardField !== undefined;
    const rowsOf = (name: RecordTypeName): PromiseLike<DatedRow[]> =>
      id === "everything" ? db.recordTable(name).toArray() : db.recordsOfCards(name, [id]).toArray();
    const names = RECORD_TYPE_NAMES.filter(isWanted);
    const found = await Promise.all(names.map(rowsOf));
    const rows = byType<Readonly<Record<RecordTypeName, readonly DatedRow[]>>>((name) => found[names.indexOf(name)] ?? []);
    // Rows as the tables have them; the file holds each against its schema.
    return rows as RecordLists;
  });
}

/**
 * An export: one card, or everything with shelf and house rules. What was keyed and is not kept yet goes with it; a row
 * whose card is gone does not.
 * @errors throws NewerDataError when a newer program has been here
 */
export async function exportFile(id: TravellerId | "everything"): Promise<WrittenFile> {
  const isAll = id === "everything";
  const kept = await readAll(id);
  const whole = mapLists(kept, (name, rows) =>
    isAll || recordKindOf(name).cardField !== undefined
      ? allWithUnsaved(name, rows, (row) => isAll || (name !== "traveller" && cardOf(name, row) === id))
      : [],
  );
  const cards = new Set<string>(whole.traveller.map((each) => each.id));
  const isAtHome = (card: string | null): boolean => card === null || cards.has(card);
  const atHome = mapLists(whole, (name, rows) => rows.filter((row) => isAtHome(cardOf(name, row))));
  return writeVemmickFile(atHome, new Date().toISOString());
}
