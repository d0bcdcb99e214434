import { Dexie } from "dexie";
import { proxy } from "comlink";
import { fail, type Failure, type Result } from "@/core/result";
import { fileSystemFolders, type Folder, type FolderPicker } from "@/devices/folder";
import type { Choice, Progress } from "@/records";
import { backUpInto, folderFailure, writeBackupWhenDue } from "./back-up";
import { database } from "@/store/database";
import { syncFolder, type FoundDevice, type Seen, type SyncCalls } from "./folder-sync";
import type { TakenBack } from "@/store/team/merge-team";
import { hireTeam, type TeamWork } from "@/store/team/hire-team";
import { FOLDER_KEY, TEAM_KEYS, teamDevice } from "@/store/team/team-device";

/* The team's folder as this tab has it. One tab at a time reads and writes it; every tab sees what it came to in the store. */

const HAND_KEY = `${TEAM_KEYS}by-hand`;
const LOCK = "vemmick-team";
/** How often others' files are looked for while the page is open, and how soon after the last change the own one is written. */
const EACH_MS = 60_000;
const AFTER_CHANGE_MS = 8_000;

/** What a screen shows of it. */
export interface TeamState {
  /** `none`: no folder was chosen; `ask`: the browser wants a press first */
  readonly folder: { readonly name: string; readonly state: "open" | "ask" } | "none";
  readonly isAtWork: boolean;
  readonly devices: readonly FoundDevice[];
  /** when the folder was last read and written, ISO 8601 */
  readonly at: string | null;
  readonly failure: Failure | null;
  readonly isTwinFound: boolean;
  /** whether what only one side changed is taken by itself */
  readonly isTakenByItself: boolean;
}

