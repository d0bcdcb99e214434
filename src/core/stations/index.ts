export { isStationId, STATION_IDS, STATIONS, stationOf, type StationData, type StationDetail, type StationId } from "./registry";
