import { database } from "./database";
import { putDemo } from "./put-demo";
import { attempt } from "./storage-status";
import { deleteParts, deleteTravellers } from "./delete-records";
import { writing } from "./vemmick-database";

/** Takes the demo travellers and parts away; a person's own are not touched. */
export async function clearDemo(): Promise<boolean> {
  const db = database();
  return attempt(() =>
    writing(db, async () => {
      const ids = (await db.travellers.filter(({ isDemo }) => isDemo).toArray()).map(({ id }) => id);
      await deleteTravellers(db, ids);
      await deleteParts(db, await db.parts.filter(({ isDemo }) => isDemo).primaryKeys());
    }),
  );
}

/** Brings them back as they were on the first day. */
export async function restoreDemo(): Promise<boolean> {
  if (!(await clearDemo())) return false;
  return attempt(() => putDemo(database()));
}
