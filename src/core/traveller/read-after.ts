import type { SwapAction } from "../exchange";
import type { Facts } from "../facts";
import { isLoose } from "../kept";
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
export function readAt(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(readAt);
  if (!isLoose(value)) return [];
  const own = isLoose(value.reading) && typeof value.reading.at === "string" ? [value.reading.at] : [];
  return [...own, ...Object.values(value).flatMap(readAt)];
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
export function renewedAt(id: StationId, { fittedWorks }: FittedFacts): string | null {
  const works = READS[id];
  if (works === undefined) return null;
  const times = Object.entries(fittedWorks).flatMap(([action, at]) =>
    works === "any" || works.includes(action as SwapAction) ? [at] : [],
  );
  return times.sort()[0] ?? null;
}

/**
 * The facts a station is judged by: what was read once another motor was in is held against that motor's plate.
 * @param id which station
 * @param data its record
 * @param facts what is known of the motor
 * @returns the facts, of the motor that was read
 */
export const judgedBy = <Known extends Facts>(id: StationId, data: object, facts: Known): Known =>
  isReadAfter(data, renewedAt(id, facts) ?? undefined) ? asFitted(facts) : facts;
