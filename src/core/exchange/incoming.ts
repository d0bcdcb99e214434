import { bearingDifferences, parseDesignation, type BearingDifference, type FittedBearing } from "../bearing";
import {
  compareWithPlate,
  limitsOfSection,
  parseCapacitorLabel,
  ratedUfOf,
  type CapacitorLabel,
  type PartMismatch,
  type SectionLimits,
} from "../capacitor";
import type { HouseFigures } from "../house";
import { matchMotor, readSheet, type MatchQuestion, type MotorMatch, type MotorSheet } from "../match";
import { decideConformity, figureOf, type Conformity, type Entry } from "../quantity";
import type { Failure } from "../result";

/** How a part that is to go in stands: what it says, and what it read before it was fitted. */
export type IncomingVerdict = "right" | "wrong" | "too-close" | "unsure" | "unmeasured";

/** A capacitor by its label and its own reading. */
export interface IncomingCapacitor {
  readonly kind: "capacitor";
  readonly verdict: IncomingVerdict;
  readonly label: CapacitorLabel | null;
  readonly failure: Failure | null;
  /** against what the place asks for; empty: nothing against it */
  readonly mismatches: readonly PartMismatch[];
  readonly isWantedKnown: boolean;
  readonly limits: SectionLimits | null;
  readonly readingUf: number | null;
  readonly conformity: Conformity | null;
}

export interface IncomingBearing {
  readonly kind: "bearing";
  readonly verdict: IncomingVerdict;
  readonly failure: Failure | null;
  /** basic number it was read as */
  readonly number: string | null;
  /** numbers of those that came out; empty: not named */
  readonly wanted: readonly string[];
  /** how it differs from the one of its size that came out */
  readonly differences: readonly BearingDifference[];
}

export interface IncomingMotor {
  readonly kind: "motor";
  readonly verdict: IncomingVerdict;
  readonly match: MotorMatch;
  readonly failures: ReturnType<typeof readSheet>["failures"];
  /** lowest reading to the frame [Ω]; null: not measured, or beyond the range */
  readonly frameOhm: number | null;
  readonly isGrounded: boolean;
  readonly isMeasured: boolean;
}

export interface IncomingOther {
  readonly kind: "start-gear" | "other";
  readonly verdict: IncomingVerdict;
}

export type Incoming = IncomingCapacitor | IncomingBearing | IncomingMotor | IncomingOther;

/**
 * A capacitor that is to go in, from the shelf, a shop or another machine: its label against the place, its reading against
 * its own limits.
 * @param label as printed on it
 * @param entry what it read before it was fitted
 * @param wanted what the place asks for; null: nobody knows
 * @param house house rules in force
 * @returns what stands for and against it
 */
export function judgeCapacitorIn(
  label: string,
  entry: Entry | null,
  wanted: CapacitorLabel | null,
  house: HouseFigures,
): IncomingCapacitor {
  const read = label.trim() === "" ? null : parseCapacitorLabel(label);
  const own = read?.ok ? read.value : null;
  const failure = read && !read.ok ? read.failure : null;
  const mismatches = own && wanted ? compareWithPlate(wanted, own) : [];
  // Of a can with two sections the one that the place asks for is measured.
  const wantedUf = wanted?.sections[0] ? ratedUfOf(wanted.sections[0]) : null;
  const section = own?.sections.toSorted((a, b) =>
    wantedUf === null ? 0 : Math.abs(ratedUfOf(a) - wantedUf) - Math.abs(ratedUfOf(b) - wantedUf),
  )[0];
  const limits = own && section ? limitsOfSection(section, own.kind, house) : null;
  const figure = figureOf(entry);
  const conformity =
    figure && limits
      ? decideConformity({
          value: figure.value,
          standardUncertainty: figure.standardUncertainty,
          limits: { low: limits.lowUf, high: limits.highUf },
          guardFactor: house.guardFactor,
          coverageFactor: house.coverageFactor,
        })
      : null;
  const verdict: IncomingVerdict =
    mismatches.length > 0 || conformity?.decision === "out" || entry?.reading?.kind === "over-limit"
      ? "wrong"
      : own === null || wanted === null || (wanted.ratedV !== null && own.ratedV === null)
        ? "unsure"
        : conformity === null
          ? "unmeasured"
          : conformity.decision === "too-close"
            ? "too-close"
            : "right";
  return {
    kind: "capacitor",
    verdict,
    label: own,
    failure,
    mismatches,
    isWantedKnown: wanted !== null,
    limits,
    readingUf: figure?.value ?? null,
    conformity,
  };
}

/**
 * A bearing that is to go in, by its number.
 * @param stamped what stands on it or on its box
 * @param fitted those that came out
 * @returns whether it is one of them, and how it differs; another clearance, or shields for seals, is for a person to weigh
 */
export function judgeBearingIn(stamped: string, fitted: readonly FittedBearing[]): IncomingBearing {
  const read = stamped.trim() === "" ? null : parseDesignation(stamped);
  const named = read?.ok ? read.value : null;
  // A worn stamp that leaves several sizes names none.
  const number = named?.candidates.length === 1 || named?.isWorn === false ? (named.candidates[0]?.number ?? null) : null;
  // Of two ends of one size that differ in their seals, it may be meant for either.
  const [differences = []] = fitted
    .filter((old) => old.number === number)
    .map((old) => (named ? bearingDifferences(named, old) : []))
    .sort((a, b) => a.length - b.length);
  const isSameSize = fitted.some((old) => old.number === number);
  const verdict: IncomingVerdict =
    number === null || fitted.length === 0
      ? "unsure"
      : !isSameSize || differences.includes("open-for-closed")
        ? "wrong"
        : differences.length > 0
          ? "unsure"
          : "right";
  return {
    kind: "bearing",
    verdict,
    failure: read && !read.ok ? read.failure : null,
    number,
    wanted: fitted.map((old) => old.number),
    differences,
  };
}

const OHM_PER_MEGOHM = 1e6;

/**
 * A motor that is to go in: held against the old one and its place, and measured to the frame.
 * @param sheet its plate and measures, as keyed
 * @param question the old motor and its place
 * @param frame lowest reading of its leads to the frame, before it is fitted
 * @param house house rules in force
 * @returns its match, and whether it may go in
 */
export function judgeMotorIn(
  sheet: MotorSheet,
  question: Omit<MatchQuestion, "candidate">,
  frame: Entry | null,
  house: HouseFigures,
): IncomingMotor {
  const { spec, failures } = readSheet(sheet);
  const match = matchMotor({ ...question, candidate: spec }, house);
  const frameOhm = figureOf(frame)?.value ?? null;
  const isMeasured = frame?.reading != null;
  const isGrounded = frameOhm !== null && frame?.reading?.kind === "value" && frameOhm < house.frameLimitMegohm * OHM_PER_MEGOHM;
  const verdict: IncomingVerdict =
    match.overall === "does-not-fit" || isGrounded
      ? "wrong"
      : match.overall === "not-known" || Object.keys(failures).length > 0
        ? "unsure"
        : isMeasured
          ? "right"
          : "unmeasured";
  return { kind: "motor", verdict, match, failures, frameOhm, isGrounded, isMeasured };
}
