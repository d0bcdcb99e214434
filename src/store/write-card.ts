import type { StationId } from "@/core/stations";
import { stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { newTraveller } from "./create-traveller";
import { database } from "./database";
import { later } from "./later";
import { withPhotos } from "./kept-photos";
import { attempt } from "./storage-status";
import { deleteTravellers, putTravellers, writing } from "./vemmick-database";

const now = (): string => new Date().toISOString();

/** Opens a card again that came back: what is said of it changes together with the records that start anew. */
export async function reopenTraveller(traveller: Traveller, renewed: Readonly<Partial<Record<StationId, object>>>): Promise<boolean> {
  const db = database();
  return attempt(() =>
    writing(db, async () => {
      const stored = (await db.travellers.get(traveller.id)) ?? traveller;
      const at = later(now(), stored.updatedAt);
      await putTravellers(db, [{ ...stored, finishedAt: null, cameBackAt: [...stored.cameBackAt, at], updatedAt: at }]);
      for (const [stationId, data] of Object.entries(renewed) as [StationId, unknown][]) {
        const id = stationRecordId(traveller.id, stationId);
        const updatedAt = later(at, (await db.stations.get(id))?.updatedAt);
        await db.stations.put({ id, travellerId: traveller.id, stationId, skippedReason: null, updatedAt, data } as StationRecord);
      }
    }),
  );
}

/** A new visit to the same motor: its names and its plate, nothing else. */
export async function newVisit(before: Traveller, technician: string): Promise<TravellerId | null> {
  const at = now();
  const { machine, site } = before;
  const traveller = newTraveller(at, { machine, site, technician: technician || before.technician });
  const { id } = traveller;
  const db = database();
  const isKept = await attempt(() =>
    writing(db, async () => {
      const plate = await db.stations.get(stationRecordId(before.id, "plate"));
      await putTravellers(db, [traveller]);
      if (plate) await db.stations.add({ ...plate, id: stationRecordId(id, "plate"), travellerId: id, updatedAt: at });
    }),
  );
  return isKept ? id : null;
}

/** Takes a traveller and all its stations away; returns what was removed so that it can be put back. */
export async function removeTraveller(id: TravellerId): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  const traveller = await db.travellers.get(id);
  if (!traveller) return null;
  // With their photos, which go with the card.
  const stations = await withPhotos(db, await db.stations.where("travellerId").equals(id).toArray());
  const isRemoved = await attempt(() => writing(db, () => deleteTravellers(db, [id])));
  if (!isRemoved) return null;
  return () =>
    attempt(() =>
      writing(db, async () => {
        await putTravellers(db, [traveller]);
        await db.stations.bulkPut([...stations]);
      }),
    );
}
