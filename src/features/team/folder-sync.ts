import type { Failure, Result } from "@/core/result";
import { readWriter, type Choice, type TeamWriter } from "@/records";
import type { Folder } from "@/devices/folder";
import { toStorageFailure } from "@/store/storage-status";
import type { VemmickDatabase } from "@/store/vemmick-database";
import type { TeamOutline } from "@/store/team/team-calls";
import { deviceOfFile, fileNameOf, knownDevice, noteTurn, takeNewId, teamDevice } from "@/store/team/team-device";

/** What of a team's calls reading and writing a folder takes. */
export interface SyncCalls {
  readonly write: () => Promise<Result<{ readonly blob: Blob; readonly writer: TeamWriter; readonly sign: string }, Failure>>;
  readonly read: (file: Blob) => Promise<Result<TeamOutline, Failure>>;
  readonly merge: (device: string, choices: Readonly<Record<string, Choice>>) => Promise<Result<string | null, Failure>>;
}

/** What was found of one file of the folder. */
export type FoundDevice =
  | { readonly file: string; readonly state: "read"; readonly outline: TeamOutline; readonly merge: string | null }
  | { readonly file: string; readonly state: "failed"; readonly failure: Failure };

/** What reading and writing the folder came to. */
export interface Synced {
  readonly devices: readonly FoundDevice[];
  /** `kept`: there was nothing new to write */
  readonly own: "written" | "kept" | Failure;
  /** another device wrote under this one's id, which has a new one since */
  readonly isTwinFound: boolean;
}

/** So much of a file names who wrote it. */
const HEAD_BYTES = 4096;
const WRITTEN_KEY = "team:written";

/** Signs of the files as they were read last: one that lies as it did need not be read again. */
export type Seen = Map<string, string>;

/** Whether somebody else writes the file of this device: a profile that was copied has its id too. */
async function hasTwin(folder: Folder, db: VemmickDatabase): Promise<boolean> {
  const { id, turns } = await teamDevice(db);
  const file = await folder.read(fileNameOf(id));
  const writer = file === null ? null : readWriter(await file.slice(0, HEAD_BYTES).text());
  return writer !== null && !turns.includes(writer.turn);
}

/** Writes this device's own file, if it says anything new; nobody else ever writes it. */
async function writeOwn(folder: Folder, db: VemmickDatabase, calls: SyncCalls): Promise<Synced["own"]> {
  const made = await calls.write();
  if (!made.ok) return made.failure;
  const { blob, writer, sign } = made.value;
  const name = fileNameOf(writer.id);
  const written = (await db.settings.get(WRITTEN_KEY))?.value;
  if (written === `${name} ${sign}` && (await folder.read(name)) !== null) return "kept";
  // Cleared since it was made: it would say that everything was taken away.
  if ((await knownDevice(db))?.id !== writer.id) return "kept";
  // Noted first: a write that is cut off must not make this device a stranger to its own file.
  await noteTurn(db, writer.turn);
  await folder.write(name, blob);
  await db.settings.put({ key: WRITTEN_KEY, value: `${name} ${sign}` });
  return "written";
}

async function readOne(folder: Folder, file: string, calls: SyncCalls, isTaken: boolean): Promise<FoundDevice | null> {
  const content = await folder.read(file);
  if (content === null) return null;
  const outline = await calls.read(content);
  if (!outline.ok) return { file, state: "failed", failure: outline.failure };
  if (!isTaken) return { file, state: "read", outline: outline.value, merge: null };
  const merged = await calls.merge(outline.value.from.id, {});
  return merged.ok
    ? { file, state: "read", outline: outline.value, merge: merged.value }
    : { file, state: "failed", failure: merged.failure };
}

/**
 * Reads the files of the others, takes what only one side has changed, and writes this device's own. A file that is broken,
 * half written or gone meanwhile is told and skipped; the others are read all the same.
 * @param isTaken false: only looks, and takes nothing
 * @param seen what was read before; files that lie as they did are skipped
 * @errors throws where the folder itself cannot be read
 */
export async function syncFolder(folder: Folder, db: VemmickDatabase, calls: SyncCalls, isTaken: boolean, seen: Seen): Promise<Synced> {
  const isTwinFound = await hasTwin(folder, db);
  if (isTwinFound) await takeNewId(db);
  const { id } = await teamDevice(db);
  const devices: FoundDevice[] = [];
  for (const { name, modifiedMs, size } of await folder.list()) {
    const device = deviceOfFile(name);
    const sign = `${modifiedMs} ${size} ${isTaken}`;
    if (device === null || device === id || seen.get(name) === sign) continue;
    try {
      const found = await readOne(folder, name, calls, isTaken);
      if (found === null) continue;
      devices.push(found);
      if (found.state === "read") seen.set(name, sign);
    } catch (error) {
      devices.push({ file: name, state: "failed", failure: toStorageFailure(error) });
    }
  }
  return { devices, own: await writeOwn(folder, db, calls), isTwinFound };
}
