import type { Facts } from "../facts";
import { readAt, touchedBy } from "../job";
import { asFitted } from "../motor";
import type { StationDefinition } from "../station";

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

/** A station as far as its times go. */
export type Reader = Pick<StationDefinition, "id" | "reads">;

/** Frame and insulation weigh whenever they were read: a new motor that is grounded is kept from power too. */
const WEIGHS_ALWAYS: readonly string[] = ["frame", "insulation"];

/**
 * When a part that a station reads was first exchanged or worked at; what is read there later is read of what is in there now.
 * @param station which one, and what it reads
 * @param known works that were done
 * @returns ISO 8601; null: it is the one that was found
 */
export function renewedAt(station: Reader, { worksDone }: Pick<Facts, "worksDone">): string | null {
  const reads = WEIGHS_ALWAYS.includes(station.id) ? [] : (station.reads ?? []);
  const times = worksDone.flatMap(({ work, at }) => (touchedBy(work).some((part) => reads.includes(part)) ? [at] : []));
  return times.sort()[0] ?? null;
}

/**
 * The facts a station is judged by: what was read once another motor was in is held against that motor's plate.
 * @param station which one, and what it reads
 * @param data its record
 * @param facts what is known of the motor
 * @returns the facts, of the motor that was read
 */
export const judgedBy = <Known extends Facts>(station: Reader, data: object, facts: Known): Known =>
  isReadAfter(data, renewedAt(station, facts) ?? undefined) ? asFitted(facts) : facts;
