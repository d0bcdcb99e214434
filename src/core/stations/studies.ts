import { understandBoard, USUAL_SOLVE, type BoardUnderstanding } from "../winding";
import type { Study } from "./contract";
import type { BoardQuestion } from "./windings/board";

/** Who answers the long questions of which station. Not imported by the stations: screens load it only into a worker. */
const ANSWERERS: Readonly<Record<string, (question: never) => unknown>> = {
  windings: ({ board, marks, motorType }: BoardQuestion): BoardUnderstanding =>
    understandBoard(board, { marks, motorType, options: USUAL_SOLVE }),
};

/** Answers a question at once, on the thread it is asked on. */
export const studyNow: Study = (station, question) => {
  const answer = ANSWERERS[station];
  if (!answer) throw new Error(`a station that asks has its answerer, got none for ${station}`);
  return answer(question as never);
};
