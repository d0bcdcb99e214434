export { assessTraveller, type AssessOptions, type TravellerAssessment } from "./assess-traveller";
export type { StationAssessments, StationEntries, StationEntry } from "./entries";
export { earlyFacts } from "./assess-stations";
export { factsWith, groundBefore, handedOn, stamped, type Ground, type HandedOn } from "./ground";
export { followUps, latestVisits, type FollowUp } from "./follow-ups";
export type { NextStep } from "./next-step";
export { isReadyToFinish } from "./ready-to-finish";
export { decidedWorks, fittedPlate, outlasting, takenOver } from "./renewal";
export { methodOf, methodsOn, powerOf, stateChangeFor, stationForTest } from "./ways";
