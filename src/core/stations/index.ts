export {
  BEARING_ENDS,
  NO_FACTS,
  NO_STUDY,
  WINDING_GROUPS,
  type Assessment,
  type BearingEnd,
  type CautionCode,
  type Facts,
  type EarlierVisit,
  type Stamp,
  type Station,
  type StationDefinition,
  type StationMethod,
  type Study,
  type WindingGroup,
  type WorkingStep,
} from "./contract";
export { DUE_KINDS, dueOn, isStillDue, type Due, type DueKind } from "./due";
export { cautionsFor } from "./cautions";
export { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "./registry";
export {
  assessTraveller,
  methodOf,
  methodsOn,
  powerOf,
  stateChangeFor,
  stationForTest,
  type AssessOptions,
  type NextStep,
  type StationEntries,
  type StationEntry,
  type TravellerAssessment,
} from "./assess-traveller";
