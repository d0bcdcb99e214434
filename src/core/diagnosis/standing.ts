import { SUSPECTS, type Complaint, type Standee, type Suspect } from "../trade";
import { AS_USUAL, complaintLikelihood, unsaidLikelihood, unsaidOf, type Heard, type Unsaid } from "./complaint-model";
import type { Evidence, Finding, RuledOut } from "./finding";
import { historyLikelihood, type History } from "./history-table";
import { givenBack } from "./measured-out";
import { independentFindings } from "./one-fact";
import { faultSets, findingLikelihood } from "./outcome-model";
import { ONE_COIL, priorsFor, type MotorProfile, type PriorFactors } from "./priors";
import { gravenessOf } from "./size";
import { togetherFactor } from "./together";

/** A set of faults that may be present together, with its probability. */
export interface Hypothesis {
  readonly faults: readonly Suspect[];
  readonly probability: number;
}

/** One thing that is known, of whatever kind. `unsaid`: a complaint that was not made and could have been. */
export type EvidenceSource =
  | { readonly kind: "complaint"; readonly complaint: Complaint }
  | { readonly kind: "unsaid"; readonly unsaid: Unsaid }
  | { readonly kind: "history"; readonly history: History }
  | { readonly kind: "ruled-out"; readonly ruledOut: RuledOut }
  | { readonly kind: "finding"; readonly finding: Finding };

/** One piece of evidence as it bears on one suspect: natural log of its weight (positive: for; negative: against). */
export interface Pull {
  readonly evidence: EvidenceSource;
  readonly logWeight: number;
}

export interface SuspectStanding {
  readonly suspect: Standee;
  readonly probability: number;
  readonly evidence: readonly Pull[];
}

export interface Standing {
  readonly hypotheses: readonly Hypothesis[];
  /** likeliest first */
  readonly suspects: readonly SuspectStanding[];
}

/** How a house weighs what it is told. */
export interface Weights {
  /** the house's own view of how often each part is at fault, over the usual */
  readonly priors?: PriorFactors;
  /** how much a complaint that was not made counts, against one that was */
  readonly unsaid?: number;
}

/** Evidence below this weight (a factor of 1.3) is not worth a word. */
const WORTH_SAYING = Math.log(1.3);
/** What nobody said is told where it weighs at least by half. */
const WORTH_SAYING_UNSAID = Math.log(1.5);
/** Who looked and listened, and says why, is wrong about one time in eight. Judgement. */
const RULED_OUT_WRONGLY = 0.12;
/** Chosen by simulation with talkative and terse customers; a house rule. */
const USUAL_UNSAID = 0.6;

const toLog = (weight: number): number => Math.log(Math.max(weight, 1e-9));

function knownOf({ complaints, isRoutine, findings, history = [], ruledOut = [] }: Evidence, unsaid: number): readonly EvidenceSource[] {
  return [
    ...complaints.map((complaint): EvidenceSource => ({ kind: "complaint", complaint })),
    ...(unsaid > 0 ? unsaidOf(complaints, isRoutine).map((each): EvidenceSource => ({ kind: "unsaid", unsaid: each })) : []),
    ...history.map((each): EvidenceSource => ({ kind: "history", history: each })),
    ...ruledOut.map((each): EvidenceSource => ({ kind: "ruled-out", ruledOut: each })),
    ...independentFindings(findings).map((finding): EvidenceSource => ({ kind: "finding", finding })),
  ];
}

function likelihoodOf(known: EvidenceSource, faults: readonly Suspect[], unsaid: number, heard: Heard): number {
  switch (known.kind) {
    case "complaint":
      return complaintLikelihood(known.complaint, faults, heard);
    case "unsaid":
      return unsaidLikelihood(known.unsaid, faults, unsaid, { ...heard, graveness: AS_USUAL.graveness });
    case "history":
      return historyLikelihood(known.history, faults);
    case "ruled-out":
      return faults.includes(known.ruledOut.suspect) ? RULED_OUT_WRONGLY : 1;
    case "finding":
      return findingLikelihood(known.finding, faults);
  }
}

type FaultSets = readonly (readonly Suspect[])[];

/** A plain finding, one outcome and no doubt about it, weighs the same on every card of such a motor; split and measured ones do not. */
function plainKey({ test, about, weights, measured, sizes, beside }: Finding): string | null {
  if (measured || sizes || beside) return null;
  const [only, another] = Object.entries(weights);
  return only && another === undefined && only[1] === 1 ? `${test}/${only[0]} ${about ?? ""}` : null;
}

/** What is said weighs the same on every card of such a motor: worked out once. */
const said = new WeakMap<FaultSets, Map<string, readonly number[]>>();
const keyOf = (known: EvidenceSource, unsaid: number, heard: Heard): string | null => {
  // What a figure shows to be grave is this card's own.
  const kind = heard.isOneCoil ? "one coil " : "";
  if (known.kind === "complaint") return heard.graveness.size > 0 ? null : `${kind}${known.complaint}`;
  if (known.kind === "unsaid") return `${kind}${unsaid} ${known.unsaid.join()}`;
  if (known.kind === "finding") return plainKey(known.finding);
  return known.kind === "history" ? known.history : null;
};

