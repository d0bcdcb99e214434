export {
  identifyThreeLeads,
  LEAD_PAIRS,
  LEAD_MARKS,
  markLikeName,
  roleOfMark,
  type LeadMark,
  type LeadIndex,
  type PairIndex,
  type PairReading,
  type SumCheck,
  type ThreeLeadAnswer,
  type ThreeLeadInput,
  type WindingRole,
} from "./three-leads";
export { otherCommonOf, type OtherCommon } from "./other-common";
export { tableOf, type Board, type BoardReading } from "./board";
export { LAYOUTS, layoutOf } from "./layout-catalogue";
export {
  faultsOf,
  isNearZeroClass,
  isNoPathClass,
  isWindingClass,
  type BoardFault,
  type ElementClass,
  type Layout,
  type LayoutElement,
  type LayoutRole,
} from "./layout";
export { findMisfits, solveBoard, USUAL_SOLVE, type BoardSolution, type Solutions, type SolveOptions } from "./solve-board";
export {
  understandBoard,
  USUAL_QUERY,
  type BoardQuery,
  type BoardAnswer,
  type BoardUnderstanding,
  type Residual,
} from "./understand-board";
export type { Probe } from "./next-probe";
export { compareWinding, resistanceAt, temperatureRise, windingTemperature, type WindingComparison, type WindingOhms } from "./temperature";
export { answerConnection, type ConnectionAnswer } from "./connection-answer";
export { type Connection, type ConnectionNote, type Reversal, type Rung, type RungPart } from "./connection";
export { WINDING_GROUPS, type WindingGroup } from "./groups";
export { NO_WINDING_FACTS, type WindingFacts, type WindingKnowledge } from "./facts";
export { askBoard, type BoardQuestion } from "./board-question";
