export {
  NO_FACTS,
  type Assessment,
  type CautionCode,
  type Facts,
  type EarlierVisit,
  type Stamp,
  type Station,
  type StationDefinition,
  type StationMethod,
  type WorkingStep,
} from "./contract";
export { cautionsFor } from "./cautions";
export { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "./registry";
export {
  assessTraveller,
  methodOf,
  powerOf,
  stateChangeFor,
  type NextStep,
  type StationEntries,
  type StationEntry,
  type TravellerAssessment,
} from "./assess-traveller";
