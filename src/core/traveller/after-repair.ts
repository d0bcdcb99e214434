import type { SwapAction } from "../exchange";
import { isLoose } from "../kept";
import type { Facts } from "../facts";
import { asFitted, type FittedFacts } from "../motor";
import type { StationId } from "../stations";

/**
 * Stations whose readings are of the part that a work exchanges: what is read there once it is in, is read of the new part.
 * A run is of the whole motor, so any part that went in counts. Frame and insulation weigh whenever they were read: a new
 * motor that is grounded is kept from power too.
 */
const READS: Readonly<Partial<Record<StationId, readonly SwapAction[] | "any">>> = {
  capacitor: ["replace-run-capacitor", "replace-start-capacitor", "replace-motor"],
  windings: ["replace-motor"],
  "start-gear": ["service-start-switch", "replace-start-relay", "replace-motor"],
  bearing: ["replace-bearings", "replace-motor"],
  "run-test": "any",
  "uncoupled-run": "any",
};

/** Moments of every reading in a record, however deep it lies. */
function readAt(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(readAt);
  if (!isLoose(value)) return [];
  const own = isLoose(value.reading) && typeof value.reading.at === "string" ? [value.reading.at] : [];
  return [...own, ...Object.values(value).flatMap(readAt)];
}

/** The same without entries that were read later: empty where a field holds one, gone where it is one of a list of pairs. */
function without(since: string): (value: unknown) => unknown {
  const isLater = (value: unknown): boolean => isLoose(value) && isLoose(value.reading) && String(value.reading.at) > since;
  const strip = (value: unknown): unknown => {
    if (isLater(value)) return null;
    if (Array.isArray(value)) return value.filter((each) => !(isLoose(each) && isLater(each.entry))).map(strip);
    return isLoose(value) ? Object.fromEntries(Object.entries(value).map(([field, each]) => [field, strip(each)])) : value;
  };
  return strip;
}

/**
 * Whether all that was read at a station was read once its part had been exchanged.
 * @param data the station's record
 * @param since when the part went in, ISO 8601; undefined: it is the one that was found
 * @returns false where nothing was read
 */
export function isReadAfter(data: object | undefined, since: string | undefined): boolean {
  const moments = since === undefined ? [] : readAt(data);
  return since !== undefined && moments.length > 0 && moments.every((at) => at > since);
}

/** When the part that a station reads went in; null: it is the one that was found. */
function renewedAt(id: StationId, { fittedWorks }: FittedFacts): string | null {
  const works = READS[id];
  if (works === undefined) return null;
  const times = Object.entries(fittedWorks).flatMap(([action, at]) =>
    works === "any" || works.includes(action as SwapAction) ? [at] : [],
  );
  return times.sort()[0] ?? null;
}

/**
 * A station's record as it was found, before the part that it reads was exchanged: what was read later shows the repair and
 * weighs for no suspect.
 * @param id which station
 * @param data its record
 * @param fitted what went in, and when
 * @returns the record; without the figures that were read later where only some were; null where all of it was read later
 */
export function asFound(id: StationId, data: object, fitted: FittedFacts): object | null {
  const since = renewedAt(id, fitted);
  if (since === null) return data;
  const moments = readAt(data);
  if (moments.length === 0 || moments.every((at) => at <= since)) return data;
  return moments.every((at) => at > since) ? null : (without(since)(data) as object);
}

/**
 * The facts a station is judged by: what was read once another motor was in is held against that motor's plate.
 * @param id which station
 * @param data its record
 * @param facts what is known of the motor
 * @returns the facts, of the motor that was read
 */
export const judgedBy = <Known extends Facts>(id: StationId, data: object, facts: Known): Known =>
  asFound(id, data, facts) === null ? asFitted(facts) : facts;
