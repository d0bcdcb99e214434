"use client";
import type { StationData, StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { changeRow, remember, setKeeping, settled } from "./change-row";
import { rowInHand } from "./in-hand";
import { database } from "./database";
import * as keeping from "./keeping";
import { useLive, useLeftUnsaved, type Live } from "./live";
import { benchKey, toDraft, type Draft } from "./bench-row";
import { attempt } from "./storage-status";
import { dropUnsaved, withUnsaved } from "./unsaved";
import { updateStation } from "./write";

setKeeping(keeping);

async function readDraft(station: StationId): Promise<Draft> {
  const kept = await database().settings.get(benchKey(station));
  const row = toDraft(station, kept && { ...kept });
  remember("bench", station, row);
  return row;
}

/** The quick check in hand, live; the blank record when there is none. */
export function useBenchDraft(station: StationId): Live<StationData<StationId>> {
  const kept = useLive(() => readDraft(station), [station]);
  const left = useLeftUnsaved();
  return kept.state === "ready" ? { state: "ready", value: (withUnsaved("bench", station, kept.value, left) ?? kept.value).value } : kept;
}

/** Changes the quick check; kept at once, so that nothing typed is lost. */
export async function updateBench(
  station: StationId,
  change: (data: StationData<StationId>, at: string) => StationData<StationId>,
): Promise<boolean> {
  return changeRow("bench", station, (row, at) => {
    const kept = toDraft(station, row);
    return { ...kept, value: change(kept.value, at) };
  });
}

/** The quick check as this tab last saw or changed it. */
export const draftInHand = (station: StationId): StationData<StationId> => toDraft(station, rowInHand("bench", station)).value;

/** Throws the quick check away; returns the way back. */
export async function clearBench(station: StationId): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  // A key pressed just before would put it back.
  await settled("bench", station);
  const before = await db.settings.get(benchKey(station));
  const isCleared = await attempt(() => db.settings.delete(benchKey(station)));
  if (!isCleared) return null;
  dropUnsaved({ kind: "bench", key: station });
  return () => attempt(async () => (before ? db.settings.put(before) : undefined));
}

/** Clips the quick check to a card, in place of what the card has at that station, and clears the bench. */
export async function clipBench(station: StationId, id: TravellerId): Promise<boolean> {
  const draft = await readDraft(station);
  const isClipped = await updateStation(id, station, () => draft.value);
  if (isClipped) await clearBench(station);
  return isClipped;
}
