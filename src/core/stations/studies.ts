import { simulateDecision, type DecisionQuestion } from "../decision";
import { LAYOUTS, understandBoard, USUAL_SOLVE, type BoardUnderstanding } from "../winding";
import type { Study } from "./contract";
import {
  capacitorEffect,
  conditionOfChoice,
  estimateOnce,
  simulateStart,
  toCircuit,
  understandRun,
  type EffectQuestion,
  type Machine,
  type MotorKnowledge,
  type RunQuestion,
  type WhatIfChoice,
} from "../motor";
import type { BoardQuestion } from "./windings/board";

/** A start over time, for one choice of a What-if. */
export interface StartQuestion {
  readonly machine: Machine;
  readonly choice: WhatIfChoice;
  readonly endS: number;
}

const WITHOUT_EQUAL = { ...USUAL_SOLVE, layouts: LAYOUTS.filter(({ id }) => id !== "equal_windings") };

/** Who answers the long questions of which station. Not imported by the stations: screens load it only into a worker. */
const ANSWERERS: Readonly<Record<string, (question: never) => unknown>> = {
  windings: ({ board, marks, motorType, mayBeEqual }: BoardQuestion): BoardUnderstanding =>
    understandBoard(board, { marks, motorType, options: mayBeEqual ? USUAL_SOLVE : WITHOUT_EQUAL }),
  "run-test": (question: RunQuestion) => understandRun(question),
  "what-if": (knowledge: MotorKnowledge) => estimateOnce(knowledge),
  "what-if-start": ({ machine, choice, endS }: StartQuestion) =>
    simulateStart(toCircuit(machine, conditionOfChoice(machine, choice)), { endS }),
  decide: (question: DecisionQuestion) => simulateDecision(question),
  "capacitor-effect": (question: EffectQuestion) => capacitorEffect(question),
};

/** Answers a question at once, on the thread it is asked on. */
export const studyNow: Study = (station, question) => {
  const answer = ANSWERERS[station];
  if (!answer) throw new Error(`a station that asks has its answerer, got none for ${station}`);
  return answer(question as never);
};
