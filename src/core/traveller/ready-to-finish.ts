import { END_TABLE } from "../job";
import type { TravellerAssessment } from "./assess-traveller";

/**
 * How the card ends is known, nothing that this end asks for is missing, and no proof that was made speaks against it: nothing is
 * left but to sign off.
 * @param assessment everything known of the card
 * @returns true when it can be signed off
 */
export function isReadyToFinish({ stations, facts }: TravellerAssessment): boolean {
  const { end, lacks } = stations.end.detail;
  if (end === null || lacks.length > 0) return false;
  const isContradicted = facts.proof === "against" && END_TABLE[end].isWorkDone;
  return !isContradicted && (facts.action !== null || stations.decide.stamp !== "not-done" || END_TABLE[end].needsNoDecision);
}
