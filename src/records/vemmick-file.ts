import * as v from "valibot";
import { fail, ok, type Failure, type FileFault, type Result } from "@/core/result";
import { HouseRecordSchema } from "./house-record";
import { PartSchema } from "./part-record";
import { migrateRecord } from "./record-type";
import { StationRecordSchema } from "./station-record";
import { MomentSchema, TravellerSchema } from "./traveller";
import { findNewer, PRESENT_VERSIONS, RECORD_TYPES, type RecordTypeName } from "./versions";

/** Mark of the format. Do not change without a new format. */
export const FILE_FORMAT = "vemmick";
export const FILE_SUFFIX = ".vemmick.json";
export const MAX_FILE_BYTES = 64 * 1024 * 1024;
const SHOWN_FAULTS = 5;

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

/** What can be read of any file before its records are brought up to date. */
const EnvelopeSchema = v.object({
  format: v.literal(FILE_FORMAT),
  recordVersions: v.record(v.string(), v.pipe(v.number(), v.integer(), v.minValue(1))),
});

/** Lists of the file and the record type they hold. */
const LISTS: readonly { readonly field: string; readonly type: RecordTypeName }[] = [
  { field: "travellers", type: "traveller" },
  { field: "stations", type: "station" },
  { field: "parts", type: "part" },
];

const isObject = (value: unknown): value is Record<string, unknown> => typeof value === "object" && value !== null && !Array.isArray(value);

function toFaults(issues: readonly v.BaseIssue<unknown>[]): FileFault[] {
  return issues.slice(0, SHOWN_FAULTS).map((issue) => ({ path: v.getDotPath(issue) ?? "(file)", message: issue.message }));
}

/** Brings every record of an older file to the present version; leaves what is not a record for the schema to refuse. */
function bringUpToDate(raw: Record<string, unknown>, versions: Readonly<Record<string, number>>): Record<string, unknown> {
  // Files of the first release had no parts list.
  const updated: Record<string, unknown> = {
    ...raw,
    recordVersions: PRESENT_VERSIONS,
    parts: raw.parts ?? (versions.part === undefined ? [] : undefined),
  };
  for (const { field, type } of LISTS) {
    const list = raw[field];
    if (Array.isArray(list)) {
      updated[field] = list.map((record: unknown) =>
        isObject(record) ? migrateRecord(RECORD_TYPES[type], record, versions[type] ?? 1) : record,
      );
    }
  }
  if (isObject(raw.house)) updated.house = migrateRecord(RECORD_TYPES.house, raw.house, versions.house ?? 1);
  return updated;
}

/** Rows that belong to no traveller of the file would be kept and never seen. */
function findOrphans(file: VemmickFile): FileFault[] {
  const known = new Set<string>(file.travellers.map(({ id }) => id));
  return file.stations.flatMap((row, index) =>
    known.has(row.travellerId) ? [] : [{ path: `stations.${index}.travellerId`, message: "names a traveller that is not in the file" }],
  );
}

/**
 * Reads a `*.vemmick.json` file: refuses what is broken, foreign or newer, with the path of the first faults.
 * @param text content of the file
 * @errors 'file-too-large', 'file-not-json', 'file-foreign', 'file-newer', 'file-faults'
 */
export function parseVemmickFile(text: string): Result<VemmickFile, Failure> {
  if (text.length > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: text.length, maxBytes: MAX_FILE_BYTES });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    return fail({ code: "file-not-json", detail: error instanceof Error ? error.message.slice(0, 120) : "" });
  }
  if (!isObject(raw) || raw.format !== FILE_FORMAT) return fail({ code: "file-foreign" });
  const envelope = v.safeParse(EnvelopeSchema, raw);
  if (!envelope.success) return fail({ code: "file-faults", faults: toFaults(envelope.issues), total: envelope.issues.length });
  const newer = findNewer(envelope.output.recordVersions);
  if (newer) return fail({ code: "file-newer", ...newer });
  const parsed = v.safeParse(VemmickFileSchema, bringUpToDate(raw, envelope.output.recordVersions));
  if (!parsed.success) return fail({ code: "file-faults", faults: toFaults(parsed.issues), total: parsed.issues.length });
  const orphans = findOrphans(parsed.output);
  if (orphans.length > 0) return fail({ code: "file-faults", faults: orphans.slice(0, SHOWN_FAULTS), total: orphans.length });
  return ok(parsed.output);
}

/** Writes the file, readable and in a fixed order, so that two exports of the same data are the same. */
export function writeVemmickFile(content: Pick<VemmickFile, "travellers" | "stations" | "parts" | "house">, exportedAt: string): string {
  const byId = <T extends { readonly id: string }>(a: T, b: T): number => (a.id < b.id ? -1 : 1);
  const file: VemmickFile = {
    format: FILE_FORMAT,
    recordVersions: PRESENT_VERSIONS,
    exportedAt,
    travellers: [...content.travellers].sort(byId),
    stations: [...content.stations].sort(byId),
    parts: [...content.parts].sort(byId),
    house: content.house,
  };
  // The schema's own order of fields; a record it does not know is written as it is rather than left out.
  const ordered = v.safeParse(VemmickFileSchema, file);
  return `${JSON.stringify(ordered.success ? ordered.output : file, null, 2)}\n`;
}
