import { TESTS, type Suspect, type TestId } from "../trade";
import type { Finding, MeasuredLikelihood } from "./finding";
import { sizesLikelihood } from "./size";
import { TEST_TABLE, type OutcomeRow } from "./test-table";

/** Outcome names of each test, in the order of the table; probabilities below are in the same order. */
export const OUTCOME_NAMES = Object.fromEntries(TESTS.map((test) => [test, Object.keys(TEST_TABLE[test].outcomes)])) as unknown as Record<
  TestId,
  readonly string[]
>;
const OUTCOME_ROWS = Object.fromEntries(TESTS.map((test) => [test, Object.values(TEST_TABLE[test].outcomes)])) as unknown as Record<
  TestId,
  readonly OutcomeRow[]
>;

/** A capacitor finding speaks of one capacitor only: rows of the other are left out. */
function bearsOn(fault: Suspect, about: Finding["about"]): boolean {
  return about === undefined || fault === about || (fault !== "run-capacitor" && fault !== "start-capacitor");
}

function compute(test: TestId, faults: readonly Suspect[], about: Finding["about"]): readonly number[] {
  const raw = OUTCOME_ROWS[test].map((row) =>
    faults.reduce((product, fault) => {
      const given = bearsOn(fault, about) ? row.given[fault] : undefined;
      return given === undefined ? product : product * (given / row.base);
    }, row.base),
  );
  const total = raw.reduce((sum, value) => sum + value, 0);
  return raw.map((value) => value / total);
}

// The tables are constant, so each answer is worked out once for each set of faults.
const memory = new WeakMap<readonly Suspect[], Map<string, readonly number[]>>();

/**
 * Probability of each outcome of a test when these faults are present: base × Π(given/base), brought to sum 1.
 * @param test which test
 * @param faults parts at fault together; empty: none
 * @param about what else is known of the part that was tested
 * @returns in the order of OUTCOME_NAMES[test]
 */
export function outcomeProbabilities(test: TestId, faults: readonly Suspect[], about?: Finding["about"]): readonly number[] {
  const known = memory.get(faults) ?? new Map<string, readonly number[]>();
  memory.set(faults, known);
  const key = about === undefined ? test : `${test} ${about}`;
  const found = known.get(key) ?? compute(test, faults, about);
  known.set(key, found);
  return found;
}

/** Outcomes a finding speaks of, as places in the table with their weights; worked out once a finding. */
const spoken = new WeakMap<Finding, readonly (readonly [index: number, weight: number])[]>();

function weightsOf(finding: Finding): readonly (readonly [index: number, weight: number])[] {
  const known = spoken.get(finding);
  if (known) return known;
  const names = OUTCOME_NAMES[finding.test];
  const found = Object.entries(finding.weights).map(([outcome, weight]) => [names.indexOf(outcome), weight ?? 0] as const);
  spoken.set(finding, found);
  return found;
}

/** Figures may have been taken at another moment and the model is not the motor: they never convict beyond this ratio. */
const LEAST_MEASURED = 0.01;

/** Likelihood of measured figures: of one fault as the model has it; of two, each is as likely to be what shows. */
function measuredLikelihood(measured: MeasuredLikelihood, faults: readonly Suspect[]): number {
  const sound = measured["no-fault"] ?? 1;
  if (faults.length === 0) return Math.max(sound, LEAST_MEASURED);
  const sum = faults.reduce((total, fault) => total + (measured[fault] ?? sound), 0);
  return Math.max(sum / faults.length, LEAST_MEASURED);
}

/**
 * Likelihood of a finding under a set of faults: of figures that a model of the machine was asked about, the model's; of
 * figures whose size counts, that of their curve; else by the table. A split finding is virtual evidence: its weights are the likelihoods of what was seen under each outcome.
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 2.2.2
 */
export function findingLikelihood(finding: Finding, faults: readonly Suspect[]): number {
  return plainLikelihood(finding, faults) * (finding.beside ? sizesLikelihood(finding.beside, faults) : 1);
}

function plainLikelihood(finding: Finding, faults: readonly Suspect[]): number {
  if (finding.measured) return measuredLikelihood(finding.measured, faults);
  if (finding.sizes)
    return sizesLikelihood(
      finding.sizes,
      faults.filter((fault) => bearsOn(fault, finding.about)),
    );
  const probabilities = outcomeProbabilities(finding.test, faults, finding.about);
  let likelihood = 0;
  for (const [index, weight] of weightsOf(finding)) likelihood += weight * (probabilities[index] ?? 0);
  return likelihood;
}

const sets = new Map<string, readonly (readonly Suspect[])[]>();

/** No fault, every single fault, every pair of faults; the same list object for the same suspects. */
export function faultSets(present: readonly Suspect[]): readonly (readonly Suspect[])[] {
  const key = present.join();
  const found = sets.get(key);
  if (found) return found;
  const singles = present.map((suspect) => [suspect]);
  const pairs = present.flatMap((first, index) => present.slice(index + 1).map((second) => [first, second]));
  const made = [[], ...singles, ...pairs];
  sets.set(key, made);
  return made;
}
