import * as v from "valibot";
import { MomentSchema } from "@/core/kept";
import type { RecordFault } from "@/core/result";
import { fitRecord, machinesOf, onCard } from "./fit-record";
import { HouseRecordSchema } from "./house-record";
import { PartSchema } from "./part-record";
import { StationRecordSchema } from "./station-record";
import { TravellerSchema } from "./traveller";
import { PRESENT_VERSIONS, RECORD_TYPE_NAMES, RECORD_TYPES, type RecordOf, type RecordTypeName } from "./versions";

/** Mark of the format. Do not change without a new format. */
export const FILE_FORMAT = "vemmick";
export const FILE_SUFFIX = ".vemmick.json";

/** The open file: some travellers or everything. Its JSON Schema is published from this. */
export const VemmickFileSchema = v.object({
  format: v.literal(FILE_FORMAT),
  /** version of each record type in this file */
  recordVersions: v.object({ traveller: v.number(), station: v.number(), house: v.number(), part: v.number() }),
  exportedAt: MomentSchema,
  travellers: v.array(TravellerSchema),
  stations: v.array(StationRecordSchema),
  /** capacitors on the shelf */
  parts: v.array(PartSchema),
  house: v.nullable(HouseRecordSchema),
});
export type VemmickFile = v.InferOutput<typeof VemmickFileSchema>;

/** Records of every type, as they are kept or as a file carries them. */
export type RecordLists = { readonly [Name in RecordTypeName]: readonly RecordOf<Name>[] };
export const NO_RECORDS: RecordLists = { traveller: [], station: [], house: [], part: [] };

/** A written file, and what of the records had to be shortened or does not fit at all. */
export interface WrittenFile {
  readonly text: string;
  readonly shortened: readonly RecordFault[];
  /** written as they are, though a device that takes the file in will leave them out */
  readonly misfits: readonly RecordFault[];
}

const byId = (a: { readonly id: string }, b: { readonly id: string }): number => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/**
 * Writes the file, readable and in a fixed order, so that two exports of the same data are the same. Every record is held
 * against the bounds of the file first: what leaves can come back.
 */
export function writeVemmickFile(records: RecordLists, exportedAt: string): WrittenFile {
  const shortened: RecordFault[] = [];
  const misfits: RecordFault[] = [];
  const machines = machinesOf(records.traveller);
  const lists: Record<string, readonly unknown[]> = {};
  for (const name of RECORD_TYPE_NAMES) {
    const type = RECORD_TYPES[name];
    lists[type.list] = [...records[name]].sort(byId).map((record): unknown => {
      const fitted = fitRecord(type, record);
      if (!fitted.ok) misfits.push(onCard(fitted.fault, record, machines));
      else shortened.push(...fitted.shortened.map((fault) => onCard(fault, record, machines)));
      return fitted.ok ? fitted.record : record;
    });
  }
  const { travellers, stations, parts, house } = lists;
  const file = {
    format: FILE_FORMAT,
    recordVersions: PRESENT_VERSIONS,
    exportedAt,
    travellers,
    stations,
    parts,
    house: house?.[0] ?? null,
  };
  return { text: `${JSON.stringify(file, null, 2)}\n`, shortened, misfits };
}
