import { combineStandard } from "../quantity";
import type { LayoutRole } from "./layout";

/** The three pairs of three leads, by index into the leads. Order is the order in which they are usually probed. */
export const LEAD_PAIRS = [
  [0, 1],
  [1, 2],
  [0, 2],
] as const;
export type LeadIndex = 0 | 1 | 2;
export type PairIndex = 0 | 1 | 2;
export type WindingRole = "common" | "run" | "start";

/** A pair as measured: ohms with standard uncertainty, or over limit (no path). */
export type PairReading = { readonly kind: "ohms"; readonly ohm: number; readonly standardUncertainty: number } | { readonly kind: "open" };

/** Largest against the sum of the other two, in ohms; the lead offset is what unnulled test leads add to the mismatch. */
export interface SumCheck {
  readonly largestOhm: number;
  readonly sumOfOthersOhm: number;
  readonly mismatchOhm: number;
  readonly standardUncertaintyOhm: number;
  readonly decision: "holds" | "too-close" | "out";
}

export type ThreeLeadAnswer =
  | { readonly kind: "need-more"; readonly next: PairIndex }
  | {
      readonly kind: "named";
      readonly roles: readonly [WindingRole, WindingRole, WindingRole];
      readonly runOhm: number;
      readonly startOhm: number;
      readonly sum: SumCheck;
      readonly conflicts: readonly LeadIndex[];
    }
  | { readonly kind: "equal-windings"; readonly common: LeadIndex; readonly sum: SumCheck }
  | { readonly kind: "common-unclear"; readonly candidates: readonly [LeadIndex, LeadIndex]; readonly sum: SumCheck }
  | { readonly kind: "sum-off"; readonly sum: SumCheck }
  | { readonly kind: "impossible-open"; readonly pair: PairIndex }
  | {
      readonly kind: "lead-open";
      readonly lead: LeadIndex;
      readonly reads: PairIndex;
      readonly ohm: number;
      readonly role: WindingRole | null;
    }
  | { readonly kind: "all-open" }
  | { readonly kind: "shorted"; readonly pair: PairIndex; readonly ohm: number; readonly othersOhm: number }
  | { readonly kind: "all-near-zero" };

export interface ThreeLeadInput {
  readonly pairs: readonly [PairReading | null, PairReading | null, PairReading | null];
  /** role printed on or written at each lead, where it is known */
  readonly marks: readonly [WindingRole | null, WindingRole | null, WindingRole | null];
  /** resistance the test leads still add to every reading (0 once nulled), with its standard uncertainty */
  readonly leadOhm: number;
  readonly leadStandardOhm: number;
  readonly nearZeroOhm: number;
  readonly coverageFactor: number;
}

/** A mismatch that a sound set of readings shows once in a thousand times. */
const BELONGS_NOT = 3.29;

type Ohms = Extract<PairReading, { kind: "ohms" }>;
interface Ranked extends Ohms {
  readonly pair: PairIndex;
}

const leadNotIn = (pair: PairIndex): LeadIndex => ([2, 0, 1] as const)[pair];

function checkSum([smallest, middle, largest]: readonly [Ranked, Ranked, Ranked], input: ThreeLeadInput): SumCheck {
  // Each reading carries the leads once, so the sum carries them twice and the largest once.
  const mismatchOhm = smallest.ohm + middle.ohm - largest.ohm - input.leadOhm;
  const u = combineStandard(smallest.standardUncertainty, middle.standardUncertainty, largest.standardUncertainty, input.leadStandardOhm);
  const score = Math.abs(mismatchOhm) / u;
  return {
    largestOhm: largest.ohm,
    sumOfOthersOhm: smallest.ohm + middle.ohm,
    mismatchOhm,
    standardUncertaintyOhm: u,
    decision: score <= input.coverageFactor ? "holds" : score > BELONGS_NOT ? "out" : "too-close",
  };
}

const differ = (a: Ohms, b: Ohms, coverageFactor: number): boolean =>
  Math.abs(a.ohm - b.ohm) > coverageFactor * combineStandard(a.standardUncertainty, b.standardUncertainty);

