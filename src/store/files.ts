import { proxy, wrap, type Remote } from "comlink";
import { fail, type Failure, type Result } from "@/core/result";
import type { ImportOutline, Progress } from "@/records";
import type { FileCalls, WrittenBlob } from "./files-calls";
import type { Undone } from "./import-file";
import { unsaved } from "./unsaved";

/** A long piece of work that a person can stop. */
export interface LongWork<T> {
  readonly done: Promise<Result<T, Failure>>;
  readonly stop: () => void;
}

interface Hired {
  readonly calls: Remote<FileCalls> | FileCalls;
  /** ends it at once: what it was reading is dropped, and a transaction that is open is taken back by the browser */
  readonly end: () => void;
}

/** A worker of its own for each file; where a browser has none, the work is done on the page. */
async function hire(): Promise<Hired> {
  if (typeof Worker === "undefined") {
    const { createFileCalls } = await import("./files-calls");
    return { calls: createFileCalls(), end: () => undefined };
  }
  const worker = new Worker(new URL("./files.worker.ts", import.meta.url), { type: "module" });
  return { calls: wrap<FileCalls>(worker), end: () => worker.terminate() };
}

/** The answer, or that it was stopped: a worker that was ended never answers. */
function stoppable<T>(hired: Promise<Hired>, work: (calls: Hired["calls"]) => Promise<Result<T, Failure>>, stopped: Failure): LongWork<T> {
  let stop = (): void => undefined;
  const isStopped = new Promise<Result<T, Failure>>((resolve) => {
    stop = () => {
      resolve(fail(stopped));
      void hired.then(({ end }) => end());
    };
  });
  return { done: Promise.race([hired.then(({ calls }) => work(calls)), isStopped]), stop };
}

/** Writes everything on this device as one file. */
export function exportEverything(onProgress: Progress): LongWork<WrittenBlob> {
  const hired = hire();
  const work = stoppable<WrittenBlob>(hired, (calls) => calls.exportEverything(unsaved(), proxy(onProgress)), { code: "export-cancelled" });
  void work.done.finally(() => void hired.then(({ end }) => end()));
  return work;
}

/** A file that is being taken in: read and planned, then written, then perhaps undone. */
export interface Import {
  readonly plan: LongWork<ImportOutline>;
  /** stopping it takes back what it wrote; the answer still comes */
  readonly apply: (onProgress: Progress) => LongWork<null>;
  readonly undo: () => Promise<Result<Undone, Failure>>;
  readonly close: () => void;
}

/** Reads a file and says what taking it in would do; writes nothing before it is told to. */
export function openImport(file: Blob, onProgress: Progress): Import {
  const hired = hire();
  return {
    plan: stoppable<ImportOutline>(hired, (calls) => calls.prepare(file, proxy(onProgress)), { code: "import-cancelled" }),
    apply: (onWritten) => ({
      done: hired.then(({ calls }) => calls.apply(proxy(onWritten))),
      stop: () => void hired.then(({ calls }) => calls.cancel()),
    }),
    undo: () => hired.then(({ calls }) => calls.undo()),
    close: () => void hired.then(({ end }) => end()),
  };
}
