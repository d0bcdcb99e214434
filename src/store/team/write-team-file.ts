import {
  createFileWriter,
  RECORD_TYPE_NAMES,
  toVersions,
  versionKey,
  type KnownVersion,
  type RecordTypeName,
  type TeamWriter,
} from "@/records";
import { withPhotos } from "../kept-photos";
import { shortSign } from "../summary";
import { checkStamp, type VemmickDatabase } from "../vemmick-database";
import { teamDevice, writerOf } from "./team-device";
import { keepNoted, knownVersions, sharedRows } from "./versions";

/** What this device has for its team, as the file it writes. */
export interface TeamFile {
  readonly blob: Blob;
  readonly writer: TeamWriter;
  /** the same for the same versions: a file that would say nothing new need not be written */
  readonly sign: string;
}

/**
 * Writes everything the team shares, each record with its version, and notes what was changed here. It is not of one moment:
 * a version is of the record beside it, and what is keyed meanwhile comes with the next file.
 * @errors throws NewerDataError when a newer program has been here
 */
export async function teamFile(db: VemmickDatabase): Promise<TeamFile> {
  await checkStamp(db);
  const writer = writerOf(await db.transaction("rw", db.settings, () => teamDevice(db)));
  const known = await knownVersions(db);
  const present = new Map<string, string>();
  // The file names them at its end, once they are known.
  const versions: KnownVersion[] = [];
  const file = createFileWriter(new Date().toISOString(), { writer, versions });
  const parts = [file.head()];
  let begun = -1;
  const begin = (upTo: RecordTypeName | null): void => {
    const end = upTo === null ? RECORD_TYPE_NAMES.length - 1 : RECORD_TYPE_NAMES.indexOf(upTo);
    for (; begun < end; begun += 1) parts.push(file.list(RECORD_TYPE_NAMES[begun + 1] as RecordTypeName));
  };
  for await (const { name, rows } of sharedRows(db)) {
    begin(name);
    const whole = await withPhotos(db, rows);
    parts.push(whole.map((row) => file.record(name, row)).join(""));
    for (const { id, updatedAt } of rows) present.set(versionKey(name, id), updatedAt);
  }
  begin(null);
  // One by one: a call takes no hundred thousand arguments.
  for (const version of (await keepNoted(db, known, present, writer.id)).values()) versions.push(version);
  parts.push(file.end());
  const sign = shortSign(JSON.stringify([writer.name, toVersions(versions)]));
  return { blob: new Blob([...parts], { type: "application/json" }), writer, sign };
}
