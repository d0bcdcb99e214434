import type { Entry } from "@/core/quantity";

export const withReading = (readings: readonly (Entry | null)[], index: number, entry: Entry | null): (Entry | null)[] => {
  const next = [...readings];
  while (next.length <= index) next.push(null);
  next[index] = entry;
  return next;
};
