import { demoRecords } from "@/records/demo";
import type { VemmickDatabase } from "./vemmick-database";

/** Puts the demo travellers into a database, as they were on the first day. */
export async function putDemo(db: VemmickDatabase): Promise<void> {
  const { travellers, stations } = demoRecords(new Date());
  await db.transaction("rw", db.travellers, db.stations, db.settings, async () => {
    await db.travellers.bulkPut(travellers);
    await db.stations.bulkPut(stations);
    await db.settings.put({ key: "demoSeeded", value: true });
  });
}
