import type { StationId } from "@/core/stations";
import type { TravellerId } from "./traveller";

/** Key of a station record: one a station a traveller. */
export function stationRecordId(travellerId: TravellerId, stationId: StationId): string {
  return `${travellerId}/${stationId}`;
}
