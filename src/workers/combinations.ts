import { wrap } from "comlink";
import type { Joinable, JoinTarget, ParallelCombination } from "@/core/capacitor";
import { fail, type Failure, type Result } from "@/core/result";
import type { CombinationsWorker } from "./combinations.worker";

/** A worker that died neither answers nor refuses. */
const PATIENCE_MS = 10_000;

/**
 * Searches combinations away from the screen; one worker a search, so that a newer one never waits for an older.
 * @errors 'search-failed' when the worker cannot be started or does not answer
 */
export function searchInWorker(
  parts: readonly Joinable[],
  target: JoinTarget,
  count: number,
): { readonly answer: Promise<Result<readonly ParallelCombination[], Failure>>; readonly stop: () => void } {
  const worker = new Worker(new URL("./combinations.worker.ts", import.meta.url), { type: "module" });
  const stop = (): void => worker.terminate();
  const trouble = new Promise<Result<never, Failure>>((resolve) => {
    worker.addEventListener("error", (event) => resolve(fail({ code: "search-failed", detail: event.message ?? "" })));
    setTimeout(() => resolve(fail({ code: "search-failed", detail: "no answer" })), PATIENCE_MS);
  });
  const answer = Promise.race([wrap<CombinationsWorker>(worker).search(parts, target, count), trouble]).finally(stop);
  return { answer, stop };
}
