import * as v from "valibot";
import { isLoose, type Loose } from "@/core/kept";
import { fail, ok, type Failure, type RecordFault, type Result } from "@/core/result";
import { faultOf, fitRecord, machinesOf, onCard, type Fitted } from "./fit-record";
import { migrateRecord } from "./record-type";
import { byType, findNewer, RECORD_TYPE_NAMES, type RecordTypeName } from "./record-kinds";
import { recordTypeOf, type RecordLists } from "./record-types";
import { MAX_FILE_BYTES } from "./file-bounds";
import { FILE_FORMAT } from "./vemmick-file";

/** Told now and then how far a long piece of work is. */
export type Progress = (done: number, all: number) => void;
const TELL_EACH = 2000;

/** What can be read of any file before its records are brought up to date. */
const EnvelopeSchema = v.object({
  format: v.literal(FILE_FORMAT),
  recordVersions: v.record(v.string(), v.pipe(v.number(), v.integer(), v.minValue(1))),
});

/** A file as far as it can be taken in. */
export interface FileReading {
  readonly records: RecordLists;
  /** records with a text that was longer than a field takes: taken, shortened */
  readonly shortened: readonly RecordFault[];
  /** records that cannot be taken */
  readonly faults: readonly RecordFault[];
}

/** Records of one type in a file, whatever the file has in that place: of some types it has one or none. */
function rawRecords(raw: Loose, name: RecordTypeName): readonly unknown[] {
  const found = raw[recordTypeOf(name).list];
  if (Array.isArray(found)) return found;
  return found === undefined || found === null ? [] : [found];
}

/** One record, brought up to date and held against the present bounds. */
function readRecord(name: RecordTypeName, raw: unknown, from: number): Fitted<unknown> {
  const type = recordTypeOf(name);
  if (!isLoose(raw)) return { ok: false, fault: faultOf(type, raw, "unreadable") };
  try {
    return fitRecord(type, migrateRecord(type, raw, from));
  } catch {
    // A migration trusts what its version wrote; what was damaged since may be anything.
    return { ok: false, fault: faultOf(type, raw, "unreadable") };
  }
}

/**
 * Reads a `*.vemmick.json` file. What is no such file, or was written by a newer program, is refused as a whole; otherwise
 * every good record is read, and every bad one named.
 * @param text content of the file
 * @param onProgress told now and then how many of the records were read
 * @errors 'file-too-large', 'file-not-json', 'file-foreign', 'file-no-versions', 'file-newer'
 */
export function parseVemmickFile(text: string, onProgress: Progress = () => undefined): Result<FileReading, Failure> {
  if (text.length > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: text.length, maxBytes: MAX_FILE_BYTES });
  const parsed = parseJson(text);
  return parsed.ok ? readVemmickValue(parsed.value, onProgress) : parsed;
}

/** @errors 'file-not-json' */
export function parseJson(text: string): Result<unknown, Failure> {
  try {
    return ok(JSON.parse(text));
  } catch {
    return fail({ code: "file-not-json" });
  }
}

/** The same of a file whose JSON was parsed. */
export function readVemmickValue(raw: unknown, onProgress: Progress = () => undefined): Result<FileReading, Failure> {
  if (!isLoose(raw) || raw.format !== FILE_FORMAT) return fail({ code: "file-foreign" });
  const envelope = v.safeParse(EnvelopeSchema, raw);
  if (!envelope.success) return fail({ code: "file-no-versions" });
  const { recordVersions } = envelope.output;
  const newer = findNewer(recordVersions);
  if (newer) return fail({ code: "file-newer", ...newer });
  const shortened: RecordFault[] = [];
  const faults: RecordFault[] = [];
  const records = byType<Record<RecordTypeName, unknown[]>>(() => []);
  const machines = machinesOf(rawRecords(raw, "traveller"));
  const found = RECORD_TYPE_NAMES.map((name) => [name, rawRecords(raw, name)] as const);
  const all = found.reduce((sum, [, list]) => sum + list.length, 0);
  let done = 0;
  for (const [name, list] of found) {
    const type = recordTypeOf(name);
    for (const each of list) {
      if (done % TELL_EACH === 0) onProgress(done, all);
      done += 1;
      const read = readRecord(name, each, recordVersions[name] ?? 1);
      if (!read.ok) faults.push(onCard(type, read.fault, each, machines));
      else {
        shortened.push(...read.shortened.map((fault) => onCard(type, fault, each, machines)));
        records[name].push(read.record);
      }
    }
  }
  // Every record in them was just held against its schema.
  return ok({ records: records as unknown as RecordLists, shortened, faults });
}
