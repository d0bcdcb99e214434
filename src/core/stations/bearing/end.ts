import {
  adviseBearing,
  clearanceRange,
  DIMENSIONS,
  identifyBearing,
  judgeByHand,
  judgeSeat,
  parseDesignation,
  possibleGeometries,
  pressPath,
  readLength,
  repairsFor,
  widthOf,
  type BearingAdvice,
  type BearingDesignation,
  type BearingSize,
  type ClearanceRange,
  type Dimension,
  type HandFit,
  type HandFitVerdict,
  type Identification,
  type KeyedLength,
  type LengthUnit,
  type NamedBearing,
  type PressPath,
  type Seat,
  type SeatRepair,
  type SeatVerdict,
} from "../../bearing";
import type { HouseFigures } from "../../house";
import type { Failure } from "../../result";
import type { BearingRecord, EndRecord, Gauge } from "./record";

/** What is known of a bearing's name. */
export type NameState = "nothing" | "named" | "several" | "conflict" | "slip" | "misfit" | "unread";

/** One seat with the ways to mend it where it is loose. */
export interface SeatDetail {
  readonly verdict: SeatVerdict | null;
  readonly failure: Failure | null;
  /** as the hand finds it: it stands before any calliper; null: nobody said */
  readonly byHand: HandFitVerdict | null;
  readonly repairs: readonly SeatRepair[];
}

/** One end of the motor, judged. */
export interface EndDetail {
  readonly isSleeve: boolean;
  readonly state: NameState;
  readonly designation: BearingDesignation | null;
  readonly designationFailure: Failure | null;
  readonly lengthFailures: Readonly<Partial<Record<Dimension, Failure>>>;
  readonly identification: Identification | null;
  /** sizes it may still be, the likeliest first */
  readonly candidates: readonly NamedBearing[];
  /** the one it is; null until that is settled */
  readonly size: BearingSize | null;
  /** as it is made: with shields or seals some are wider */
  readonly widthMm: number | null;
  readonly clearance: ClearanceRange | null;
  readonly advice: BearingAdvice;
  readonly seats: Readonly<Record<Seat, SeatDetail>>;
  /** shaft fit: the inner ring is pressed; tight seat: the outer one */
  readonly press: { readonly inner: PressPath; readonly outer: PressPath } | null;
}

/** Part of its nominal by which a measured seat may lie away. */
const FAR_OFF = 0.08;
/** More candidates than this are no help. */
const MOST_CANDIDATES = 8;
/** A gauge's ± as a standard uncertainty: rectangular. @source JCGM 100:2008, 4.3.7 */
const RECTANGULAR = Math.sqrt(3);

interface Lengths {
  readonly mm: Readonly<Record<Dimension, number | null>>;
  readonly told: readonly Dimension[];
  readonly failures: Partial<Record<Dimension, Failure>>;
}

function lengthsOf(end: EndRecord, unit: LengthUnit): Lengths {
  const mm: Record<Dimension, number | null> = { bore: null, outside: null, width: null };
  const told: Dimension[] = [];
  const failures: Partial<Record<Dimension, Failure>> = {};
  for (const dimension of DIMENSIONS) {
    if (end[dimension].trim() === "") continue;
    const read = readLength(end[dimension], unit);
    if (!read.ok) {
      failures[dimension] = read.failure;
      continue;
    }
    const { valueMm, isUnitTold }: KeyedLength = read.value;
    mm[dimension] = valueMm;
    if (isUnitTold) told.push(dimension);
  }
  return { mm, told, failures };
}

interface Named {
  readonly state: NameState;
  readonly candidates: readonly NamedBearing[];
  readonly size: BearingSize | null;
}

