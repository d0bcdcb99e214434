import { Dexie, type Collection, type EntityTable, type Table } from "dexie";
import type { Loose } from "@/core/kept";
import {
  findNewer,
  migrateRecord,
  PRESENT_VERSIONS,
  RECORD_TYPE_NAMES,
  recordTypeOf,
  type HouseRecord,
  type DatedRow,
  type Part,
  type RecordLists,
  type RecordTypeName,
  type RecordVersions,
  type StationRecord,
  type Traveller,
} from "@/records";
import type { JournalEntry } from "./change";
import { toSummary, type Summary } from "./summary";

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
};

/** Every table with its indexes, by the version of the store that brought it. */
function storesByVersion(): Record<number, Record<string, string>> {
  const stores: Record<number, Record<string, string>> = {};
  for (const [since, tables] of Object.entries(OWN_TABLES)) stores[Number(since)] = { ...tables };
  for (const { list, table } of RECORD_TYPE_NAMES.map(recordTypeOf))
    stores[table.since] = { ...stores[table.since], [list]: table.indexes };
  return stores;
}

/** Table and index names are persisted: do not change without a migration. */
export class VemmickDatabase extends Dexie {
  declare travellers: EntityTable<Traveller, "id">;
  declare stations: EntityTable<StationRecord, "id">;
  declare house: EntityTable<HouseRecord, "id">;
  declare parts: EntityTable<Part, "id">;
  declare settings: EntityTable<Setting, "key">;
  /** derived from the cards, in the transaction that changes them */
  declare summaries: EntityTable<Summary, "id">;
  /** changes on their way into the tables */
  declare journal: EntityTable<JournalEntry, "id">;

  constructor(name = "vemmick") {
    super(name);
    for (const [version, tables] of Object.entries(storesByVersion())) this.version(Number(version)).stores(tables);
  }

  /** The table that keeps one type of record: it bears the name of its list in the file. */
  recordTable(name: RecordTypeName): Table<DatedRow, string> {
    return this.table(recordTypeOf(name).list);
  }

  /** Records that belong to certain cards, of a type that belongs to cards. */
  recordsOfCards(name: RecordTypeName, cards: readonly string[]): Collection<DatedRow, string> {
    return this.recordTable(name)
      .where(recordTypeOf(name).cardField ?? "id")
      .anyOf([...cards]);
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

const VERSIONS_KEY = "recordVersions";

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
  return db.transaction("rw", [...db.recordTables, db.settings, db.summaries], async () => {
    // Beside one another: the check costs no time of its own, and aborts the transaction where it fails.
    const [, done] = await Promise.all([checkStamp(db), body()]);
    return done;
  });
}

/** Puts cards with what is derived of them. */
export async function putTravellers(db: VemmickDatabase, travellers: readonly Traveller[]): Promise<void> {
  await db.travellers.bulkPut([...travellers]);
  await db.summaries.bulkPut(travellers.map(toSummary));
}

/** Types whose records belong to a card; the card itself is not one of them. */
export const OF_CARDS = RECORD_TYPE_NAMES.filter((name) => name !== "traveller" && recordTypeOf(name).cardField !== undefined);

/** Takes cards away with everything that belongs to them. */
export async function deleteTravellers(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  for (const name of OF_CARDS) await db.recordsOfCards(name, ids).delete();
  await db.travellers.bulkDelete([...ids] as Traveller["id"][]);
  await db.summaries.bulkDelete([...ids] as Summary["id"][]);
}

/** Puts records of one type, with what is derived of them. Not async itself: one more turn and a transaction may end before its time. */
export function putRecords<Name extends RecordTypeName>(db: VemmickDatabase, name: Name, rows: RecordLists[Name]): PromiseLike<unknown> {
  return name === "traveller" ? putTravellers(db, rows as RecordLists["traveller"]) : db.recordTable(name).bulkPut([...rows]);
}

/** Takes records of one type away, with what is derived of them and what belongs to them. */
export function deleteRecords(db: VemmickDatabase, name: RecordTypeName, ids: readonly string[]): PromiseLike<unknown> {
  return name === "traveller" ? deleteTravellers(db, ids) : db.recordTable(name).bulkDelete([...ids]);
}

/**
 * Brings all records to the present versions in one transaction with the stamp that says so.
 * @errors NewerDataError when a newer program wrote them: nothing is written
 */
export async function bringUpToDate(db: VemmickDatabase): Promise<void> {
  await db.transaction("rw", [...db.recordTables, db.settings, db.summaries], async () => {
    const stamp = await db.settings.get(VERSIONS_KEY);
    const versions = (stamp?.value ?? null) as RecordVersions | null;
    if (versions !== null) {
      if (findNewer(versions)) throw new NewerDataError("written by a newer program");
      for (const name of RECORD_TYPE_NAMES) {
        const from = versions[name] ?? 1;
        const type = recordTypeOf(name);
        if (from >= type.version) continue;
        const table = db.table<Loose>(type.list);
        const records = await table.toArray();
        await table.bulkPut(records.map((record) => migrateRecord(type, record, from)));
      }
    }
    // A store of a program that kept no summaries, or one whose cards were written past them.
    if ((await db.summaries.count()) !== (await db.travellers.count())) {
      await db.summaries.clear();
      await db.summaries.bulkPut((await db.travellers.toArray()).map(toSummary));
    }
    if (JSON.stringify(versions) !== JSON.stringify(PRESENT_VERSIONS))
      await db.settings.put({ key: VERSIONS_KEY, value: PRESENT_VERSIONS });
  });
}
