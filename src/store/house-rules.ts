"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { houseType, toHouse, UNSET_HOUSE, type House, type HouseRecord } from "@/records";
import { remember } from "./change-row";
import { database } from "./database";
import { useLeftUnsaved, useOpenFailure } from "./live";
import { soundRow } from "./sound-row";
import { withUnsaved } from "./unsaved";

/** The house's own record, live; null while it is being read. */
export function useHouseRecord(): HouseRecord | null {
  const record = useLiveQuery(async () => {
    try {
      const kept = soundRow(houseType, (await database().house.get("house")) ?? UNSET_HOUSE);
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