/** The stamp and the calliper together: each narrows what the other leaves. */
function nameOf(designation: BearingDesignation | null, isUnread: boolean, identification: Identification | null): Named {
  const within = identification?.candidates.filter(({ isWithin }) => isWithin).map(({ size }) => size) ?? [];
  const only = (candidates: readonly NamedBearing[], otherwise: NameState): Named => ({
    state: candidates.length === 1 ? "named" : otherwise,
    candidates: candidates.slice(0, MOST_CANDIDATES),
    size: candidates.length === 1 ? (candidates[0]?.size ?? null) : null,
  });
  if (designation) {
    if (!identification || identification.candidates.length === 0) return only(designation.candidates, "several");
    const both = designation.candidates.filter(({ size }) => within.includes(size));
    if (both.length > 0) return only(both, "several");
    return { state: identification.slip ? "slip" : "conflict", candidates: designation.candidates.slice(0, MOST_CANDIDATES), size: null };
  }
  if (identification && identification.candidates.length > 0) {
    if (within.length > 0)
      return only(
        within.map((size) => ({ number: size.number, size })),
        "several",
      );
    return { state: identification.slip ? "slip" : "misfit", candidates: [], size: null };
  }
  return { state: isUnread ? "unread" : "nothing", candidates: [], size: null };
}

const gaugeUm = (gauge: Gauge, house: HouseFigures): number => (gauge === "micrometer" ? house.micrometerUm : house.calliperSeatMm * 1000);

interface KeyedSeat {
  readonly text: string;
  readonly hand: HandFit | null;
}

function seatDetail(
  seat: Seat,
  { text, hand }: KeyedSeat,
  size: BearingSize | null,
  slides: boolean,
  record: BearingRecord,
  house: HouseFigures,
): SeatDetail {
  const byHand = hand === null ? null : judgeByHand(seat, hand, slides);
  const none: SeatDetail = {
    verdict: null,
    failure: null,
    byHand,
    repairs: byHand?.decision === "out" ? repairsFor(seat, byHand.looseUm) : [],
  };
  if (text.trim() === "") return none;
  const read = readLength(text, record.unit);
  if (!read.ok) return { ...none, failure: read.failure };
  if (!size) return none;
  const nominalMm = seat === "shaft" ? size.boreMm : size.outsideMm;
  const { valueMm } = read.value;
  // Wear is hundredths: a figure this far away is another unit, another place or another bearing.
  if (Math.abs(valueMm / nominalMm - 1) > FAR_OFF)
    return { ...none, failure: { code: "seat-far-off", valueMm, nominalMm, number: size.number } };
  const verdict = judgeSeat(seat, size, slides, valueMm, gaugeUm(record.gauge, house) / RECTANGULAR, house);
  return { ...none, verdict, repairs: verdict.isLoose ? repairsFor(seat, verdict.looseUm) : none.repairs };
}

/** Judges one end: its name from stamp and calliper, its fits, how to press it, and what to ask for. */
export function judgeEnd(end: EndRecord, record: BearingRecord, house: HouseFigures): EndDetail {
  const isSleeve = end.kind === "sleeve";
  const stamped = end.stamped.trim() === "" || isSleeve ? null : parseDesignation(end.stamped);
  const designation = stamped?.ok ? stamped.value : null;
  const lengths = lengthsOf(end, record.unit);
  const hasFigures = !isSleeve && DIMENSIONS.some((dimension) => lengths.mm[dimension] !== null);
  const identification = hasFigures ? identifyBearing(lengths.mm, house.calliperMm, lengths.told) : null;
  const isUnread = (stamped !== null && !stamped.ok) || hasFigures;
  const { state, candidates, size } = isSleeve
    ? { state: "named" as const, candidates: [], size: null }
    : nameOf(designation, isUnread, identification);
  const slides = end.slides ?? true;
  const measuredClosed = identification?.candidates.find((each) => each.size === size)?.isClosed ?? false;
  return {
    isSleeve,
    state,
    designation,
    designationFailure: stamped && !stamped.ok ? stamped.failure : null,
    lengthFailures: lengths.failures,
    identification,
    candidates,
    size,
    widthMm: size ? widthOf(size, designation ? designation.closure !== "open" : measuredClosed) : null,
    clearance: size ? clearanceRange(size.boreMm, designation?.clearance ?? null) : null,
    advice: adviseBearing(record.around, designation),
    seats: {
      shaft: seatDetail("shaft", { text: end.shaft, hand: end.shaftByHand }, size, slides, record, house),
      housing: seatDetail("housing", { text: end.seat, hand: end.seatByHand }, size, slides, record, house),
    },
    press: size ? { inner: pressPath(size, "inner"), outer: pressPath(size, "outer") } : null,
  };
}

/** Geometries one end may have, for the frequencies. */
export const geometriesOf = ({ size }: EndDetail): ReturnType<typeof possibleGeometries> => (size ? possibleGeometries(size) : []);
