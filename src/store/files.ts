import type { Failure, Result } from "@/core/result";
import { ok } from "@/core/result";
import { isEmptyPlan, parseVemmickFile, planImport, writeVemmickFile, type ImportPlan, type TravellerId } from "@/records";
export { FILE_SUFFIX } from "@/records";
import { BENCH_KEYS } from "./bench-draft";
import { database } from "./database";
import { keep } from "./storage-status";

/** Text of an export: one traveller, or everything with the house rules. */
export async function exportText(id: TravellerId | "everything"): Promise<string> {
  const db = database();
  const isAll = id === "everything";
  const travellers = isAll ? await db.travellers.toArray() : await db.travellers.where("id").equals(id).toArray();
  const stations = isAll ? await db.stations.toArray() : await db.stations.where("travellerId").equals(id).toArray();
  const house = isAll ? ((await db.house.get("house")) ?? null) : null;
  const parts = isAll ? await db.parts.toArray() : [];
  return writeVemmickFile({ travellers, stations, parts, house }, new Date().toISOString());
}

/**
 * Reads a file and says what taking it in would do; writes nothing.
 * @errors those of parseVemmickFile
 */
export async function prepareImport(text: string): Promise<Result<ImportPlan, Failure>> {
  const parsed = parseVemmickFile(text);
  if (!parsed.ok) return parsed;
  const db = database();
  const [travellers, stations, parts, house] = await Promise.all([
    db.travellers.toArray(),
    db.stations.toArray(),
    db.parts.toArray(),
    db.house.get("house"),
  ]);
  return ok(planImport(parsed.value, { travellers, stations, parts, house: house ?? null }));
}

/** Takes a prepared import in as one transaction; returns the way back, or null when it could not be kept. */
export async function applyImport(plan: ImportPlan): Promise<(() => Promise<boolean>) | null> {
  if (isEmptyPlan(plan)) return async () => true;
  const db = database();
  const travellerIds = plan.putTravellers.map(({ id }) => id);
  const stationIds = plan.putStations.map(({ id }) => id);
  const partIds = plan.putParts.map(({ id }) => id);
  let undo: () => Promise<unknown> = async () => undefined;
  const isKept = await keep(() =>
    db.transaction("rw", [db.travellers, db.stations, db.parts, db.house], async () => {
      const before = {
        travellers: (await db.travellers.bulkGet(travellerIds)).filter((row) => row !== undefined),
        stations: (await db.stations.bulkGet(stationIds)).filter((row) => row !== undefined),
        parts: (await db.parts.bulkGet(partIds)).filter((row) => row !== undefined),
        house: await db.house.get("house"),
      };
      await db.travellers.bulkPut([...plan.putTravellers]);
      await db.stations.bulkPut([...plan.putStations]);
      await db.parts.bulkPut([...plan.putParts]);
      if (plan.putHouse) await db.house.put(plan.putHouse);
      undo = () =>
        db.transaction("rw", [db.travellers, db.stations, db.parts, db.house], async () => {
          await db.travellers.bulkDelete(travellerIds);
          await db.stations.bulkDelete(stationIds);
          await db.travellers.bulkPut(before.travellers);
          await db.stations.bulkPut(before.stations);
          await db.parts.bulkDelete(partIds);
          await db.parts.bulkPut(before.parts);
          if (plan.putHouse) {
            if (before.house) await db.house.put(before.house);
            else await db.house.delete("house");
          }
        });
    }),
  );
  return isKept ? () => keep(undo) : null;
}

/** Removes everything this program keeps in the browser, demo included; the demo is not brought back by itself. */
export async function wipeEverything(): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", [db.travellers, db.stations, db.parts, db.house, db.settings], async () => {
      // A quick check lies among the settings; what the program knows of itself stays.
      await db.settings.where("key").startsWith(BENCH_KEYS).delete();
      await db.parts.clear();
      await db.travellers.clear();
      await db.stations.clear();
      await db.house.clear();
    }),
  );
}
