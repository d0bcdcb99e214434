import type { Course, Event } from "@/core/diagnosis";
import type { Complaint, Drive, MachineKind } from "@/core/trade";
import { fitText } from "@/core/kept";
import type { StationData } from "@/core/stations";
import { stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { database } from "./database";
import { newTraveller } from "./new-traveller";
import { forget, settle, type Note } from "./journal";
import { noteNew } from "./note-new";
import { attempt } from "./storage-status";
import { putTravellers, writing } from "./vemmick-database";

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

/** A card that was begun in the turn of a key: its words are noted, whatever becomes of the page. */
export interface BegunTraveller {
  readonly traveller: Traveller;
  readonly said: string;
  readonly notes: readonly (Note | null)[];
}

const stationRow = <Id extends "complaint" | "plate">({ id, createdAt }: Traveller, stationId: Id, data: StationData<Id>): StationRecord =>
  ({
    id: stationRecordId(id, stationId),
    travellerId: id,
    stationId,
    skippedReason: null,
    earlier: [],
    updatedAt: createdAt,
    data,
  }) as StationRecord;

const complaintRow = (traveller: Traveller, said: string, complaints: readonly Complaint[], told: AlsoTold): StationRecord =>
  stationRow(traveller, "complaint", {
    complaints: [...complaints],
    said: fitText(said, "note"),
    course: [...(told.course ?? [])],
    after: [...(told.after ?? [])],
    purpose: null,
  });

/** Notes a card and its first words at once, before anything is fetched or heard: a crash after this loses neither. */
export function beginTraveller(said: string, technician: string): BegunTraveller {
  const db = database();
  const traveller = newTraveller(new Date().toISOString(), { machine: "", site: "", technician: fitText(technician, "printed") });
  const notes = [noteNew(db, "traveller", traveller), noteNew(db, "station", complaintRow(traveller, said, [], {}))];
  return { traveller, said, notes };
}

/** Puts a card that was begun there, with what was heard in its words; what else the sentence told is on it. */
export async function finishTraveller(
  { traveller: begun, said, notes }: BegunTraveller,
  complaints: readonly Complaint[],
  told: AlsoTold = {},
): Promise<TravellerId | null> {
  const { machine = "", site = "" } = told;
  const traveller: Traveller = { ...begun, machine, site };
  const db = database();
  // Where a part of the program cannot be fetched the card is begun without the plate.
  const plate = await plateOf(told).catch(() => null);
  const isKept = await attempt(() =>
    writing(db, async () => {
      await putTravellers(db, [traveller]);
      await db.stations.bulkAdd([
        complaintRow(traveller, said, complaints, told),
        ...(plate === null ? [] : [stationRow(traveller, "plate", plate)]),
      ]);
    }),
  );
  // What was refused was told, and the words stand in the line still: it is not begun a second time by itself.
  for (const each of notes) settle(db, each);
  for (const each of notes) forget(each);
  return isKept ? traveller.id : null;
}

/** Starts a traveller from what the motor does. */
export const createTraveller = (
  said: string,
  complaints: readonly Complaint[],
  technician: string,
  told: AlsoTold = {},
): Promise<TravellerId | null> => finishTraveller(beginTraveller(said, technician), complaints, told);
