import { database } from "./database";
import { BENCH_KEYS } from "./bench-key";
import { attempt } from "./storage-status";
import { dropUnsaved, unsaved } from "./unsaved";
import { TEAM_KEYS } from "./team/team-device";
import { GONE_KEY, writing, type VemmickDatabase } from "./vemmick-database";

/**
 * To its team it is a new device from now on, and first of all: what is cleared here must not be told as taken away from
 * everybody.
 */
const leaveTeam = async (db: VemmickDatabase): Promise<unknown> =>
  db.transaction("rw", [db.settings, ...db.teamTables], async () => {
    await db.settings.where("key").startsWith(TEAM_KEYS).delete();
    await Promise.all(db.teamTables.map((table) => table.clear()));
  });

/** Removes everything this program keeps in the browser, demo included; the demo is not brought back by itself. */
export async function wipeEverything(): Promise<boolean> {
  const db = database();
  if (!(await attempt(() => leaveTeam(db)))) return false;
  const isWiped = await attempt(() =>
    writing(db, async () => {
      // A quick check lies among the settings; what the program knows of itself stays.
      await db.settings.where("key").startsWith(BENCH_KEYS).delete();
      await Promise.all([...db.recordTables, db.summaries, db.deeds, db.photos].map((table) => table.clear()));
      await db.settings.put({ key: GONE_KEY, value: crypto.randomUUID() });
    }),
  );
  if (isWiped) await attempt(() => db.journal.clear());
  if (isWiped) unsaved().forEach(({ change }) => dropUnsaved(change));
  return isWiped;
}
