"use client";
import { freshRecord, renewedStations, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { useState } from "react";
import { openPage } from "@/components/open-page";
import { fitText } from "@/core/kept";
import { STATIONS, type StationId } from "@/core/stations";
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

interface CardStanding {
  readonly entries: StationEntries;
  readonly assessment: TravellerAssessment;
  readonly house: House;
}

/** Records that start anew when a card comes back, each with what stood there in its note. */
export function renewedRecords({ entries, assessment, house }: CardStanding): Partial<Record<StationId, object>> {
  const said = (station: StationId): string => saidAt(station, entries[station]?.data, assessment, house.figures).join(" ");
  const renewed = renewedStations(entries).map((station) => [
    station,
    freshRecord(station, entries[station]?.data, fitText(`Before it came back: ${said(station)}`, "note")),
  ]);
  const decided = entries.decide?.data ?? STATIONS.decide.blank;
  const { machineYears, isCustom } = decided;
  const earlier = fitText([decided.earlier, said("decide")].filter(Boolean).join(" "), "note");
  return { ...Object.fromEntries(renewed), decide: { ...STATIONS.decide.blank, machineYears, isCustom, earlier } };
}

/** Within the house's days the card itself is opened again with its evidence; later it is a new visit to the same motor. */
export async function reopen(traveller: Traveller, isWithinCallback: boolean, standing: CardStanding): Promise<void> {
  if (isWithinCallback) {
    await reopenTraveller(traveller, renewedRecords(standing));
    return;
  }
  const id = await newVisit(traveller, standing.house.technician);
  if (id !== null) openPage(`/traveller?id=${id}&station=complaint`);
}
