import type * as v from "valibot";
import { houseType } from "./house-record";
import { partType } from "./part-record";
import type { RecordType } from "./record-type";
import { stationRecordType } from "./station-record";
import { travellerType } from "./traveller";

/** Every kind of record. A new kind is one line here. */
export const RECORD_TYPES = { traveller: travellerType, station: stationRecordType, house: houseType, part: partType } as const;
export type RecordTypeName = keyof typeof RECORD_TYPES;
/** A record of one type, as it is kept. */
export type RecordOf<Name extends RecordTypeName> = v.InferOutput<(typeof RECORD_TYPES)[Name]["schema"]>;
export const RECORD_TYPE_NAMES = Object.keys(RECORD_TYPES) as RecordTypeName[];

export type RecordVersions = Readonly<Record<RecordTypeName, number>>;

/** Versions this program writes. */
export const PRESENT_VERSIONS: RecordVersions = Object.fromEntries(
  RECORD_TYPE_NAMES.map((name) => [name, RECORD_TYPES[name].version]),
) as Record<RecordTypeName, number>;

/** First record type that was written by a newer program; null when all can be read. */
export function findNewer(versions: Readonly<Record<string, number>>): { recordType: string; found: number; known: number } | null {
  for (const [recordType, found] of Object.entries(versions)) {
    const known = Object.hasOwn(RECORD_TYPES, recordType) ? ((RECORD_TYPES as Record<string, RecordType>)[recordType]?.version ?? 0) : 0;
    if (found > known) return { recordType, found, known };
  }
  return null;
}
