import type { Complaint } from "@/core/diagnosis";
import { stationOf, type StationData, type StationId } from "@/core/stations";
import { stationRecordId, UNSET_HOUSE, type HouseRecord, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { database } from "./database";
import { keep } from "./storage-status";

const now = (): string => new Date().toISOString();

/** Starts a traveller from what the motor does; machine and site may come later. */
export async function createTraveller(said: string, complaints: readonly Complaint[], technician: string): Promise<TravellerId | null> {
  const id = crypto.randomUUID() as TravellerId;
  const at = now();
  const traveller: Traveller = {
    id,
    machine: "",
    site: "",
    technician,
    createdAt: at,
    updatedAt: at,
    finishedAt: null,
    cameBackAt: [],
    isDemo: false,
  };
  const complaint: StationRecord = {
    id: stationRecordId(id, "complaint"),
    travellerId: id,
    stationId: "complaint",
    skippedReason: null,
    updatedAt: at,
    data: { complaints: [...complaints], said, course: [], after: [] } satisfies StationData<"complaint">,
  };
  const db = database();
  const isKept = await keep(() =>
    db.transaction("rw", db.travellers, db.stations, async () => {
      await db.travellers.add(traveller);
      await db.stations.add(complaint);
    }),
  );
  return isKept ? id : null;
}

async function changeStation(
  travellerId: TravellerId,
  stationId: StationId,
  change: (row: StationRecord) => StationRecord,
): Promise<boolean> {
  const db = database();
  return keep(() =>
    // Read and write in one transaction: two tabs that fill in different fields keep both.
    db.transaction("rw", db.travellers, db.stations, async () => {
      const id = stationRecordId(travellerId, stationId);
      const blank = {
        id,
        travellerId,
        stationId,
        skippedReason: null,
        updatedAt: "",
        data: stationOf(stationId).blank,
      } as StationRecord;
      const row = (await db.stations.get(id)) ?? blank;
      const at = now();
      await db.stations.put({ ...change(row), updatedAt: at });
      await db.travellers.update(travellerId, { updatedAt: at });
    }),
  );
}

/** Changes what was keyed at a station; kept at once. */
export async function updateStation<Id extends StationId>(
  travellerId: TravellerId,
  stationId: Id,
  change: (data: StationData<Id>) => StationData<Id>,
): Promise<boolean> {
  return changeStation(travellerId, stationId, (row) => ({ ...row, data: change(row.data as StationData<Id>) }));
}

/** Marks a station as skipped with a reason, or takes the mark away (null). */
export async function skipStation(travellerId: TravellerId, stationId: StationId, reason: string | null): Promise<boolean> {
  return changeStation(travellerId, stationId, (row) => ({ ...row, skippedReason: reason }));
}

/** Names of machine and site, technician, signing off. */
export async function updateTraveller(
  id: TravellerId,
  change: Partial<Pick<Traveller, "machine" | "site" | "technician" | "finishedAt" | "cameBackAt">>,
): Promise<boolean> {
  return keep(() => database().travellers.update(id, { ...change, updatedAt: now() }));
}

/** Opens a card again that came back: what is said of it changes together with the records that start anew. */
export async function reopenTraveller(traveller: Traveller, renewed: Readonly<Partial<Record<StationId, unknown>>>): Promise<boolean> {
  const db = database();
  const at = now();
  return keep(() =>
    db.transaction("rw", db.travellers, db.stations, async () => {
      await db.travellers.update(traveller.id, { finishedAt: null, cameBackAt: [...traveller.cameBackAt, at], updatedAt: at });
      for (const [stationId, data] of Object.entries(renewed) as [StationId, unknown][]) {
        const id = stationRecordId(traveller.id, stationId);
        await db.stations.put({ id, travellerId: traveller.id, stationId, skippedReason: null, updatedAt: at, data } as StationRecord);
      }
    }),
  );
}

/** A new visit to the same motor: its names and its plate, nothing else. */
export async function newVisit(before: Traveller, technician: string): Promise<TravellerId | null> {
  const id = crypto.randomUUID() as TravellerId;
  const at = now();
  const db = database();
  const isKept = await keep(() =>
    db.transaction("rw", db.travellers, db.stations, async () => {
      const plate = await db.stations.get(stationRecordId(before.id, "plate"));
      await db.travellers.add({
        id,
        machine: before.machine,
        site: before.site,
        technician: technician || before.technician,
        createdAt: at,
        updatedAt: at,
        finishedAt: null,
        cameBackAt: [],
        isDemo: false,
      });
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
  const isRemoved = await keep(() =>
    db.transaction("rw", db.travellers, db.stations, async () => {
      await db.stations.where("travellerId").equals(id).delete();
      await db.travellers.delete(id);
    }),
  );
  if (!isRemoved) return null;
  return () =>
    keep(() =>
      db.transaction("rw", db.travellers, db.stations, async () => {
        await db.travellers.put(traveller);
        await db.stations.bulkPut(stations);
      }),
    );
}

/** Changes house rules; only what was set differs from the defaults. */
export async function updateHouse(change: (house: HouseRecord) => HouseRecord): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", db.house, async () => {
      const house = (await db.house.get("house")) ?? UNSET_HOUSE;
      await db.house.put({ ...change(house), updatedAt: now() });
    }),
  );
}