let state: TeamState = {
  folder: "none",
  isAtWork: false,
  devices: [],
  at: null,
  failure: null,
  isTwinFound: false,
  isTakenByItself: true,
};
const listeners = new Set<() => void>();
const change = (next: Partial<TeamState>): void => {
  state = { ...state, ...next };
  for (const listener of listeners) listener();
};
export const teamState = (): TeamState => state;
export function followTeam(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

let picker: FolderPicker = fileSystemFolders;
/** Whether a folder can be kept here at all. */
export const canKeepFolder = (): boolean => picker.isAvailable;
/** For tests: another way to folders. */
export const setFolderPicker = (other: FolderPicker): void => {
  picker = other;
};

let hired: Promise<TeamWork> | null = null;
/** Its worker lives as long as the tab. */
const calls = (): Promise<TeamWork> => (hired ??= hireTeam());

const NO_PROGRESS: Progress = () => undefined;
const syncCalls: SyncCalls = {
  write: async () => (await calls()).write(),
  read: async (file) => (await calls()).read(file, proxy(NO_PROGRESS)),
  merge: async (device, choices) => (await calls()).merge(device, choices, proxy(NO_PROGRESS)),
};

let folder: Folder | null = null;
const seen: Seen = new Map();

/** Devices as they were found last, with what was found now in the place of it. */
const withFound = (before: readonly FoundDevice[], found: readonly FoundDevice[]): readonly FoundDevice[] => {
  const files = new Set(found.map(({ file }) => file));
  return [...before.filter(({ file }) => !files.has(file)), ...found].sort((a, b) => (a.file < b.file ? -1 : 1));
};

let running: Promise<void> | null = null;
async function syncOnce(): Promise<void> {
  if (folder === null || (await folder.state()) !== "open") return;
  // Everything was cleared, here or in another tab: the folder is not this device's any more.
  if ((await database().settings.get(FOLDER_KEY)) === undefined) return setFolder(null);
  const open = folder;
  change({ isAtWork: true });
  try {
    const { devices, own, isTwinFound } = await syncFolder(open, database(), syncCalls, state.isTakenByItself, seen);
    const backup = await writeBackupWhenDue(open);
    change({
      devices: withFound(state.devices, devices),
      at: new Date().toISOString(),
      failure: typeof own === "object" ? own : backup,
      isTwinFound: state.isTwinFound || isTwinFound,
    });
  } catch (error) {
    change({ failure: folderFailure(error) });
  } finally {
    change({ isAtWork: false });
  }
}

/** Reads the others' files and writes the own one; what is asked for while it is at work is done after it. */
export function syncTeam(): Promise<void> {
  const before = running ?? Promise.resolve();
  const work = () => ("locks" in navigator ? navigator.locks.request(LOCK, syncOnce) : syncOnce());
  const mine = before.then(work).finally(() => {
    if (running === mine) running = null;
  });
  running = mine;
  return mine;
}

async function setFolder(next: Folder | null): Promise<void> {
  folder = next;
  seen.clear();
  change({ folder: next === null ? "none" : { name: next.name, state: await next.state() }, devices: [], failure: null, at: null });
}

/** Chooses a folder, in the turn of a press. */
export async function chooseFolder(): Promise<void> {
  try {
    const picked = await picker.pick();
    if (picked === null) return;
    await database().settings.put({ key: FOLDER_KEY, value: picker.keep(picked) });
    await setFolder(picked);
    await syncTeam();
  } catch (error) {
    change({ failure: folderFailure(error) });
  }
}

/** Opens the folder that was chosen before, in the turn of a press. */
export async function reopenFolder(): Promise<void> {
  if (folder === null) return;
  const isOpen = await folder.open();
  change({ folder: { name: folder.name, state: isOpen ? "open" : "ask" } });
  if (isOpen) await syncTeam();
}

/** Writes a copy of everything into the folder now; null: there is none. */
export const backUpIntoFolder = async (): Promise<Result<string, Failure> | null> =>
  folder === null ? null : backUpInto(folder, new Date());

/** Leaves the folder; what was merged stays, and the files in it are not touched. */
export async function leaveFolder(): Promise<void> {
  await database().settings.delete(FOLDER_KEY);
  await setFolder(null);
}

/** Whether what only one side changed is taken by itself. */
export async function setTakenByItself(isTakenByItself: boolean): Promise<void> {
  await database().settings.put({ key: HAND_KEY, value: !isTakenByItself });
  seen.clear();
  change({ isTakenByItself });
  if (isTakenByItself) await syncTeam();
}

const finding = (outcome: Result<string | null, Failure>): Failure | null => (outcome.ok ? null : outcome.failure);

/** Takes what was read of a device, with what was chosen of what both have changed; then looks again. */
export async function takeFrom(
  device: string,
  choices: Readonly<Record<string, Choice>>,
  onProgress: Progress = NO_PROGRESS,
): Promise<Failure | null> {
  const merged = await (await calls()).merge(device, choices, proxy(onProgress));
  const failure = finding(merged);
  if (failure === null) await again(device);
  return failure;
}

/** Files that were chosen by hand, by the device they are of: they are read again after a choice. */
const byHand = new Map<string, Blob>();

async function again(device: string): Promise<void> {
  seen.clear();
  const file = byHand.get(device);
  if (file === undefined) return syncTeam();
  const outline = await syncCalls.read(file);
  if (outline.ok)
    change({ devices: withFound(state.devices, [{ file: nameByHand(device), state: "read", outline: outline.value, merge: null }]) });
}

const nameByHand = (device: string): string => `chosen ${device}`;

/** Lets a merge be that is under way. */
export const cancelTake = async (): Promise<void> => (await calls()).cancel();

/** Reads a file that was carried here by hand, and says what it would bring; nothing is taken before it is told to. */
export async function readByHand(file: File): Promise<Failure | null> {
  const outline = await syncCalls.read(file);
  if (!outline.ok) return outline.failure;
  const { id } = outline.value.from;
  byHand.set(id, file);
  change({ devices: withFound(state.devices, [{ file: nameByHand(id), state: "read", outline: outline.value, merge: null }]) });
  return null;
}

/** The own file, to carry it by hand. */
export const ownFile = () => syncCalls.write();

/**
 * Takes a merge back. What it had taken would come again with the next reading: from now on it is asked first.
 * @returns 'nothing': it is not there any more
 */
export async function takeBack(id: string): Promise<Result<TakenBack | "nothing", Failure>> {
  await setTakenByItself(false);
  const back = await (await calls()).undo(id);
  if (back.ok) await syncTeam();
  return back.ok ? back : fail(back.failure);
}

const RECORD_TABLES = /\/(travellers|stations|house|parts)\//;

let isKept = false;
/** Finds the folder again and keeps in step with it for as long as the page lives. */
export async function keepTeam(): Promise<void> {
  if (isKept) return;
  isKept = true;
  const db = database();
  await db.transaction("rw", db.settings, () => teamDevice(db));
  const [kept, byHandOnly] = await Promise.all([db.settings.get(FOLDER_KEY), db.settings.get(HAND_KEY)]);
  change({ isTakenByItself: byHandOnly?.value !== true });
  const known = kept === undefined ? null : picker.again(kept.value);
  if (known !== null && folder === null) await setFolder(known);
  void syncTeam();
  setInterval(() => {
    if (document.visibilityState === "visible" && folder !== null) void syncTeam();
  }, EACH_MS);
  let soon: ReturnType<typeof setTimeout> | undefined;
  Dexie.on("storagemutated", (parts) => {
    if (folder === null || !Object.keys(parts).some((each) => RECORD_TABLES.test(each))) return;
    clearTimeout(soon);
    soon = setTimeout(() => void syncTeam(), AFTER_CHANGE_MS);
  });
}
