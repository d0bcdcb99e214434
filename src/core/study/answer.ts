import { simulateDecision } from "../decision";
import { capacitorEffect, conditionOfChoice, estimateOnce, simulateStart, toCircuit, understandRun } from "../motor";
import { askBoard } from "../winding";
import type { Studies, Study, StudyKind } from "./questions";

/** Who answers which question. Not part of the folder's index: screens load it only into a worker. */
const ANSWERERS: { readonly [Kind in StudyKind]: (question: Studies[Kind]["question"]) => Studies[Kind]["answer"] } = {
  board: askBoard,
  run: understandRun,
  motor: estimateOnce,
  start: ({ machine, choice, endS }) => simulateStart(toCircuit(machine, conditionOfChoice(machine, choice)), { endS }),
  decision: simulateDecision,
  "capacitor-effect": capacitorEffect,
};

/**
 * Answers a question at once, on the thread it is asked on.
 * @param kind which question
 * @param question what is asked, as plain data
 * @returns the answer; never null
 */
export const studyNow: Study = (kind, question) => ANSWERERS[kind](question);
