import { fail, ok, type Failure, type RecordFault, type Result } from "@/core/result";
import type { Progress } from "@/records";
import { readSegment, stateOf, writeHead, type Head, type TeamName } from "@/records/team";
import { database } from "../database";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import type { Merge, MergeCounts, SegmentRow } from "./document-row";
import { carryOver, type OldOutline } from "./carry-over";
import { engineReady } from "./engine";
import { disagreements, type Disagreement } from "./disagreements";
import { notePeer, readPeers } from "./peers";
import { noteRead, openSegments, unreadOf, type Opened } from "./read-segments";
import { answerRemovals, bringBackHere, chooseHere, type Choices } from "./answers";
import { takeChangesIn } from "./take";
import { undoMerge, type TakenBack } from "./undo-merge";
import { nextTurn, teamNameOf, thisDevice } from "./team-device";
import {
  foldable,
  foldedFiles,
  markAll,
  noteFolded,
  noteWritten,
  ownSegments,
  changedFiles,
  wholeFile,
  writeAgain,
  type ToWrite,
} from "./write-segments";

/** What a page is told of what another device brings. */
export interface TeamOutline {
  readonly from: TeamName;
  readonly counts: MergeCounts;
  /** removals that wait for an answer */
  readonly asked: number;
  readonly faults: readonly RecordFault[];
  /** lines of its files that cannot be read */
  readonly bad: number;
  /** it was taken in */
  readonly merge: Merge["id"] | null;
  readonly isTaken: boolean;
  readonly isStopped: boolean;
}

/** What is wanted of the folder before something can be taken in. */
export interface WantedFiles {
  readonly photos: readonly string[];
  readonly failed: Opened["failed"];
}

const attempted = async <T>(work: () => Promise<T>): Promise<Result<T, Failure>> => {
  try {
    return ok(await work());
  } catch (error) {
    return fail(toStorageFailure(error));
  }
};

