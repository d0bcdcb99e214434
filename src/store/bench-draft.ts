"use client";
import type { Station } from "@/core/station";
import type { StationData, StationId } from "@/core/stations";
import { PRESENT_VERSIONS, type TravellerId } from "@/records";
import { benchKey, type Draft } from "./bench-key";
import { changeRow, loadKeeping, remember, settled } from "./change-row";
import { rowInHand } from "./in-hand";
import { database } from "./database";
import { useLive, useLeftUnsaved, type Live } from "./live";
import { salvage } from "./salvage";
import { attempt } from "./storage-status";
import { dropUnsaved, withUnsaved } from "./unsaved";
import { updateStation } from "./write";

/** What a draft is held against; the station it is of has more. */
type DraftShape = Pick<Station, "schema" | "blank">;

/** What lies on the bench, with what of it can be read; one that an older version of the program left is brought up to date first. */
async function readDraft(station: StationId, { schema, blank }: DraftShape): Promise<Draft> {
  const kept = await database().settings.get(benchKey(station));
  const version = PRESENT_VERSIONS.station;
  const row: Draft =
    kept === undefined || (kept as { version?: unknown }).version === version
      ? { key: benchKey(station), value: salvage(schema, kept?.value ?? blank, blank) as StationData<StationId>, version }
      : (await loadKeeping()).toDraft(station, { ...kept });
  remember("bench", station, row);
  return row;
}

/** The quick check in hand, live; the blank record when there is none. */
export function useBenchDraft(station: StationId, shape: DraftShape): Live<StationData<StationId>> {
  const kept = useLive(() => readDraft(station, shape), [station, shape]);
  const left = useLeftUnsaved();
  return kept.state === "ready" ? { state: "ready", value: (withUnsaved("bench", station, kept.value, left) ?? kept.value).value } : kept;
}

/** Changes the quick check; kept at once, so that nothing typed is lost. */
export const updateBench = (
  station: StationId,
  change: (data: StationData<StationId>, at: string) => StationData<StationId>,
): Promise<boolean> =>
  // A row of the bench is a draft at the present version wherever it is read.
  changeRow("bench", station, (row, at) => ({ ...row, value: change(row.value as StationData<StationId>, at) }));

/** The quick check as this tab last saw or changed it. */
export const draftInHand = (station: StationId, { blank }: DraftShape): StationData<StationId> =>
  (rowInHand("bench", station) as unknown as Draft | undefined)?.value ?? (blank as StationData<StationId>);

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
  const { toDraft } = await loadKeeping();
  const kept = await database().settings.get(benchKey(station));
  const { value } = toDraft(station, kept && { ...kept });
  const isClipped = await updateStation(id, station, () => value);
  if (isClipped) await clearBench(station);
  return isClipped;
}
