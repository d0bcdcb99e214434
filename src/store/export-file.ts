import type { StationRecord, Traveller, TravellerId } from "@/records";
import { NO_RECORDS, RECORD_TYPE_NAMES, writeVemmickFile, type RecordLists, type WrittenFile } from "@/records";
import { database } from "./database";
import { allWithUnsaved } from "./unsaved";
import { checkStamp } from "./vemmick-database";

export { FILE_SUFFIX } from "@/records";

/** All records as they were at one moment: one transaction reads every table. */
async function readAll(id: TravellerId | "everything"): Promise<RecordLists> {
  const db = database();
  return db.transaction("r", [...db.recordTables, db.settings], async () => {
    await checkStamp(db);
    if (id === "everything") {
      const lists = await Promise.all(RECORD_TYPE_NAMES.map(async (name) => [name, await db.recordTable(name).toArray()] as const));
      return Object.fromEntries(lists) as unknown as RecordLists;
    }
    const traveller = await db.travellers.where("id").equals(id).toArray();
    return { ...NO_RECORDS, traveller, station: await db.stations.where("travellerId").equals(id).toArray() };
  });
}

/**
 * An export: one card, or everything with shelf and house rules. What was keyed and is not kept yet goes with it; a row
 * whose card is gone does not.
 * @errors throws NewerDataError when a newer program has been here
 */
export async function exportFile(id: TravellerId | "everything"): Promise<WrittenFile> {
  const kept = await readAll(id);
  const isAll = id === "everything";
  const isWanted = ({ travellerId }: StationRecord): boolean => isAll || travellerId === id;
  const traveller = allWithUnsaved<Traveller>("traveller", kept.traveller, () => isAll);
  const known = new Set(traveller.map((each) => each.id));
  const station = allWithUnsaved<StationRecord>("station", kept.station, isWanted).filter(({ travellerId }) => known.has(travellerId));
  const whole: RecordLists = isAll
    ? { traveller, station, house: allWithUnsaved("house", kept.house, () => true), part: allWithUnsaved("part", kept.part, () => true) }
    : { ...NO_RECORDS, traveller, station };
  return writeVemmickFile(whole, new Date().toISOString());
}
