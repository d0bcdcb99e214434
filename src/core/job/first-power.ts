import { complaintSpec, TRIPS, type Complaint, type TestId } from "../trade";

interface BeforePower {
  readonly complaints: readonly Complaint[];
  /** somebody spoke of a trip, if only in passing */
  readonly mayTrip: boolean;
  /** it was wet */
  readonly wasWet: boolean;
  /** nobody knows what it went through: a motor on the bench */
  readonly isUnknown?: boolean;
}

/**
 * What is seen to, dead, before a motor gets its first power on a visit: look, and leads to the frame; one that trips is turned
 * by hand as well.
 * @param known what was said of it
 * @returns tests, in the order of practice; none where it runs, stays in and smells of nothing
 * @source practice of electrical safety: insulation to the frame before a doubtful motor is energised
 */
export function checksBeforePower({ complaints, mayTrip, wasWet, isUnknown = false }: BeforePower): readonly TestId[] {
  const isTripping = mayTrip || complaints.some((complaint) => TRIPS.includes(complaint));
  const isAsked = isTripping || wasWet || isUnknown || complaints.some((complaint) => complaintSpec(complaint).asksFrame);
  if (!isAsked) return [];
  return isTripping ? ["look", "hand-turn", "frame-ohms"] : ["look", "frame-ohms"];
}
