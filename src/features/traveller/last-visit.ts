import { STATION_IDS, stationOf, type StationId } from "@/core/stations";
import type { HouseFigures } from "@/core/house";
import type { Study } from "@/core/study";
import { assessTraveller, fittedPlate, outlasting, takenOver } from "@/core/traveller";
import type { CardRows } from "@/store/card-rows";
import { toEntries, toVisits } from "@/store/kept-card";
import { isPhoto, swapTexts } from "@/store/photos";
import { soundStations } from "@/store/sound";
import { listedAt, saidAt } from "../stations/registry";
import { stampWord } from "../stations/stamp-word";
import type { LastStation, LastVisit } from "./card-answer";

/** Photos of a record, wherever they stand in it. */
function photosIn(data: unknown): readonly string[] {
  const found: string[] = [];
  swapTexts(data, (text) => {
    if (isPhoto(text)) found.push(text);
    return undefined;
  });
  return found;
}

/** Who was made safe then says nothing of now, and what was asked before power then is asked anew. */
const isOfThen = (id: StationId): boolean => ["to-dead", "to-live"].includes(stationOf(id).definition.power);

/**
 * The visit before this one, in words; the card it came back from counts before any other.
 * @param request rows of the card and of its earlier visits
 * @returns null: nobody was here before
 */
export function lastVisit({ traveller, earlier }: CardRows, house: HouseFigures, study: Study): LastVisit | null {
  const visit = earlier.find(({ id }) => id === traveller.callbackOf) ?? earlier.at(-1);
  if (visit === undefined) return null;
  const entries = toEntries(soundStations(visit.rows));
  // It was judged in the light of the visits before it, and so it is told.
  const before = toVisits(earlier.filter(({ at }) => at < visit.at));
  const assessment = assessTraveller(entries, house, before, study, { at: visit.at });
  const lasting = outlasting(entries);
  const station = (id: StationId): LastStation => ({
    stamp: assessment.stations[id].stamp,
    stampWord: stampWord(id, assessment),
    said: [...saidAt(id, entries[id]?.data, assessment, house), ...listedAt(id, entries[id]?.data)],
    photos: photosIn(entries[id]?.data),
    takes: (id === "plate" ? fittedPlate(entries) : null) ?? (lasting.includes(id) ? takenOver(id, entries[id]?.data) : null),
  });
  const kept = STATION_IDS.filter((id) => entries[id] !== undefined && !isOfThen(id));
  return {
    id: visit.id,
    at: visit.at,
    isCallback: visit.id === traveller.callbackOf,
    // What was decided, and what went in: the next visit is to that part.
    repair: (["decide", "out-in"] as const).flatMap((id) => {
      const entry = entries[id];
      return entry ? saidAt(id, entry.data, assessment, house) : [];
    }),
    stations: Object.fromEntries(kept.map((id) => [id, station(id)])),
  };
}
