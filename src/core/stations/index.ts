export {
  NO_FACTS,
  type Assessment,
  type CautionCode,
  type Facts,
  type Stamp,
  type Station,
  type StationDefinition,
  type WorkingStep,
} from "./contract";
export { cautionsFor } from "./cautions";
export { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "./registry";
export {
  assessTraveller,
  stateChangeFor,
  type NextStep,
  type StationEntries,
  type StationEntry,
  type TravellerAssessment,
} from "./assess-traveller";
