import type { HouseFigures, NumberRuleId } from "../house";
import type { MotorPlace, MotorSpec } from "./motor-spec";

/** Standing of one line of a match. */
export type LineFit = "same" | "fits" | "can" | "no" | "unknown";

/** What is done to make it fit: its minutes and its material are house rules. */
export const ADAPTATIONS = {
  "cap-leads": { minutes: "capLeadMinutes", price: null },
  "cut-shaft": { minutes: "cutShaftMinutes", price: null },
  "file-flat": { minutes: "flatMinutes", price: null },
  "bush-shaft": { minutes: "bushMinutes", price: "bushPrice" },
  "strip-under-band": { minutes: "stripMinutes", price: null },
  bracket: { minutes: "bracketMinutes", price: "bracketPrice" },
  "second-end": { minutes: "secondEndMinutes", price: null },
  "turn-round": { minutes: "turnRoundMinutes", price: null },
  "turn-rotor": { minutes: "turnRotorMinutes", price: null },
  "other-capacitor": { minutes: null, price: "runCapacitorPrice" },
  "no-capacitor": { minutes: null, price: null },
  "lengthen-leads": { minutes: "splicedLeadMinutes", price: null },
} as const satisfies Record<string, { readonly minutes: NumberRuleId | null; readonly price: NumberRuleId | null }>;
export type Adaptation = keyof typeof ADAPTATIONS;

/** One piece of work that makes a candidate fit. */
export interface AdaptingWork {
  readonly what: Adaptation;
  /** how many of it: leads to cap */
  readonly count: number;
}

/** Whose figure is missing. */
export type Missing = "old" | "place" | "candidate";

/** Why a line stands as it does, with the figures it was judged by. */
export type MatchReason =
  | { readonly code: "not-known"; readonly of: Missing }
  | { readonly code: "volts-off"; readonly wantedV: number; readonly ratedV: number }
  | { readonly code: "volts-near"; readonly ratedV: number; readonly percent: number }
  | { readonly code: "volts-band"; readonly lowV: number; readonly highV: number }
  | { readonly code: "one-of-connections"; readonly lowV: number; readonly highV: number }
  | { readonly code: "hertz-off"; readonly wantedHz: number; readonly ratedHz: readonly number[] }
  | { readonly code: "hertz-one-of"; readonly ratedHz: readonly number[] }
  | { readonly code: "phases-off"; readonly phases: number }
  | { readonly code: "less-power"; readonly powerW: number; readonly percent: number }
  | { readonly code: "more-power"; readonly powerW: number; readonly percent: number }
  | { readonly code: "much-more-power"; readonly powerW: number; readonly percent: number }
  | { readonly code: "over-circuit"; readonly fullLoadA: number; readonly circuitA: number }
  | { readonly code: "within-circuit"; readonly fullLoadA: number; readonly circuitA: number }
  | { readonly code: "fewer-amps"; readonly fullLoadA: number }
  | { readonly code: "circuit-not-known"; readonly fullLoadA: number }
  | { readonly code: "other-poles"; readonly poles: number }
  | { readonly code: "speed-off"; readonly rpm: number; readonly percent: number }
  | { readonly code: "speed-near"; readonly rpm: number }
  | { readonly code: "too-few-speeds"; readonly speeds: number; readonly used: number }
  | { readonly code: "cap-speeds"; readonly speeds: number; readonly unused: number }
  | { readonly code: "other-rotation" }
  | { readonly code: "reversible" }
  | { readonly code: "turn-it-round" }
  | { readonly code: "rotor-end-for-end" }
  | { readonly code: "missing-end"; readonly ends: number }
  | { readonly code: "spare-end"; readonly ends: number }
  | { readonly code: "band-strip"; readonly diameterMm: number }
  | { readonly code: "band-near"; readonly diameterMm: number }
  | { readonly code: "band-too-large"; readonly diameterMm: number }
  | { readonly code: "band-too-small"; readonly diameterMm: number }
  | { readonly code: "bracket-for"; readonly mount: NonNullable<MotorSpec["mount"]> }
  | { readonly code: "face-mount"; readonly mount: NonNullable<MotorSpec["mount"]> }
  | { readonly code: "body-too-long"; readonly lengthMm: number; readonly roomMm: number }
  | { readonly code: "body-too-wide"; readonly diameterMm: number; readonly roomMm: number }
  | { readonly code: "body-has-room"; readonly lengthMm: number }
  | { readonly code: "shaft-too-thick"; readonly diameterMm: number; readonly boreMm: number }
  | { readonly code: "shaft-too-thin"; readonly diameterMm: number; readonly boreMm: number }
  | { readonly code: "shaft-bush"; readonly diameterMm: number; readonly boreMm: number }
  | { readonly code: "shaft-too-short"; readonly lengthMm: number }
  | { readonly code: "shaft-cut"; readonly lengthMm: number; readonly offMm: number }
  | { readonly code: "shaft-flat" }
  | { readonly code: "shaft-form"; readonly form: NonNullable<MotorSpec["shaftForm"]> }
  | { readonly code: "no-air-here" }
  | { readonly code: "hotter-when-sealed" }
  | { readonly code: "open-for-sealed" }
  | { readonly code: "other-cooling" }
  | { readonly code: "intermittent" }
  | { readonly code: "more-duty" }
  | { readonly code: "sleeves-not-level" }
  | { readonly code: "other-bearings" }
  | { readonly code: "needs-capacitor"; readonly uf: number }
  | { readonly code: "needs-none" }
  | { readonly code: "no-protection" }
  | { readonly code: "manual-for-auto" }
  | { readonly code: "auto-for-manual" }
  | { readonly code: "better-protected" }
  | { readonly code: "other-start"; readonly type: NonNullable<MotorSpec["type"]> }
  | { readonly code: "any-start" }
  | { readonly code: "weaker-start"; readonly type: NonNullable<MotorSpec["type"]> }
  | { readonly code: "leads-short"; readonly lengthMm: number }
  | { readonly code: "leads-reach" };

