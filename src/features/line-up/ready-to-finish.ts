import type { TravellerAssessment } from "@/core/traveller";
import type { StationId } from "@/core/stations";
import type { ProveDetail } from "@/core/stations/prove";

/** Decided and proved, or skipped with a reason, the proof does not contradict the decision, and nothing lies open: nothing is left but to sign off. */
export function isReadyToFinish({ stations, facts }: TravellerAssessment): boolean {
  const isClosed = (id: StationId): boolean => stations[id].stamp !== "not-done";
  return !facts.isApart && isClosed("decide") && isClosed("prove") && (stations.prove.detail as ProveDetail).doubts.length === 0;
}
