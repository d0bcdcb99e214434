import { fail, ok, type Failure, type Result } from "@/core/result";
import { outlineOf, type ImportOutline, type ImportPlan, type Progress, type WrittenFile } from "@/records";
import { database } from "./database";
import { exportParts } from "./export-file";
import { applyImport, prepareImport, type Undo, type Undone } from "./import-file";
import { toStorageFailure } from "./storage-status";
import type { Unsaved } from "./unsaved";

/** A written file as the browser hands it on, and what in it would not come back as it is. */
export type WrittenBlob = Omit<WrittenFile, "text"> & { readonly blob: Blob };

/** Work on files of any length, one at a time: the plan and the way back stay where they were made. */
export function createFileCalls() {
  let plan: ImportPlan | null = null;
  let undo: Undo | null = null;
  let isCancelled = false;
  return {
    exportEverything: async (left: readonly Unsaved[], onProgress: Progress): Promise<Result<WrittenBlob, Failure>> => {
      try {
        const { parts, ...notes } = await exportParts(database(), "everything", left, onProgress);
        return ok({ blob: new Blob([...parts], { type: "application/json" }), ...notes });
      } catch (error) {
        return fail(toStorageFailure(error));
      }
    },
    prepare: async (file: Blob, onProgress: Progress): Promise<Result<ImportOutline, Failure>> => {
      const read = await prepareImport(file, onProgress);
      if (!read.ok) return read;
      plan = read.value;
      return ok(outlineOf(plan));
    },
    apply: async (onProgress: Progress): Promise<Result<null, Failure>> => {
      if (plan === null) return fail({ code: "import-cancelled" });
      isCancelled = false;
      const taken = await applyImport(plan, { onProgress, isCancelled: () => isCancelled });
      if (!taken.ok) return taken;
      undo = taken.value;
      return ok(null);
    },
    /** what is being taken in is let be at the next chunk: the transaction takes back what it wrote */
    cancel: (): void => {
      isCancelled = true;
    },
    undo: async (): Promise<Result<Undone, Failure>> => (undo === null ? fail({ code: "import-cancelled" }) : undo()),
  };
}
export type FileCalls = ReturnType<typeof createFileCalls>;
