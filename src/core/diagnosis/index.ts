export { ACTIONS, COMPLAINTS, SUSPECTS, TESTS, type ActionId, type Complaint, type Standee, type Suspect, type TestId } from "./vocabulary";
export { COMPLAINT_TABLE } from "./complaint-table";
export { TEST_TABLE, type Outcome, type OutcomeKey, type OutcomeRow } from "./test-table";
export type { Evidence, Finding } from "./finding";
export { OUTCOME_NAMES, outcomeProbabilities } from "./outcome-model";
export { priorsFor } from "./priors";
export { weighEvidence, type Bearing, type Hypothesis, type Standing, type SuspectStanding } from "./standing";
export { chooseMove, informationBits, STATE_CHANGE_MINUTES, type Move, type TestOffer } from "./next-move";
export { matchComplaints } from "./match-complaints";
