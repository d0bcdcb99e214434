import { expose } from "comlink";
import { rememberStudy } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import { mendSummaries } from "@/store/mend-summaries";
import { deriveAll } from "@/store/derive";
import { mendPhotos } from "@/store/kept-photos";
import { VemmickDatabase } from "@/store/vemmick-database";
import { deriverOf } from "./deriver";

/** One tab at a time derives; the others find nothing left to do. */
const LOCK = "vemmick-summaries";

const db = new VemmickDatabase();
const study = rememberStudy(studyNow, 100);

let mended: Promise<void> | null = null;

/** What this worker can be told: to derive whatever is old, until nothing is. */
const calls = {
  keep: async (): Promise<void> => {
    const work = async () => {
      await (mended ??= mendSummaries(db).then(() => mendPhotos(db)));
      await deriveAll(db, () => deriverOf(db, study));
    };
    await ("locks" in navigator ? navigator.locks.request(LOCK, work) : work());
  },
};
export type SummariesWorker = typeof calls;

expose(calls);
