import { database } from "./database";
import { putDemo } from "./put-demo";
import { keep } from "./storage-status";

/** Takes the demo travellers and parts away; a person's own are not touched. */
export async function clearDemo(): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", [db.travellers, db.stations, db.parts], async () => {
      const ids = (await db.travellers.filter(({ isDemo }) => isDemo).toArray()).map(({ id }) => id);
      await db.stations.where("travellerId").anyOf(ids).delete();
      await db.travellers.bulkDelete(ids);
      await db.parts.filter(({ isDemo }) => isDemo).delete();
    }),
  );
}

/** Brings them back as they were on the first day. */
export async function restoreDemo(): Promise<boolean> {
  await clearDemo();
  return keep(() => putDemo(database()));
}
