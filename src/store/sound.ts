import * as v from "valibot";
import { STATION_IDS, stationOf } from "@/core/stations";
import { recordTypeOf, type RecordOf, type RecordTypeName, type StationRecord } from "@/records";
import { salvage } from "./salvage";
import { once, soundRow } from "./sound-row";

/** A row of one type with everything of it that can be read. */
export const soundRecord = <Name extends RecordTypeName>(name: Name, row: RecordOf<Name>): RecordOf<Name> =>
  soundRow(recordTypeOf(name), row);

/** Rows of stations this program knows, each with what can be read of it. */
export function soundStations(rows: readonly StationRecord[]): readonly StationRecord[] {
  return rows
    .filter(({ stationId }) => STATION_IDS.includes(stationId))
    .map((row) => {
      const { schema, blank } = stationOf(row.stationId);
      return once(
        row,
        () => v.is(schema, row.data) && (row.skippedReason === null || typeof row.skippedReason === "string"),
        () => ({
          ...row,
          data: salvage(schema, row.data, blank) as never,
          skippedReason: typeof row.skippedReason === "string" ? row.skippedReason : null,
        }),
      );
    });
}
