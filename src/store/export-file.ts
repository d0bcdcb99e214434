import { Dexie } from "dexie";
import {
  cardOf,
  createFileWriter,
  RECORD_TYPE_NAMES,
  recordKindOf,
  type DatedRow,
  type Progress,
  type RecordTypeName,
  type Traveller,
  type TravellerId,
  type WrittenFile,
} from "@/records";
import { database } from "./database";
import { withPhotos } from "./kept-photos";
import { createSiteNumbers } from "./site-numbers";
import { unsaved, withUnsaved, type Unsaved } from "./unsaved";
import { checkStamp, type VemmickDatabase } from "./vemmick-database";

/** Some cards with what belongs to them; sites may be numbered instead of named, for whom customers are no business of. */
export interface Selection {
  readonly cards: readonly TravellerId[];
  readonly isNameless: boolean;
}

/** What an export is of: one card or some with what belongs to them, or everything with shelf and house rules. */
export type ExportOf = TravellerId | Selection | "everything";

const cardsOf = (of: Exclude<ExportOf, "everything">): readonly string[] => (typeof of === "string" ? [of] : of.cards);

/** Sites by a number each, the same for all cards of one site; motors stay apart, and belong together as before. */
function withoutNames(of: ExportOf): (name: RecordTypeName, row: DatedRow) => DatedRow {
  if (typeof of === "string" || !of.isNameless) return (_, row) => row;
  const numberOf = createSiteNumbers();
  return (name, row) =>
    name === "traveller" ? ({ ...row, site: numberOf(String((row as unknown as Traveller).site ?? "")) } as DatedRow) : row;
}

/** A long table is read so many rows at a time. */
const CHUNK = 1000;

const byId = (a: DatedRow, b: DatedRow): number => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Rows with their photos, where any of them has one. */
function completed(db: VemmickDatabase, rows: readonly DatedRow[], pictured: ReadonlySet<string>): PromiseLike<readonly DatedRow[]> {
  return rows.some(({ id }) => pictured.has(id)) ? withPhotos(db, rows) : Dexie.Promise.resolve(rows);
}

/** Rows of one type, in the order of their ids, some at a time. */
async function eachChunk(
  db: VemmickDatabase,
  name: RecordTypeName,
  of: ExportOf,
  pictured: ReadonlySet<string>,
  act: (rows: readonly DatedRow[]) => void,
): Promise<void> {
  if (of !== "everything") {
    act([...(await completed(db, await db.recordsOfCards(name, cardsOf(of)).toArray(), pictured))].sort(byId));
    return;
  }
  const read = (after: string | typeof Dexie.minKey): PromiseLike<readonly DatedRow[]> =>
    db
      .recordTable(name)
      .where(":id")
      .above(after)
      .limit(CHUNK)
      .toArray((rows) => completed(db, rows, pictured));
  let rows = await read(Dexie.minKey);
  for (;;) {
    const end = rows.length < CHUNK ? undefined : rows.at(-1);
    // The next ones are read while these are written.
    const next = end === undefined ? null : read(end.id);
    act(rows);
    if (next === null) return;
    rows = await next;
  }
}

/** Rows that are not kept at all yet, in the order of their ids. */
function unsavedOnly(name: RecordTypeName, of: ExportOf, left: readonly Unsaved[]): DatedRow[] {
  const cards = of === "everything" ? null : new Set(cardsOf(of));
  return left
    .filter(({ change }) => change.kind === name)
    .map(({ change }) => change.row as unknown as DatedRow)
    .filter((row) => cards === null || (name !== "traveller" && cards.has(cardOf(name, row) ?? "")))
    .sort(byId);
}

/** A file in pieces, each of a few hundred kilobytes, and what in it would not come back as it is. */
export type ExportedParts = Omit<WrittenFile, "text"> & { readonly parts: readonly string[] };

/**
 * Writes an export in one transaction, so that it is of one moment. What was keyed and is not kept yet goes with it; a row
 * whose card is gone does not.
 * @param left what is not kept yet
 * @errors throws NewerDataError when a newer program has been here
 */
export async function exportParts(
  db: VemmickDatabase,
  of: ExportOf,
  left: readonly Unsaved[],
  onProgress: Progress = () => undefined,
): Promise<ExportedParts> {
  const writer = createFileWriter(new Date().toISOString());
  const parts = [writer.head()];
  const cards = new Set<string>();
  const nameless = withoutNames(of);
  const names = RECORD_TYPE_NAMES.filter((name) => of === "everything" || recordKindOf(name).cardField !== undefined);
  await db.transaction("r", [...db.recordTables, db.settings, db.photos], async () => {
    await checkStamp(db);
    const pictured = new Set<string>((await db.photos.orderBy("rowId").uniqueKeys()) as string[]);
    const counts = await Promise.all(names.map((name) => (of === "everything" ? db.recordTable(name).count() : 0)));
    const all = counts.reduce((sum, count) => sum + count, 0);
    let done = 0;
    for (const name of RECORD_TYPE_NAMES) {
      parts.push(writer.list(name));
      if (!names.includes(name)) continue;
      const waiting = unsavedOnly(name, of, left);
      const write = (row: DatedRow): string => {
        const card = cardOf(name, row);
        if (name === "traveller") cards.add(row.id);
        return card === null || cards.has(card) ? writer.record(name, nameless(name, row)) : "";
      };
      await eachChunk(db, name, of, pictured, (rows) => {
        let text = "";
        for (const kept of rows) {
          while (waiting[0] && waiting[0].id < kept.id) text += write(waiting.shift() ?? kept);
          if (waiting[0]?.id === kept.id) waiting.shift();
          text += write(withUnsaved(name, kept.id, kept, left) ?? kept);
        }
        parts.push(text);
        done += rows.length;
        onProgress(done, all);
      });
      parts.push(waiting.map(write).join(""));
    }
  });
  parts.push(writer.end());
  return { parts, shortened: writer.shortened, misfits: writer.misfits };
}

/** The same as one text, for some cards. */
export async function exportFile(of: ExportOf): Promise<WrittenFile> {
  const { parts, ...notes } = await exportParts(database(), of, unsaved());
  return { text: parts.join(""), ...notes };
}
