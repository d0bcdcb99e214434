import * as v from "valibot";
import { isLoose } from "@/core/kept";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { RECORD_TYPE_NAMES } from "../record-kinds";
import { MAX_FILE_BYTES, parseJson, readVemmickValue, type FileReading, type Progress } from "../read-file";
import type { Theirs } from "./plan-merge";
import { TeamWriterSchema, versionKey, VersionsSchema, type KnownVersion, type TeamWriter } from "./team-section";

/** A team file as far as it can be taken in. */
export interface TeamReading extends Theirs, Pick<FileReading, "shortened" | "faults"> {
  /** when it was written, as it says; "" where it does not */
  readonly exportedAt: string;
}

/** Lines of a file before its first list: whoever wrote it stands among them. */
const HEAD_LINES = 8;

/** Who wrote a team file, from its beginning alone; null: nobody says so. */
export function readWriter(head: string): TeamWriter | null {
  const line = head
    .split("\n")
    .slice(0, HEAD_LINES)
    .find((each) => each.startsWith('"team": '));
  try {
    const parsed = v.safeParse(TeamWriterSchema, JSON.parse((line ?? "").replace(/^"team": /, "").replace(/,$/, "")));
    return parsed.success ? parsed.output : null;
  } catch {
    return null;
  }
}

/** Moments of the records in a file as they stand in it: a version is of that moment, whatever form it is brought into. */
function timesIn(reading: FileReading): ReadonlyMap<string, string> {
  return new Map(
    RECORD_TYPE_NAMES.flatMap((name) => reading.records[name].map(({ id, updatedAt }) => [versionKey(name, id), updatedAt] as const)),
  );
}

/**
 * Reads the file of another device. A record without a version, or a version without its record, is left where it is: it
 * comes with a later file.
 * @errors those of parseVemmickFile; 'file-no-team' for a file that names no device, or no versions
 */
export function parseTeamFile(text: string, onProgress?: Progress): Result<TeamReading, Failure> {
  if (text.length > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: text.length, maxBytes: MAX_FILE_BYTES });
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const raw = parsed.value;
  const read = readVemmickValue(raw, onProgress);
  if (!read.ok) return read;
  const writer = v.safeParse(TeamWriterSchema, isLoose(raw) ? raw.team : null);
  const versions = v.safeParse(VersionsSchema, isLoose(raw) ? raw.versions : null);
  if (!writer.success || !versions.success) return fail({ code: "file-no-team" });
  const times = timesIn(read.value);
  const known = Object.entries(versions.output).flatMap(([key, { of, gone }]): KnownVersion[] => {
    if (!RECORD_TYPE_NAMES.some((name) => key.startsWith(`${name}/`))) return [];
    const at = gone ?? times.get(key);
    return at === undefined ? [] : [{ key, of, at, isGone: gone !== undefined }];
  });
  const { records, shortened, faults } = read.value;
  const exportedAt = isLoose(raw) && typeof raw.exportedAt === "string" ? raw.exportedAt : "";
  return ok({ section: { writer: writer.output, versions: known }, exportedAt, records, shortened, faults });
}
