import { formatNumber } from "@/core/quantity";
import type { Backup } from "@/store/backup";

/** Told when a copy is late. */
export function lateWords({ lastAt, rhythm }: Pick<Backup, "lastAt" | "rhythm">, lateDays: number): string {
  if (lastAt === null) return "There are cards of your own on this device, and no copy of them anywhere else.";
  const days = { daily: 1, weekly: 7, monthly: 30, never: 0 }[rhythm] + Math.floor(lateDays);
  return `The last backup is ${formatNumber(days, 0)} ${days === 1 ? "day" : "days"} old.`;
}
