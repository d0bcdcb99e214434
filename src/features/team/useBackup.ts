"use client";
import { useLive } from "@/store/live";
import { firstOwnCardMs, lateDays, readBackup, type Backup } from "@/store/backup";

/** What is kept of copies, and by how many days one is late; null while it is being read. */
export function useBackup(): { readonly backup: Backup; readonly late: number | null } | null {
  const answer = useLive(async () => {
    const [backup, since] = await Promise.all([readBackup(), firstOwnCardMs()]);
    return { backup, late: lateDays(backup, since, Date.now()) };
  }, []);
  return answer.state === "ready" ? answer.value : null;
}
