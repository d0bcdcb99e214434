import { STATION_IDS, stationOf, type CardFacts, type StationId } from "../stations";
import type { StationAssessments } from "./entries";

/** How the tape is drawn at a station: live wave, open dead stretch, one not opened yet, one that is over, or a change of state. */
export type Stretch = "live" | "dead" | "dead-closed" | "dead-passed" | "to-dead" | "to-dead-done" | "to-live" | "to-live-done";

/**
 * The tape from top to bottom: the state changes only at a station of its own, and is told as it is now.
 * @param assessment what each station came to, and what is known of the motor
 * @returns how the tape is drawn at each station
 */
export function stretchesOf({
  stations,
  facts,
}: {
  readonly stations: StationAssessments;
  readonly facts: Pick<CardFacts, "power" | "deadSince">;
}): Record<StationId, Stretch> {
  const dead = facts.power === "dead" ? "dead" : facts.deadSince === null ? "dead-closed" : "dead-passed";
  let state: "live" | "dead" = "live";
  const stretches = {} as Record<StationId, Stretch>;
  for (const id of STATION_IDS) {
    const { power } = stationOf(id).definition;
    if (power === "to-dead" || power === "to-live") {
      // As it is now: what was dead and has power again is a change of state that lies ahead once more.
      const isDone = power === "to-dead" ? facts.power === "dead" : stations[id].facts.power === "live";
      stretches[id] = isDone ? `${power}-done` : power;
      state = power === "to-dead" ? "dead" : "live";
    } else {
      stretches[id] = state === "live" ? "live" : dead;
    }
  }
  return stretches;
}