function nameLeads(ranked: readonly [Ranked, Ranked, Ranked], input: ThreeLeadInput): ThreeLeadAnswer {
  const [smallest, middle, largest] = ranked;
  const isNearZero = (r: Ranked): boolean => r.ohm - input.leadOhm <= input.nearZeroOhm;
  if (isNearZero(largest)) return { kind: "all-near-zero" };
  const sum = checkSum(ranked, input);
  if (!differ(largest, middle, input.coverageFactor)) {
    if (isNearZero(smallest)) {
      return { kind: "shorted", pair: smallest.pair, ohm: smallest.ohm, othersOhm: (largest.ohm + middle.ohm) / 2 };
    }
    if (sum.decision !== "out") return { kind: "common-unclear", candidates: [leadNotIn(largest.pair), leadNotIn(middle.pair)], sum };
  }
  if (sum.decision === "out") return { kind: "sum-off", sum };
  // The largest is run to start, so the lead that is not in it is common.
  const common = leadNotIn(largest.pair);
  if (!differ(middle, smallest, input.coverageFactor)) return { kind: "equal-windings", common, sum };
  const run = ([0, 1, 2] as const).find((lead) => lead !== common && LEAD_PAIRS[smallest.pair].includes(lead as never)) ?? 0;
  const roles = ([0, 1, 2] as const).map((lead): WindingRole => (lead === common ? "common" : lead === run ? "run" : "start"));
  const conflicts = ([0, 1, 2] as const).filter((lead) => input.marks[lead] !== null && input.marks[lead] !== roles[lead]);
  return {
    kind: "named",
    roles: roles as [WindingRole, WindingRole, WindingRole],
    runOhm: smallest.ohm - input.leadOhm,
    startOhm: middle.ohm - input.leadOhm,
    sum,
    conflicts,
  };
}

/**
 * Names common, run and start of three leads from the three readings between them, or says what the pattern means:
 * open winding, open common, short, a reading that cannot be, windings too alike to tell.
 * The largest reading is run to start; from common, the smaller is run. Every comparison is made against uncertainty.
 * @example 62.6, 48.5, 14.2 Ω on pairs 0-1, 0-2, 1-2: common 2, run 1, start 0
 * @source series law of resistance; Hughes, Electric Motors and Drives, ch. 6 (single-phase windings)
 */
export function identifyThreeLeads(input: ThreeLeadInput): ThreeLeadAnswer {
  const missing = input.pairs.findIndex((reading) => reading === null);
  if (missing !== -1) return { kind: "need-more", next: missing as PairIndex };
  const measured = input.pairs.flatMap((reading, pair) => (reading?.kind === "ohms" ? [{ ...reading, pair: pair as PairIndex }] : []));
  const [first, second, third] = [...measured].sort((a, b) => a.ohm - b.ohm);
  if (first === undefined) return { kind: "all-open" };
  if (second === undefined) {
    const lead = leadNotIn(first.pair);
    return { kind: "lead-open", lead, reads: first.pair, ohm: first.ohm, role: input.marks[lead] };
  }
  if (third === undefined) {
    // Two pairs that read share a lead, so the outer two are joined through it: the third cannot be open.
    const open = input.pairs.findIndex((reading) => reading?.kind === "open");
    return { kind: "impossible-open", pair: open as PairIndex };
  }
  return nameLeads([first, second, third], input);
}

/** Words on posts that state a role of any layout by themselves. */
const ROLE_MARKS: readonly (readonly [LayoutRole, RegExp])[] = [
  ["C", /^(c|com|common)$/i],
  ["R", /^(r|run|main|m)$/i],
  ["S", /^(s|start|aux|auxiliary|herm)$/i],
  ["HI", /^(hi|high|fast)$/i],
  ["MED", /^(med|medium|mid)$/i],
  ["LO", /^(lo|low|slow)$/i],
  ["CAP", /^(cap|capacitor)$/i],
];

/** Role of a layout that a post's name states by itself; colours are never evidence. */
export function roleFromMark(name: string): LayoutRole | null {
  return ROLE_MARKS.find(([, pattern]) => pattern.test(name.trim()))?.[0] ?? null;
}

const OF_THREE: Readonly<Record<LayoutRole, WindingRole>> = { C: "common", R: "run", S: "start" };

/** Role of one of three leads that its name states by itself (`C`, `Run`, `start`). */
export function roleFromName(name: string): WindingRole | null {
  return OF_THREE[roleFromMark(name) ?? ""] ?? null;
}
