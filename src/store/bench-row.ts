import type { Loose } from "@/core/kept";
import { stationOf, type StationData, type StationId } from "@/core/stations";
import { migrateRecord, PRESENT_VERSIONS, RECORD_TYPES } from "@/records";
import { benchKey, type Draft } from "./bench-key";
import { salvage } from "./salvage";

/** What lies on the bench: brought up to date, and every field that can be read kept, whatever one of them holds. */
export function toDraft(station: StationId, row: Loose | undefined): Draft {
  const { schema, blank } = stationOf(station);
  const kept = migrateRecord(
    RECORD_TYPES.station,
    { stationId: station, data: row?.value ?? blank },
    typeof row?.version === "number" ? row.version : PRESENT_VERSIONS.station,
  );
  // Whatever is salvaged fits the station's schema.
  const value = salvage(schema, kept.data, blank) as StationData<StationId>;
  return { key: benchKey(station), value, version: PRESENT_VERSIONS.station };
}
