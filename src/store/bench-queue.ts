"use client";
import { isLoose, type Loose } from "@/core/kept";
import type { StationData, StationId } from "@/core/stations";
import { BENCH_KEYS, benchKey, type Draft } from "./bench-key";
import { loadKeeping, settled } from "./change-row";
import type { toDraft as toDraftOf } from "./bench-row";
import { database } from "./database";
import { useLive, type Live } from "./live";
import { attempt } from "./storage-status";
import { dropUnsaved } from "./unsaved";

/** A quick check that was laid aside for the next one in the row. */
export interface LaidAside {
  /** when, ISO 8601: tells it from the others */
  readonly at: string;
  readonly value: StationData<StationId>;
}

/** The last so many are kept: a row of parts is checked in one go. */
const MOST = 60;

const rowKey = (station: StationId): string => `${BENCH_KEYS}row/${station}`;

const listOf = (kept: Loose | undefined): readonly unknown[] => (Array.isArray(kept?.value) ? kept.value : []);

/** What is kept of the row: each as its schema has it, whatever one of them holds. */
function toRow(station: StationId, kept: Loose | undefined, toDraft: typeof toDraftOf): readonly LaidAside[] {
  const list = listOf(kept);
  return list.flatMap((each) =>
    isLoose(each) && typeof each.at === "string" ? [{ at: each.at, value: toDraft(station, { ...kept, value: each.value }).value }] : [],
  );
}

/** Checks laid aside at a station, the last first, live. */
export const useBenchQueue = (station: StationId): Live<readonly LaidAside[]> =>
  useLive(async () => {
    const row = await kept(rowKey(station));
    return listOf(row).length === 0 ? [] : toRow(station, row, (await loadKeeping()).toDraft);
  }, [station]);

const kept = async (key: string): Promise<Loose | undefined> => {
  const row = await database().settings.get(key);
  return row && { ...row };
};

/** Changes what is in hand and what is laid aside, together. */
async function turn(
  station: StationId,
  change: (
    inHand: Draft | null,
    row: readonly LaidAside[],
  ) => { readonly inHand: StationData<StationId> | null; readonly row: readonly LaidAside[] },
): Promise<boolean> {
  const db = database();
  // A key pressed just before belongs to the check that is laid aside.
  await settled("bench", station);
  const isKept = await attempt(async () => {
    const { toDraft } = await loadKeeping();
    await db.transaction("rw", [db.settings], async () => {
      const [draft, row] = await Promise.all([db.settings.get(benchKey(station)), db.settings.get(rowKey(station))]);
      const next = change(draft ? toDraft(station, { ...draft }) : null, toRow(station, row && { ...row }, toDraft));
      const { version } = toDraft(station, undefined);
      if (next.inHand === null) await db.settings.delete(benchKey(station));
      else await db.settings.put({ ...toDraft(station, undefined), value: next.inHand } as never);
      await db.settings.put({ key: rowKey(station), value: next.row.slice(0, MOST), version } as never);
    });
  });
  if (isKept) dropUnsaved({ kind: "bench", key: station });
  return isKept;
}

/** Lays the check in hand aside and begins the next one; nothing is lost. @param at now, ISO 8601 */
export const layAside = (station: StationId, at: string): Promise<boolean> =>
  turn(station, (inHand, row) => ({ inHand: null, row: inHand ? [{ at, value: inHand.value }, ...row] : row }));

/** Takes a check in hand again; the one in hand is laid aside in its place. */
export const takeInHand = (station: StationId, at: string, now: string): Promise<boolean> =>
  turn(station, (inHand, row) => {
    const wanted = row.find((each) => each.at === at);
    if (wanted === undefined) return { inHand: inHand?.value ?? null, row };
    const rest = row.filter((each) => each !== wanted);
    return { inHand: wanted.value, row: inHand ? [{ at: now, value: inHand.value }, ...rest] : rest };
  });

/** Throws away what is laid aside; what is in hand stays. */
export const clearQueue = (station: StationId): Promise<boolean> => turn(station, (inHand) => ({ inHand: inHand?.value ?? null, row: [] }));
