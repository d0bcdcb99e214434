import * as v from "valibot";
import { MomentSchema } from "@/core/kept";
import type { RecordFault } from "@/core/result";
import { fitRecord, machinesOf, onCard } from "./fit-record";
import { PRESENT_VERSIONS, RECORD_TYPE_NAMES } from "./record-kinds";
import { recordTypeOf, type RecordLists } from "./record-types";

/** Mark of the format. Do not change without a new format. */
export const FILE_FORMAT = "vemmick";
export const FILE_SUFFIX = ".vemmick.json";

/** A field of the file for every type of record: a list, or one or none. */
const listEntries = (): Record<string, v.GenericSchema> =>
  Object.fromEntries(
    RECORD_TYPE_NAMES.map(recordTypeOf).map(({ list, schema, isSingle }): [string, v.GenericSchema] => [
      list,
      isSingle ? v.nullable(schema) : v.array(schema),
    ]),
  );

/** The open file: some travellers or everything. Its JSON Schema is published from this. */
export const VemmickFileSchema = v.object({
  format: v.literal(FILE_FORMAT),
  /** version of each record type in this file */
  recordVersions: v.object(Object.fromEntries(RECORD_TYPE_NAMES.map((name) => [name, v.number()]))),
  exportedAt: MomentSchema,
  ...listEntries(),
});

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
  const lists: Record<string, unknown> = {};
  for (const name of RECORD_TYPE_NAMES) {
    const type = recordTypeOf(name);
    const written = [...records[name]].sort(byId).map((record): unknown => {
      const fitted = fitRecord(type, record);
      if (!fitted.ok) misfits.push(onCard(type, fitted.fault, record, machines));
      else shortened.push(...fitted.shortened.map((fault) => onCard(type, fault, record, machines)));
      return fitted.ok ? fitted.record : record;
    });
    lists[type.list] = type.isSingle ? (written[0] ?? null) : written;
  }
  const file = { format: FILE_FORMAT, recordVersions: PRESENT_VERSIONS, exportedAt, ...lists };
  return { text: `${JSON.stringify(file, null, 2)}\n`, shortened, misfits };
}
