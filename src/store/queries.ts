"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import type { Failure } from "@/core/result";
import type { EarlierVisit, StationEntries } from "@/core/stations";
import {
  motorKey,
  toHouse,
  UNSET_HOUSE,
  type House,
  type HouseRecord,
  type StationRecord,
  type Traveller,
  type TravellerId,
} from "@/records";
import { database } from "./database";
import { openFailure, storageFailure, subscribeStorage, toStorageFailure } from "./storage-status";

/** A live answer: still being read, not there, not readable, or there. */
export type Live<T> =
  | { readonly state: "loading" }
  | { readonly state: "missing" }
  | { readonly state: "failed"; readonly failure: Failure }
  | { readonly state: "ready"; readonly value: T };

/** A traveller with everything keyed on it. */
export interface TravellerWithEntries {
  readonly traveller: Traveller;
  readonly entries: StationEntries;
}

const toEntries = (rows: readonly StationRecord[]): StationEntries =>
  Object.fromEntries(rows.map((row) => [row.stationId, { data: row.data, skippedReason: row.skippedReason }]));

/** Why the database did not open. Live queries are not even run in a browser without storage, so this opens it itself. */
function useOpenFailure(): Failure | null {
  useEffect(() => void database(), []);
  return useSyncExternalStore(subscribeStorage, openFailure, () => null);
}

/** A live read: loading, failed, missing (null) or ready. */
export function useLive<T>(read: () => Promise<T | null>, dependencies: readonly unknown[]): Live<T> {
  const answer = useLiveQuery(async (): Promise<Live<T>> => {
    try {
      const value = await read();
      return value === null ? { state: "missing" } : { state: "ready", value };
    } catch (error) {
      return { state: "failed", failure: toStorageFailure(error) };
    }
  }, [...dependencies]);
  const failure = useOpenFailure();
  return answer ?? (failure ? { state: "failed", failure } : { state: "loading" });
}

/** One traveller, live: changes of another tab arrive by themselves. */
export function useTraveller(id: TravellerId | null): Live<TravellerWithEntries> {
  return useLive(async () => {
    if (id === null) return null;
    const db = database();
    const [traveller, rows] = await Promise.all([db.travellers.get(id), db.stations.where("travellerId").equals(id).toArray()]);
    return traveller ? { traveller, entries: toEntries(rows) } : null;
  }, [id]);
}

const NO_VISITS: readonly EarlierVisit[] = [];

async function readEarlierVisits(key: string, before: string): Promise<readonly EarlierVisit[]> {
  const db = database();
  const cards = (await db.travellers.toArray()).filter((card) => motorKey(card) === key && card.createdAt < before);
  return Promise.all(
    cards
      .sort((a, b) => a.createdAt.localeCompare(b.createdAt))
      .map(async ({ id, createdAt }) => {
        const rows = await db.stations.where("travellerId").equals(id).toArray();
        return { at: createdAt, records: Object.fromEntries(rows.map((row) => [row.stationId, row.data])) };
      }),
  );
}

/**
 * Earlier visits to the motor of this card, the oldest first; empty until they were read. Read once a card: they are
 * past, and a live query would read them again with every key of the present visit.
 */
export function useEarlierVisits(traveller: Traveller): readonly EarlierVisit[] {
  const key = motorKey(traveller);
  const before = traveller.createdAt;
  const [found, setFound] = useState<{ readonly key: string; readonly visits: readonly EarlierVisit[] } | null>(null);
  useEffect(() => {
    if (key === null) return;
    let isStale = false;
    const tell = (visits: readonly EarlierVisit[]): void => {
      if (!isStale) setFound({ key, visits });
    };
    // Without them the card still works; the screen that reads the card itself tells what is wrong with storage.
    readEarlierVisits(key, before).then(tell, () => tell(NO_VISITS));
    return () => {
      isStale = true;
    };
  }, [key, before]);
  return found !== null && found.key === key ? found.visits : NO_VISITS;
}

/** All travellers with their entries, the last touched first. */
export function useTravellers(): Live<readonly TravellerWithEntries[]> {
  return useLive(async () => {
    const db = database();
    const [travellers, rows] = await Promise.all([db.travellers.orderBy("updatedAt").reverse().toArray(), db.stations.toArray()]);
    const byTraveller = new Map<TravellerId, StationRecord[]>();
    for (const row of rows) byTraveller.set(row.travellerId, [...(byTraveller.get(row.travellerId) ?? []), row]);
    return travellers.map((traveller) => ({ traveller, entries: toEntries(byTraveller.get(traveller.id) ?? []) }));
  }, []);
}

/** The house's own record, live; null while it is being read. */
export function useHouseRecord(): HouseRecord | null {
  const record = useLiveQuery(async () => {
    try {
      return (await database().house.get("house")) ?? UNSET_HOUSE;
    } catch {
      // The banner tells what is wrong with storage; the defaults keep the sums right meanwhile.
      return UNSET_HOUSE;
    }
  }, []);
  const failure = useOpenFailure();
  return record ?? (failure ? UNSET_HOUSE : null);
}

/** House rules in force, live: own figures over the defaults. */
export function useHouse(): House | null {
  const record = useHouseRecord();
  return useMemo(() => (record ? toHouse(record) : null), [record]);
}

/** The trouble with storage that the banner shows; null when there is none. */
export function useStorageFailure(): Failure | null {
  return useSyncExternalStore(subscribeStorage, storageFailure, () => null);
}
