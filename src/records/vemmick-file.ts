import * as v from "valibot";
import { MomentSchema } from "@/core/kept";
import type { RecordFault } from "@/core/result";
import { fitRecord, machinesOf, onCard } from "./fit-record";
import { PRESENT_VERSIONS, RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName } from "./record-kinds";
import { recordTypeOf, type RecordLists } from "./record-types";

/** Mark of the format. Do not change without a new format. */
export const FILE_FORMAT = "vemmick";

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

/** Writes a file piece by piece: head, then every list with a record a line, then the end. */
export interface FileWriter {
  readonly head: () => string;
  /** a list begins; its records follow in the order of their ids */
  readonly list: (name: RecordTypeName) => string;
  readonly record: (name: RecordTypeName, record: object) => string;
  readonly end: () => string;
  readonly shortened: readonly RecordFault[];
  readonly misfits: readonly RecordFault[];
}

/**
 * Begins a file: a record a line, in a fixed order, so that two exports of the same data are the same and a long file need not
 * be held whole. Every record is held against the bounds of the file first: what leaves can come back.
 */
export function createFileWriter(exportedAt: string): FileWriter {
  const shortened: RecordFault[] = [];
  const misfits: RecordFault[] = [];
  const machines = new Map<unknown, string>();
  let open: { readonly isSingle: boolean; count: number } | null = null;
  const close = (): string => {
    const ended = open;
    open = null;
    if (ended === null) return "";
    return ended.isSingle ? (ended.count === 0 ? "null" : "") : `${ended.count === 0 ? "" : "\n"}]`;
  };
  return {
    shortened,
    misfits,
    head: () =>
      `{\n"format": ${JSON.stringify(FILE_FORMAT)},\n"recordVersions": ${JSON.stringify(PRESENT_VERSIONS)},\n"exportedAt": ${JSON.stringify(exportedAt)}`,
    list: (name) => {
      const before = close();
      const { list, isSingle = false } = recordKindOf(name);
      open = { isSingle, count: 0 };
      return `${before},\n${JSON.stringify(list)}: ${isSingle ? "" : "["}`;
    },
    record: (name, record) => {
      // Of a type that a file has one of, it has one.
      if (open === null || (open.isSingle && open.count > 0)) return "";
      const type = recordTypeOf(name);
      const fitted = fitRecord(type, record);
      if (name === "traveller") machinesOf([record]).forEach((machine, id) => machines.set(id, machine));
      if (!fitted.ok) misfits.push(onCard(type, fitted.fault, record, machines));
      else shortened.push(...fitted.shortened.map((fault) => onCard(type, fault, record, machines)));
      open.count += 1;
      const line = JSON.stringify(fitted.ok ? fitted.record : record);
      return open.isSingle ? line : `${open.count === 1 ? "" : ","}\n${line}`;
    },
    end: () => `${close()}\n}\n`,
  };
}

const byId = (a: { readonly id: string }, b: { readonly id: string }): number => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Writes a file of records that are all at hand. */
export function writeVemmickFile(records: RecordLists, exportedAt: string): WrittenFile {
  const writer = createFileWriter(exportedAt);
  const text = [writer.head()];
  for (const name of RECORD_TYPE_NAMES)
    text.push(writer.list(name), ...[...records[name]].sort(byId).map((record) => writer.record(name, record)));
  text.push(writer.end());
  return { text: text.join(""), shortened: writer.shortened, misfits: writer.misfits };
}
