import { database } from "./database";

/** How often a copy of everything is made. Persisted. */
export const RHYTHMS = { never: null, daily: 1, weekly: 7, monthly: 30 } as const;
export type Rhythm = keyof typeof RHYTHMS;

/** What is kept of copies of everything. */
export interface Backup {
  readonly rhythm: Rhythm;
  /** the last one, ISO 8601; null: none was made on this device */
  readonly lastAt: string | null;
  /** where it lies; null: among the downloads */
  readonly folder: string | null;
}

const BACKUP_KEY = "backup";
export const NO_BACKUP: Backup = { rhythm: "weekly", lastAt: null, folder: null };

const isBackup = (value: unknown): value is Backup =>
  typeof value === "object" && value !== null && "rhythm" in value && String(value.rhythm) in RHYTHMS;

/** What is kept of it; a weekly one that was never made where nobody said anything. */
export async function readBackup(): Promise<Backup> {
  const kept: unknown = (await database().settings.get(BACKUP_KEY))?.value;
  return isBackup(kept) ? kept : NO_BACKUP;
}

/** Changes the rhythm, or notes that a copy was made. */
export async function changeBackup(change: Partial<Backup>): Promise<void> {
  const db = database();
  await db.transaction("rw", db.settings, async () => {
    const kept: unknown = (await db.settings.get(BACKUP_KEY))?.value;
    await db.settings.put({ key: BACKUP_KEY, value: { ...(isBackup(kept) ? kept : NO_BACKUP), ...change } });
  });
}

const DAY_MS = 86_400_000;

/**
 * Days by which a copy is late.
 * @param sinceMs when the first card of the person's own was made; null: there is nothing to lose yet
 * @param nowMs the present moment
 * @returns null: none is due
 */
export function lateDays({ rhythm, lastAt }: Pick<Backup, "rhythm" | "lastAt">, sinceMs: number | null, nowMs: number): number | null {
  const days = RHYTHMS[rhythm];
  if (days === null || sinceMs === null) return null;
  const fromMs = lastAt === null ? sinceMs : Date.parse(lastAt);
  const late = (nowMs - fromMs) / DAY_MS - days;
  return late >= 0 ? late : null;
}

/** Name of a copy: the day stands in it, so that they lie in their order. Two of one day are one. */
export const backupName = (day: string): string => `vemmick-backup-${day}.vemmick.json`;

/** When the first card of the person's own was made, ms; null: there is none. */
export async function firstOwnCardMs(): Promise<number | null> {
  const first = await database()
    .summaries.orderBy("createdAt")
    .filter(({ isDemo }) => !isDemo)
    .first();
  return first === undefined ? null : Date.parse(first.createdAt);
}
