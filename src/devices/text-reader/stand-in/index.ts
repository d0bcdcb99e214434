import { ok } from "@/core/result";
import type { TextReaderSource } from "../port";

/**
 * A reader of text that reads what it is given to read, line by line: for tests, and for trying a screen without the real one.
 * @param lines what each picture in turn says; empty beyond them
 */
export function createStandInReader(lines: readonly string[]): TextReaderSource {
  return {
    fetchMb: 0,
    isHere: () => Promise.resolve(true),
    open: async (onProgress) => {
      onProgress(1);
      let at = 0;
      let isClosed = false;
      return ok({
        read: () => Promise.resolve(isClosed ? "" : (lines[at++] ?? "")),
        close: () => {
          isClosed = true;
        },
      });
    },
  };
}
