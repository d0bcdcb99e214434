import { Dexie, type Collection, type EntityTable, type Table } from "dexie";
import {
  cardOf,
  findNewer,
  RECORD_TYPE_NAMES,
  recordKindOf,
  type DatedRow,
  type HouseRecord,
  type MeterRecord,
  type PartMove,
  type Part,
  type RecordLists,
  type RecordTypeName,
  type RecordVersions,
  type StationRecord,
  type Traveller,
} from "@/records";
import type { JournalEntry } from "./change";
import type { DocumentRow, Mark, Merge, MergedRow, SegmentRow } from "./team/document-row";
import { markingDocuments } from "./team/marks";
import { toDeedRow, type DeedRow } from "./deed-row";
import { partingPhotos, type KeptPhoto } from "./photos";
import { afterChange, CHANGED, toSummary, type Summary } from "./summary";

/** Odds and ends of the program itself: versions, whether the demo was seeded, what lies on the bench. */
export interface Setting {
  readonly key: string;
  readonly value: unknown;
  /** of what lies on the bench: the version of a station's record it was written as */
  readonly version?: number;
}

/** Tables that hold no records, by the version of the store that brought them. */
const OWN_TABLES: Readonly<Record<number, Readonly<Record<string, string>>>> = {
  1: { settings: "key" },
  3: { summaries: "id, [motor+createdAt]", journal: "id" },
  4: { summaries: "id, [motor+createdAt], [isOpen+updatedAt], createdAt, *dueDays, derivedBy, touchedMs" },
  5: { photos: "id, rowId" },
  7: {
    versions: "key",
    merges: "id",
    deeds: "id",
    summaries: "id, [motor+createdAt], [isOpen+updatedAt], createdAt, *dueDays, derivedBy, touchedMs, named",
  },
  8: { documents: "id, unsent, open, waits, gone", marks: "id", segments: "file", merges: "id, at", merged: "id, merge" },
};
/** Tables that a version of the store has no more: versions and ways back of merges as the first team files had them. */
const DROPPED: Readonly<Record<number, readonly string[]>> = { 8: ["versions"] };

/** Versions of the store since which summaries have another form. */
const DERIVED_ANEW = [4, 6, 7] as const;

const DOCUMENTS_SINCE = 8;

/** Every table with its indexes, by the version of the store that brought it. */
function storesByVersion(): Record<number, Record<string, string | null>> {
  const stores: Record<number, Record<string, string | null>> = {};
  for (const [since, tables] of Object.entries(OWN_TABLES)) stores[Number(since)] = { ...tables };
  for (const { list, table } of RECORD_TYPE_NAMES.map(recordKindOf))
    stores[table.since] = { ...stores[table.since], [list]: table.indexes };
  for (const [since, tables] of Object.entries(DROPPED))
    for (const table of tables) stores[Number(since)] = { ...stores[Number(since)], [table]: null };
  return stores;
}

/** Table and index names are persisted: do not change without a migration. */
export class VemmickDatabase extends Dexie {
  declare travellers: EntityTable<Traveller, "id">;
  declare stations: EntityTable<StationRecord, "id">;
  declare house: EntityTable<HouseRecord, "id">;
  declare parts: EntityTable<Part, "id">;
  declare moves: EntityTable<PartMove, "id">;
  declare meters: EntityTable<MeterRecord, "id">;
  declare settings: EntityTable<Setting, "key">;
  /** derived from the cards, in the transaction that changes them */
  declare summaries: EntityTable<Summary, "id">;
  /** changes on their way into the tables */
  declare journal: EntityTable<JournalEntry, "id">;
  /** pictures of the stations' rows, apart from them */
  declare photos: EntityTable<KeptPhoto, "id">;
  /** beside the summaries: what each card tells of the house's own work */
  declare deeds: EntityTable<DeedRow, "id">;
  /** of each card and line, of the rules, the document that remembers what each device of a team has changed */
  declare documents: EntityTable<DocumentRow, "id">;
  /** documents of which something was changed here since they were looked at */
  declare marks: EntityTable<Mark, "id">;
  /** what was written for the team, and what of the others was read */
  declare segments: EntityTable<SegmentRow, "file">;
  /** merges of what other devices have changed, and beside them the way back */
  declare merges: EntityTable<Merge, "id">;
  declare merged: EntityTable<MergedRow, "id">;

  constructor(name = "vemmick") {
    super(name);
    this.use(partingPhotos);
    this.use(markingDocuments);
    for (const [version, tables] of Object.entries(storesByVersion())) this.version(Number(version)).stores(tables);
    // What is derived is made anew in its new form, from the cards.
    for (const version of DERIVED_ANEW)
      this.version(version)
        .stores(storesByVersion()[version] ?? {})
        .upgrade((transaction) => transaction.table("settings").delete(SUMMARISED_KEY));
    // The way back of merges had another form: what it would bring back is in no document.
    this.version(DOCUMENTS_SINCE)
      .stores(storesByVersion()[DOCUMENTS_SINCE] ?? {})
      .upgrade((transaction) => transaction.table("merges").clear());
  }

  /** The table that keeps one type of record: it bears the name of its list in the file. */
  recordTable(name: RecordTypeName): Table<DatedRow, string> {
    return this.table(recordKindOf(name).list);
  }

  /** Records that belong to certain cards, of a type that belongs to cards. */
  recordsOfCards(name: RecordTypeName, cards: readonly string[]): Collection<DatedRow, string> {
    return this.recordTable(name)
      .where(recordKindOf(name).cardField ?? "id")
      .anyOf([...cards]);
  }

