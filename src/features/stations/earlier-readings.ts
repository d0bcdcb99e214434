import { STATION_IDS, type StationData, type StationId } from "@/core/stations";
import type { HouseFigures } from "@/core/house";
import type { SetAside } from "@/core/job";
import type { Stamp } from "@/core/station";
import type { TravellerAssessment } from "@/core/traveller";
import { stampWordOf } from "../station/stamp-word-of";
import { viewOf } from "./registry";

/** What was read at a station before it was read anew, in words. */
export interface EarlierReading {
  readonly why: SetAside;
  readonly at: string;
  readonly stamp: Stamp;
  readonly stampWord: string;
  readonly said: readonly string[];
}

/** What was set aside at one station, in words, the oldest first. */
export function earlierReadings(id: StationId, { rounds, facts }: TravellerAssessment, house: HouseFigures): readonly EarlierReading[] {
  const view = viewOf(id);
  return rounds[id].map(({ why, at, data, assessment }) => ({
    why,
    at,
    stamp: assessment.stamp,
    stampWord: stampWordOf(view, assessment),
    said: view.say(data as StationData<StationId>, assessment, facts, house).map(({ text }) => text),
  }));
}

/** The same of every station that has any. */
export const allEarlierReadings = (
  assessment: TravellerAssessment,
  house: HouseFigures,
): { readonly [Id in StationId]?: readonly EarlierReading[] } =>
  Object.fromEntries(
    STATION_IDS.filter((id) => assessment.rounds[id].length > 0).map((id) => [id, earlierReadings(id, assessment, house)]),
  );
