import type { HouseFigures } from "../house";
import { matchMotor, readSheet, type MatchQuestion, type MotorMatch, type MotorSheet } from "../match";
import { decideConformity, figureOf, type Conformity, type Entry } from "../quantity";
import type { IncomingVerdict } from "./incoming-verdict";

export interface IncomingMotor {
  readonly kind: "motor";
  readonly verdict: IncomingVerdict;
  readonly match: MotorMatch;
  readonly failures: ReturnType<typeof readSheet>["failures"];
  /** lowest reading to the frame [Ω]; null: not measured, or beyond the range */
  readonly frameOhm: number | null;
  /** against the house's limit; null: not measured, or beyond the range */
  readonly frame: Conformity | null;
  readonly isMeasured: boolean;
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
  const figure = figureOf(frame);
  const conformity = figure
    ? decideConformity({
        value: figure.value,
        standardUncertainty: figure.standardUncertainty,
        limits: { low: house.frameLimitMegohm * OHM_PER_MEGOHM, high: null },
        guardFactor: house.guardFactor,
        coverageFactor: house.coverageFactor,
      })
    : null;
  const isMeasured = frame?.reading != null;
  const verdict: IncomingVerdict =
    match.overall === "does-not-fit" || conformity?.decision === "out"
      ? "wrong"
      : match.overall === "not-known" || Object.keys(failures).length > 0
        ? "unsure"
        : !isMeasured
          ? "unmeasured"
          : conformity?.decision === "too-close"
            ? "too-close"
            : "right";
  return { kind: "motor", verdict, match, failures, frameOhm: figure?.value ?? null, frame: conformity, isMeasured };
}
