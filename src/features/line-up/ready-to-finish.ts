import type { StationId, TravellerAssessment } from "@/core/stations";

/** Decided and proved, or skipped with a reason: nothing is left but to sign off. */
export function isReadyToFinish({ stations }: TravellerAssessment): boolean {
  const isClosed = (id: StationId): boolean => stations[id].stamp !== "not-done";
  return isClosed("decide") && isClosed("prove");
}
