import { toVersions, type Progress, type TeamWriter } from "@/records";
import { exportParts } from "../export-file";
import { shortSign } from "../summary";
import type { VemmickDatabase } from "../vemmick-database";
import { teamDevice, writerOf } from "./team-device";
import { noteHere, notingTables } from "./versions";

/** What this device has for its team, as the file it writes. */
export interface TeamFile {
  readonly blob: Blob;
  readonly writer: TeamWriter;
  /** the same for the same versions: a file that would say nothing new need not be written */
  readonly sign: string;
}

/**
 * Notes what was changed here, and writes everything the team shares: of one moment, since a version must be of the record
 * beside it.
 * @errors throws NewerDataError when a newer program has been here
 */
export async function teamFile(db: VemmickDatabase, onProgress?: Progress): Promise<TeamFile> {
  return db.transaction("rw", notingTables(db), async () => {
    const writer = writerOf(await teamDevice(db));
    const versions = [...(await noteHere(db, writer.id)).values()];
    const { parts } = await exportParts(db, "everything", [], onProgress, { writer, versions });
    const sign = shortSign(JSON.stringify([writer.name, toVersions(versions)]));
    return { blob: new Blob([...parts], { type: "application/json" }), writer, sign };
  });
}
