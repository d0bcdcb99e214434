import { Dexie, type EntityTable, type Table } from "dexie";
import {
  findNewer,
  migrateRecord,
  PRESENT_VERSIONS,
  RECORD_TYPE_NAMES,
  RECORD_TYPES,
  type HouseRecord,
  type Part,
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
    this.version(1).stores({ travellers: "id, updatedAt", stations: "id, travellerId", house: "id", settings: "key" });
    this.version(2).stores({ parts: "id" });
    this.version(3).stores({ summaries: "id, [motor+createdAt]", journal: "id" });
  }

  /** The table that keeps one type of record: it bears the name of its list in the file. */
  recordTable(name: RecordTypeName): Table<{ readonly id: string; readonly updatedAt: string }, string> {
    return this.table(RECORD_TYPES[name].list);
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

/** Takes cards away with everything that belongs to them. */
export async function deleteTravellers(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  await db.stations
    .where("travellerId")
    .anyOf([...ids])
    .delete();
  await db.travellers.bulkDelete([...ids] as Traveller["id"][]);
  await db.summaries.bulkDelete([...ids] as Summary["id"][]);
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
        if (from >= RECORD_TYPES[name].version) continue;
        const table = db.table<Record<string, unknown>>(RECORD_TYPES[name].list);
        const records = await table.toArray();
        await table.bulkPut(records.map((record) => migrateRecord(RECORD_TYPES[name], record, from)));
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