/** Log-likelihood of one piece of evidence under each set of faults. */
function logsOf(known: EvidenceSource, sets: FaultSets, unsaid: number, heard: Heard): readonly number[] {
  const rows = said.get(sets) ?? new Map<string, readonly number[]>();
  said.set(sets, rows);
  const key = keyOf(known, unsaid, heard);
  const found = (key !== null && rows.get(key)) || sets.map((faults) => toLog(likelihoodOf(known, faults, unsaid, heard)));
  if (key !== null) rows.set(key, found);
  return found;
}

/** One piece of evidence with what it comes to for nothing wrong, and for each suspect alone. */
interface Spoken {
  readonly evidence: EvidenceSource;
  readonly nothing: number;
  readonly alone: readonly number[];
  /** sum of the likelihoods of all suspects alone */
  readonly total: number;
}

function spokenOf(evidence: EvidenceSource, logs: readonly number[], singles: number): Spoken {
  const alone = logs.slice(1, singles + 1);
  return { evidence, nothing: logs[0] ?? 0, alone, total: alone.reduce((sum, log) => sum + Math.exp(log), 0) };
}

/** Evidence for and against one suspect alone: what was said against how the others explain it, a finding against nothing wrong. */
function pullsOf(own: number, all: readonly Spoken[]): Pull[] {
  return all
    .map(({ evidence, nothing, alone, total }): Pull => {
      const mine = alone[own] ?? 0;
      const isMeasured = evidence.kind === "finding" || evidence.kind === "ruled-out";
      const others = (total - Math.exp(mine)) / Math.max(1, alone.length - 1);
      return { evidence, logWeight: mine - (isMeasured ? nothing : toLog(others)) };
    })
    .filter(({ evidence, logWeight }) => Math.abs(logWeight) >= (evidence.kind === "unsaid" ? WORTH_SAYING_UNSAID : WORTH_SAYING))
    .sort((a, b) => Math.abs(b.logWeight) - Math.abs(a.logWeight));
}

/**
 * Weighs all evidence: Bayes over sets of at most two faults. Complaints by noisy or, those not made by a part of their
 * weight, tests by the ratio of given to base.
 * A part that was measured out stays out, however little it shows. Because whole sets are weighed, a fault that is proven takes the complaint's support away from the others.
 * @param motor what the plate says; decides which parts can be at fault at all
 * @param known everything that was said and found
 * @param weights how this house weighs
 * @returns probability of each fault set, and of each suspect (they need not sum to 1: two may be at fault together)
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 4.3 (noisy or)
 */
export function weighEvidence(
  motor: MotorProfile,
  known: Evidence,
  { priors: factors = {}, unsaid = USUAL_UNSAID }: Weights = {},
): Standing {
  const priors = priorsFor(motor, factors);
  const present = SUSPECTS.filter((suspect) => priors.has(suspect));
  const sets = faultSets(present);
  const all = knownOf(known, unsaid);
  const heard: Heard = {
    graveness: gravenessOf(known.findings.flatMap(({ sizes = [] }) => sizes)),
    isOneCoil: ONE_COIL.includes(motor.type),
  };
  const logs = all.map((each) => logsOf(each, sets, unsaid, heard));
  const rows = all.map((each, index) => ({ test: each.kind === "finding" ? each.finding.test : null, logs: logs[index] ?? [] }));
  const back = givenBack(sets, rows);
  const odds = new Map([...priors].map(([suspect, p]) => [suspect, Math.log(p / (1 - p))]));
  const logWeights = sets.map((faults, index) => {
    let sum = toLog(togetherFactor(faults)) + (back[index] ?? 0);
    for (const fault of faults) sum += odds.get(fault) ?? 0;
    for (const row of logs) sum += row[index] ?? 0;
    return sum;
  });
  const most = Math.max(...logWeights);
  const weights = logWeights.map((each) => Math.exp(each - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const hypotheses = sets.map((faults, index) => ({ faults, probability: (weights[index] ?? 0) / total }));

  const marginals = marginalProbabilities(hypotheses);
  const spoken = all.map((each, index) => spokenOf(each, logs[index] ?? [], present.length));
  const suspects = present.map((suspect, index): SuspectStanding => ({
    suspect,
    probability: marginals.get(suspect) ?? 0,
    evidence: pullsOf(index, spoken),
  }));
  const noFault: SuspectStanding = { suspect: "no-fault", probability: hypotheses[0]?.probability ?? 0, evidence: [] };
  return { hypotheses, suspects: [...suspects, noFault].sort((a, b) => b.probability - a.probability) };
}

/**
 * Probability that each suspect is at fault, alone or with another.
 * @param hypotheses sets of faults with their probabilities
 * @returns probability of each suspect
 */
export function marginalProbabilities(hypotheses: readonly Hypothesis[]): Map<Suspect, number> {
  const marginals = new Map<Suspect, number>();
  for (const { faults, probability } of hypotheses) {
    for (const fault of faults) marginals.set(fault, (marginals.get(fault) ?? 0) + probability);
  }
  return marginals;
}
