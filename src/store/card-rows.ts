"use client";
import { useMemo, useState } from "react";
import { STATION_IDS } from "@/core/stations";
import { stationRecordId, travellerType, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { remember } from "./change-row";
import { database } from "./database";
import { readEarlierRows, type EarlierRows } from "./earlier-rows";
import { useLeftUnsaved, useLive, type Live } from "./live";
import { soundRow } from "./sound-row";
import { motorOf } from "./summary";
import { allWithUnsaved, unsaved, withUnsaved } from "./unsaved";

/** A card as it lies in the tables, with what is not kept yet: its stations' rows were not held against their schemas. */
export interface CardRows {
  readonly traveller: Traveller;
  readonly rows: readonly StationRecord[];
  /** the oldest first */
  readonly earlier: readonly EarlierRows[];
}

async function readRows(id: TravellerId): Promise<Omit<CardRows, "earlier"> | null> {
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
  return traveller ? { traveller: soundRow(travellerType, traveller), rows } : null;
}

const NO_VISITS: readonly EarlierRows[] = [];

/** Earlier visits, live; while another name is typed, those of the last one stand, and nothing flickers. */
function useEarlier(traveller: Traveller | null): readonly EarlierRows[] | null {
  const motor = traveller ? motorOf(traveller) : null;
  const answer = useLive(
    async () => (traveller === null ? null : readEarlierRows(database(), traveller)),
    [motor, traveller?.createdAt, traveller?.callbackOf],
  );
  const found = answer.state === "ready" ? answer.value : answer.state === "failed" ? NO_VISITS : null;
  const [last, setLast] = useState(found);
  if (found !== null && found !== last) setLast(found);
  return found ?? last;
}

/** Rows as the person left them: as they are kept, with what is not kept yet. */
function leftRows({ traveller: kept, rows }: Omit<CardRows, "earlier">, left = unsaved()): Omit<CardRows, "earlier"> {
  const traveller = withUnsaved("traveller", kept.id, kept, left) ?? kept;
  return { traveller, rows: allWithUnsaved("station", rows, ({ travellerId }) => travellerId === traveller.id, left) };
}

/** One card as it is now; null: there is none. */
export async function readCardRows(id: TravellerId): Promise<CardRows | null> {
  const found = await readRows(id);
  if (found === null) return null;
  const own = leftRows(found);
  return { ...own, earlier: await readEarlierRows(database(), own.traveller) };
}

/** One card with what was keyed on it and its earlier visits, live: changes of another tab arrive by themselves. */
export function useCardRows(id: TravellerId | null): Live<CardRows> {
  const kept = useLive(async () => (id === null ? null : readRows(id)), [id]);
  const left = useLeftUnsaved();
  const found = kept.state === "ready" ? kept.value : null;
  const own = useMemo(() => found && leftRows(found, left), [found, left]);
  const earlier = useEarlier(own?.traveller ?? null);
  const card = useMemo(() => (own && earlier ? { ...own, earlier } : null), [own, earlier]);
  if (kept.state !== "ready") return kept;
  return card ? { state: "ready", value: card } : { state: "loading" };
}
