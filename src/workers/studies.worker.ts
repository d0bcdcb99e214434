import { expose } from "comlink";
import { studyNow } from "@/core/stations/studies";
import { fail, ok, type Failure, type Result } from "@/core/result";

/** What this worker can be asked. */
const calls = {
  study: (station: string, question: unknown): Result<unknown, Failure> => {
    try {
      return ok(studyNow(station, question));
    } catch (error) {
      return fail({ code: "study-failed", detail: error instanceof Error ? error.message : "" });
    }
  },
};
export type StudiesWorker = typeof calls;

expose(calls);
