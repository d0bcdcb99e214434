"use client";
import { Dexie } from "dexie";
import { useMemo, useSyncExternalStore } from "react";
import type { StationId } from "@/core/stations";
import { stationRecordId, type StationRecord, type TravellerId } from "@/records";
import { database } from "./database";
import { findIndex, type Counts, type FoundCard, type LookedFor } from "./find-cards";
import { useLeftUnsaved, useLive, type Live } from "./live";
import type { Summary } from "./summary";
import { withUnsaved, type Unsaved } from "./unsaved";

/* Lists read summaries, never cards: a page of them by an index, or keys alone. */

/** Names that are not kept yet are shown over those that are. */
const asLeft = (rows: readonly Summary[], left: readonly Unsaved[]): readonly Summary[] =>
  left.length === 0 ? rows : rows.map((row) => withUnsaved("traveller", row.id, row, left) ?? row);

function useRows(read: () => Promise<readonly Summary[]>, dependencies: readonly unknown[]): Live<readonly Summary[]> {
  const kept = useLive(read, dependencies);
  const left = useLeftUnsaved();
  return useMemo(() => (kept.state === "ready" ? { state: "ready", value: asLeft(kept.value, left) } : kept), [kept, left]);
}

/** Cards on the rack (1) or signed off (0), the last touched first. */
const onRack = (isOpen: 0 | 1) => database().summaries.where("[isOpen+updatedAt]").between([isOpen, Dexie.minKey], [isOpen, Dexie.maxKey]);

/** The first cards on the rack, or of those signed off, the last touched first. */
export const useNewest = (isOpen: 0 | 1, most: number): Live<readonly Summary[]> =>
  useRows(() => onRack(isOpen).reverse().limit(most).toArray(), [isOpen, most]);

/** How many cards are on the rack, or signed off; counted no further than `most`, since counting reads every key. */
export const useCount = (isOpen: 0 | 1, most: number): Live<number> =>
  useLive(async () => (await onRack(isOpen).limit(most).primaryKeys()).length, [isOpen, most]);

/** Days from which and to which something is due, both included, `YYYY-MM-DD`. */
export interface DueSpan {
  readonly from: string;
  readonly to: string;
}

const dueIn = ({ from, to }: DueSpan) => database().summaries.where("dueDays").between(from, to, true, true);

/** Cards with something due within some days, the soonest first, so many at most. */
export const useDue = (span: DueSpan, most: number): Live<readonly Summary[]> =>
  useRows(() => dueIn(span).distinct().limit(most).toArray(), [span.from, span.to, most]);

/** How many of them there are, counted no further than `most`. */
export const useDueCount = (span: DueSpan, most: number): Live<number> =>
  useLive(async () => (await dueIn(span).limit(most).primaryKeys()).length, [span.from, span.to, most]);

/** All cards with something due within some days, read once, the soonest first. */
export const readDue = async (span: DueSpan): Promise<readonly Summary[]> => dueIn(span).distinct().toArray();

/** The newest visits, to show while the keys of all are read. */
export const useNewestVisits = (most: number): Live<readonly Summary[]> =>
  useRows(() => database().summaries.orderBy("createdAt").reverse().limit(most).toArray(), [most]);

/** Keys of all visits, the newest first, live; nothing is read before it is asked for. */
export const useAllVisits = (isAsked: boolean): Live<readonly TravellerId[]> =>
  useLive(async () => (isAsked ? (await database().summaries.orderBy("createdAt").primaryKeys()).reverse() : null), [isAsked]);

const NOBODY = () => () => undefined;

/**
 * What is looked for among all cards, the newest visit first, live.
 * @param wanted null: nothing is looked for, and nothing is read
 * @returns null where nothing is looked for; undefined while everything is read for the first time
 */
export function useFound(wanted: LookedFor | null): readonly FoundCard[] | null | undefined {
  const isOn = wanted !== null;
  const index = findIndex(database());
  const state = useSyncExternalStore(isOn ? index.follow : NOBODY, index.state, () => null);
  return useMemo(() => {
    if (wanted === null) return null;
    return state === null ? undefined : index.find(wanted);
  }, [index, state, wanted]);
}

/** How many of what is found have what else could be asked for, live; null: nobody asks, or everything is still being read. */
export function useCounts(wanted: LookedFor, isAsked: boolean): Counts | null {
  const index = findIndex(database());
  const state = useSyncExternalStore(isAsked ? index.follow : NOBODY, index.state, () => null);
  return useMemo(() => (state === null || !isAsked ? null : index.count(wanted)), [index, state, wanted, isAsked]);
}

/** Visits made between two moments, the first included, the oldest first, live. */
export const useVisitsBetween = (from: string, to: string): Live<readonly Summary[]> =>
  useRows(() => database().summaries.where("createdAt").between(from, to, true, false).toArray(), [from, to]);

/** Visits to one motor, the oldest first, live. */
export const useVisitsOf = (motor: string): Live<readonly Summary[]> =>
  useRows(() => database().summaries.where("[motor+createdAt]").between([motor, Dexie.minKey], [motor, Dexie.maxKey]).toArray(), [motor]);

/** Summaries of certain cards, in their order, live. */
export const useSummaries = (ids: readonly TravellerId[]): Live<readonly Summary[]> =>
  useRows(async () => (await database().summaries.bulkGet([...ids])).filter((row) => row !== undefined), [ids.join(" ")]);

/** Certain cards with everything keyed on them, read once: what is to be written out of them. */
export async function readCards(
  ids: readonly TravellerId[],
): Promise<{ readonly cards: readonly Summary[]; readonly rows: readonly StationRecord[] }> {
  const db = database();
  const [cards, rows] = await Promise.all([
    db.summaries.bulkGet([...ids]),
    db.stations
      .where("travellerId")
      .anyOf([...ids])
      .toArray(),
  ]);
  return { cards: cards.filter((row) => row !== undefined), rows };
}

/** What was keyed at the stations of certain cards, live. */
export const useRowsOf = (ids: readonly TravellerId[]): Live<readonly StationRecord[]> =>
  useLive(
    () =>
      database()
        .stations.where("travellerId")
        .anyOf([...ids])
        .toArray(),
    [ids.join(" ")],
  );

/** Which of certain cards have a record of a station, live; null while it is being read. */
export const useHaving = (station: StationId, ids: readonly TravellerId[]): ReadonlySet<string> | null => {
  const answer = useLive(async () => {
    const keys = ids.map((id) => stationRecordId(id, station));
    const there = new Set<string>(await database().stations.where("id").anyOf(keys).primaryKeys());
    return new Set<string>(ids.filter((_, index) => there.has(keys[index] ?? "")));
  }, [station, ids.join(" ")]);
  return answer.state === "ready" ? answer.value : null;
};
