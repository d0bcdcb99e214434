import type { StationId } from "@/core/stations";
import { blankStationRow, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { newTraveller } from "./new-traveller";
import { database } from "./database";
import { later } from "./later";
import { attempt } from "./storage-status";
import { putTravellers, writing, type VemmickDatabase } from "./vemmick-database";

const now = (): string => new Date().toISOString();

/** The card of this return that is open already: the button is pressed twice, or in two tabs. */
async function openReturn(db: VemmickDatabase, { id, createdAt }: Traveller): Promise<Traveller | undefined> {
  // A card of a return was touched after the one it came back from was made.
  return db.travellers
    .where("updatedAt")
    .aboveOrEqual(createdAt)
    .filter(({ callbackOf, finishedAt }) => callbackOf === id && finishedAt === null)
    .first();
}

/**
 * A new visit to the same motor: its names, and what is carried over of its stations. One that came back says which card it
 * came back from, and that one remembers the day.
 */
export async function newVisit(
  before: Traveller,
  technician: string,
  {
    isCallback = false,
    carried = {},
  }: { readonly isCallback?: boolean; readonly carried?: Readonly<Partial<Record<StationId, object>>> } = {},
): Promise<TravellerId | null> {
  const db = database();
  let id: TravellerId | null = null;
  const isKept = await attempt(() =>
    writing(db, async () => {
      const stored = (await db.travellers.get(before.id)) ?? before;
      const open = isCallback ? await openReturn(db, stored) : undefined;
      if (open) {
        id = open.id;
        return;
      }
      const at = later(now(), stored.updatedAt);
      const { machine, site } = stored;
      const motor: Traveller["motor"] = stored.motor && { ...stored.motor, how: "followed", was: null };
      const fresh = { ...newTraveller(at, { machine, site, technician: technician || stored.technician }), motor };
      await putTravellers(db, [
        { ...fresh, callbackOf: isCallback ? stored.id : null },
        ...(isCallback ? [{ ...stored, cameBackAt: [...stored.cameBackAt, at], updatedAt: at }] : []),
      ]);
      const rows = (Object.entries(carried) as [StationId, object][]).map(([stationId, data]) => ({
        ...blankStationRow(fresh.id, stationId, data),
        updatedAt: at,
      })) as StationRecord[];
      if (rows.length > 0) await db.stations.bulkAdd(rows);
      id = fresh.id;
    }),
  );
  return isKept ? id : null;
}

/** Takes a traveller and all its stations away; returns what was removed so that it can be put back. */
export async function removeTraveller(id: TravellerId): Promise<(() => Promise<boolean>) | null> {
  const removing: { undo: (() => Promise<boolean>) | null } = { undo: null };
  const isRemoved = await attempt(async () => {
    // Taking away is rare: what it takes is fetched when it is done.
    removing.undo = await (await import("./remove-card")).removeCard(database(), id);
  });
  return isRemoved ? removing.undo : null;
}
