"use client";
import type { EarlierVisit } from "@/core/station";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useState } from "react";
import { STATION_IDS } from "@/core/stations";
import {
  stationRecordId,
  toHouse,
  UNSET_HOUSE,
  type House,
  type HouseRecord,
  type StationRecord,
  type Traveller,
  type TravellerId,
} from "@/records";
import { remember, setKeeping } from "./change-row";
import { database } from "./database";
import * as keeping from "./keeping";
import { readEarlier, toEntries, type KeptCard } from "./kept-card";
import { useLeftUnsaved, useLive, useOpenFailure, type Live } from "./live";
import { soundRecord, soundStations } from "./sound";
import { motorOf } from "./summary";
import { allWithUnsaved, withUnsaved } from "./unsaved";

export { assessCard, assessKept, assessWithout, type KeptCard } from "./kept-card";
export { useLeftUnsaved, type Live } from "./live";

setKeeping(keeping);

interface CardRows {
  readonly traveller: Traveller;
  readonly rows: readonly StationRecord[];
}

async function readRows(id: TravellerId): Promise<CardRows | null> {
  const db = database();
  const [traveller, rows] = await Promise.all([db.travellers.get(id), db.stations.where("travellerId").equals(id).toArray()]);
  remember("traveller", id, traveller);
  for (const station of STATION_IDS) {
    const key = stationRecordId(id, station);
    remember(
      "station",
      key,
      rows.find((row) => row.id === key),
    );
  }
  return traveller ? { traveller: soundRecord("traveller", traveller), rows: soundStations(rows) } : null;
}

const NO_VISITS: readonly EarlierVisit[] = [];

/** Earlier visits, live; while another name is typed, those of the last one stand, and nothing flickers. */
function useEarlier(traveller: Traveller | null): readonly EarlierVisit[] | null {
  const motor = traveller ? motorOf(traveller) : null;
  const before = traveller?.createdAt ?? "";
  const answer = useLive(async () => (motor === null ? null : readEarlier(database(), motor, before)), [motor, before]);
  const found = answer.state === "ready" ? answer.value : answer.state === "failed" ? NO_VISITS : null;
  const [last, setLast] = useState(found);
  if (found !== null && found !== last) setLast(found);
  return found ?? last;
}

/** One card with what was keyed on it and its earlier visits, live: changes of another tab arrive by themselves. */
export function useCard(id: TravellerId | null): Live<KeptCard> {
  const kept = useLive(async () => (id === null ? null : readRows(id)), [id]);
  const left = useLeftUnsaved();
  const rows = kept.state === "ready" ? kept.value : null;
  const own = useMemo(() => {
    if (rows === null) return null;
    const traveller = withUnsaved("traveller", rows.traveller.id, rows.traveller, left) ?? rows.traveller;
    const stations = allWithUnsaved("station", rows.rows, ({ travellerId }) => travellerId === traveller.id, left);
    return { traveller, entries: toEntries(stations) };
  }, [rows, left]);
  const earlier = useEarlier(own?.traveller ?? null);
  const card = useMemo(() => (own && earlier ? { ...own, earlier } : null), [own, earlier]);
  if (kept.state !== "ready") return kept;
  return card ? { state: "ready", value: card } : { state: "loading" };
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
