import { saysNoCapacitor } from "../capacitor";
import { describedBy } from "../station";
import { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "../stations";
import type { ActionId } from "../trade";
import type { StationEntries } from "./entries";

/** Stations at which a part was described that is not in there any more. */
const RENEWED_BY: Partial<Record<ActionId, readonly StationId[]>> = {
  "replace-run-capacitor": ["capacitor"],
  "replace-start-capacitor": ["capacitor"],
  "replace-bearings": ["bearing"],
  "replace-motor": ["plate", "capacitor", "windings", "start-gear", "bearing"],
};
/**
 * The works that were decided on a card.
 * @param entries what was keyed at each station
 * @returns none, one, or two on the same visit
 */
export function decidedWorks({ decide }: StationEntries): readonly ActionId[] {
  return [decide?.data.action ?? null, decide?.data.also ?? null].filter((action) => action !== null);
}

/**
 * Stations of which something outlasts a visit: what was replaced does not.
 * @param entries what was keyed at each station
 * @returns stations, in working order
 */
export function outlasting(entries: StationEntries): readonly StationId[] {
  const renewed = new Set(decidedWorks(entries).flatMap((action) => RENEWED_BY[action] ?? []));
  return STATION_IDS.filter((id) => stationOf(id).lasts !== undefined && !renewed.has(id) && entries[id] !== undefined);
}

/**
 * What of a record outlasts its readings, as the record that is begun with.
 * @param station which station
 * @param before what was keyed there
 * @returns the blank record with what lasts
 */
export const takenOver = (station: StationId, before: unknown): object => describedBy(stationOf(station), before);

/**
 * The plate of the motor that went in on a visit, as the plate the next visit starts with; its machine is the same.
 * @param entries what was keyed at each station
 * @returns null: none went in, or nobody typed its plate
 */
export function fittedPlate({ plate, "out-in": outIn }: StationEntries): StationData<"plate"> | null {
  const motor = outIn?.data.works["replace-motor"];
  const sheet = motor?.pieces[0]?.sheet;
  if (!sheet || motor?.fittedAt == null) return null;
  const { type, volts, hertz, power, amps, rpm, capacitor } = sheet;
  const { machineKind, drive, burnsGas } = plate?.data ?? STATIONS.plate.blank;
  return {
    ...STATIONS.plate.blank,
    motorType: type ?? STATIONS.plate.blank.motorType,
    machineKind,
    drive,
    burnsGas,
    volts,
    hertz,
    power,
    amps,
    rpm,
    capacitor: saysNoCapacitor(capacitor) ? "" : capacitor,
  };
}