  /** Every table that is the team's alone. */
  get teamTables(): Table[] {
    return [this.documents, this.marks, this.segments, this.merges, this.merged];
  }

  /** Every table with records. */
  get recordTables(): Table[] {
    return RECORD_TYPE_NAMES.map((name) => this.recordTable(name));
  }
}

/** Raised when the data was written by a newer program; nothing is written then. */
export class NewerDataError extends Error {
  override name = "NewerDataError";
}

/** Among the settings: a sign that changes whenever cards are taken away, so that what was read of all of them is read anew. */
export const GONE_KEY = "cardsGone";
/** Among the settings once every card has its summary. */
export const SUMMARISED_KEY = "summarised";
export const VERSIONS_KEY = "recordVersions";

/**
 * Holds the stamp of the store against this program. Part of every transaction that writes: a tab that was opened before a
 * newer program came must not go on in the old shapes.
 * @errors NewerDataError when a newer program has been here
 */
export async function checkStamp(db: VemmickDatabase): Promise<void> {
  const stamp = await db.settings.get(VERSIONS_KEY);
  if (findNewer((stamp?.value ?? {}) as RecordVersions)) throw new NewerDataError("written by a newer program");
}

/**
 * A transaction that writes records, with everything that must hold at each of them.
 * @errors NewerDataError when a newer program has been here: nothing is written
 */
export async function writing<T>(db: VemmickDatabase, body: () => Promise<T>): Promise<T> {
  return db.transaction("rw", [...db.recordTables, db.settings, db.summaries, db.deeds, db.photos, db.documents], async () => {
    // Beside one another: the check costs no time of its own, and aborts the transaction where it fails.
    const [, done] = await Promise.all([checkStamp(db), body()]);
    return done;
  });
}

/** Marks what is derived of other visits to a motor as old: a change of one visit is news to the others. */
export async function markVisits(db: VemmickDatabase, motors: readonly string[]): Promise<void> {
  const visits = await Promise.all(
    [...new Set(motors)].map((motor) =>
      db.summaries.where("[motor+createdAt]").between([motor, Dexie.minKey], [motor, Dexie.maxKey]).toArray(),
    ),
  );
  const marked = visits.flat().map(afterChange);
  if (marked.length > 0) await db.summaries.bulkPut(marked);
}

/** Puts summaries with what goes beside them. Not async itself: one more turn and a transaction may end before its time. */
export const putSummaries = (db: VemmickDatabase, rows: readonly Summary[]): PromiseLike<unknown> =>
  db.summaries.bulkPut([...rows]).then(() => db.deeds.bulkPut(rows.map(toDeedRow)));

/** Takes summaries away with what goes beside them. */
export const deleteSummaries = (db: VemmickDatabase, ids: readonly Traveller["id"][]): PromiseLike<unknown> =>
  db.deeds.bulkDelete([...ids]).then(() => db.summaries.bulkDelete([...ids]));

/** Puts cards with what is derived of them. */
export async function putTravellers(db: VemmickDatabase, travellers: readonly Traveller[]): Promise<void> {
  await db.travellers.bulkPut([...travellers]);
  const before = await db.summaries.bulkGet(travellers.map(({ id }) => id));
  const rows = travellers.map((traveller, index) => toSummary(traveller, before[index]));
  await putSummaries(db, rows);
  const left = before.flatMap((row, index) => (row && row.motor !== rows[index]?.motor ? [row.motor] : []));
  if (left.length > 0) await markVisits(db, left);
}

/** Cards that records of one type belong to, each once. */
export const cardsOf = (name: RecordTypeName, rows: readonly (object | undefined)[]): Traveller["id"][] =>
  [...new Set(rows.map((row) => (row ? cardOf(name, row) : null)))].filter((id) => id !== null) as Traveller["id"][];

/** Brings what is derived of cards in line with them, after something that belongs to them was changed. */
export async function touchCards(db: VemmickDatabase, ids: readonly Traveller["id"][]): Promise<void> {
  const travellers = (await db.travellers.bulkGet([...ids])).filter((row) => row !== undefined);
  if (travellers.length === 0) return;
  const before = await db.summaries.bulkGet(travellers.map(({ id }) => id));
  const rows = travellers.map((traveller, index) => [traveller, before[index]] as const);
  // One that waits to be derived already, and knows when it was changed last, need not be written again.
  const old = rows.filter(([{ updatedAt }, row]) => row?.derivedBy !== CHANGED || row.updatedAt !== updatedAt);
  if (old.length > 0)
    await putSummaries(
      db,
      old.map(([traveller, row]) => toSummary(traveller, row)),
    );
}

export const isOfCards = (name: RecordTypeName): boolean => name !== "traveller" && recordKindOf(name).cardField !== undefined;

/** Types whose records belong to a card; the card itself is not one of them. */
export const OF_CARDS = RECORD_TYPE_NAMES.filter(isOfCards);

/** Puts records of one type, with what is derived of them. Not async itself: one more turn and a transaction may end before its time. */
export function putRecords<Name extends RecordTypeName>(db: VemmickDatabase, name: Name, rows: RecordLists[Name]): PromiseLike<unknown> {
  if (name === "traveller" && rows.length > 0) return putTravellers(db, rows as RecordLists["traveller"]);
  const put = db.recordTable(name).bulkPut([...rows]);
  const cards = isOfCards(name) ? cardsOf(name, rows) : [];
  return cards.length === 0 ? put : put.then(() => touchCards(db, cards));
}
