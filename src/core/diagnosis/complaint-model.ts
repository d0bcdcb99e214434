import { complaintsOf, TRIPS, type Complaint, type Suspect } from "../trade";
import { COMPLAINT_TABLE } from "./complaint-table";
import type { Graveness } from "./size";

/** What of one card bears on how its faults are complained of. */
export interface Heard {
  readonly graveness: Graveness;
  /** a motor of one coil */
  readonly isOneCoil: boolean;
}
export const AS_USUAL: Heard = { graveness: new Map(), isOneCoil: false };

/**
 * Chance that such faults are complained of in these words: causes act independently (noisy or). A fault that its figure
 * shows to be grave is complained of as grave ones are, so that it takes the complaint's support away from the others.
 * @source Pearl (1988), 4.3
 */
export function complaintLikelihood(complaint: Complaint, faults: readonly Suspect[], { graveness, isOneCoil }: Heard = AS_USUAL): number {
  const { leak, given, grave, oneCoil } = COMPLAINT_TABLE[complaint];
  const chance = (fault: Suspect): number => {
    const usual = (isOneCoil ? oneCoil?.[fault] : undefined) ?? given[fault] ?? 0;
    return usual + (graveness.get(fault) ?? 0) * ((grave?.[fault] ?? usual) - usual);
  };
  return 1 - faults.reduce((none, fault) => none * (1 - chance(fault)), 1 - leak);
}

/** Complaints of a motor that does not come up to speed: one of them is said instead of the others. */
const OF_STANDING = complaintsOf("standing");
const TRIPS_STANDING: readonly Complaint[] = ["trips-at-start", "trips-at-once"];
/** Noises are told in one word, whichever it is. */
const OF_NOISE = complaintsOf("noise");
const ALONE = complaintsOf(null);

/** Complaints that are made instead of one another: not made, they count once, as the likeliest of them. */
export type Unsaid = readonly Complaint[];

/**
 * Complaints that were not made and could have been: who says that it hums does not speak of its speed, who says that it
 * squeals would have said that it stands. Where nothing was said at all, nobody asked; on a routine visit somebody did.
 */
export function unsaidOf(said: readonly Complaint[], isRoutine = false): readonly Unsaid[] {
  if (said.length === 0) return isRoutine ? [OF_STANDING, TRIPS, OF_NOISE, ...ALONE.map((each) => [each])] : [];
  // What trips before it is up to speed shows no more of itself than what stands.
  const isStanding = said.some((complaint) => OF_STANDING.includes(complaint) || TRIPS_STANDING.includes(complaint));
  const isTripping = said.some((complaint) => TRIPS.includes(complaint));
  const isNoisy = said.some((complaint) => OF_NOISE.includes(complaint));
  return [
    ...(isStanding || isNoisy ? [] : [OF_NOISE]),
    ...(isStanding || isTripping ? [] : [OF_STANDING]),
    ...(isTripping ? [] : [TRIPS]),
    ...(isStanding ? [] : ALONE.filter((complaint) => !said.includes(complaint)).map((each) => [each])),
  ];
}

/** Likelihood that none of them is made, as far as an omission counts: `weight` 0 nothing, 1 as much as what is said. */
export const unsaidLikelihood = (unsaid: Unsaid, faults: readonly Suspect[], weight: number, heard: Heard = AS_USUAL): number =>
  (1 - Math.max(...unsaid.map((complaint) => complaintLikelihood(complaint, faults, heard)))) ** weight;
