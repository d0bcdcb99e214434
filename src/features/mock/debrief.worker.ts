import { expose } from "comlink";
import { studyNow } from "@/core/study/answer";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { debriefOf, type Debrief, type DebriefRequest } from "./debrief";

/** What this worker can be asked: what a case of the Mock bench comes to. */
const calls = {
  debrief: (request: DebriefRequest): Result<Debrief, Failure> => {
    try {
      return ok(debriefOf(request, studyNow));
    } catch (error) {
      return fail({ code: "study-failed", detail: error instanceof Error ? error.message : "" });
    }
  },
};
export type DebriefWorker = typeof calls;

expose(calls);
