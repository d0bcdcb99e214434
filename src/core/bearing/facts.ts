import type { Surrounding } from "./advice";
import type { BearingEnd } from "./ends";
import type { HandFeel } from "./hand-feel";
import type { BearingJob } from "./job";
import type { FittedBearing } from "./stand-in";

/** What it turns on, how it turns, and what lies open. */
export interface MechanicsFacts {
  /** turned by hand and free; null: nobody could say */
  readonly turnsFree: boolean | null;
  /** what the hand felt as found, and after it was put back; null: nothing yet */
  readonly handFound: HandFeel | null;
  readonly handAfter: HandFeel | null;
  /** a sleeve bearing was told; null: nobody said what it turns on */
  readonly hasSleeves: boolean | null;
  /** bearings that could be named, by end */
  readonly bearings: Readonly<Partial<Record<BearingEnd, FittedBearing>>>;
  /** the bearing job as it was put together; null: the house's usual one */
  readonly bearingJob: BearingJob | null;
  /** a shaft or seat no longer holds its ring */
  readonly isSeatLoose: boolean;
  /** what the bearings have to bear */
  readonly bearingsAround: readonly Surrounding[];
  /** something that came off is not back yet */
  readonly isApart: boolean;
  /** wires came off their posts */
  readonly hasMovedLeads: boolean;
}

export const NO_MECHANICS_FACTS: MechanicsFacts = {
  turnsFree: null,
  handFound: null,
  handAfter: null,
  hasSleeves: null,
  bearings: {},
  bearingJob: null,
  isSeatLoose: false,
  bearingsAround: [],
  isApart: false,
  hasMovedLeads: false,
};
