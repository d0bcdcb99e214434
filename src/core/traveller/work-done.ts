import { isAfterWork } from "../job";
import type { TravellerAssessment } from "./assess-traveller";

/**
 * Whether what was decided is done and only has to be shown: what else could have been is no offer then. A proof that speaks
 * against it opens the question again.
 * @param assessment everything known of the card
 * @returns false while something is to be decided or to be done
 */
export const isWorkDone = ({ facts, next }: TravellerAssessment): boolean =>
  facts.worksDone.length > 0 && next.kind === "order" && isAfterWork(next.station) && facts.proof !== "against";
