import { fail, ok, type Failure, type Result } from "@/core/result";
import {
  byType,
  cardOf,
  isEmptyPlan,
  MAX_FILE_BYTES,
  parseVemmickFile,
  planImport,
  RECORD_TYPE_NAMES,
  type DatedRow,
  type ImportPlan,
  type Present,
  type Progress,
  type RecordLists,
  type RecordTypeName,
} from "@/records";
import { isSame } from "./change";
import { withCounts } from "./import-counts";
import { database } from "./database";
import { withPhotos } from "./kept-photos";
import { partPhotos } from "./photos";
import { toStorageFailure } from "./storage-status";
import { deleteRecords } from "./delete-records";
import { OF_CARDS, putRecords, writing, type VemmickDatabase } from "./vemmick-database";

/** What an undo took back, and what it left because it was changed since. */
export interface Undone {
  readonly records: number;
  /** machines of cards that were changed since: they stay whole, as they are now */
  readonly keptCards: readonly string[];
  /** records that belong to no card and were changed since, by type */
  readonly keptOthers: Readonly<Partial<Record<RecordTypeName, number>>>;
}
export type Undo = () => Promise<Result<Undone, Failure>>;

/** A long list is read and written so many rows at a time. */
const CHUNK = 1000;
const NO_PROGRESS: Progress = () => undefined;

const chunksOf = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, index) => all.slice(index * CHUNK, (index + 1) * CHUNK));

async function timesHere(db: VemmickDatabase, name: RecordTypeName): Promise<ReadonlyMap<string, string>> {
  const times = new Map<string, string>();
  await db.recordTable(name).each(({ id, updatedAt }) => times.set(id, updatedAt));
  return times;
}

/**
 * Reads a file and says what taking it in would do; writes nothing.
 * @param onProgress told how many records were read and held against their bounds
 * @errors those of parseVemmickFile, and of the store
 */
export async function prepareImport(file: string | Blob, onProgress = NO_PROGRESS): Promise<Result<ImportPlan, Failure>> {
  const bytes = typeof file === "string" ? file.length : file.size;
  if (bytes > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes, maxBytes: MAX_FILE_BYTES });
  const read = parseVemmickFile(typeof file === "string" ? file : await file.text(), onProgress);
  if (!read.ok) return read;
  const db = database();
  try {
    const times = await Promise.all(RECORD_TYPE_NAMES.map((name) => timesHere(db, name)));
    const present = byType<Present>((name) => times[RECORD_TYPE_NAMES.indexOf(name)] ?? new Map());
    const plan = planImport(read.value, present, new Date().toISOString());
    return ok({ ...plan, put: await withCounts(db, plan.put, read.value.records.move) });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}

type Rows = Readonly<Record<RecordTypeName, readonly DatedRow[]>>;

/** Rows that stand here under the ids of the file: of each type those that are there. */
async function rowsHere(db: VemmickDatabase, plan: ImportPlan): Promise<Rows> {
  const found: Partial<Record<RecordTypeName, readonly DatedRow[]>> = {};
  for (const name of RECORD_TYPE_NAMES) {
    const rows: DatedRow[] = [];
    for (const chunk of chunksOf<DatedRow>(plan.put[name]))
      rows.push(...(await db.recordTable(name).bulkGet(chunk.map(({ id }) => id))).filter((row) => row !== undefined));
    found[name] = rows;
  }
  return byType<Rows>((name) => found[name] ?? []);
}

const byId = (rows: readonly DatedRow[]): ReadonlyMap<string, DatedRow> => new Map(rows.map((row) => [row.id, row]));

/** Whether a row stands here as it was taken in: its photos lie apart from it now. */
const isAsTaken = (now: DatedRow | undefined, row: DatedRow): boolean => isSame(now, partPhotos(row)[0]);

/** Cards of which a record is no longer as it was taken in. */
function changedSince(plan: ImportPlan, here: Rows): Set<string> {
  const changed = new Set<string>();
  for (const name of RECORD_TYPE_NAMES) {
    const now = byId(here[name]);
    for (const row of plan.put[name]) {
      const card = cardOf(name, row);
      if (card !== null && !isAsTaken(now.get(row.id), row)) changed.add(card);
    }
  }
  return changed;
}

