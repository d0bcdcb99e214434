import { decideConformity, type Conformity } from "../quantity";
import type { BearingSize } from "./dimension-table";
import { deviationsAt, FIT_FIELDS, RING_FIELDS, type Deviations, type FitField } from "./tolerance-table";

export type Seat = "shaft" | "housing";

/** Shafts up to this bore are made to j6, thicker ones to k6. @source Harris & Kotzalas, Rolling Bearing Analysis, shaft fits for small electric motors */
const LIGHT_SHAFT_MM = 18;

/**
 * Field usual for a seat: the ring that turns sits firm; the outer ring slides at the end with the spring washer.
 * @param seat shaft or housing
 * @param boreMm bore [mm]
 * @param slides the outer ring has to move along its seat
 * @returns field of the tolerance table
 */
export function usualField(seat: Seat, boreMm: number, slides: boolean): FitField {
  if (seat === "shaft") return boreMm <= LIGHT_SHAFT_MM ? "j6" : "k6";
  return slides ? "H7" : "J7";
}

/** A measured seat beside what is usual for the size. */
export interface SeatVerdict {
  readonly seat: Seat;
  readonly field: FitField;
  readonly nominalMm: number;
  readonly limits: Deviations;
  /** measured less nominal [µm] */
  readonly offUm: number;
  readonly conformity: Conformity;
  /** play (positive) or interference (negative) with a new bearing of the normal class, least and most [µm] */
  readonly play: Deviations;
  /** worn away beyond the limit on the loose side [µm]; 0 where it is not */
  readonly looseUm: number;
  /** no new ring of this size would hold or be held */
  readonly isLoose: boolean;
}

/**
 * Judges a shaft or seat against the fit usual for the bearing, and says how a new bearing would sit.
 * @param seat shaft or housing
 * @param size a size of the table
 * @param slides whether the ring must be able to slide
 * @param measuredMm diameter [mm]
 * @param standardUncertaintyUm of that figure, k = 1 [µm]
 * @param rules guard band and coverage factor
 * @returns how loose or tight a new bearing would sit, and whether that holds
 * @source ISO 286-2:2010; ISO 492:2014; decision by JCGM 106:2012
 * @example shaft 16.985 mm under 6203: j6 is −3..+8 µm, so −15 µm is out, and a new bearing has 7 to 15 µm of play
 */
export function judgeSeat(
  seat: Seat,
  size: Pick<BearingSize, "boreMm" | "outsideMm">,
  slides: boolean,
  measuredMm: number,
  standardUncertaintyUm: number,
  { guardFactor, coverageFactor }: { readonly guardFactor: number; readonly coverageFactor: number },
): SeatVerdict {
  const isShaft = seat === "shaft";
  const nominalMm = isShaft ? size.boreMm : size.outsideMm;
  const field = usualField(seat, size.boreMm, slides);
  const limits = deviationsAt(FIT_FIELDS[field], nominalMm);
  const ring = deviationsAt(isShaft ? RING_FIELDS.bore : RING_FIELDS.outside, nominalMm);
  const offUm = Math.round((measuredMm - nominalMm) * 1e4) / 10;
  const conformity = decideConformity({
    value: offUm,
    standardUncertainty: standardUncertaintyUm,
    limits: { low: limits.lowUm, high: limits.highUm },
    guardFactor,
    coverageFactor,
  });
  // Inside the ring the shaft fills; outside it the seat gives room.
  const play = isShaft
    ? { lowUm: ring.lowUm - offUm, highUm: ring.highUm - offUm }
    : { lowUm: offUm - ring.highUm, highUm: offUm - ring.lowUm };
  const looseUm = Math.max(0, isShaft ? limits.lowUm - offUm : offUm - limits.highUm);
  return { seat, field, nominalMm, limits, offUm, conformity, play, looseUm, isLoose: conformity.decision === "out" && looseUm > 0 };
}

/** What can be done about a loose seat. Persisted: do not change without a migration. */
export const SEAT_REPAIRS = ["retaining-compound", "sleeve", "build-up", "next-part", "shim", "punch-marks"] as const;
export type SeatRepair = (typeof SEAT_REPAIRS)[number];

interface RepairSpec {
  readonly seats: readonly Seat[];
  /** looseness it can fill, on the diameter [µm] */
  readonly fromUm: number;
  readonly toUm: number;
  readonly minutes: number;
  readonly isStopgap: boolean;
}

/** Reach of each way, from the fillers' usual gap figures and what a lathe can do; trade judgement where no figure exists. */
export const REPAIR_TABLE: Record<SeatRepair, RepairSpec> = {
  "retaining-compound": { seats: ["shaft", "housing"], fromUm: 0, toUm: 100, minutes: 15, isStopgap: false },
  sleeve: { seats: ["shaft", "housing"], fromUm: 40, toUm: 2000, minutes: 60, isStopgap: false },
  "build-up": { seats: ["shaft"], fromUm: 20, toUm: 3000, minutes: 120, isStopgap: false },
  "next-part": { seats: ["shaft", "housing"], fromUm: 0, toUm: 1e6, minutes: 30, isStopgap: false },
  shim: { seats: ["housing"], fromUm: 20, toUm: 200, minutes: 15, isStopgap: true },
  "punch-marks": { seats: ["shaft"], fromUm: 0, toUm: 60, minutes: 10, isStopgap: true },
};

/**
 * Ways that reach this looseness, lasting ones first.
 * @param seat shaft or housing
 * @param looseUm play of the ring on its seat [µm]
 * @returns repairs that reach so far, lasting ones first
 */
export function repairsFor(seat: Seat, looseUm: number): readonly SeatRepair[] {
  return SEAT_REPAIRS.filter((id) => {
    const { seats, fromUm, toUm } = REPAIR_TABLE[id];
    return seats.includes(seat) && looseUm >= fromUm && looseUm <= toUm;
  });
}

/** How a ring sits, as the hand finds it. Persisted: do not change without a migration. */
export const HAND_FITS = ["holds", "slides", "turns"] as const;
export type HandFit = (typeof HAND_FITS)[number];

/** Play that a hand feels so, on the diameter [µm]: what it takes to mend it. Judgement. */
const BY_HAND_UM: Readonly<Record<HandFit, number>> = { holds: 0, slides: 10, turns: 60 };

/** What the hand says of a seat, which is worth more there than any calliper. */
export interface HandFitVerdict {
  readonly fit: HandFit;
  readonly decision: "holds" | "out";
  /** play to be filled, about [µm] */
  readonly looseUm: number;
}

/**
 * Judges a seat by hand: an inner ring is pressed on and never slides; an outer one may slide where it has to, and never turns.
 * @param seat shaft or housing
 * @param fit as the hand finds it
 * @param slides the outer ring has to move along its seat
 * @returns verdict, and about how much play there is to fill
 * @source trade rule: what slides on by hand creeps under load (Harris & Kotzalas, Rolling Bearing Analysis, fits of rotating rings)
 * @example judgeByHand("shaft", "slides", true).decision = "out"
 */
export function judgeByHand(seat: Seat, fit: HandFit, slides: boolean): HandFitVerdict {
  const isAsItShould = fit === "holds" || (fit === "slides" && seat === "housing" && slides);
  return { fit, decision: isAsItShould ? "holds" : "out", looseUm: isAsItShould ? 0 : BY_HAND_UM[fit] };
}
