import type { TravellerAssessment } from "@/core/traveller";
import type { StationId } from "@/core/stations";
import { STAMP_WORDS } from "../vocabulary/list-words";
import { viewOf } from "./registry";

/** The word on a station's stamp: its own where it has one. */
export function stampWord(id: StationId, assessment: TravellerAssessment): string {
  const own = assessment.stations[id];
  return (own.stamp === "skipped" ? null : viewOf(id).brief?.(own)) ?? STAMP_WORDS[own.stamp];
}
