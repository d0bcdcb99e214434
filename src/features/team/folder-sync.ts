import { ok, type Failure, type Result } from "@/core/result";
import type { Progress } from "@/records";
import { deviceOfHead, deviceOfOldFile, headFileOf, oldFileOf, photoFileOf, readHead, type Head } from "@/records/team";
import type { Folder } from "@/devices/folder";
import { toStorageFailure } from "@/store/storage-status";
import type { VemmickDatabase } from "@/store/vemmick-database";
import type { Peer } from "@/store/team/peers";
import type { TeamCalls, TeamOutline } from "@/store/team/team-calls";
import { isOwnTurn, takeNewId, TEAM_KEYS, thisDevice, turnWritten } from "@/store/team/team-device";
import type { OldOutline } from "@/store/team/carry-over";

/** What of a team's calls reading and writing a folder takes; a worker answers them in their turn. */
type Answered<Call> = Call extends (...args: infer Args) => infer Answer ? (...args: Args) => Promise<Awaited<Answer>> : never;
type Names =
  "begin" | "unread" | "open" | "take" | "met" | "toWrite" | "wrote" | "foldable" | "fold" | "folded" | "missing" | "head" | "carryOver";
export type SyncCalls = { readonly [Name in Names]: Answered<TeamCalls[Name]> };

/** What was found of one device. */
export type FoundDevice =
  | {
      readonly file: string;
      readonly state: "read";
      readonly peer: Peer;
      /** what it brought, or would bring; null: nothing since it was last read */
      readonly outline: TeamOutline | null;
      /** files of it that are on their way here */
      readonly waiting: number;
    }
  | { readonly file: string; readonly state: "old"; readonly outline: OldOutline }
  | { readonly file: string; readonly state: "failed"; readonly failure: Failure };

/** What reading and writing the folder came to. */
export interface Synced {
  readonly devices: readonly FoundDevice[];
  /** `kept`: there was nothing new to write */
  readonly own: "written" | "kept" | Failure;
  /** another device wrote under this one's id, which has a new one since */
  readonly isTwinFound: boolean;
}

const WRITTEN_KEY = `${TEAM_KEYS}written`;

/** Signs of the files as they were read last: one that lies as it did need not be read again, be it good or bad. */
export type Seen = Map<string, string>;

export interface SyncOptions {
  /** false: only looks, and takes nothing */
  readonly isTaken: boolean;
  readonly seen: Seen;
  readonly onProgress?: Progress;
}

/** Whether somebody else writes under the id of this device: a profile that was copied has its id too. */
async function hasTwin(folder: Folder, db: VemmickDatabase): Promise<boolean> {
  const device = await thisDevice(db);
  const file = await folder.read(headFileOf(device.id));
  const head = file === null ? null : await readHead(file);
  return head !== null && head.ok && !isOwnTurn(device, head.value.turn);
}

/** The content of files of the folder, as far as they are there. */
async function contents(folder: Folder, files: readonly string[]): Promise<ReadonlyMap<string, Blob>> {
  const found = new Map<string, Blob>();
  for (const file of files) {
    const content = await folder.read(file);
    if (content !== null) found.set(file, content);
  }
  return found;
}

/** Photos by the names that records have for them; those that are not here yet come later, and so does what needs them. */
async function photosOf(folder: Folder, names: readonly string[]): Promise<ReadonlyMap<string, string> | null> {
  const photos = new Map<string, string>();
  for (const name of names) {
    const text = await (await folder.read(photoFileOf(name)))?.text();
    if (text === undefined || !photoFileOf(name).includes(`-${text.length.toString(36)}-`)) return null;
    photos.set(name, text);
  }
  return photos;
}

interface TakenFrom {
  readonly outline: TeamOutline | null;
  readonly waiting: number;
  readonly isRead: boolean;
}

/** Takes in what a device has written since, segment by segment, as far as the files are here. */
async function takeFromHead(
  folder: Folder,
  head: Head,
  calls: SyncCalls,
  { isTaken, onProgress = () => undefined }: SyncOptions,
): Promise<Result<TakenFrom, Failure>> {
  const unread = await calls.unread(head);
  if (!unread.ok) return unread;
  if (unread.value.length === 0) return ok({ outline: null, waiting: 0, isRead: true });
  const there = await contents(
    folder,
    unread.value.map(({ file }) => file),
  );
  const whole = unread.value.flatMap((row) => {
    const content = there.get(row.file);
    return content !== undefined && content.size === row.bytes ? [{ row, content }] : [];
  });
  const late = unread.value.length - whole.length;
  if (whole.length === 0) return ok({ outline: null, waiting: late, isRead: false });
  const opened = await calls.open(head.device, whole);
  if (!opened.ok) return opened;
  const photos = await photosOf(folder, opened.value.photos);
  const waiting = late + opened.value.failed.length;
  if (photos === null) return ok({ outline: null, waiting: waiting + 1, isRead: false });
  const taken = await calls.take(head.device.id, photos, !isTaken, onProgress);
  return taken.ok ? ok({ outline: taken.value, waiting, isRead: isTaken && waiting === 0 && !taken.value.isStopped }) : taken;
}

