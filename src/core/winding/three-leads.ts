import { combineStandard, normalCdf } from "../quantity";
import { LEAST_MAIN_OHM, LEAST_MAIN_PART } from "./least-ohms";

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
  | {
      /** run and start differ by less than the meter can see */
      readonly kind: "order-unclear";
      readonly common: LeadIndex;
      /** likelier run, and how likely */
      readonly run: LeadIndex;
      readonly chance: number;
      /** chance that the windings are equal on purpose */
      readonly equalChance: number;
      readonly sum: SumCheck;
    }
  | { readonly kind: "common-unclear"; readonly candidates: readonly [LeadIndex, LeadIndex]; readonly sum: SumCheck }
  /** one changed digit in this pair would name the other lead common, and the sum would not tell */
  | {
      readonly kind: "digit-unclear";
      readonly pair: PairIndex;
      readonly candidates: readonly [LeadIndex, LeadIndex];
      readonly sum: SumCheck;
    }
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
  /** windings equal on purpose are possible: reversible fan and drum motors, never a compressor */
  readonly mayBeEqual: boolean;
}

/** A sum that holds to less than this many standard uncertainties holds as well as rounding lets it. */
const TIGHT = 0.75;

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

/**
 * Ohms of the smallest winding from both places where it shows: its own pair, and the largest reading over the middle one.
 * @source weighted mean of two estimates; JCGM 100:2008, 5.1.2
 */
function smallestWinding([smallest, middle, largest]: readonly [Ranked, Ranked, Ranked], { leadOhm, leadStandardOhm }: ThreeLeadInput) {
  const own = { ohm: smallest.ohm - leadOhm, u: combineStandard(smallest.standardUncertainty, leadStandardOhm) };
  const over = { ohm: largest.ohm - middle.ohm, u: combineStandard(largest.standardUncertainty, middle.standardUncertainty) };
  const weight = own.u ** -2 + over.u ** -2;
  return { ohm: (own.ohm / own.u ** 2 + over.ohm / over.u ** 2) / weight, standardOhm: weight ** -0.5 };
}

/** Near zero on its own pair, and no winding that small goes with the other readings. */
function isShorted(ranked: readonly [Ranked, Ranked, Ranked], input: ThreeLeadInput): boolean {
  const [smallest, middle] = ranked;
  const { ohm, standardOhm } = smallestWinding(ranked, input);
  const least = Math.max(LEAST_MAIN_OHM, LEAST_MAIN_PART * (middle.ohm - input.leadOhm));
  return smallest.ohm - input.leadOhm <= input.nearZeroOhm && ohm + input.coverageFactor * standardOhm < least;
}

/** How often windings are equal on purpose where they can be; else the start winding has so many times the ohms of the main. Judgement. */
const EQUAL_SHARE = 0.15;
const START_RATIO = { least: 1, most: 5 } as const;
/** A mark at the lead is right more often than wrong. */
const MARK_FACTOR = 5;

interface OrderChances {
  /** the smaller reading is the run winding */
  readonly asRead: number;
  readonly equal: number;
}

/**
 * Chances of the order of two windings whose readings differ by less than the meter sees, by Bayes: start windings spread
 * evenly over the usual ratios, equal ones where they are possible.
 * @param differenceOhm middle less smallest; `standardOhm` of the difference
 */
function orderChances(differenceOhm: number, standardOhm: number, runOhm: number, equalShare: number, markOdds: number): OrderChances {
  const [least, most] = [(START_RATIO.least - 1) * runOhm, (START_RATIO.most - 1) * runOhm];
  const spread = (difference: number): number =>
    (normalCdf((difference - least) / standardOhm) - normalCdf((difference - most) / standardOhm)) / (most - least);
  const asRead = ((1 - equalShare) / 2) * spread(differenceOhm) * markOdds;
  const reversed = ((1 - equalShare) / 2) * spread(-differenceOhm);
  const equal = (equalShare * Math.exp(-0.5 * (differenceOhm / standardOhm) ** 2)) / (standardOhm * Math.sqrt(2 * Math.PI));
  const total = asRead + reversed + equal;
  return total > 0 ? { asRead: asRead / total, equal: equal / total } : { asRead: 0.5, equal: 0 };
}

