import type { SetAside } from "@/core/job";
import { EPOCH } from "@/core/kept";
import type { StationId } from "@/core/stations";
import type { TravellerId } from "./traveller";

/** Key of a station record: one a station a traveller. */
export function stationRecordId(travellerId: TravellerId, stationId: StationId): string {
  return `${travellerId}/${stationId}`;
}

/** Nothing was set aside at a station yet, whichever it is. */
type StationRounds = { why: SetAside; at: string; data: unknown }[];

/** The row of a station at which nothing was keyed yet. */
export const blankStationRow = (travellerId: string, stationId: string, data: unknown) => ({
  id: `${travellerId}/${stationId}`,
  travellerId,
  stationId,
  skippedReason: null,
  updatedAt: EPOCH,
  data,
  earlier: [] as StationRounds,
});
