export { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "./registry";
