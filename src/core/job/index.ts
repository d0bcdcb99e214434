export { saysItStands, saysItStarts } from "./complaint-runs";
export { checksBeforePower } from "./first-power";
export { END_NEEDS, END_TABLE, endLacks, ENDS, endsOf, likelyEnd, type EndGround, type EndId, type EndNeed, type EndState } from "./ends";
export { NO_JOB_FACTS, NO_POWER_FACTS, type JobFacts, type PowerFacts } from "./facts";
export { isAfterWork, stepInOrder, type JobState, type OrderStep } from "./order";
export { deadStretches, isPowerBack, type DeadStretch } from "./power";
export { MEND_TABLE, MENDS, type MendId, type MendProof, type ReadPart } from "./mend-table";
export { readAt, readingsIn, type PlacedReading } from "./moments";
export { isSimulated } from "./simulated";
export {
  beginRound,
  changeInTime,
  MOST_ROUNDS,
  SET_ASIDE,
  timesOf,
  workBetween,
  type Round,
  type SetAside,
  type TimedRow,
  type TimedStation,
  type Times,
} from "./rounds";
export { PURPOSE_CHECKS } from "./purpose-checks";
export { hearPurpose, PURPOSE_TABLE, PURPOSES, type Purpose } from "./purpose";
export { asksFrame, doneAt, doneIn, isMend, isWork, mendsOf, OPENS_THE_MOTOR, touchedBy, type DoneWork } from "./works";
