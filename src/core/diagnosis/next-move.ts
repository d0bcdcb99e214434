import type { ActionId, Suspect, TestId } from "./vocabulary";
import type { Finding } from "./finding";
import { outcomeProbabilities } from "./outcome-model";
import { marginalProbabilities, type Hypothesis } from "./standing";
import { TEST_TABLE, type OutcomeRow } from "./test-table";

/** A test that could be made next, with what it costs from where the technician stands. */
export interface TestOffer {
  readonly test: TestId;
  /** the test itself and any change of power state before it */
  readonly minutes: number;
  readonly informationBits: number;
  /** suspects whose standing the test can move most, the most first */
  readonly settles: readonly Suspect[];
}

/** What to do now, and why. */
export type Move =
  | { readonly kind: "test"; readonly offer: TestOffer; readonly others: readonly TestOffer[] }
  | { readonly kind: "check-first"; readonly offer: TestOffer; readonly before: ActionId }
  | { readonly kind: "decide" };

/** Minutes that a change of power state costs before a test in the other state. */
export const STATE_CHANGE_MINUTES = { "to-dead": 4, "to-live": 3 } as const;

/** Below this, one more test changes too little to be worth the walk. */
const WORTH_TESTING_BITS = 0.06;

function entropyBits(probabilities: readonly number[]): number {
  let sum = 0;
  for (const p of probabilities) if (p > 0) sum -= p * Math.log2(p);
  return sum;
}

/**
 * Expected information of a test about which faults are present: I = H(outcome) − Σ P(faults) H(outcome | faults).
 * @returns bits, ≥ 0
 * @source Cover & Thomas, Elements of Information Theory, eq. 2.38
 */
export function informationBits(test: TestId, hypotheses: readonly Hypothesis[]): number {
  const mixed = Object.keys(TEST_TABLE[test].outcomes).map(() => 0);
  let within = 0;
  for (const { faults, probability } of hypotheses) {
    if (probability < 1e-6) continue;
    const outcomes = outcomeProbabilities(test, faults);
    within += probability * entropyBits(outcomes);
    for (let index = 0; index < mixed.length; index += 1) mixed[index] = (mixed[index] ?? 0) + probability * (outcomes[index] ?? 0);
  }
  return Math.max(0, entropyBits(mixed) - within);
}

/** How far a test's outcomes lie apart for each suspect it speaks of. */
const CONTRASTS = new Map(
  (Object.keys(TEST_TABLE) as TestId[]).map((test) => {
    const contrast = new Map<Suspect, number>();
    for (const row of Object.values<OutcomeRow>(TEST_TABLE[test].outcomes)) {
      for (const [suspect, given] of Object.entries(row.given) as [Suspect, number][]) {
        contrast.set(suspect, (contrast.get(suspect) ?? 0) + Math.abs(given - row.base));
      }
    }
    return [test, contrast] as const;
  }),
);

/** Suspects this test speaks of, by how far it can move them and how likely they are now. */
function settledBy(test: TestId, marginals: ReadonlyMap<Suspect, number>): Suspect[] {
  return [...(CONTRASTS.get(test) ?? [])]
    .map(([suspect, contrast]) => ({ suspect, weight: contrast * (marginals.get(suspect) ?? 0) }))
    .filter(({ weight }) => weight > 0.002)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, 3)
    .map(({ suspect }) => suspect);
}

/** Tests that something already seen forbids. */
function blockedTests(findings: readonly Finding[]): Set<TestId> {
  return new Set(
    findings.flatMap((finding) =>
      Object.entries(finding.weights)
        .filter(([, weight]) => (weight ?? 0) > 0.5)
        .flatMap(([outcome]) => (TEST_TABLE[finding.test].outcomes as Record<string, OutcomeRow>)[outcome]?.blocks ?? []),
    ),
  );
}

/**
 * The next test by information per minute among those at hand, never one that a finding forbids; a change of power
 * state is counted in its minutes. Stops when no test is worth making, after the checks the likely action asks for.
 * @param at.hand tests that can be made (their station exists, is neither done nor skipped)
 * @param at.power the state the circuit is in
 */
export function chooseMove(
  hypotheses: readonly Hypothesis[],
  findings: readonly Finding[],
  at: { readonly hand: readonly TestId[]; readonly power: "dead" | "live" },
  likely: { readonly action: ActionId; readonly checkFirst: readonly TestId[] },
): Move {
  const blocked = blockedTests(findings);
  const marginals = marginalProbabilities(hypotheses);
  const offers = at.hand
    .filter((test) => !blocked.has(test))
    .map((test): TestOffer => {
      const spec = TEST_TABLE[test];
      const change = spec.power === at.power ? 0 : STATE_CHANGE_MINUTES[spec.power === "dead" ? "to-dead" : "to-live"];
      return {
        test,
        minutes: spec.minutes + change,
        informationBits: informationBits(test, hypotheses),
        settles: settledBy(test, marginals),
      };
    })
    .sort((a, b) => b.informationBits / b.minutes - a.informationBits / a.minutes);
  const worthwhile = offers.filter((offer) => offer.informationBits >= WORTH_TESTING_BITS);
  const [best, ...others] = worthwhile;
  if (best) return { kind: "test", offer: best, others };
  const check = likely.checkFirst.map((test) => offers.find((offer) => offer.test === test)).find((offer) => offer !== undefined);
  return check ? { kind: "check-first", offer: check, before: likely.action } : { kind: "decide" };
}
