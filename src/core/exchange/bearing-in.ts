import { bearingDifferences, parseDesignation, type BearingDifference, type FittedBearing } from "../bearing";
import type { Failure } from "../result";
import { stampsIn } from "./stamps-in";
import { worstOf, type IncomingVerdict } from "./incoming-verdict";

/** One bearing by what is stamped on it. */
export interface BearingStamp {
  /** as typed */
  readonly text: string;
  readonly verdict: IncomingVerdict;
  readonly failure: Failure | null;
  /** basic number it was read as */
  readonly number: string | null;
  /** how it differs from the one of its size that came out */
  readonly differences: readonly BearingDifference[];
}

export interface IncomingBearing {
  readonly kind: "bearing";
  readonly verdict: IncomingVerdict;
  /** each bearing that is named in the line; none: nothing is named */
  readonly stamps: readonly BearingStamp[];
  /** numbers of those that came out; empty: not named */
  readonly wanted: readonly string[];
}

/** The bearings of a work against the ends they are for. */
export interface BearingsIn {
  readonly kind: "bearings";
  readonly verdict: IncomingVerdict;
  /** came out, and nothing of its number goes in */
  readonly missing: readonly string[];
  /** more of a number than ends that take it */
  readonly surplus: readonly string[];
}

/** Differences that leave a bearing of the right size unfit: it would run dry. */
const UNFIT: readonly BearingDifference[] = ["open-for-closed"];

/** More clearance in a hot place is right, in the room of the normal one. @source ISO 5753-1; usual practice for electric motors */
const isRoomier = ({ clearance }: Pick<FittedBearing, "clearance">, old: FittedBearing): boolean =>
  clearance === "C3" && (old.clearance ?? "CN") === "CN";

function judgeStamp(text: string, fitted: readonly FittedBearing[], isHot: boolean): BearingStamp {
  const read = parseDesignation(text);
  const named = read.ok ? read.value : null;
  // A worn stamp that leaves several sizes names none.
  const number = named?.candidates.length === 1 || named?.isWorn === false ? (named.candidates[0]?.number ?? null) : null;
  // Of two ends of one size that differ in their seals, it may be meant for either.
  const [differences = []] = fitted
    .filter((old) => old.number === number)
    .map((old) =>
      named ? bearingDifferences(named, old).filter((each) => !(each === "other-clearance" && isHot && isRoomier(named, old))) : [],
    )
    .sort((a, b) => a.length - b.length);
  const isSameSize = fitted.some((old) => old.number === number);
  const verdict: IncomingVerdict =
    number === null || fitted.length === 0
      ? "unsure"
      : !isSameSize || differences.some((each) => UNFIT.includes(each))
        ? "wrong"
        : differences.length > 0
          ? "unsure"
          : "right";
  return { text, verdict, failure: read.ok ? null : read.failure, number, differences };
}

/**
 * Bearings that are to go in, by their numbers.
 * @param line what stands on them or on their boxes
 * @param fitted those that came out
 * @param isHot they run in a hot place
 * @returns whether each is one of them, and how it differs; another clearance, or shields for seals, is for a person to weigh
 */
export function judgeBearingIn(line: string, fitted: readonly FittedBearing[], isHot = false): IncomingBearing {
  const stamps = stampsIn(line).map((text) => judgeStamp(text, fitted, isHot));
  return { kind: "bearing", verdict: worstOf(stamps.map(({ verdict }) => verdict)), stamps, wanted: fitted.map(({ number }) => number) };
}

/** What is left of one list once each of another is taken off once. */
function without(all: readonly string[], taken: readonly string[]): string[] {
  const left = [...taken];
  return all.filter((each) => {
    const at = left.indexOf(each);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

/**
 * The bearings of a work against the ends of the motor: each number as often as an end takes it.
 * @param pieces each as it was judged
 * @returns what is missing, and what no end takes; null while nothing is named, or nothing is known of those that came out
 */
export function judgeBearingsIn(pieces: readonly IncomingBearing[]): BearingsIn | null {
  const stamps = pieces.flatMap((piece) => piece.stamps);
  const wanted = pieces[0]?.wanted ?? [];
  const numbers = stamps.flatMap(({ number }) => number ?? []);
  if (numbers.length === 0 || wanted.length === 0) return null;
  const surplus = without(numbers, wanted).filter((number) => wanted.includes(number));
  const verdict = worstOf([...pieces.map((piece) => piece.verdict), ...(surplus.length > 0 ? (["unsure"] as const) : [])]);
  return { kind: "bearings", verdict, missing: without(wanted, numbers), surplus };
}
