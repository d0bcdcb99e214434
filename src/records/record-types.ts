import type * as v from "valibot";
import { houseType } from "./house-record";
import { partType } from "./part-record";
import type { RecordType } from "./record-type";
import { stationRecordType } from "./station-record";
import { travellerType } from "./traveller";

/** Every kind of record, cards before what belongs to them. A new kind is one row here. */
export const RECORD_TYPES = {
  traveller: travellerType,
  station: stationRecordType,
  house: houseType,
  part: partType,
} as const;
export type RecordTypeName = keyof typeof RECORD_TYPES;
/** A record of one type, as it is kept. */
export type RecordOf<Name extends RecordTypeName> = v.InferOutput<(typeof RECORD_TYPES)[Name]["schema"]>;
export const RECORD_TYPE_NAMES = Object.keys(RECORD_TYPES) as RecordTypeName[];

/** A type without its own types, for code that treats all alike. */
export const recordTypeOf = (name: RecordTypeName): RecordType => RECORD_TYPES[name];

/** Something of every type of record. */
export function byType<T extends { readonly [Name in RecordTypeName]: unknown }>(
  make: <Name extends RecordTypeName>(name: Name) => T[Name],
): T {
  // One entry a name of the table: what is returned has exactly the fields that T asks for.
  return Object.fromEntries(RECORD_TYPE_NAMES.map((name) => [name, make(name)])) as T;
}

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

/** Id of the card a record belongs to; null: it stands for itself. */
export function cardOf(name: RecordTypeName, record: object): string | null {
  const { cardField } = recordTypeOf(name);
  const id: unknown = cardField === undefined ? null : (record as Record<string, unknown>)[cardField];
  return typeof id === "string" ? id : null;
}

export type RecordVersions = Readonly<Record<RecordTypeName, number>>;

/** Versions this program writes. */
export const PRESENT_VERSIONS = byType<RecordVersions>((name) => RECORD_TYPES[name].version);

/** First record type that was written by a newer program; null when all can be read. */
export function findNewer(versions: Readonly<Record<string, number>>): { recordType: string; found: number; known: number } | null {
  for (const [recordType, found] of Object.entries(versions)) {
    const known = Object.hasOwn(RECORD_TYPES, recordType) ? ((RECORD_TYPES as Record<string, RecordType>)[recordType]?.version ?? 0) : 0;
    if (found > known) return { recordType, found, known };
  }
  return null;
}
