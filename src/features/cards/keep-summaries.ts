import { wrap, type Remote } from "comlink";
import type { SummariesWorker } from "./summaries.worker";

let worker: Remote<SummariesWorker> | null = null;
let running: Promise<void> | null = null;

/** Derives whatever is old, in a worker; where there is none it stays as it is, and says so. */
export function keepSummaries(): Promise<void> {
  if (typeof Worker === "undefined") return Promise.resolve();
  worker ??= wrap<SummariesWorker>(new Worker(new URL("./summaries.worker.ts", import.meta.url), { type: "module" }));
  running ??= worker
    .keep()
    .catch(() => {
      // It is started anew with the next change.
      worker = null;
    })
    .finally(() => {
      running = null;
    });
  return running;
}
