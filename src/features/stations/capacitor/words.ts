import type { CapacitorRecord } from "@/core/stations/capacitor";

/** A list with one place changed; the places before it are filled up. */
export function withAt<T>(list: readonly T[], index: number, value: T, filler: T): T[] {
  const next = [...list];
  while (next.length <= index) next.push(filler);
  next[index] = value;
  return next;
}

/** When each section was last measured: the later of meter and running. */
export function readMoments(record: CapacitorRecord): (string | undefined)[] {
  const count = Math.max(record.readings.length, record.running.sections.length);
  return Array.from({ length: count }, (_, index) =>
    [record.readings[index]?.reading?.at, record.running.sections[index]?.amps?.reading?.at]
      .filter((at) => at !== undefined)
      .sort()
      .at(-1),
  );
}
