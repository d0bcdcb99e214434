import type { StationId } from "../stations";
import type { TravellerAssessment } from "./assess-traveller";

/**
 * Decided and proved, or skipped with a reason, the proof does not contradict the decision, and nothing lies open: nothing is
 * left but to sign off.
 * @param assessment everything known of the card
 * @returns true when it can be signed off
 */
export function isReadyToFinish({ stations, facts }: TravellerAssessment): boolean {
  const isClosed = (id: StationId): boolean => stations[id].stamp !== "not-done";
  const { stamp, detail } = stations.prove;
  const isProved = stamp === "skipped" || detail.lacks.length === 0;
  return !facts.isApart && isClosed("decide") && isClosed("prove") && detail.doubts.length === 0 && isProved;
}
