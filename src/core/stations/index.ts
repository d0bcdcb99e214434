export {
  NO_CARD_FACTS,
  isStationId,
  STATION_IDS,
  STATIONS,
  stationOf,
  type CardFacts,
  type StationData,
  type StationDetail,
  type StationId,
} from "./registry";
