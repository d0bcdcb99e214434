"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { toHouse, UNSET_HOUSE, type House, type HouseRecord, type TravellerId } from "@/records";
import { useCardRows } from "./card-rows";
import { remember, setKeeping } from "./change-row";
import { database } from "./database";
import * as keeping from "./keeping";
import { toKeptCard, type KeptCard } from "./kept-card";
import { useLeftUnsaved, useOpenFailure, type Live } from "./live";
import { soundRecord } from "./sound";
import { withUnsaved } from "./unsaved";

export { assessKept, type KeptCard } from "./kept-card";
export { type Live } from "./live";

setKeeping(keeping);

/** One card with what was keyed on it and its earlier visits, every row held against its schema, live. */
export function useCard(id: TravellerId | null): Live<KeptCard> {
  const card = useCardRows(id);
  const rows = card.state === "ready" ? card.value : null;
  const value = useMemo(() => rows && toKeptCard(rows), [rows]);
  return value ? { state: "ready", value } : (card as Exclude<typeof card, { state: "ready" }>);
}

/** The house's own record, live; null while it is being read. */
export function useHouseRecord(): HouseRecord | null {
  const record = useLiveQuery(async () => {
    try {
      const kept = soundRecord("house", (await database().house.get("house")) ?? UNSET_HOUSE);
      remember("house", "house", kept);
      return kept;
    } catch {
      // The banner tells what is wrong with storage; the defaults keep the sums right meanwhile.
      return UNSET_HOUSE;
    }
  }, []);
  const failure = useOpenFailure();
  const left = useLeftUnsaved();
  return useMemo(() => {
    const known = record ?? (failure ? UNSET_HOUSE : null);
    return known ? (withUnsaved("house", "house", known, left) ?? known) : null;
  }, [record, failure, left]);
}

/** House rules in force, live: own figures over the defaults. */
export function useHouse(): House | null {
  const record = useHouseRecord();
  return useMemo(() => (record ? toHouse(record) : null), [record]);
}
