import { NO_FACTS, type Facts } from "../facts";
import type { Station } from "../station";
import { bearingStation } from "./bearing";
import { capacitorStation } from "./capacitor";
import { complaintStation } from "./complaint";
import { decideStation } from "./decide";
import { frameStation } from "./frame";
import { insulationStation } from "./insulation";
import { handTurnStation } from "./hand-turn";
import { lookStation } from "./look";
import { makeSafeStation } from "./make-safe";
import { plateStation } from "./plate";
import { powerBackStation } from "./power-back";
import { proveStation } from "./prove";
import { runTestStation } from "./run-test";
import { startGearStation } from "./start-gear";
import { supplyStation } from "./supply";
import { takeApartStation } from "./take-apart";
import { uncoupledRunStation } from "./uncoupled-run";
import { windingsStation } from "./windings";

/** Every station in working order. A new one is one line here, and one in features/stations/registry.ts. */
export const STATIONS = {
  complaint: complaintStation,
  plate: plateStation,
  "make-safe": makeSafeStation,
  look: lookStation,
  "hand-turn": handTurnStation,
  capacitor: capacitorStation,
  windings: windingsStation,
  frame: frameStation,
  insulation: insulationStation,
  "start-gear": startGearStation,
  bearing: bearingStation,
  "take-apart": takeApartStation,
  "power-back": powerBackStation,
  supply: supplyStation,
  "run-test": runTestStation,
  "uncoupled-run": uncoupledRunStation,
  decide: decideStation,
  prove: proveStation,
} as const;

export type StationId = keyof typeof STATIONS;
export const STATION_IDS = Object.keys(STATIONS) as StationId[];

/**
 * A station without its own types, for code that treats all alike.
 * @param id which one
 * @returns the station
 */
export function stationOf(id: StationId): Station {
  return STATIONS[id];
}

/** Record of one station, as its schema has it. */
export type StationData<Id extends StationId> = (typeof STATIONS)[Id]["blank"];
/** What one station makes of its record. */
export type StationDetail<Id extends StationId> = ReturnType<(typeof STATIONS)[Id]["assess"]>["detail"];

type OwnOf<S> = S extends Station<string, never, unknown, infer Own> ? Own : object;
type Both<Union> = (Union extends unknown ? (each: Union) => void : never) extends (each: infer All) => void ? All : never;
/** What is known of the motor once every station was assessed: the shared facts, and those that single stations state. */
export type CardFacts = Facts & Both<OwnOf<(typeof STATIONS)[StationId]>>;

/** A motor of which nothing is known. */
export const NO_CARD_FACTS = Object.assign({ ...NO_FACTS }, ...STATION_IDS.map((id) => stationOf(id).ownFacts ?? {})) as CardFacts;

/**
 * Whether a text names a station.
 * @param id anything that may be the id of a station
 * @returns true for the ids of the registry
 */
export const isStationId = (id: unknown): id is StationId => typeof id === "string" && Object.hasOwn(STATIONS, id);