function nameLeads(ranked: readonly [Ranked, Ranked, Ranked], input: ThreeLeadInput): ThreeLeadAnswer {
  const [smallest, middle, largest] = ranked;
  if (largest.ohm - input.leadOhm <= input.nearZeroOhm) return { kind: "all-near-zero" };
  const sum = checkSum(ranked, input);
  // The same check with the middle reading taken for the largest: only where that fits far worse is common sure.
  const otherSum = checkSum([smallest, largest, middle], input);
  const score = ({ mismatchOhm, standardUncertaintyOhm }: SumCheck): number => (mismatchOhm / standardUncertaintyOhm) ** 2;
  if (score(otherSum) - score(sum) < input.coverageFactor ** 2) {
    if (isShorted(ranked, input)) {
      return { kind: "shorted", pair: smallest.pair, ohm: smallest.ohm, othersOhm: (largest.ohm + middle.ohm) / 2 };
    }
    if (sum.decision !== "out") return { kind: "common-unclear", candidates: [leadNotIn(largest.pair), leadNotIn(middle.pair)], sum };
  }
  if (sum.decision === "out") return { kind: "sum-off", sum };
  // Two largest closer than the meter sees name common only by the sum, and then the sum has to be as good as it gets.
  if (!differ(largest, middle, input.coverageFactor) && Math.abs(sum.mismatchOhm) > TIGHT * sum.standardUncertaintyOhm)
    return { kind: "common-unclear", candidates: [leadNotIn(largest.pair), leadNotIn(middle.pair)], sum };
  // The largest is run to start, so the lead that is not in it is common.
  const common = leadNotIn(largest.pair);
  const run = ([0, 1, 2] as const).find((lead) => lead !== common && LEAD_PAIRS[smallest.pair].includes(lead as never)) ?? 0;
  const start = ([0, 1, 2] as const).find((lead) => lead !== common && lead !== run) ?? 0;
  if (!differ(middle, smallest, input.coverageFactor)) {
    const says = (lead: LeadIndex, role: WindingRole, other: WindingRole): number =>
      input.marks[lead] === role ? MARK_FACTOR : input.marks[lead] === other ? 1 / MARK_FACTOR : 1;
    const { asRead, equal } = orderChances(
      middle.ohm - smallest.ohm,
      combineStandard(middle.standardUncertainty, smallest.standardUncertainty),
      Math.max(smallest.ohm - input.leadOhm, LEAST_MAIN_OHM),
      input.mayBeEqual ? EQUAL_SHARE : 0,
      says(run, "run", "start") * says(start, "start", "run"),
    );
    const isReversed = asRead < 1 - asRead - equal;
    return {
      kind: "order-unclear",
      common,
      run: isReversed ? start : run,
      chance: isReversed ? 1 - asRead - equal : asRead,
      equalChance: equal,
      sum,
    };
  }
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
 * @param input the figure, its uncertainty, its limits and the house rules
 * @returns the roles, or what is missing or impossible
 * @source series law of resistance; Hughes, Electric Motors and Drives, ch. 6 (single-phase windings)
 * @example 62.6, 48.5, 14.2 Ω on pairs 0-1, 0-2, 1-2: common 2, run 1, start 0
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

/** What a maker may mark a lead with, where a person says so; the ids are persisted: do not change without a migration. */
export const LEAD_MARKS = ["C", "R", "S", "HI", "MED", "LO", "CAP"] as const;
export type LeadMark = (typeof LEAD_MARKS)[number];

const MARK_WORDS: readonly (readonly [LeadMark, RegExp])[] = [
  ["C", /^(c|com|common)$/i],
  ["R", /^(r|run|main|m)$/i],
  ["S", /^(s|start|aux|auxiliary|herm)$/i],
  ["HI", /^(hi|high|fast)$/i],
  ["MED", /^(med|medium|mid)$/i],
  ["LO", /^(lo|low|slow)$/i],
  ["CAP", /^(cap|capacitor)$/i],
];

/**
 * The mark a name looks like, to ask about: a name is never evidence by itself.
 * @param name what it is called
 * @returns the mark; null: the name looks like none
 */
export function markLikeName(name: string): LeadMark | null {
  return MARK_WORDS.find(([, pattern]) => pattern.test(name.trim()))?.[0] ?? null;
}

const OF_THREE: Readonly<Partial<Record<LeadMark, WindingRole>>> = { C: "common", R: "run", S: "start" };

/**
 * Role of one of three leads that its mark states.
 * @param mark the maker's mark; null: none
 * @returns the role; null: no mark, or one that is no lead's
 */
export const roleOfMark = (mark: LeadMark | null): WindingRole | null => (mark === null ? null : (OF_THREE[mark] ?? null));
