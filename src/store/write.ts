import type { StationData, StationId } from "@/core/stations";
import type { StationEntry } from "@/core/traveller";
import { blankStationRow, stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { changeRow, remember } from "./change-row";
import { rowInHand } from "./in-hand";

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

/** What is kept of a station as this tab last saw or changed it. */
export const stationRowInHand = (travellerId: TravellerId, stationId: StationId): StationRecord | undefined =>
  rowInHand("station", stationRecordId(travellerId, stationId)) as StationRecord | undefined;

/** What is keyed at a station as this tab last saw or changed it. */
export function entryInHand<Id extends StationId>(travellerId: TravellerId, stationId: Id): StationEntry<StationData<Id>> | undefined {
  const row = stationRowInHand(travellerId, stationId);
  return row && { data: row.data as StationData<Id>, skippedReason: row.skippedReason };
}

/** Tells how the row of a station begins at which nothing was keyed, so that the first key is made in its own turn. */
export function beginStation(travellerId: TravellerId, stationId: StationId, blank: unknown): void {
  if (stationRowInHand(travellerId, stationId) === undefined)
    remember("station", stationRecordId(travellerId, stationId), blankStationRow(travellerId, stationId, blank));
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
