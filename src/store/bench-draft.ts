"use client";
import { stationOf, type StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { database } from "./database";
import { useLive, type Live } from "./queries";
import { keep } from "./storage-status";
import { updateStation } from "./write";

/** What lies on the bench for a station: kept on this device until it is clipped to a card or thrown away. */
const keyOf = (station: StationId): string => `bench/${station}`;

/** The quick check in hand, live; the blank record when there is none. */
export function useBenchDraft(station: StationId): Live<unknown> {
  return useLive(async () => (await database().settings.get(keyOf(station)))?.value ?? stationOf(station).blank, [station]);
}

/** Changes the quick check; kept at once, so that nothing typed is lost. */
export async function updateBench(station: StationId, change: (data: unknown) => unknown): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", db.settings, async () => {
      const data = (await db.settings.get(keyOf(station)))?.value ?? stationOf(station).blank;
      await db.settings.put({ key: keyOf(station), value: change(data) });
    }),
  );
}

/** Throws the quick check away; returns the way back. */
export async function clearBench(station: StationId): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  const before = await db.settings.get(keyOf(station));
  const isCleared = await keep(() => db.settings.delete(keyOf(station)));
  if (!isCleared) return null;
  return () => keep(async () => (before ? db.settings.put(before) : undefined));
}

/** Clips the quick check to a card, in place of what the card has at that station, and clears the bench. */
export async function clipBench(station: StationId, id: TravellerId): Promise<boolean> {
  const draft = await database().settings.get(keyOf(station));
  if (!draft) return false;
  const isClipped = await updateStation(id, station, () => draft.value as never);
  if (isClipped) await clearBench(station);
  return isClipped;
}
