"use client";
import { Dexie } from "dexie";
import { useMemo } from "react";
import type { StationId } from "@/core/stations";
import { stationRecordId, type TravellerId } from "@/records";
import { database } from "./database";
import { EVERYTHING, findCards, type LookedFor } from "./find-cards";
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

/** How many cards are on the rack, or signed off. */
export const useCount = (isOpen: 0 | 1): Live<number> => useLive(() => onRack(isOpen).count(), [isOpen]);

/** Cards with something due up to a day, the soonest first; null: all of them. */
export const useDue = (until: string | null): Live<readonly Summary[]> =>
  useRows(
    () =>
      database()
        .summaries.where("dueOn")
        .belowOrEqual(until ?? "9999")
        .toArray(),
    [until],
  );

/** How many cards have something due after a day. */
export const useDueLater = (after: string): Live<number> =>
  useLive(() => database().summaries.where("dueOn").above(after).count(), [after]);

/** Keys of what is looked for, the newest visit first, live. */
export const useFound = ({ text, marks, since, until }: LookedFor): Live<readonly TravellerId[]> => {
  const asked = marks.join(" ");
  return useLive(() => findCards(database(), { text, marks, since, until }), [text, asked, since, until]);
};

/** Summaries of certain cards, in their order, live. */
export const useSummaries = (ids: readonly TravellerId[]): Live<readonly Summary[]> =>
  useRows(async () => (await database().summaries.bulkGet([...ids])).filter((row) => row !== undefined), [ids.join(" ")]);

/** Which of certain cards have a record of a station, live; null while it is being read. */
export const useHaving = (station: StationId, ids: readonly TravellerId[]): ReadonlySet<string> | null => {
  const answer = useLive(async () => {
    const keys = ids.map((id) => stationRecordId(id, station));
    const there = new Set<string>(await database().stations.where("id").anyOf(keys).primaryKeys());
    return new Set<string>(ids.filter((_, index) => there.has(keys[index] ?? "")));
  }, [station, ids.join(" ")]);
  return answer.state === "ready" ? answer.value : null;
};

/** What was found among the cards on the rack, and among those signed off; missing where nothing is looked for. */
export const useFoundOnRack = (text: string, most: number): Live<Readonly<Record<"open" | "finished", Found>>> =>
  useLive(async () => (text.trim() === "" ? null : findOnRack(text, most)), [text, most]);

/** The first of what was found, and how many there are. */
export interface Found {
  readonly rows: readonly Summary[];
  readonly count: number;
}

async function findOnRack(text: string, most: number): Promise<Readonly<Record<"open" | "finished", Found>>> {
  const db = database();
  return db.transaction("r", [db.summaries], async () => {
    const [found, openKeys] = await Promise.all([findCards(db, { ...EVERYTHING, text }), onRack(1).primaryKeys()]);
    const open = new Set(openKeys);
    const pick = async (ids: readonly TravellerId[]): Promise<Found> => ({
      rows: (await db.summaries.bulkGet(ids.slice(0, most))).filter((row) => row !== undefined),
      count: ids.length,
    });
    return {
      open: await pick(found.filter((id) => open.has(id))),
      finished: await pick(found.filter((id) => !open.has(id))),
    };
  });
}
