"use client";
import { stationOf, type StationId } from "@/core/stations";
import { migrateRecord, PRESENT_VERSIONS, RECORD_TYPES, type TravellerId } from "@/records";
import { changeRow, remember, settled } from "./change-row";
import { database } from "./database";
import { useLive, useLeftUnsaved, type Live } from "./live";
import { salvage } from "./salvage";
import { BENCH_KEYS } from "./rows";
import { attempt } from "./storage-status";
import { dropUnsaved, withUnsaved } from "./unsaved";
import type { Setting } from "./vemmick-database";
import { updateStation } from "./write";

const keyOf = (station: StationId): string => `${BENCH_KEYS}${station}`;

/** What lies on the bench: brought up to date, and every field that can be read kept, whatever one of them holds. */
function readRow(station: StationId, row: Setting | undefined): Setting {
  const { schema, blank } = stationOf(station);
  const kept = migrateRecord(
    RECORD_TYPES.station,
    { stationId: station, data: row?.value ?? blank },
    row?.version ?? PRESENT_VERSIONS.station,
  );
  return { key: keyOf(station), value: salvage(schema, kept.data, blank), version: PRESENT_VERSIONS.station };
}

async function readDraft(station: StationId): Promise<Setting> {
  const row = readRow(station, await database().settings.get(keyOf(station)));
  remember("bench", station, row);
  return row;
}

/** The quick check in hand, live; the blank record when there is none. */
export function useBenchDraft(station: StationId): Live<unknown> {
  const kept = useLive(() => readDraft(station), [station]);
  const left = useLeftUnsaved();
  return kept.state === "ready" ? { state: "ready", value: withUnsaved("bench", station, kept.value, left)?.value } : kept;
}

/** Changes the quick check; kept at once, so that nothing typed is lost. */
export async function updateBench(station: StationId, change: (data: unknown) => unknown): Promise<boolean> {
  return changeRow("bench", station, (row) => {
    const kept = readRow(station, row as unknown as Setting);
    return { ...kept, value: change(kept.value) };
  });
}

/** Throws the quick check away; returns the way back. */
export async function clearBench(station: StationId): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  // A key pressed just before would put it back.
  await settled("bench", station);
  const before = await db.settings.get(keyOf(station));
  const isCleared = await attempt(() => db.settings.delete(keyOf(station)));
  if (!isCleared) return null;
  dropUnsaved({ kind: "bench", key: station });
  return () => attempt(async () => (before ? db.settings.put(before) : undefined));
}

/** Clips the quick check to a card, in place of what the card has at that station, and clears the bench. */
export async function clipBench(station: StationId, id: TravellerId): Promise<boolean> {
  const draft = await readDraft(station);
  const isClipped = await updateStation(id, station, () => draft.value as never);
  if (isClipped) await clearBench(station);
  return isClipped;
}
