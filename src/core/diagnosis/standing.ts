import { COMPLAINT_TABLE } from "./complaint-table";
import type { Evidence, Finding } from "./finding";
import { independentFindings } from "./one-fact";
import { faultSets, findingLikelihood } from "./outcome-model";
import { priorsFor, type MotorProfile, type PriorFactors } from "./priors";
import { togetherFactor } from "./together";
import { SUSPECTS, type Complaint, type Standee, type Suspect } from "./vocabulary";

/** A set of faults that may be present together, with its probability. */
export interface Hypothesis {
  readonly faults: readonly Suspect[];
  readonly probability: number;
}

/** One piece of evidence as it bears on one suspect: natural log of its weight (positive: for; negative: against). */
export interface Bearing {
  readonly evidence:
    { readonly kind: "complaint"; readonly complaint: Complaint } | { readonly kind: "finding"; readonly finding: Finding };
  readonly logWeight: number;
}

export interface SuspectStanding {
  readonly suspect: Standee;
  readonly probability: number;
  readonly evidence: readonly Bearing[];
}

export interface Standing {
  readonly hypotheses: readonly Hypothesis[];
  /** likeliest first */
  readonly suspects: readonly SuspectStanding[];
}

/** Evidence below this weight (a factor of 1.3) is not worth a word. */
const WORTH_SAYING = Math.log(1.3);

function complaintLikelihood(complaint: Complaint, faults: readonly Suspect[]): number {
  const { leak, given } = COMPLAINT_TABLE[complaint];
  return 1 - faults.reduce((none, fault) => none * (1 - (given[fault] ?? 0)), 1 - leak);
}

const toLog = (weight: number): number => Math.log(Math.max(weight, 1e-9));

/** Evidence for and against one suspect alone: a complaint against how the others explain it, a finding against nothing wrong. */
function bearingsOf(
  own: readonly Suspect[],
  singles: readonly (readonly Suspect[])[],
  nothing: readonly Suspect[],
  evidence: Evidence,
): Bearing[] {
  const others = Math.max(1, singles.length - 1);
  const complaints = evidence.complaints.map((complaint): Bearing => {
    const explained = complaintLikelihood(complaint, own);
    const usual = (singles.reduce((sum, single) => sum + complaintLikelihood(complaint, single), 0) - explained) / others;
    return { evidence: { kind: "complaint", complaint }, logWeight: toLog(explained / usual) };
  });
  const findings = evidence.findings.map((finding): Bearing => ({
    evidence: { kind: "finding", finding },
    logWeight: toLog(findingLikelihood(finding, own) / findingLikelihood(finding, nothing)),
  }));
  return [...complaints, ...findings]
    .filter(({ logWeight }) => Math.abs(logWeight) >= WORTH_SAYING)
    .sort((a, b) => Math.abs(b.logWeight) - Math.abs(a.logWeight));
}

/**
 * Weighs all evidence: Bayes over sets of at most two faults. Complaints by noisy or, tests by the ratio of given to base.
 * Because whole sets are weighed, a fault that is proven takes the complaint's support away from the others.
 * @param motor what the plate says; decides which parts can be at fault at all
 * @param factors the house's own view of how often each part is at fault, over the usual
 * @returns probability of each fault set, and of each suspect (they need not sum to 1: two may be at fault together)
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 4.3 (noisy or)
 */
export function weighEvidence(motor: MotorProfile, known: Evidence, factors: PriorFactors = {}): Standing {
  const evidence: Evidence = { ...known, findings: independentFindings(known.findings) };
  const priors = priorsFor(motor, factors);
  const present = SUSPECTS.filter((suspect) => priors.has(suspect));
  const sets = faultSets(present);
  const weighted = sets.map((faults) => {
    let weight = togetherFactor(faults);
    for (const fault of faults) {
      const p = priors.get(fault) ?? 0;
      weight *= p / (1 - p);
    }
    for (const complaint of evidence.complaints) weight *= complaintLikelihood(complaint, faults);
    for (const finding of evidence.findings) weight *= findingLikelihood(finding, faults);
    return { faults, weight };
  });
  const total = weighted.reduce((sum, { weight }) => sum + weight, 0);
  const hypotheses = weighted.map(({ faults, weight }) => ({ faults, probability: weight / total }));

  const [nothing = [], ...rest] = sets;
  const singles = rest.filter((faults) => faults.length === 1);
  const marginals = marginalProbabilities(hypotheses);
  const suspects = present.map((suspect, index): SuspectStanding => ({
    suspect,
    probability: marginals.get(suspect) ?? 0,
    evidence: bearingsOf(singles[index] ?? [suspect], singles, nothing, evidence),
  }));
  const noFault: SuspectStanding = { suspect: "no-fault", probability: hypotheses[0]?.probability ?? 0, evidence: [] };
  return { hypotheses, suspects: [...suspects, noFault].sort((a, b) => b.probability - a.probability) };
}

/** Probability that each suspect is at fault, alone or with another. */
export function marginalProbabilities(hypotheses: readonly Hypothesis[]): Map<Suspect, number> {
  const marginals = new Map<Suspect, number>();
  for (const { faults, probability } of hypotheses) {
    for (const fault of faults) marginals.set(fault, (marginals.get(fault) ?? 0) + probability);
  }
  return marginals;
}