async function readOne(folder: Folder, file: string, calls: SyncCalls, options: SyncOptions): Promise<FoundDevice | null> {
  const content = await folder.read(file);
  if (content === null) return null;
  const failed = (failure: Failure): FoundDevice => ({ file, state: "failed", failure });
  if (deviceOfOldFile(file) !== null) {
    const carried = await calls.carryOver(content, !options.isTaken);
    return carried.ok ? { file, state: "old", outline: carried.value } : failed(carried.failure);
  }
  const head = await readHead(content);
  if (!head.ok) return failed(head.failure);
  if (deviceOfHead(file) !== head.value.device.id) return failed({ code: "file-no-team" });
  const taken = await takeFromHead(folder, head.value, calls, options);
  if (!taken.ok) return failed(taken.failure);
  const { outline, waiting, isRead } = taken.value;
  const peer = await calls.met(head.value, isRead);
  return peer.ok ? { file, state: "read", peer: peer.value, outline, waiting } : failed(peer.failure);
}

/** Puts files into the folder; a photo that lies there already is the same. */
async function put(folder: Folder, files: readonly { readonly file: string; readonly content: Blob }[]): Promise<void> {
  for (const { file, content } of files)
    if (!file.startsWith("team-photo-") || (await folder.read(file)) === null) await folder.write(file, content);
}

/** Folds own segments where that is worth it; those they stand for go once the head lists the new ones. */
async function fold(folder: Folder, calls: SyncCalls): Promise<readonly string[]> {
  const files = await calls.foldable();
  if (!files.ok || files.value.length === 0) return [];
  const there = await contents(folder, files.value);
  const made = await calls.fold(files.value, [...there.values()]);
  if (!made.ok) return [];
  await put(folder, made.value);
  await calls.folded(files.value);
  return files.value;
}

/** Writes what was changed here, and then the head that lists it; nobody else ever writes either. */
async function writeOwn(folder: Folder, db: VemmickDatabase, calls: SyncCalls, onProgress: Progress): Promise<Synced["own"]> {
  const made = await calls.toWrite(onProgress);
  if (!made.ok) return made.failure;
  await put(folder, made.value);
  const wrote = await calls.wrote();
  if (!wrote.ok) return wrote.failure;
  const folded = await fold(folder, calls);
  const head = await calls.head();
  if (!head.ok) return head.failure;
  const { content, turn, device, says } = head.value;
  const written = (await db.settings.get(WRITTEN_KEY))?.value;
  const file = headFileOf(device);
  if (written === `${file} ${says}` && (await folder.read(file)) !== null) return "kept";
  await folder.write(file, content);
  await turnWritten(db, turn);
  await db.settings.put({ key: WRITTEN_KEY, value: `${file} ${says}` });
  for (const each of [...folded, oldFileOf(device)]) await folder.remove(each);
  return "written";
}

/** Own files that somebody has taken out of the folder are written again. */
async function findMissing(folder: Folder, calls: SyncCalls, db: VemmickDatabase): Promise<void> {
  const own = (await db.segments.toArray()).filter(({ isOwn }) => isOwn === 1).map(({ file }) => file);
  const names = new Set((await folder.names()).filter((name) => name.endsWith(".jsonl.gz")));
  const missing = own.filter((file) => !names.has(file));
  if (missing.length > 0) await calls.missing(missing);
}

/**
 * Reads what the others have written, takes what only one side has changed, and writes what was changed here. A file that is
 * broken, half written or gone meanwhile is told and skipped; the others are read all the same.
 * @errors throws where the folder itself cannot be read
 */
export async function syncFolder(folder: Folder, db: VemmickDatabase, calls: SyncCalls, options: SyncOptions): Promise<Synced> {
  const { seen, isTaken, onProgress = () => undefined } = options;
  const isTwinFound = await hasTwin(folder, db);
  if (isTwinFound) await takeNewId(db);
  const { id } = await thisDevice(db);
  const begun = await calls.begin();
  if (!begun.ok) return { devices: [], own: begun.failure, isTwinFound };
  const devices: FoundDevice[] = [];
  const files = await folder.list((name) => (deviceOfHead(name) ?? deviceOfOldFile(name) ?? id) !== id);
  for (const { name, modifiedMs, size } of files) {
    const sign = `${modifiedMs} ${size} ${isTaken}`;
    if (seen.get(name) === sign) continue;
    try {
      const found = await readOne(folder, name, calls, options);
      if (found === null) continue;
      devices.push(found);
      // What is on its way is looked for again; what cannot be read stays as it is until it is written anew.
      if (found.state !== "read" || (found.waiting === 0 && !found.outline?.isStopped)) seen.set(name, sign);
    } catch (error) {
      devices.push({ file: name, state: "failed", failure: toStorageFailure(error) });
    }
  }
  await findMissing(folder, calls, db);
  return { devices, own: await writeOwn(folder, db, calls, onProgress), isTwinFound };
}
