import { fail, ok, type Failure, type Result } from "@/core/result";
import type { TextReader, TextReaderSource } from "../port";

/** Where its files lie, by the version of what reads (scripts/lib/text-reader.mjs). */
export const FOLDER = "/text-reader/7.0.0";
/** What a browser takes of them, packed for the way. */
const FETCH_MB = 5;
/** A file that every reading needs, and that is kept with the others. */
const PROBE = `${FOLDER}/eng.traineddata.gz`;
/** Fetched over a bad line it takes long; a worker that died never answers. */
const PATIENCE_MS = 120_000;
const PATIENCE_A_LINE_MS = 20_000;

class TooLong extends Error {}
function within<T>(work: Promise<T>, patienceMs: number): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new TooLong()), patienceMs);
  });
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

async function open(onProgress: (done: number) => void): Promise<Result<TextReader, Failure>> {
  // Its own worker fetches the rest, and says nothing when a file is missing: asked for first.
  const probe = await fetch(PROBE).catch(() => null);
  if (!probe?.ok) return fail({ code: "photo-reader-missing" });
  try {
    const { createWorker, OEM, PSM } = await import("tesseract.js");
    const starting = createWorker("eng", OEM.LSTM_ONLY, {
      workerPath: `${FOLDER}/worker.min.js`,
      corePath: FOLDER,
      langPath: FOLDER,
      workerBlobURL: false,
      cacheMethod: "none",
      logger: ({ progress }) => onProgress(progress),
      errorHandler: () => undefined,
    });
    const worker = await within(starting, PATIENCE_MS);
    await worker.setParameters({ tessedit_pageseg_mode: PSM.SINGLE_LINE, user_defined_dpi: "150" });
    let isClosed = false;
    return ok({
      read: async (picture) => {
        if (isClosed) return "";
        const { data } = await within(
          worker.recognize(new Blob([picture as BlobPart], { type: "image/png" }), {}, { text: true }),
          PATIENCE_A_LINE_MS,
        );
        return data.text.trim();
      },
      close: () => {
        isClosed = true;
        void worker.terminate();
      },
    });
  } catch (error) {
    return fail({ code: "photo-reader-failed", detail: error instanceof Error ? error.message : String(error) });
  }
}

/** The reader of text that ships with the program, in a worker of its own. */
export const TESSERACT: TextReaderSource = {
  fetchMb: FETCH_MB,
  isHere: async () => typeof caches !== "undefined" && (await caches.match(PROBE).catch(() => undefined)) !== undefined,
  open,
};
