import type { TravellerAssessment } from "@/core/traveller";
import { STATION_IDS, stationOf, type StationId } from "@/core/stations";

/** How the tape is drawn at a station: live wave, open dead stretch, dead stretch not opened yet, or a change of state. */
export type Stretch = "live" | "dead" | "dead-closed" | "to-dead" | "to-dead-done" | "to-live" | "to-live-done";

/** The tape from top to bottom; the state changes only at a station of its own. */
export function stretchesOf({ stations, facts }: TravellerAssessment): Record<StationId, Stretch> {
  const isDeadOpen = facts.deadSince !== null;
  let state: "live" | "dead" = "live";
  const stretches = {} as Record<StationId, Stretch>;
  for (const id of STATION_IDS) {
    const { power } = stationOf(id).definition;
    if (power === "to-dead" || power === "to-live") {
      const isDone = stations[id].facts.power !== undefined;
      stretches[id] = isDone ? `${power}-done` : power;
      state = power === "to-dead" ? "dead" : "live";
    } else {
      stretches[id] = state === "live" ? "live" : isDeadOpen ? "dead" : "dead-closed";
    }
  }
  return stretches;
}
