import { fail, type Failure, ok, type Result } from "@/core/result";
import type { Choice, Conflict, Progress, TeamWriter } from "@/records";
import { database } from "../database";
import { toStorageFailure } from "../storage-status";
import type { Merge, MergeCounts } from "./merge-row";
import { mergeTeam, undoMerge, type TakenBack } from "./merge-team";
import type { VemmickDatabase } from "../vemmick-database";
import { readTeamFile, type ReadTeamFile } from "./read-team";
import { teamFile } from "./write-team-file";

/** What a page is told of another device's file. */
export interface TeamOutline {
  readonly from: { readonly id: string; readonly name: string };
  readonly at: string;
  readonly counts: MergeCounts;
  readonly conflicts: readonly Conflict[];
  readonly leftOut: number;
}

const outlineOf = ({ from, at, counts, plan, leftOut }: ReadTeamFile): TeamOutline => ({
  from,
  at,
  counts,
  conflicts: plan.conflicts,
  leftOut,
});

/** Whether a merge would change anything, be it only what is known of a record. */
const isNothing = ({ plan }: ReadTeamFile, choices: Readonly<Record<string, Choice>>): boolean =>
  plan.taken.length === 0 && Object.keys(choices).length === 0;

/** Work on team files of any length; what was read of each device stays where it was read. */
export function createTeamCalls(db: () => VemmickDatabase = database) {
  const read = new Map<string, ReadTeamFile>();
  let isCancelled = false;
  return {
    write: async (): Promise<Result<{ readonly blob: Blob; readonly writer: TeamWriter; readonly sign: string }, Failure>> => {
      try {
        return ok(await teamFile(db()));
      } catch (error) {
        return fail(toStorageFailure(error));
      }
    },
    read: async (file: Blob, onProgress: Progress): Promise<Result<TeamOutline, Failure>> => {
      const found = await readTeamFile(db(), file, onProgress);
      if (!found.ok) return found;
      read.set(found.value.from.id, found.value);
      return ok(outlineOf(found.value));
    },
    /** @returns null: there was nothing to take */
    merge: async (
      device: string,
      choices: Readonly<Record<string, Choice>>,
      onProgress: Progress,
    ): Promise<Result<Merge["id"] | null, Failure>> => {
      const found = read.get(device);
      if (found === undefined) return fail({ code: "import-cancelled" });
      if (isNothing(found, choices)) return ok(null);
      isCancelled = false;
      const merged = await mergeTeam(db(), found, { choices, onProgress, isCancelled: () => isCancelled });
      return merged.ok ? ok(merged.value.id) : merged;
    },
    cancel: (): void => {
      isCancelled = true;
    },
    undo: (id: string): Promise<Result<TakenBack | "nothing", Failure>> => undoMerge(db(), id),
  };
}
export type TeamCalls = ReturnType<typeof createTeamCalls>;
