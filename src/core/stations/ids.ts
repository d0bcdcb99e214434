/** Every station in working order, apart from what they do, which a list need not load. A new one is one line here, and one in registry.ts. */
export const STATION_IDS = [
  "complaint",
  "plate",
  "make-safe",
  "look",
  "hand-turn",
  "capacitor",
  "windings",
  "frame",
  "insulation",
  "start-gear",
  "bearing",
  "take-apart",
  "power-back",
  "supply",
  "run-test",
  "uncoupled-run",
  "decide",
  "out-in",
  "prove",
  "end",
] as const;
export type StationId = (typeof STATION_IDS)[number];

/**
 * Whether a text names a station.
 * @param id anything that may be the id of a station
 * @returns true for the ids of the list
 */
export const isStationId = (id: unknown): id is StationId => (STATION_IDS as readonly unknown[]).includes(id);
