import { Dexie } from "dexie";
import type { Done } from "@/components/LongWorkBar";
import { proxy } from "comlink";
import { fail, type Failure, type Result } from "@/core/result";
import { fileSystemFolders, type Folder, type FolderPicker } from "@/devices/folder";
import { backUpInto, folderFailure, writeBackupWhenDue } from "./back-up";
import { database } from "@/store/database";
import { syncFolder, type FoundDevice, type Seen, type SyncCalls } from "./folder-sync";
import type { OldOutline } from "@/store/team/carry-over";
import type { Disagreement } from "@/store/team/disagreements";
import { hireTeam, type TeamWork } from "@/store/team/hire-team";
import type { Choices } from "@/store/team/answers";
import type { TakenBack } from "@/store/team/undo-merge";
import type { TeamOutline } from "@/store/team/team-calls";
import { FOLDER_KEY, TEAM_KEYS, thisDevice } from "@/store/team/team-device";

/* The team's folder as this tab has it. One tab at a time reads and writes it; every tab sees what it came to in the store. */

const HAND_KEY = `${TEAM_KEYS}by-hand`;
const LOCK = "vemmick-team";
/** How often others' files are looked for while the page is open, and how soon after the last change the own one is written. */
const EACH_MS = 60_000;
const AFTER_CHANGE_MS = 8_000;

/** A file that was carried here by hand, with what it brings. */
export type HandFile =
  | { readonly file: File; readonly isOld: false; readonly outline: TeamOutline }
  | { readonly file: File; readonly isOld: true; readonly outline: OldOutline };

