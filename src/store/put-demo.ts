import { demoParts, demoRecords } from "@/records/demo";
import { firstCounting } from "./stock-moves";
import { putTravellers, writing, type VemmickDatabase } from "./vemmick-database";

/** Puts the demo travellers and the demo shelf into a database, as they were on the first day. */
export async function putDemo(db: VemmickDatabase): Promise<void> {
  const now = new Date();
  const { travellers, stations } = demoRecords(now);
  await writing(db, async () => {
    await putTravellers(db, travellers);
    await db.stations.bulkPut(stations);
    const parts = demoParts(now);
    await db.parts.bulkPut(parts);
    await db.moves.bulkPut(parts.map((part) => firstCounting(part, "")));
    await db.settings.put({ key: "demoSeeded", value: true });
  });
}
