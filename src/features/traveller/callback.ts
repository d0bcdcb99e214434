import { openPage } from "@/components/open-page";
import { STATIONS, type StationId } from "@/core/stations";
import { fittedPlate, outlasting, takenOver, type StationEntries } from "@/core/traveller";
import type { House, TravellerId } from "@/records";
import { readCardRows } from "@/store/card-rows";
import { toKeptCard } from "@/store/kept-card";
import { newVisit } from "@/store/write-card";

/** What the next visit starts with: the plate of the motor that is in there now, and what was said of the machine around it. */
export function carriedOver(entries: StationEntries): Partial<Record<StationId, object>> {
  const { plate, decide } = entries;
  const renewed = fittedPlate(entries);
  const { machineYears = "", isCustom = false } = decide?.data ?? {};
  return {
    ...(renewed ? { plate: renewed } : plate && outlasting(entries).includes("plate") ? { plate: takenOver("plate", plate.data) } : {}),
    ...(machineYears !== "" || isCustom ? { decide: { ...STATIONS.decide.blank, machineYears, isCustom } } : {}),
  };
}

/**
 * A new card for a motor that was seen before: the complaint is asked anew, the old card stays as it was signed off and is
 * read beside the new one. Within the house's days it says that it came back.
 */
export async function visitAgain(id: TravellerId, isCallback: boolean, house: House): Promise<void> {
  const rows = await readCardRows(id);
  if (rows === null) return;
  const carried = carriedOver(toKeptCard(rows).entries);
  const visit = await newVisit(rows.traveller, house.technician, { isCallback, carried });
  if (visit !== null) openPage(`/traveller?id=${visit}&station=complaint`);
}
