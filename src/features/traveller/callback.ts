"use client";
import type { ActionId } from "@/core/trade";
import type { StationEntries, TravellerAssessment } from "@/core/traveller";
import { useState } from "react";
import { openPage } from "@/components/open-page";
import { stationOf, type StationId } from "@/core/stations";
import type { House, Traveller } from "@/records";
import { newVisit, reopenTraveller } from "@/store/write";
import type { CaseProps } from "../line-up/case-props";
import { saidAt } from "../stations/registry";

const DAY_MS = 86_400_000;

/** Whether a callback still belongs to a card that was signed off; null while it is on the rack. */
export function useFinished(finishedAt: string | null, callbackDays: number): CaseProps["finished"] {
  const [now] = useState(() => Date.now());
  return finishedAt === null ? null : { callbackDays, isWithinCallback: now - Date.parse(finishedAt) <= callbackDays * DAY_MS };
}

/** Stations whose figures are of a part that was replaced: they are taken anew, the old ones stay as a note. */
const RENEWED_BY: Partial<Record<ActionId, readonly StationId[]>> = {
  "replace-run-capacitor": ["capacitor"],
  "replace-start-capacitor": ["capacitor"],
  "service-start-switch": ["start-gear"],
  "replace-start-relay": ["start-gear"],
  "replace-bearings": ["hand-turn"],
  "replace-motor": ["capacitor", "windings", "frame", "insulation", "start-gear", "hand-turn"],
  "repair-wiring-or-supply": ["supply"],
  "repair-control": ["supply"],
  "free-load": ["hand-turn", "uncoupled-run"],
};
/** The repair came after every run: none of them speaks of the motor as it is now. */
const ALWAYS_RENEWED: readonly StationId[] = ["run-test", "uncoupled-run", "take-apart", "prove"];
/** What a fresh record keeps, since the part's place did not change. */
const KEEPS: Partial<Record<StationId, readonly string[]>> = { capacitor: ["label"], "start-gear": ["sort"] };

const NOTE_LENGTH = 2000;

interface Standing {
  readonly entries: StationEntries;
  readonly assessment: TravellerAssessment;
  readonly house: House;
}

/** Records that start anew when a card comes back, each with what stood there in its note. */
export function renewedRecords({ entries, assessment, house }: Standing): Partial<Record<StationId, unknown>> {
  const decided = entries.decide?.data as { action?: ActionId | null; also?: ActionId | null } | undefined;
  const actions = [decided?.action, decided?.also].filter((action) => action != null);
  const stations = new Set<StationId>([...actions.flatMap((action) => RENEWED_BY[action] ?? []), ...ALWAYS_RENEWED]);
  const said = (station: StationId): string => saidAt(station, entries[station]?.data, assessment, house.figures).join(" ");
  const renewed = [...stations]
    .filter((station) => entries[station] !== undefined)
    .map((station) => {
      const before = entries[station]?.data as Record<string, unknown>;
      const kept = Object.fromEntries((KEEPS[station] ?? []).map((field) => [field, before[field]]));
      const note = `Before it came back: ${said(station)}`.slice(0, NOTE_LENGTH);
      return [station, { ...(stationOf(station).blank as object), ...kept, note }];
    });
  const decide = entries.decide?.data as { machineYears?: string; isCustom?: boolean; earlier?: string } | undefined;
  const earlier = [decide?.earlier ?? "", said("decide")].filter(Boolean).join(" ").slice(0, NOTE_LENGTH);
  return {
    ...(Object.fromEntries(renewed) as Partial<Record<StationId, unknown>>),
    decide: {
      ...(stationOf("decide").blank as object),
      machineYears: decide?.machineYears ?? "",
      isCustom: decide?.isCustom ?? false,
      earlier,
    },
  };
}

/** Within the house's days the card itself is opened again with its evidence; later it is a new visit to the same motor. */
export async function reopen(traveller: Traveller, isWithinCallback: boolean, standing: Standing): Promise<void> {
  if (isWithinCallback) {
    await reopenTraveller(traveller, renewedRecords(standing));
    return;
  }
  const id = await newVisit(traveller, standing.house.technician);
  if (id !== null) openPage(`/traveller?id=${id}&station=complaint`);
}
