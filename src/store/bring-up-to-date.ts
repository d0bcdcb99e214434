import { Dexie, type Table } from "dexie";
import type { Loose } from "@/core/kept";
import { findNewer, PRESENT_VERSIONS, RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName, type RecordVersions } from "@/records";
import { toSummary } from "./summary";
import { NewerDataError, SUMMARISED_KEY, VERSIONS_KEY, putSummaries, type VemmickDatabase } from "./vemmick-database";

/** Types whose records were written by an older program. */
const olderTypes = (versions: RecordVersions | null): readonly RecordTypeName[] =>
  versions === null ? [] : RECORD_TYPE_NAMES.filter((name) => (versions[name] ?? 1) < PRESENT_VERSIONS[name]);

const readVersions = async (db: VemmickDatabase): Promise<RecordVersions | null> =>
  ((await db.settings.get(VERSIONS_KEY))?.value ?? null) as RecordVersions | null;

/**
 * Brings all records to the present versions in one transaction with the stamp that says so.
 * @errors NewerDataError when a newer program wrote them: nothing is written
 */
export async function bringUpToDate(db: VemmickDatabase): Promise<void> {
  const isOld = olderTypes(await readVersions(db)).length > 0;
  // Migrations know every schema: they are fetched where there is something to bring up to date.
  const migrateRow = isOld ? (await Dexie.Promise.resolve(import("./migrate-row"))).migrateRow : (_: RecordTypeName, row: Loose) => row;
  await db.transaction("rw", [...db.recordTables, db.settings, db.summaries, db.deeds], async () => {
    const versions = await readVersions(db);
    if (versions !== null && findNewer(versions)) throw new NewerDataError("written by a newer program");
    for (const name of olderTypes(versions)) {
      const table: Table<Loose> = db.table(recordKindOf(name).list);
      const records = await table.toArray();
      await table.bulkPut(records.map((record) => migrateRow(name, record, versions?.[name] ?? 1)));
    }
    // A store of a program that kept no summaries, or others.
    if ((await db.settings.get(SUMMARISED_KEY)) === undefined) {
      await db.summaries.clear();
      await db.deeds.clear();
      await putSummaries(
        db,
        (await db.travellers.toArray()).map((traveller) => toSummary(traveller)),
      );
      await db.settings.put({ key: SUMMARISED_KEY, value: true });
    }
    if (JSON.stringify(versions) !== JSON.stringify(PRESENT_VERSIONS))
      await db.settings.put({ key: VERSIONS_KEY, value: PRESENT_VERSIONS });
  });
}
