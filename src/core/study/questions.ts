import type { DecisionOutlook, DecisionQuestion } from "../decision";
import type {
  CapacitorEffect,
  EffectQuestion,
  Machine,
  MotorEstimate,
  MotorKnowledge,
  RunQuestion,
  RunUnderstanding,
  Start,
  WhatIfChoice,
} from "../motor";
import type { Failure, Result } from "../result";
import type { BoardQuestion, BoardUnderstanding } from "../winding";

/** A start over time, for one choice of a What-if. */
export interface StartQuestion {
  readonly machine: Machine;
  readonly choice: WhatIfChoice;
  readonly endS: number;
}

/** Every question that takes more than a few milliseconds, with what answers it. A new one is a line here and in answer.ts. */
export interface Studies {
  /** what lies between the posts of a board */
  readonly board: { readonly question: BoardQuestion; readonly answer: BoardUnderstanding };
  /** which faults explain the figures of a run */
  readonly run: { readonly question: RunQuestion; readonly answer: Result<RunUnderstanding, Failure> };
  /** the motor behind a plate */
  readonly motor: { readonly question: MotorKnowledge; readonly answer: Result<MotorEstimate, Failure> };
  readonly start: { readonly question: StartQuestion; readonly answer: Result<Start, Failure> };
  /** what each way on may cost, and what the choice hinges on */
  readonly decision: { readonly question: DecisionQuestion; readonly answer: DecisionOutlook };
  /** what another value of the capacitor would do */
  readonly "capacitor-effect": { readonly question: EffectQuestion; readonly answer: Result<CapacitorEffect, Failure> };
}
export type StudyKind = keyof Studies;

/**
 * Answers a question that takes more than a few milliseconds. On a screen it is worked out away from it, and null meanwhile;
 * what depends on it is made again when the answer is there.
 */
export type Study = <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"]) => Studies[Kind]["answer"] | null;

/**
 * Leaves every such question open.
 * @returns null
 */
export const NO_STUDY: Study = () => null;
