import { STATION_IDS, stationOf } from "@/core/stations";
import { recordTypeOf, type RecordOf, type RecordTypeName, type StationRecord } from "@/records";
import { soundRow, soundStation } from "./sound-row";

/** A row of one type with everything of it that can be read. */
export const soundRecord = <Name extends RecordTypeName>(name: Name, row: RecordOf<Name>): RecordOf<Name> =>
  soundRow(recordTypeOf(name), row);

/** Rows of stations this program knows, each with what can be read of it. */
export const soundStations = (rows: readonly StationRecord[]): readonly StationRecord[] =>
  rows.filter(({ stationId }) => STATION_IDS.includes(stationId)).map((row) => soundStation(stationOf(row.stationId), row));
