import type { Complaint } from "@/core/trade";
import { fitText } from "@/core/kept";
import type { StationData } from "@/core/stations";
import { stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { database } from "./database";
import { attempt } from "./storage-status";
import { putTravellers, writing } from "./vemmick-database";

/** A card on its first day. */
export const newTraveller = (at: string, names: Pick<Traveller, "machine" | "site" | "technician">): Traveller => ({
  id: crypto.randomUUID() as TravellerId,
  ...names,
  createdAt: at,
  updatedAt: at,
  finishedAt: null,
  callbackOf: null,
  cameBackAt: [],
  motor: null,
  putOff: [],
  isDemo: false,
});

/** Starts a traveller from what the motor does; machine and site may come later. */
export async function createTraveller(said: string, complaints: readonly Complaint[], technician: string): Promise<TravellerId | null> {
  const at = new Date().toISOString();
  const traveller = newTraveller(at, { machine: "", site: "", technician: fitText(technician, "printed") });
  const { id } = traveller;
  const complaint: StationRecord = {
    id: stationRecordId(id, "complaint"),
    travellerId: id,
    stationId: "complaint",
    skippedReason: null,
    earlier: [],
    updatedAt: at,
    data: {
      complaints: [...complaints],
      said: fitText(said, "note"),
      course: [],
      after: [],
      purpose: null,
    } satisfies StationData<"complaint">,
  };
  const db = database();
  const isKept = await attempt(() =>
    writing(db, async () => {
      await putTravellers(db, [traveller]);
      await db.stations.add(complaint);
    }),
  );
  return isKept ? id : null;
}
