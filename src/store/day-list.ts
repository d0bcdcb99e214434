"use client";
import type { TravellerId } from "@/records";
import { database } from "./database";
import { useLive } from "./live";
import { attempt } from "./storage-status";

/** Among the settings: the person's own, on this device. Persisted. */
const KEY = "day-list";
/** Nobody drives to more in a day. */
const MOST = 40;

const toIds = (value: unknown): readonly TravellerId[] =>
  Array.isArray(value) ? value.filter((id): id is TravellerId => typeof id === "string").slice(0, MOST) : [];

/** Cards of the day, in the order somebody put them in, live; null while it is being read. */
export function useDayList(): readonly TravellerId[] | null {
  const kept = useLive(async () => toIds((await database().settings.get(KEY))?.value), []);
  return kept.state === "ready" ? kept.value : null;
}

/** Keeps another list, on what is kept of it. */
export const changeDayList = (change: (ids: readonly TravellerId[]) => readonly TravellerId[]): Promise<boolean> =>
  attempt(() => {
    const db = database();
    return db.transaction("rw", db.settings, async () => {
      const kept = toIds((await db.settings.get(KEY))?.value);
      await db.settings.put({ key: KEY, value: [...new Set(change(kept))].slice(0, MOST) });
    });
  });