/** What a screen shows of it. */
export interface TeamState {
  /** `none`: no folder was chosen; `ask`: the browser wants a press first */
  readonly folder: { readonly name: string; readonly state: "open" | "ask" } | "none";
  readonly isAtWork: boolean;
  readonly devices: readonly FoundDevice[];
  readonly byHand: readonly HandFile[];
  /** what both sides have changed, and waits for a choice */
  readonly disagreements: readonly Disagreement[];
  /** how far a long piece of work is; null: nothing long is under way */
  readonly progress: Done | null;
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
  byHand: [],
  disagreements: [],
  progress: null,
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

const picker: FolderPicker = fileSystemFolders;
/** Whether a folder can be kept here at all. */
export const canKeepFolder = (): boolean => picker.isAvailable;

let hired: Promise<TeamWork> | null = null;
/** Its worker lives as long as the tab. */
const calls = (): Promise<TeamWork> => (hired ??= hireTeam());

/** What takes no longer than this many documents need not be told. */
const LONG = 200;
const tell = (done: number, all: number): void => {
  if (all > LONG) change({ progress: done >= all ? null : { done, all } });
};
const syncCalls: SyncCalls = {
  begin: async () => (await calls()).begin(),
  unread: async (head) => (await calls()).unread(head),
  open: async (from, files) => (await calls()).open(from, files),
  take: async (device, photos, isLook, onProgress) => (await calls()).take(device, photos, isLook, proxy(onProgress)),
  met: async (head, isRead) => (await calls()).met(head, isRead),
  toWrite: async (onProgress) => (await calls()).toWrite(proxy(onProgress)),
  wrote: async () => (await calls()).wrote(),
  foldable: async () => (await calls()).foldable(),
  fold: async (files, contents) => (await calls()).fold(files, contents),
  folded: async (files) => (await calls()).folded(files),
  missing: async (files) => (await calls()).missing(files),
  head: async () => (await calls()).head(),
  carryOver: async (content, isLook) => (await calls()).carryOver(content, isLook),
};

/** Looks again at what waits for a choice. */
async function lookAtDisagreements(): Promise<void> {
  const open = await database().documents.where("open").equals(1).count();
  if (open === 0) return change({ disagreements: [] });
  const found = await (await calls()).disagreements();
  change(found.ok ? { disagreements: found.value } : { failure: found.failure });
}

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
    const options = { isTaken: state.isTakenByItself, seen, onProgress: tell };
    const { devices, own, isTwinFound } = await syncFolder(open, database(), syncCalls, options);
    await lookAtDisagreements();
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
    change({ isAtWork: false, progress: null });
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

const failureOf = <T>(outcome: Result<T, Failure>): Failure | null => (outcome.ok ? null : outcome.failure);

/** What was done here is written for the others, and what waits is looked at again. */
async function after<T>(outcome: Result<T, Failure>): Promise<Failure | null> {
  await lookAtDisagreements();
  if (outcome.ok) await syncTeam();
  return failureOf(outcome);
}

/** Takes in what was looked at of a device. */
export async function takeFrom(device: string): Promise<Failure | null> {
  const taken = await syncCalls.take(device, new Map(), false, tell);
  change({ progress: null });
  if (taken.ok)
    change({
      devices: state.devices.map((each) => (each.state === "read" && each.peer.id === device ? { ...each, outline: taken.value } : each)),
      byHand: state.byHand.map((each) => (!each.isOld && each.outline.from.id === device ? { ...each, outline: taken.value } : each)),
    });
  return after(taken);
}

/** Lets taking in be that is under way: what was taken until then stays. */
export const cancelTake = async (): Promise<void> => (await calls()).cancel();

/** Takes what was chosen of what both sides have changed. */
export const takeChoices = async (choices: Choices): Promise<Failure | null> => after(await (await calls()).choose(choices));

/** Answers removals that wait: takes them along, or brings them back for everybody. */
export const answerRemovals = async (ids: readonly string[], isAgreed: boolean): Promise<Failure | null> =>
  after(await (await calls()).answer(ids, isAgreed));

/** Brings back what was taken away, for everybody. */
export const bringBack = async (ids: readonly string[]): Promise<Failure | null> => after(await (await calls()).bringBack(ids));

const withHand = (next: HandFile): readonly HandFile[] => [
  ...state.byHand.filter(({ outline }) => outline.from.id !== next.outline.from.id),
  next,
];

/** Reads a file that was carried here by hand, and says what it would bring; nothing is taken before it is told to. */
export async function readByHand(file: File): Promise<Failure | null> {
  if (file.name.endsWith(".json")) {
    const carried = await syncCalls.carryOver(file, true);
    if (carried.ok) change({ byHand: withHand({ file, isOld: true, outline: carried.value }) });
    return failureOf(carried);
  }
  const opened = await (await calls()).openByHand(file);
  if (!opened.ok) return opened.failure;
  const looked = await syncCalls.take(opened.value.id, new Map(), true, tell);
  change({ progress: null });
  if (looked.ok) change({ byHand: withHand({ file, isOld: false, outline: looked.value }) });
  return failureOf(looked);
}

/** Takes in a file of the first form that was carried here by hand. */
export async function takeOld(file: File): Promise<Failure | null> {
  const carried = await syncCalls.carryOver(file, false);
  if (carried.ok) change({ byHand: withHand({ file, isOld: true, outline: carried.value }) });
  return after(carried);
}

/** Everything this device knows, to carry it by hand. */
export const ownFile = async () => (await calls()).whole();

/** Takes a merge back: for everybody. @returns 'nothing': it is not there any more */
export async function takeBack(id: string): Promise<Result<TakenBack | "nothing", Failure>> {
  const back = await (await calls()).undo(id);
  await after(back);
  return back.ok ? back : fail(back.failure);
}

const RECORD_TABLES = /\/(travellers|stations|house|parts|moves)\//;

let isKept = false;
/** Finds the folder again and keeps in step with it for as long as the page lives. */
export async function keepTeam(): Promise<void> {
  if (isKept) return;
  isKept = true;
  const db = database();
  await thisDevice(db);
  const [kept, byHandOnly] = await Promise.all([db.settings.get(FOLDER_KEY), db.settings.get(HAND_KEY)]);
  change({ isTakenByItself: byHandOnly?.value !== true });
  const known = kept === undefined ? null : picker.again(kept.value);
  if (known !== null && folder === null) await setFolder(known);
  void lookAtDisagreements();
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
