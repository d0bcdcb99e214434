import { Dexie, type EntityTable } from "dexie";
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

/** Odds and ends of the program itself: versions, whether the demo was seeded, the last import. */
export interface Setting {
  readonly key: string;
  readonly value: unknown;
}

/** Table and index names are persisted: do not change without a migration. */
export class VemmickDatabase extends Dexie {
  declare travellers: EntityTable<Traveller, "id">;
  declare stations: EntityTable<StationRecord, "id">;
  declare house: EntityTable<HouseRecord, "id">;
  declare parts: EntityTable<Part, "id">;
  declare settings: EntityTable<Setting, "key">;

  constructor(name = "vemmick") {
    super(name);
    this.version(1).stores({ travellers: "id, updatedAt", stations: "id, travellerId", house: "id", settings: "key" });
    this.version(2).stores({ parts: "id" });
  }
}

/** Raised while opening when the data was written by a newer program; nothing is written then. */
export class NewerDataError extends Error {
  override name = "NewerDataError";
}

/** Table of each record type. */
const TABLES: Record<RecordTypeName, string> = { traveller: "travellers", station: "stations", house: "house", part: "parts" };

const VERSIONS_KEY = "recordVersions";

/**
 * Brings all records to the present versions in one transaction with the stamp that says so.
 * @errors NewerDataError when a newer program wrote them: nothing is written
 */
export async function bringUpToDate(db: VemmickDatabase): Promise<void> {
  await db.transaction("rw", [db.travellers, db.stations, db.house, db.parts, db.settings], async () => {
    const stamp = await db.settings.get(VERSIONS_KEY);
    const versions = (stamp?.value ?? null) as RecordVersions | null;
    if (versions !== null) {
      if (findNewer(versions)) throw new NewerDataError("written by a newer program");
      for (const name of RECORD_TYPE_NAMES) {
        const from = versions[name] ?? 1;
        if (from >= RECORD_TYPES[name].version) continue;
        const table = db.table<Record<string, unknown>>(TABLES[name]);
        const records = await table.toArray();
        await table.bulkPut(records.map((record) => migrateRecord(RECORD_TYPES[name], record, from)));
      }
    }
    if (JSON.stringify(versions) !== JSON.stringify(PRESENT_VERSIONS))
      await db.settings.put({ key: VERSIONS_KEY, value: PRESENT_VERSIONS });
  });
}
