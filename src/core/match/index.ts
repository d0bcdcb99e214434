export {
  BEARING_SORTS,
  DUTIES,
  ENCLOSURES,
  MOUNTS,
  PROTECTIONS,
  ROTATIONS,
  seenFromShaft,
  SEEN_FROM,
  SHAFT_DIRECTIONS,
  SHAFT_FORMS,
  UNKNOWN_MOTOR,
  UNKNOWN_PLACE,
  type MotorPlace,
  type MotorSpec,
  type RatedConnection,
  type Rotation,
  type SeenFrom,
} from "./motor-spec";
export {
  FITS,
  type Adaptation,
  type AdaptingWork,
  type Fit,
  type LineVerdict,
  type MatchQuestion,
  type MatchReason,
  type Missing,
} from "./match-line";
export { connectionFor } from "./electric-lines";
export { MATCH_LINE_IDS, matchMotor, type MatchLineId, type MatchVerdict, type MotorMatch } from "./match-motor";
