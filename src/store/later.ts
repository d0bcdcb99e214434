import { compareMoments } from "@/core/kept";

/** A time for a change of a row: now, and later than the row's own, whatever the clock of the device it came from said. */
export function later(now: string, than: unknown): string {
  if (typeof than !== "string" || compareMoments(than, now) < 0) return now;
  return new Date(Date.parse(than) + 1).toISOString();
}
