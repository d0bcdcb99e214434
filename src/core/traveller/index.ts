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
