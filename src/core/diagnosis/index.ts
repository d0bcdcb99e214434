export { COMPLAINT_TABLE } from "./complaint-table";
export { LIVE_RUNS, TEST_TABLE, type Instrument, type Outcome, type OutcomeKey, type OutcomeRow } from "./test-table";
export { findingKey, type Evidence, type Finding, type MeasuredLikelihood, type RuledOut } from "./finding";
export { SIZE_TABLE, type FigureSize, type SizeId } from "./size-table";
export { sizeOfRepeats, sizesLikelihood, timesLikelier } from "./size";
export { COURSES, EVENTS, HISTORY_TABLE, type Course, type Event, type History } from "./history-table";
export { OUTCOME_NAMES, outcomeProbabilities } from "./outcome-model";
export { NEEDS_GEAR, priorsFor, type MotorProfile, type PriorFactors } from "./priors";
export { whyTogether } from "./together";
export { contradictionsOf, type Contradiction } from "./contradictions";
export { isOnMachine, isRun, type Bar } from "./permission";
export {
  marginalProbabilities,
  weighEvidence,
  type Pull,
  type Hypothesis,
  type EvidenceSource,
  type Standing,
  type SuspectStanding,
  type Weights,
} from "./standing";
export { chooseMove, STATE_CHANGE_MINUTES, type At, type BestAction, type Move, type OutcomeMeaning, type TestOffer } from "./next-move";
export { houseWeights, ownedInstruments, PRIOR_RULES } from "./house-view";
export { NO_COMPLAINT_FACTS, type ComplaintFacts } from "./facts";
