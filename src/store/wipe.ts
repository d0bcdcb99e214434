import { database } from "./database";
import { BENCH_KEYS } from "./bench-row";
import { attempt } from "./storage-status";
import { dropUnsaved, unsaved } from "./unsaved";
import { TEAM_KEYS } from "./team/team-device";
import { GONE_KEY, writing } from "./vemmick-database";

/** Removes everything this program keeps in the browser, demo included; the demo is not brought back by itself. */
export async function wipeEverything(): Promise<boolean> {
  const db = database();
  const isWiped = await attempt(() =>
    writing(db, async () => {
      // A quick check lies among the settings; what the program knows of itself stays.
      await db.settings.where("key").startsWith(BENCH_KEYS).delete();
      await Promise.all([...db.recordTables, db.summaries, db.photos].map((table) => table.clear()));
      // To a team it is a new device: what is cleared here is not taken away from the others.
      await db.settings.where("key").startsWith(TEAM_KEYS).delete();
      await db.settings.put({ key: GONE_KEY, value: crypto.randomUUID() });
    }),
  );
  if (isWiped) await attempt(() => Promise.all([db.journal.clear(), db.versions.clear(), db.merges.clear()]));
  if (isWiped) unsaved().forEach(({ change }) => dropUnsaved(change));
  return isWiped;
}
