import { saysNoCapacitor } from "../capacitor";
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
/** What outlasts a visit, since part and place did not change. Readings are taken anew. */
const OUTLASTS: { readonly [Id in StationId]?: (record: StationData<Id>) => Partial<StationData<Id>> } = {
  plate: (record) => record,
  capacitor: ({ label, corrections }) => ({ label, corrections }),
  windings: ({ posts, hasFrame, photo }) => ({ posts, hasFrame, photo }),
  "start-gear": ({ sort }) => ({ sort }),
  // A bearing by its stamp or its sizes, and its upkeep; how its seats measured, and what the job was to cost, was of then.
  bearing: ({ unit, ends, around, duty, plateMonths, plateOil, lastDone }) => ({
    unit,
    ends: { "drive-end": namedOnly(ends["drive-end"]), "other-end": namedOnly(ends["other-end"]) },
    around,
    duty,
    plateMonths,
    plateOil,
    lastDone,
  }),
};

type EndOfBearing = StationData<"bearing">["ends"]["drive-end"];
const namedOnly = ({ kind, stamped, bore, outside, width }: EndOfBearing): EndOfBearing => ({
  ...STATIONS.bearing.blank.ends["drive-end"],
  kind,
  stamped,
  bore,
  outside,
  width,
});

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
  return STATION_IDS.filter((id) => OUTLASTS[id] !== undefined && !renewed.has(id) && entries[id] !== undefined);
}

/**
 * What of a record outlasts a visit, as the record the next visit starts with.
 * @param station which station
 * @param before what was keyed there
 * @returns the blank record with what lasts
 */
export function takenOver(station: StationId, before: unknown): object {
  const lasts = OUTLASTS[station] as ((record: unknown) => object) | undefined;
  return { ...(stationOf(station).blank as object), ...lasts?.(before) };
}

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
