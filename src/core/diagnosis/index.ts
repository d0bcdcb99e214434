export { ACTIONS, COMPLAINTS, SUSPECTS, TESTS, type ActionId, type Complaint, type Standee, type Suspect, type TestId } from "./vocabulary";
export { COMPLAINT_TABLE } from "./complaint-table";
export { INSTRUMENTS, LIVE_RUNS, TEST_TABLE, type Instrument, type Outcome, type OutcomeKey, type OutcomeRow } from "./test-table";
export { findingKey, type Evidence, type Finding, type MeasuredLikelihood } from "./finding";
export { OUTCOME_NAMES, outcomeProbabilities } from "./outcome-model";
export { GEAR_SORTS, priorsFor, type GearSort, type MotorProfile, type PriorFactors } from "./priors";
export { TOGETHER, whyTogether } from "./together";
export { contradictionsOf, type Contradiction } from "./contradictions";
export { barOf, isOnMachine, isRun, type Bar } from "./permission";
export { marginalProbabilities, weighEvidence, type Bearing, type Hypothesis, type Standing, type SuspectStanding } from "./standing";
export {
  chooseMove,
  informationBitsOf,
  STATE_CHANGE_MINUTES,
  type At,
  type BestAction,
  type Move,
  type OutcomeMeaning,
  type TestOffer,
} from "./next-move";
export { hear, type Hearing, type Span } from "./hear";
export { ASKS, PHRASES, type AskRow } from "./phrase-table";
export { ownedInstruments, priorFactors } from "./house-view";
