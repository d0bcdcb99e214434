import { fail, ok, type Failure, type Result } from "@/core/result";
import type { Folder } from "@/devices/folder";
import { backupName, changeBackup, firstOwnCardMs, lateDays, readBackup } from "@/store/backup";
import { exportEverything } from "@/store/files";
import { toStorageFailure } from "@/store/storage-status";
import { dayOf } from "../vocabulary/clock";

/** A copy of everything, and its name. */
export async function makeBackup(now: Date): Promise<Result<{ readonly blob: Blob; readonly name: string }, Failure>> {
  const written = await exportEverything(() => undefined).done;
  return written.ok ? ok({ blob: written.value.blob, name: backupName(dayOf(now)) }) : written;
}

/** What went wrong with a folder. */
export const folderFailure = (error: unknown): Failure =>
  error instanceof DOMException ? { code: "folder-failed", detail: error.name } : toStorageFailure(error);

/** Writes a copy into a folder and notes it. */
export async function backUpInto(folder: Folder, now: Date): Promise<Result<string, Failure>> {
  const made = await makeBackup(now);
  if (!made.ok) return made;
  try {
    await folder.write(made.value.name, made.value.blob);
  } catch (error) {
    return fail(folderFailure(error));
  }
  await changeBackup({ lastAt: now.toISOString(), folder: folder.name });
  return ok(made.value.name);
}

/** Writes a copy into the folder where one is due. @returns what went wrong, if anything did */
export async function writeBackupWhenDue(folder: Folder): Promise<Failure | null> {
  const now = new Date();
  if (lateDays(await readBackup(), await firstOwnCardMs(), now.getTime()) === null) return null;
  const made = await backUpInto(folder, now);
  return made.ok ? null : made.failure;
}
