import { NO_FACTS, type Facts } from "../facts";
import type { Station } from "../station";
import { bearingStation } from "./bearing";
import { capacitorStation } from "./capacitor";
import { complaintStation } from "./complaint";
import { decideStation } from "./decide";
import { frameStation } from "./frame";
import { endStation } from "./end";
import { STATION_IDS, type StationId } from "./ids";
import { insulationStation } from "./insulation";
import { handTurnStation } from "./hand-turn";
import { lookStation } from "./look";
import { makeSafeStation } from "./make-safe";
import { outInStation } from "./out-in";
import { plateStation } from "./plate";
import { powerBackStation } from "./power-back";
import { proveStation } from "./prove";
import { runTestStation } from "./run-test";
import { startGearStation } from "./start-gear";
import { supplyStation } from "./supply";
import { takeApartStation } from "./take-apart";
import { uncoupledRunStation } from "./uncoupled-run";
import { windingsStation } from "./windings";

/** What every station is, keeps and makes of it. A new one is one line here, one in ids.ts, and three in features/stations. */
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
  "out-in": outInStation,
  prove: proveStation,
  end: endStation,
} as const satisfies { readonly [Id in StationId]: { readonly definition: { readonly id: Id } } };

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
