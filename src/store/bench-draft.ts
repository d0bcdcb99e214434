"use client";
import * as v from "valibot";
import { stationOf, type StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { database } from "./database";
import { useLive, type Live } from "./queries";
import { keep } from "./storage-status";
import { updateStation } from "./write";

/** What lies on the bench for a station: kept on this device until it is clipped to a card or thrown away. */
export const BENCH_KEYS = "bench/";
const keyOf = (station: StationId): string => `${BENCH_KEYS}${station}`;

/** A draft of an older program may have another shape; it is not worth a migration, but must not break the screen. */
async function readDraft(station: StationId): Promise<unknown> {
  const { schema, blank } = stationOf(station);
  const parsed = v.safeParse(schema, (await database().settings.get(keyOf(station)))?.value);
  return parsed.success ? parsed.output : blank;
}

/** The quick check in hand, live; the blank record when there is none. */
export function useBenchDraft(station: StationId): Live<unknown> {
  return useLive(() => readDraft(station), [station]);
}

/** Changes the quick check; kept at once, so that nothing typed is lost. */
export async function updateBench(station: StationId, change: (data: unknown) => unknown): Promise<boolean> {
  const db = database();
  return keep(() =>
    db.transaction("rw", db.settings, async () => {
      await db.settings.put({ key: keyOf(station), value: change(await readDraft(station)) });
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
  const draft = await readDraft(station);
  const isClipped = await updateStation(id, station, () => draft as never);
  if (isClipped) await clearBench(station);
  return isClipped;
}
