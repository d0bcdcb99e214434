import { expose } from "comlink";
import { fail, ok, type Failure, type Result } from "@/core/result";
import type { Studies, StudyKind } from "@/core/study";
import { studyNow } from "@/core/study/answer";

/** What this worker can be asked: any long question, as plain data. */
const calls = {
  study: <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"]): Result<Studies[Kind]["answer"] | null, Failure> => {
    try {
      return ok(studyNow(kind, question));
    } catch (error) {
      return fail({ code: "study-failed", detail: error instanceof Error ? error.message : "" });
    }
  },
};
export type StudiesWorker = typeof calls;

expose(calls);
