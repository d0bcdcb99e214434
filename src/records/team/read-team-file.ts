import * as v from "valibot";
import { isLoose, type Loose } from "@/core/kept";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName } from "../record-kinds";
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

/** Moments of the records in a file as they stand in it, by key: a version is of that moment. */
function timesIn(raw: Loose): ReadonlyMap<string, string> {
  const times = new Map<string, string>();
  for (const name of RECORD_TYPE_NAMES)
    for (const row of rawRows(raw, name))
      if (isLoose(row) && typeof row.id === "string" && typeof row.updatedAt === "string")
        times.set(versionKey(name, row.id), row.updatedAt);
  return times;
}

const rawRows = (raw: Loose, name: RecordTypeName): readonly unknown[] => {
  const found = raw[recordKindOf(name).list];
  return Array.isArray(found) ? found : found === undefined || found === null ? [] : [found];
};

/** The file with those records alone that are news here: a file of everything need not be held against every bound each time. */
function withNews(raw: Loose, versions: readonly KnownVersion[], isNews: (version: KnownVersion) => boolean): Loose {
  const news = new Set(versions.filter(isNews).map(({ key }) => key));
  const lists = RECORD_TYPE_NAMES.map((name) => [
    recordKindOf(name).list,
    rawRows(raw, name).filter((row) => isLoose(row) && news.has(versionKey(name, String(row.id)))),
  ]);
  return { ...raw, ...(Object.fromEntries(lists) as Loose) };
}

/**
 * Reads the file of another device. A record without a version, or a version without its record, is left where it is: it
 * comes with a later file.
 * @param isNews whether a version is news here: the records of the others are not read
 * @errors those of parseVemmickFile; 'file-no-team' for a file that names no device, or no versions
 */
export function parseTeamFile(
  text: string,
  isNews: (version: KnownVersion) => boolean,
  onProgress?: Progress,
): Result<TeamReading, Failure> {
  if (text.length > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: text.length, maxBytes: MAX_FILE_BYTES });
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const raw = isLoose(parsed.value) ? parsed.value : {};
  const writer = v.safeParse(TeamWriterSchema, raw.team);
  const versions = v.safeParse(VersionsSchema, raw.versions);
  if (!writer.success || !versions.success) {
    // What is no file of this program at all is told as that.
    const read = readVemmickValue(parsed.value);
    return read.ok ? fail({ code: "file-no-team" }) : read;
  }
  const times = timesIn(raw);
  const known = Object.entries(versions.output).flatMap(([key, { of, gone }]): KnownVersion[] => {
    if (!RECORD_TYPE_NAMES.some((name) => key.startsWith(`${name}/`))) return [];
    const at = gone ?? times.get(key);
    return at === undefined ? [] : [{ key, of, at, isGone: gone !== undefined }];
  });
  const read = readVemmickValue(withNews(raw, known, isNews), onProgress);
  if (!read.ok) return read;
  const { records, shortened, faults } = read.value;
  const exportedAt = typeof raw.exportedAt === "string" ? raw.exportedAt : "";
  return ok({ section: { writer: writer.output, versions: known }, exportedAt, records, shortened, faults });
}
