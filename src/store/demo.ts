import { demoRecords } from "@/records/demo";
import { database, type VemmickDatabase } from "./database";
import { keep } from "./storage-status";

async function putDemo(db: VemmickDatabase): Promise<void> {
  const { travellers, stations } = demoRecords(new Date());
  await db.transaction("rw", db.travellers, db.stations, db.settings, async () => {
    await db.travellers.bulkPut(travellers);
    await db.stations.bulkPut(stations);
    await db.settings.put({ key: "demoSeeded", value: true });
  });
}

/** Seeds the demo once in the life of a database. */
export async function seedDemo(db: VemmickDatabase): Promise<void> {
  await putDemo(db);
}

/** Takes the demo travellers away; a person's own travellers are not touched. */
export async function clearDemo(): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", db.travellers, db.stations, async () => {
      const ids = (await db.travellers.filter(({ isDemo }) => isDemo).toArray()).map(({ id }) => id);
      await db.stations.where("travellerId").anyOf(ids).delete();
      await db.travellers.bulkDelete(ids);
    }),
  );
}

/** Brings the demo travellers back as they were on the first day. */
export async function restoreDemo(): Promise<boolean> {
  await clearDemo();
  return keep(() => putDemo(database()));
}
