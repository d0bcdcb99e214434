export { isStationId, STATION_IDS, type StationId } from "./ids";
export { NO_CARD_FACTS, STATIONS, stationOf, type CardFacts, type StationData, type StationDetail } from "./registry";