/** What one line comes to; no reason: it is the same. */
export interface LineVerdict {
  readonly fit: LineFit;
  readonly reasons: readonly MatchReason[];
  readonly works: readonly AdaptingWork[];
}

/** What is compared: the motor that was there, its place, and one that may go in. */
export interface MatchQuestion {
  readonly old: MotorSpec;
  readonly place: MotorPlace;
  readonly candidate: MotorSpec;
}

export type LineJudge = (question: MatchQuestion, house: HouseFigures) => LineVerdict;

export const same: LineVerdict = { fit: "same", reasons: [], works: [] };
export const fits = (reason: MatchReason): LineVerdict => ({ fit: "fits", reasons: [reason], works: [] });
export const refused = (reason: MatchReason): LineVerdict => ({ fit: "no", reasons: [reason], works: [] });
export const asked = (reason: MatchReason): LineVerdict => ({ fit: "unknown", reasons: [reason], works: [] });
export const notKnown = (of: Missing): LineVerdict => asked({ code: "not-known", of });
export const madeToFit = (reason: MatchReason, what: Adaptation, count = 1): LineVerdict => ({
  fit: "can",
  reasons: [reason],
  works: [{ what, count }],
});

/** From what refuses to what is the same. */
const GRAVEST: readonly LineFit[] = ["no", "unknown", "can", "fits", "same"];

/**
 * Several findings on one line as one verdict: the gravest standing, with the reasons that make it and every work.
 * @param verdicts findings on the same line
 * @returns one verdict; the same where there is none
 */
export function joined(verdicts: readonly LineVerdict[]): LineVerdict {
  const fit = GRAVEST.find((each) => verdicts.some((verdict) => verdict.fit === each)) ?? "same";
  return {
    fit,
    reasons: verdicts.filter((verdict) => verdict.fit === fit || verdict.fit === "can").flatMap(({ reasons }) => reasons),
    works: verdicts.flatMap(({ works }) => works),
  };
}

/**
 * The gravest of several standings.
 * @param found standings
 * @returns the one that decides
 */
export const gravestOf = (found: readonly LineFit[]): LineFit => GRAVEST.find((fit) => found.includes(fit)) ?? "same";
