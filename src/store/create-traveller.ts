import type { Course, Event } from "@/core/diagnosis";
import type { Complaint, Drive, MachineKind } from "@/core/trade";
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

/** What the first sentence told beside complaints. */
export interface AlsoTold {
  readonly course?: readonly Course[];
  readonly after?: readonly Event[];
  readonly machineKind?: MachineKind | null;
  readonly drive?: Drive | null;
  /** a machine and a site that are known from an earlier card */
  readonly machine?: string;
  readonly site?: string;
}

/** What the plate keeps of the sentence: nothing where it names neither machine nor drive. */
async function plateOf({ machineKind = null, drive = null }: AlsoTold): Promise<StationData<"plate"> | null> {
  if (machineKind === null && drive === null) return null;
  // The stations' code comes with the card; the rack does without it until then.
  const { STATIONS } = await import("@/core/stations");
  const { blank } = STATIONS.plate;
  return { ...blank, machineKind: machineKind ?? blank.machineKind, drive };
}

/** Starts a traveller from what the motor does; what else the sentence told is on it, and the rest may come later. */
export async function createTraveller(
  said: string,
  complaints: readonly Complaint[],
  technician: string,
  told: AlsoTold = {},
): Promise<TravellerId | null> {
  const at = new Date().toISOString();
  const { machine = "", site = "" } = told;
  const traveller = newTraveller(at, { machine, site, technician: fitText(technician, "printed") });
  const { id } = traveller;
  const row = <Id extends "complaint" | "plate">(stationId: Id, data: StationData<Id>): StationRecord => ({
    id: stationRecordId(id, stationId),
    travellerId: id,
    stationId,
    skippedReason: null,
    earlier: [],
    updatedAt: at,
    data,
  });
  const complaint = row("complaint", {
    complaints: [...complaints],
    said: fitText(said, "note"),
    course: [...(told.course ?? [])],
    after: [...(told.after ?? [])],
    purpose: null,
  });
  const plate = await plateOf(told);
  const db = database();
  const isKept = await attempt(() =>
    writing(db, async () => {
      await putTravellers(db, [traveller]);
      await db.stations.bulkAdd([complaint, ...(plate === null ? [] : [row("plate", plate)])]);
    }),
  );
  return isKept ? id : null;
}
