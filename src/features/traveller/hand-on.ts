import { STATION_IDS, type StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import type { NextStation } from "./worked";
import type { CardAnswer } from "./card-answer";

/**
 * Where hands go on that are on the probes: to what the card asks for where that is measured, else to the next station that is, as
 * long as the power is as it has to be there. What is felt, looked at or keyed waits until the probes are put down.
 */
export function handOn(places: CardAnswer["places"], station: StationId, next: NextStation | null): NextStation | null {
  const isMeasured = (id: StationId): boolean => STATION_LABELS[id].isMetered === true && id !== station;
  if (next && isMeasured(next.target)) return next;
  const behind = STATION_IDS.slice(STATION_IDS.indexOf(station) + 1);
  const found = behind.find((id) => {
    const { stamp, beside, ways } = places[id];
    return isMeasured(id) && stamp === "not-done" && beside === null && ways[0]?.gate === null && ways[0].power !== "to-dead";
  });
  return found ? { title: STATION_LABELS[found].title, target: found, method: null } : next;
}
