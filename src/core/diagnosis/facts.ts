import type { Complaint } from "../trade";
import type { RuledOut } from "./finding";
import type { History } from "./history-table";

/** What was said of the motor before anything was measured. */
export interface ComplaintFacts {
  readonly complaints: readonly Complaint[];
  /** somebody spoke of a trip, if only in passing */
  readonly mayTrip: boolean;
  /** what was said names a machine that makes cold: it burns no gas */
  readonly makesCold: boolean;
  /** a visit that no complaint brought about */
  readonly isRoutine: boolean;
  /** since when, and after what, as far as somebody said or an earlier card tells */
  readonly history: readonly History[];
  /** what a person ruled out by ear or eye */
  readonly ruledOut: readonly RuledOut[];
}

export const NO_COMPLAINT_FACTS: ComplaintFacts = {
  complaints: [],
  mayTrip: false,
  makesCold: false,
  isRoutine: false,
  history: [],
  ruledOut: [],
};
