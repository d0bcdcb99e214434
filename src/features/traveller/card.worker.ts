import { expose } from "comlink";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { travellerType, type Traveller } from "@/records";
import { answerCard } from "./answer-card";
import type { AnsweredStudy, CardRequest } from "./card-answer";
import { createNews, type CardNews } from "./card-news";

const tell = createNews();
const NO_CARD = travellerType.blank("none") as unknown as Traveller;

/** What this worker can be asked: what a whole card comes to. */
const calls = {
  answer: (request: CardRequest, answered: readonly AnsweredStudy[], have: string | null): Result<CardNews, Failure> => {
    try {
      return ok(tell(answerCard(request, answered), have));
    } catch (error) {
      return fail({ code: "study-failed", detail: error instanceof Error ? error.message : "" });
    }
  },
};
export type CardWorker = typeof calls;

expose(calls);

// Tables are built and the code is warm before the first card comes.
answerCard({ traveller: NO_CARD, rows: [], earlier: [], house: {}, leaveOut: [] }, []);