/** Work of a team, where nobody waits for it; what was opened of each device stays where it was opened. */
export function createTeamCalls(db: () => VemmickDatabase = database, ready: () => Promise<void> = engineReady) {
  const opened = new Map<string, Opened>();
  const written = new Map<string, ToWrite>();
  let isCancelled = false;
  return {
    /** Before anything is read: what is here is looked at first, and what is taken in need not be looked at again. */
    begin: () => attempted(() => markAll(db())),
    /** What of a device's files was not read yet. */
    unread: (head: Head): Promise<Result<readonly SegmentRow[], Failure>> => attempted(() => unreadOf(db(), head)),
    /** Opens files of a device; a device has one set of them open at a time. */
    open: (from: TeamName, files: readonly { readonly row: SegmentRow; readonly content: Blob }[]): Promise<Result<WantedFiles, Failure>> =>
      attempted(async () => {
        await ready();
        const found = await openSegments(db(), from, files);
        opened.set(from.id, found);
        return { photos: found.wantedPhotos, failed: found.failed };
      }),
    /** Opens a file that was carried here by hand. @errors 'file-own', and those of a segment */
    openByHand: async (content: Blob): Promise<Result<TeamName, Failure>> => {
      const head = await readSegment(content);
      if (!head.ok) return head;
      const { device } = head.value;
      if (device.id === (await thisDevice(db())).id) return fail({ code: "file-own" });
      return attempted(async () => {
        await ready();
        const row: SegmentRow = { file: "", device: device.id, isOwn: 0, bytes: content.size, of: [], documents: [] };
        const found = await openSegments(db(), device, [{ row, content }], true);
        // It bears its photos in itself: one that is missing there is missing for good.
        opened.set(device.id, { ...found, rows: [], wantedPhotos: [] });
        return device;
      });
    },
    /** Takes in what was opened of a device, or only looks at it. */
    take: async (
      device: string,
      photos: ReadonlyMap<string, string>,
      isLook: boolean,
      onProgress: Progress,
    ): Promise<Result<TeamOutline, Failure>> => {
      const found = opened.get(device);
      if (found === undefined) return fail({ code: "import-cancelled" });
      isCancelled = false;
      const changes = { ...found, photos: new Map([...found.photos, ...photos]) };
      const taken = await takeChangesIn(db(), changes, { isLook, onProgress, isCancelled: () => isCancelled });
      if (!taken.ok) return taken;
      const { isStopped, ...rest } = taken.value;
      // Looked at: it may be taken in later, with the photos that came along.
      if (isLook || isStopped) opened.set(device, { ...found, photos: changes.photos });
      else {
        await noteRead(db(), found.rows);
        opened.delete(device);
      }
      return ok({ from: found.from, ...rest, bad: found.bad, isTaken: !isLook, isStopped });
    },
    /** Carries over what a device has whose program still writes the first form of team files. */
    carryOver: async (content: Blob, isLook: boolean): Promise<Result<OldOutline, Failure>> => {
      const started = await attempted(ready);
      return started.ok ? carryOver(db(), content, isLook) : started;
    },
    cancel: (): void => {
      isCancelled = true;
    },
    /** Notes how things stand with a device. */
    met: (head: Head, isRead: boolean) => attempted(async () => notePeer(db(), head, isRead, (await thisDevice(db())).id)),
    /** Notes what was changed here, and makes files of it; nothing counts as written before `wrote` says so. */
    toWrite: (onProgress: Progress): Promise<Result<ToWrite["files"], Failure>> =>
      attempted(async () => {
        await ready();
        const made = await changedFiles(db(), onProgress);
        written.set("changes", made);
        return made.files;
      }),
    wrote: (): Promise<Result<null, Failure>> =>
      attempted(async () => {
        const made = written.get("changes");
        if (made) await noteWritten(db(), made);
        return null;
      }),
    /** Own segments that are to be folded: their content is asked for. */
    foldable: () => attempted(() => foldable(db())),
    fold: (files: readonly string[], contents: readonly Blob[]): Promise<Result<ToWrite["files"], Failure>> =>
      attempted(async () => {
        await ready();
        const read = (await Promise.all(contents.map(readSegment))).flatMap((each) => (each.ok ? [each.value.documents] : []));
        const made = await foldedFiles(db(), files, read);
        written.set("folded", made);
        return made.files;
      }),
    folded: (files: readonly string[]): Promise<Result<null, Failure>> =>
      attempted(async () => {
        const made = written.get("folded");
        if (made) await noteFolded(db(), files, made.segments);
        return null;
      }),
    /** Own segments that are missing in the folder are written again. */
    missing: (files: readonly string[]) => attempted(() => writeAgain(db(), files)),
    /** This device's head as it should lie in the folder, with a sign of what it says. */
    head: () =>
      attempted(async () => {
        const device = await thisDevice(db());
        const [own, peers, turn] = [await ownSegments(db()), await readPeers(db()), await nextTurn(db())];
        const segments = own.map(({ file, bytes, of }) => ({ file, bytes, of: [...of] }));
        const read = Object.fromEntries(peers.filter(({ read: state }) => state !== "").map((peer) => [peer.id, peer.read]));
        const content = writeHead(teamNameOf(device), { turn, at: new Date().toISOString(), segments, read });
        return { content, turn, device: device.id, says: JSON.stringify([teamNameOf(device), stateOf(segments), read]) };
      }),
    whole: () => attempted(async () => (await ready(), wholeFile(db()))),
    undo: async (id: string): Promise<Result<TakenBack | "nothing", Failure>> => (await ready(), undoMerge(db(), id)),
    choose: async (choices: Choices): Promise<Result<null, Failure>> => (await ready(), chooseHere(db(), choices)),
    answer: async (ids: readonly string[], isAgreed: boolean): Promise<Result<null, Failure>> => (
      await ready(),
      answerRemovals(db(), ids, isAgreed)
    ),
    bringBack: (ids: readonly string[]) => attempted(async () => (await ready(), bringBackHere(db(), ids))),
    disagreements: (): Promise<Result<readonly Disagreement[], Failure>> => attempted(async () => (await ready(), disagreements(db()))),
  };
}
export type TeamCalls = ReturnType<typeof createTeamCalls>;
