import { freshRecord, renewedStations, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { openPage } from "@/components/open-page";
import { fitText } from "@/core/kept";
import { STATIONS, type StationId } from "@/core/stations";
import type { Study } from "@/core/study";
import type { House, TravellerId } from "@/records";
import { readCardRows } from "@/store/card-rows";
import { assessCard, toKeptCard } from "@/store/kept-card";
import { newVisit, reopenTraveller } from "@/store/write-card";
import { saidAt } from "../stations/registry";

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
export async function reopen(id: TravellerId, isWithinCallback: boolean, house: House, study: Study): Promise<void> {
  const rows = await readCardRows(id);
  if (rows === null) return;
  const { traveller } = rows;
  if (isWithinCallback) {
    const card = toKeptCard(rows);
    await reopenTraveller(traveller, renewedRecords({ entries: card.entries, assessment: assessCard(card, house.figures, study), house }));
    return;
  }
  const visit = await newVisit(traveller, house.technician);
  if (visit !== null) openPage(`/traveller?id=${visit}&station=complaint`);
}
