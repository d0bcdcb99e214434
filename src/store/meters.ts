"use client";
import { useEffect, useMemo } from "react";
import { PLAIN_PROFILE, type Profile } from "@/core/meter-line";
import { meterType, type MeterRecord } from "@/records";
import { changeRow, prepareToKeep, remember } from "./change-row";
import { database } from "./database";
import { deleteRecords } from "./delete-records";
import { rowInHand } from "./in-hand";
import { useLeftUnsaved, useLive, type Live } from "./live";
import { soundRow } from "./sound-row";
import { attempt } from "./storage-status";
import { allWithUnsaved } from "./unsaved";
import { writing } from "./vemmick-database";

/** Meters of the house whose lines are read, live, by name. */
export function useMeters(): Live<readonly MeterRecord[]> {
  useEffect(prepareToKeep, []);
  const kept = useLive(
    async (): Promise<readonly MeterRecord[]> =>
      (await database().meters.toArray()).map((row) => {
        const kept = soundRow(meterType, row);
        remember("meter", kept.id, kept);
        return kept;
      }),
    [],
  );
  const left = useLeftUnsaved();
  return useMemo(() => {
    if (kept.state !== "ready") return kept;
    const all = allWithUnsaved("meter", kept.value, () => true, left);
    return { state: "ready", value: [...all].sort((a, b) => a.profile.name.localeCompare(b.profile.name, "en", { numeric: true })) };
  }, [kept, left]);
}

/** One meter more, read like a plain line until it says otherwise; its id, or null when it could not be kept. */
export async function addMeter(name: string): Promise<string | null> {
  const id = crypto.randomUUID();
  const row: MeterRecord = { id, profile: { ...PLAIN_PROFILE, name }, updatedAt: new Date().toISOString() };
  const db = database();
  return (await attempt(() => writing(db, () => db.meters.add(row)))) ? id : null;
}

/** Changes how a meter's line is read; kept at once. */
export const updateMeter = (id: string, change: (profile: Profile) => Profile): Promise<boolean> =>
  changeRow("meter", id, (row) => ({ ...row, profile: change((row as MeterRecord).profile) }));

/** Takes a meter away; the readings it gave stay as they are. */
export function removeMeter(id: string): Promise<boolean> {
  const db = database();
  return attempt(() => writing(db, async () => void (await deleteRecords(db, "meter", [id]))));
}

/** A meter as this tab last saw or changed it. */
export const meterInHand = (id: string): MeterRecord | undefined => rowInHand("meter", id) as MeterRecord | undefined;