/** Cards that came with the import and got records that did not. */
async function grownSince(db: VemmickDatabase, plan: ImportPlan, fresh: readonly string[]): Promise<readonly string[]> {
  const grown: string[] = [];
  for (const name of OF_CARDS) {
    const imported = new Set<string>(plan.put[name].map(({ id }) => id));
    for (const chunk of chunksOf<string>(fresh)) {
      // Keys alone say whether there is another one; only that is read.
      const keys: string[] = await db.recordsOfCards(name, chunk).primaryKeys();
      const other = keys.filter((id) => !imported.has(id));
      if (other.length === 0) continue;
      for (const row of await db.recordTable(name).bulkGet(other)) if (row) grown.push(cardOf(name, row) ?? "");
    }
  }
  return grown;
}

async function putBack(db: VemmickDatabase, plan: ImportPlan, before: Rows): Promise<Undone> {
  const here = await rowsHere(db, plan);
  const stays = changedSince(plan, here);
  const known = byId(before.traveller);
  const fresh = plan.put.traveller.map(({ id }) => id).filter((id) => !known.has(id));
  // A turn without a request may end the transaction.
  if (fresh.length > 0) for (const id of await grownSince(db, plan, fresh)) stays.add(id);
  let records = 0;
  const keptOthers: Partial<Record<RecordTypeName, number>> = {};
  for (const name of RECORD_TYPE_NAMES) {
    const was = byId(before[name]);
    const now = byId(here[name]);
    const put: readonly DatedRow[] = plan.put[name];
    const ours = put.filter((row) => {
      const card = cardOf(name, row);
      return card === null ? isAsTaken(now.get(row.id), row) : !stays.has(card);
    });
    records += ours.length;
    const kept = put.filter((row) => cardOf(name, row) === null).length - ours.filter((row) => cardOf(name, row) === null).length;
    if (kept > 0) keptOthers[name] = kept;
    const restored = ours.flatMap(({ id }) => was.get(id) ?? []);
    const gone = ours.map(({ id }) => id).filter((id) => !was.has(id));
    // What stood here before is put back as it was, whatever it held.
    for (const chunk of chunksOf(restored)) await putRecords(db, name, chunk as unknown as RecordLists[typeof name]);
    for (const chunk of chunksOf(gone)) await deleteRecords(db, name, chunk);
  }
  const names = new Map(here.traveller.map((row) => [row.id, (row as DatedRow & { machine: string }).machine]));
  return { records, keptCards: [...stays].map((id) => names.get(id) ?? ""), keptOthers };
}

/** Raised inside the transaction when a person lets it be: everything stays as it was. */
class CancelledError extends Error {
  override name = "CancelledError";
}

export interface ApplyOptions {
  readonly onProgress?: Progress;
  readonly isCancelled?: () => boolean;
}

/**
 * Takes a prepared import in as one transaction.
 * @param options told how many records were written; asked between them whether to go on
 * @returns the way back: what was changed after the import stays, and is named
 * @errors 'import-cancelled', and those of the store; nothing is written then
 */
export async function applyImport(
  plan: ImportPlan,
  { onProgress = NO_PROGRESS, isCancelled = () => false }: ApplyOptions = {},
): Promise<Result<Undo, Failure>> {
  const nothing: Undone = { records: 0, keptCards: [], keptOthers: {} };
  if (isEmptyPlan(plan)) return ok(async () => ok(nothing));
  const db = database();
  const all = RECORD_TYPE_NAMES.reduce((sum, name) => sum + plan.put[name].length, 0);
  try {
    const parted = await writing(db, async () => {
      const rows = await rowsHere(db, plan);
      let done = 0;
      for (const name of RECORD_TYPE_NAMES)
        for (const chunk of chunksOf<DatedRow>(plan.put[name])) {
          await putRecords(db, name, chunk as unknown as RecordLists[typeof name]);
          done += chunk.length;
          onProgress(done, all);
          if (isCancelled()) throw new CancelledError("let be");
        }
      return rows;
    });
    // What stood here goes back with its photos, whatever has become of them meanwhile.
    const stations = await withPhotos(db, parted.station);
    const before = { ...parted, station: stations };
    return ok(async () => {
      try {
        return ok(await writing(db, () => putBack(db, plan, before)));
      } catch (error) {
        return fail(toStorageFailure(error));
      }
    });
  } catch (error) {
    return fail(error instanceof CancelledError ? { code: "import-cancelled" } : toStorageFailure(error));
  }
}
