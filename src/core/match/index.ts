export {
  NAMED_TYPES,
  UNKNOWN_MOTOR,
  UNKNOWN_PLACE,
  type BearingSort,
  type RatedDuty,
  type Enclosure,
  type Mount,
  type NamedType,
  type OwnCapacitor,
  type Protection,
  type ShaftForm,
  type MotorPlace,
  type MotorSpec,
  type RatedConnection,
} from "./motor-spec";
export {
  type Adaptation,
  type AdaptingWork,
  type LineFit,
  type LineVerdict,
  type MatchQuestion,
  type MatchReason,
  type Missing,
} from "./match-line";
export { connectionFor } from "./electric-lines";
export { MATCH_LINE_IDS, matchMotor, type MatchLineId, type MatchVerdict, type MotorMatch } from "./match-motor";
export { BLANK_PLACE, BLANK_SHEET, motorSheet, MotorSheetSchema, placeSheet, type MotorSheet, type PlaceSheet } from "./sheet-schema";
export { readPlace, readSheet, type ReadSheet, type SheetText } from "./motor-sheet";
export { sisterhood, type AlikeLine, type Sisterhood, type SisterPlate } from "./sister-motor";
