import { isLoose } from "../kept";
import type { Facts } from "../facts";
import { readAt } from "../job";
import { renewedAt, type Reader } from "./read-after";

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
 * A station's record as it was found, before the part that it reads was exchanged: what was read later shows the repair and
 * weighs for no suspect.
 * @param station which one, and what it reads
 * @param data its record
 * @param fitted works that were done, and when
 * @returns the record; without the figures that were read later where only some were; null where all of it was read later
 */
export function asFound(station: Reader, data: object, fitted: Pick<Facts, "worksDone">): object | null {
  const since = renewedAt(station, fitted);
  if (since === null) return data;
  const moments = readAt(data);
  if (moments.length === 0 || moments.every((at) => at <= since)) return data;
  return moments.every((at) => at > since) ? null : (without(since)(data) as object);
}
