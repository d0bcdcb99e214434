export { ACTION_TABLE, SLOW_FAULTS, type ActionSpec } from "./actions";
export {
  costGiven,
  costModel,
  yearsAhead,
  isCovered,
  isServed,
  mends,
  failureWithin,
  UNKNOWN_LIFE,
  type ActionCosts,
  type CostModel,
  type Life,
} from "./cost-model";
export { cheapestAction, rankActions, settledCost, waysOn, type ActionOffer } from "./rank-actions";
export { isJudgedWork, JUDGED_WORKS, RETURNS_OF, type JudgedWork } from "./judged-works";
export { CAUSES, causesOf, checksBefore, type Cause, type CauseState } from "./causes";
export { MEASURE_DAYS, MEASURES, MEASURES_FOR, type Measure } from "./temporary";
export { CUSTOM_WAYS, customOptions, type CustomOption, type CustomWay } from "./custom-motor";
export { simulateDecision, type CostSpread, type DecisionOutlook } from "./simulate";
export { decisionQuestion, type DecisionGround, type DecisionQuestion, type Work } from "./question";
export { jobCost, type CostedWork, type CostLine } from "./job-cost";
export { dryingChance, soundParts, type RepairSite } from "./site";
export { findHinge, HINGE_FIGURES, type Hinge, type HingeFigure } from "./hinge";
export { NO_DECISION_FACTS, pricesInForce, type DecisionFacts, type KnownPrice, type KnownPrices, type QuotedPrices } from "./facts";
