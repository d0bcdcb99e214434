import { Dexie } from "dexie";
import { bringUpToDate } from "./bring-up-to-date";
import { databaseName, isMockHere } from "./mock-place";
import { reportOpenFailure } from "./storage-status";
import { VemmickDatabase } from "./vemmick-database";

let opened: VemmickDatabase | null = null;

/** The one database of this tab; opens, migrates and seeds the demo on first use. */
export function database(): VemmickDatabase {
  if (opened) return opened;
  const db = new VemmickDatabase(databaseName());
  db.on("ready", async () => {
    await bringUpToDate(db);
    if ((await db.journal.count()) > 0) {
      // Making a change knows every schema: fetched where a crash left one.
      const { makeLeftOver } = await Dexie.Promise.resolve(import("./left-over"));
      await makeLeftOver(db);
    }
    // Loaded on the first visit only, to keep the demo out of every start.
    if (!isMockHere() && (await db.settings.get("demoSeeded")) === undefined) {
      const { putDemo } = await Dexie.Promise.resolve(import("./put-demo"));
      await putDemo(db);
    }
  });
  opened = db;
  // A live query does not answer when the database does not open, so the screens are told from here.
  void Dexie.ignoreTransaction(() => db.open().catch(reportOpenFailure));
  return db;
}
