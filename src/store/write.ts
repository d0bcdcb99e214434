import type { StationData, StationId } from "@/core/stations";
import type { StationEntry } from "@/core/traveller";
import { stationRecordId, UNSET_HOUSE, type HouseRecord, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { changeRow } from "./change-row";
import { newTraveller } from "./create-traveller";
import { rowInHand } from "./in-hand";
import { database } from "./database";
import { later } from "./rows";
import { attempt } from "./storage-status";
import { deleteTravellers, putTravellers, writing } from "./vemmick-database";

const now = (): string => new Date().toISOString();

/** Changes what was keyed at a station; kept at once. */
export async function updateStation<Id extends StationId>(
  travellerId: TravellerId,
  stationId: Id,
  change: (data: StationData<Id>, at: string) => StationData<Id>,
): Promise<boolean> {
  // A row is held against its station's schema when it is read and when it is written.
  return changeRow("station", stationRecordId(travellerId, stationId), (row, at) => ({
    ...row,
    data: change(row.data as StationData<Id>, at),
  }));
}

/** What is keyed at a station as this tab last saw or changed it. */
export function entryInHand<Id extends StationId>(travellerId: TravellerId, stationId: Id): StationEntry<StationData<Id>> | undefined {
  const row = rowInHand("station", stationRecordId(travellerId, stationId)) as StationRecord | undefined;
  return row && { data: row.data as StationData<Id>, skippedReason: row.skippedReason };
}

/** Marks a station as skipped with a reason, or takes the mark away (null). */
export async function skipStation(travellerId: TravellerId, stationId: StationId, reason: string | null): Promise<boolean> {
  return changeRow("station", stationRecordId(travellerId, stationId), (row) => ({ ...row, skippedReason: reason }));
}

/** Names of machine and site, technician, signing off. */
export async function updateTraveller(
  id: TravellerId,
  change: Partial<Pick<Traveller, "machine" | "site" | "technician" | "finishedAt">>,
): Promise<boolean> {
  return changeRow("traveller", id, (row) => ({ ...row, ...change }));
}

/** Changes house rules; only what was set differs from the defaults. */
export async function updateHouse(change: (house: HouseRecord, at: string) => HouseRecord): Promise<boolean> {
  return changeRow("house", UNSET_HOUSE.id, (row, at) => ({ ...change(row as HouseRecord, at) }));
}

/** The house's own record as this tab last saw or changed it. */
export const houseInHand = (): HouseRecord | undefined => rowInHand("house", UNSET_HOUSE.id) as HouseRecord | undefined;

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
  const stations = await db.stations.where("travellerId").equals(id).toArray();
  const isRemoved = await attempt(() => writing(db, () => deleteTravellers(db, [id])));
  if (!isRemoved) return null;
  return () =>
    attempt(() =>
      writing(db, async () => {
        await putTravellers(db, [traveller]);
        await db.stations.bulkPut(stations);
      }),
    );
}
