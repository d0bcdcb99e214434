import type * as v from "valibot";
import { houseType } from "./house-record";
import { meterType } from "./meter-record";
import { moveType } from "./move-record";
import { partType } from "./part-record";
import { byType, RECORD_TYPE_NAMES, type RecordTypeName } from "./record-kinds";
import type { RecordType } from "./record-type";
import { stationRecordType } from "./station-record";
import { travellerType } from "./traveller";

/** Schema, migrations and blank of every kind of record. A new kind is one row here, and one in record-kinds.ts. */
export const RECORD_TYPES = {
  traveller: travellerType,
  station: stationRecordType,
  house: houseType,
  part: partType,
  move: moveType,
  meter: meterType,
} as const satisfies { readonly [Name in RecordTypeName]: Pick<RecordType<v.GenericSchema, Name>, "name"> };

/** A record of one type, as it is kept. */
export type RecordOf<Name extends RecordTypeName> = v.InferOutput<(typeof RECORD_TYPES)[Name]["schema"]>;

/** A type without its own types, for code that treats all alike. */
export const recordTypeOf = (name: RecordTypeName): RecordType => RECORD_TYPES[name];

/** Records of every type, as they are kept or as a file carries them. */
export type RecordLists = { readonly [Name in RecordTypeName]: readonly RecordOf<Name>[] };
export const NO_RECORDS = byType<RecordLists>(() => []);

/** What every record has. */
export interface DatedRow {
  readonly id: string;
  readonly updatedAt: string;
}

/** Lists with, of each type, the rows that are chosen of its own. */
export function mapLists(
  records: RecordLists,
  choose: <Row extends DatedRow>(name: RecordTypeName, rows: readonly Row[]) => readonly Row[],
): RecordLists {
  // The rows of a type stay rows of it, which a mapped type cannot say of itself.
  return Object.fromEntries(RECORD_TYPE_NAMES.map((name) => [name, choose<DatedRow>(name, records[name])])) as unknown as RecordLists;
}
