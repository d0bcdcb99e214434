import { type MachineKind, TESTS, type ActionId, type Standee, type Suspect, type TestId } from "../trade";
import type { Finding } from "./finding";
import { OUTCOME_NAMES, outcomeProbabilities } from "./outcome-model";
import { leftToSee } from "./left-to-see";
import { barOf, tripChecks } from "./permission";
import { marginalProbabilities, type Hypothesis } from "./standing";
import { INSTRUMENTS, TEST_TABLE, type Instrument, type OutcomeRow } from "./test-table";

/** What one outcome of a test would come to. */
export interface OutcomeMeaning {
  readonly outcome: string;
  readonly probability: number;
  /** who would lead then, and how likely */
  readonly leads: Standee;
  readonly leadsProbability: number;
  /** what would be done then, and on the same visit */
  readonly action: ActionId;
  readonly also: ActionId | null;
}

/** A test that could be made next, with what it costs from where the technician stands. */
export interface TestOffer {
  readonly test: TestId;
  /** the test itself and any change of power state before it */
  readonly minutes: number;
  readonly informationBits: number;
  /** suspects whose standing the test can move most, the most first */
  readonly settles: readonly Suspect[];
  /** what each outcome would mean, the likeliest first */
  readonly outcomes: readonly OutcomeMeaning[];
  /** what knowing the outcome would save on average, in the house's money */
  readonly saving: number;
}

/** What to do now, and why. */
export type Move =
  | { readonly kind: "test"; readonly offer: TestOffer; readonly others: readonly TestOffer[] }
  | { readonly kind: "check-first"; readonly offer: TestOffer; readonly before: ActionId; readonly others: readonly TestOffer[] }
  /** asked for in any case, and made before the power changes: coming back for it costs minutes */
  | { readonly kind: "while-here"; readonly offer: TestOffer; readonly before: ActionId; readonly others: readonly TestOffer[] }
  | { readonly kind: "decide"; readonly others: readonly TestOffer[] };

/** How the decision looks from a belief. */
export interface BestAction {
  /** the cheapest way on, and what it costs on average */
  readonly now: (hypotheses: readonly Hypothesis[]) => {
    readonly action: ActionId;
    readonly also: ActionId | null;
    readonly expectedCost: number;
  };
  /** what the right work costs once the faults are known */
  readonly settled: (faults: readonly Suspect[]) => number;
  /** whether a way on is right for these faults: each of its works puts one of them right; nothing done where nothing is wrong */
  readonly serves: (work: { readonly action: ActionId; readonly also: ActionId | null }, faults: readonly Suspect[]) => boolean;
}

/** Minutes that a change of power state costs before a test in the other state. */
export const STATE_CHANGE_MINUTES = { "to-dead": 4, "to-live": 3 } as const;

/** Below this, one more test changes too little to be worth the walk. */
const WORTH_TESTING_BITS = 0.03;
/** Faults below this chance move no outcome that anybody would notice, and cost time to weigh. */
const EXCLUDED = 2e-4;
/** An outcome rarer than this is not waited for. */
const RARE = 0.02;
/** Rates that differ by less than this part are a tie: then the order of practice decides. */
const TIE = 0.1;
/**
 * How many times its minutes a test must save. Well above 1: the saving looks one step ahead and takes for granted that
 * whatever is left then can be settled, so it promises too much; and the machine stands while it is tested. Set by the
 * simulation of the bench: fewer minutes than a fixed order, and right oftener.
 */
const MUST_SAVE = 5;
/**
 * Below this chance of being right, what is cheapest is a guess: tests go on while one of them tells anything, and
 * costs less than what is at stake. A wrong work, or a motor called sound that is not, is paid for by trust besides. Set by walked
 * jobs: right as often with 0.75 as with 0.9, and four minutes sooner.
 */
const SURE = 0.75;
/** From this chance of being right on, what the work asks for is asked while the power is as it is. Judgement. */
const LIKELY = 0.5;
/** So much a test has to tell then. */
const TELLS_BITS = 0.04;
/** Nobody goes on for ever: after so many tests what is left is decided by what it costs. Judgement. */
const MOST_TESTS = 14;
/** Each test that was made makes the next harder to justify: what many tests have left open, one more seldom settles. Judgement. */
const PATIENCE_TESTS = 8;
function entropyBits(probabilities: readonly number[]): number {
  let sum = 0;
  for (const p of probabilities) if (p > 0) sum -= p * Math.log2(p);
  return sum;
}

/** Bits of the rows of the outcome tables: they are the same ones each time. */
const rowBits = new WeakMap<readonly number[], number>();
function bitsOfRow(outcomes: readonly number[]): number {
  const known = rowBits.get(outcomes);
  if (known !== undefined) return known;
  const bits = entropyBits(outcomes);
  rowBits.set(outcomes, bits);
  return bits;
}

/** Probabilities of a test's outcomes under each hypothesis, worked out once for everything that is asked of the test. */
type OutcomeTable = readonly (readonly number[])[];
const tableOf = (test: TestId, hypotheses: readonly Hypothesis[]): OutcomeTable =>
  hypotheses.map(({ faults }) => outcomeProbabilities(test, faults));

/**
 * Expected information of a test about which faults are present: I = H(outcome) − Σ P(faults) H(outcome | faults).
 * @param test which test
 * @param hypotheses sets of faults with their probabilities
 * @param table outcomes of every test with their weights
 * @returns bits, ≥ 0
 * @source Cover & Thomas, Elements of Information Theory, eq. 2.38
 */
export function informationBitsOf(test: TestId, hypotheses: readonly Hypothesis[], table = tableOf(test, hypotheses)): number {
  const mixed = OUTCOME_NAMES[test].map(() => 0);
  let within = 0;
  hypotheses.forEach(({ probability }, at) => {
    if (probability < 1e-6) return;
    const outcomes = table[at] ?? [];
    within += probability * bitsOfRow(outcomes);
    for (let index = 0; index < mixed.length; index += 1) mixed[index] = (mixed[index] ?? 0) + probability * (outcomes[index] ?? 0);
  });
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

/** Belief after a test showed one of its outcomes (Bayes). */
function after(hypotheses: readonly Hypothesis[], table: OutcomeTable, index: number, probability: number): Hypothesis[] {
  return hypotheses.map(({ faults, probability: before }, at) => ({
    faults,
    probability: (before * (table[at]?.[index] ?? 0)) / probability,
  }));
}

function leaderOf(hypotheses: readonly Hypothesis[]): { leads: Standee; leadsProbability: number } {
  let leads: Standee = "no-fault";
  let leadsProbability = hypotheses.find(({ faults }) => faults.length === 0)?.probability ?? 0;
  for (const [suspect, probability] of marginalProbabilities(hypotheses)) {
    if (probability > leadsProbability) [leads, leadsProbability] = [suspect, probability];
  }
  return { leads, leadsProbability };
}

/** What each outcome would mean; outcomes too rare to wait for are left out. */
function meaningsOf(
  test: TestId,
  hypotheses: readonly Hypothesis[],
  table: OutcomeTable,
  best: BestAction,
  rate: number,
): (OutcomeMeaning & { readonly cost: number })[] {
  return OUTCOME_NAMES[test]
    .map((outcome, index) => {
      let probability = 0;
      hypotheses.forEach((each, at) => (probability += each.probability * (table[at]?.[index] ?? 0)));
      return { outcome, index, probability };
    })
    .filter(({ probability }) => probability >= RARE)
    .sort((a, b) => b.probability - a.probability)
    .map(({ outcome, index, probability }) => {
      const then = after(hypotheses, table, index, probability);
      const { action, also, expectedCost } = best.now(then);
      return { outcome, probability, ...leaderOf(then), action, also, cost: costThen(then, expectedCost, best, rate) };
    });
}

/** Where a test stands in the order of practice: senses before meters, dead before live, cheap before dear. */
const ORDER_OF_PRACTICE = new Map(
  TESTS.map((test, index) => [test, index + (TEST_TABLE[test].power === "live" ? TESTS.length : 0)] as const),
);

/** By information per minute; near ties by the order of practice. */
function byRate(a: TestOffer, b: TestOffer): number {
  const [rateA, rateB] = [a.informationBits / a.minutes, b.informationBits / b.minutes];
  if (Math.abs(rateA - rateB) <= TIE * Math.max(rateA, rateB))
    return (ORDER_OF_PRACTICE.get(a.test) ?? 0) - (ORDER_OF_PRACTICE.get(b.test) ?? 0);
  return rateB - rateA;
}

/** Where and with what the technician stands. */
export interface At {
  /** tests that can be made: their station exists, is neither done nor skipped */
  readonly hand: readonly TestId[];
  readonly power: "dead" | "live";
  readonly machine?: MachineKind;
  /** it trips, or may: no power before look, hand and frame */
  readonly mayTrip?: boolean;
  /** it starts by itself, as somebody said or saw */
  readonly startsByItself?: boolean;
  /** it never comes up, as somebody said or saw */
  readonly staysDown?: boolean;
  /** instruments the house has; without it: all */
  readonly owned?: readonly Instrument[];
  /** what an hour of the technician costs */
  readonly hourlyRate?: number;
}

/** Where an outcome leaves much open, other tests follow: so many minutes of them, with changes of state, settle what is left. */
const SETTLING_MINUTES = 40;

/** What is spent in the end once an outcome is known: what is done at once, or the work for what further tests would find. */
function costThen(hypotheses: readonly Hypothesis[], atOnce: number, best: BestAction, rate: number): number {
  const settled = hypotheses.reduce((sum, { faults, probability }) => sum + probability * best.settled(faults), 0);
  return Math.min(atOnce, settled + SETTLING_MINUTES * rate);
}

/**
 * The next test by expected information per minute among those that may be made here; a change of power state is counted
 * in its minutes. Stops when no outcome of any test at hand would change what is done, after the checks that the likely
 * action asks for; what a test would save must be worth its minutes. Before the power changes for a test, what is asked for in any
 * case is made in the state that it is in.
 * @param hypotheses sets of faults with their probabilities
 * @param findings what the tests found
 * @param at tests at hand, machine, power, what is owned, and the hourly rate
 * @param best the cheapest way on from a belief
 * @param likely what would be done now, the tests it asks for first, and those that are asked for whatever is done
 * @returns the move with its reasons, and the others that were weighed
 * @source Raiffa & Schlaifer, Applied Statistical Decision Theory, 4.5 (expected value of sample information)
 */
export function chooseMove(
  hypotheses: readonly Hypothesis[],
  findings: readonly Finding[],
  at: At,
  best: BestAction,
  likely: { readonly action: ActionId; readonly checkFirst: readonly TestId[]; readonly always?: readonly TestId[] },
): Move {
  // What is all but excluded moves nothing, and costs time to weigh.
  const weighed = hypotheses.filter(({ probability }) => probability > EXCLUDED);
  const marginals = marginalProbabilities(weighed);
  const now = best.now(weighed);
  const rate = (at.hourlyRate ?? 60) / 60;
  const machine = at.machine ?? "other";
  const checks = tripChecks(at.mayTrip ?? false, machine, at.hand, findings);
  const { startsByItself, staysDown, owned = INSTRUMENTS } = at;
  const where = { machine, findings, tripChecks: checks, owned, startsByItself: startsByItself ?? false, staysDown: staysDown ?? false };
  const offers = at.hand
    .filter((test) => barOf(test, where) === null)
    .map((test) => {
      const spec = TEST_TABLE[test];
      const change = spec.power === at.power ? 0 : STATE_CHANGE_MINUTES[spec.power === "dead" ? "to-dead" : "to-live"];
      const minutes = spec.minutes + change;
      const table = tableOf(test, weighed);
      const informationBits = informationBitsOf(test, weighed, table) * leftToSee(test, findings);
      const outcomes = informationBits < WORTH_TESTING_BITS ? [] : meaningsOf(test, weighed, table, best, rate);
      const known = outcomes.reduce((sum, { probability }) => sum + probability, 0);
      const saving = Math.max(0, known * now.expectedCost - outcomes.reduce((sum, { probability, cost }) => sum + probability * cost, 0));
      return { test, minutes, informationBits, settles: settledBy(test, marginals), outcomes, saving };
    })
    .sort(byRate);
  const made = new Set(findings.map(({ test }) => test)).size;
  const right = weighed.reduce((sum, { faults, probability }) => sum + (best.serves(now, faults) ? probability : 0), 0);
  const isGuess = right < SURE && made < MOST_TESTS;
  const tells = ({ informationBits, minutes }: TestOffer): boolean =>
    isGuess && informationBits >= TELLS_BITS && minutes * rate < now.expectedCost;
  const saves = ({ outcomes, saving, minutes, informationBits }: TestOffer): boolean =>
    informationBits >= WORTH_TESTING_BITS &&
    outcomes.some(({ action, also }) => action !== now.action || also !== now.also) &&
    saving > MUST_SAVE * (1 + made / PATIENCE_TESTS) * minutes * rate;
  // What pays for its minutes comes first; while it is a guess, what tells anything comes after it.
  const saving = offers.filter(saves);
  const isWorth = saving.length > 0 ? saves : tells;
  const [first, ...rest] = offers.filter(isWorth);
  const here = (tests: readonly TestId[]): TestOffer | undefined =>
    tests.flatMap((test) => offers.find((offer) => offer.test === test && TEST_TABLE[test].power === at.power) ?? [])[0];
  const isLeaving = first !== undefined && TEST_TABLE[first.test].power !== at.power && checks.length === 0;
  const whileHere = isLeaving ? here([...(likely.always ?? []), ...(right >= LIKELY ? likely.checkFirst : [])]) : undefined;
  const without = (one: TestOffer): TestOffer[] => offers.filter((offer) => offer !== one);
  if (whileHere) return { kind: "while-here", offer: whileHere, before: likely.action, others: without(whileHere) };
  if (first) return { kind: "test", offer: first, others: [...rest, ...offers.filter((offer) => !isWorth(offer))] };
  const asked = [...checks, ...likely.checkFirst].flatMap((test) => offers.find((offer) => offer.test === test) ?? []);
  // What can be made in the state the circuit is in comes first: each change of state costs minutes, and what trips has its order.
  const check = (checks.length > 0 ? undefined : here(asked.map(({ test }) => test))) ?? asked[0];
  if (!check) return { kind: "decide", others: offers };
  return { kind: "check-first", offer: check, before: likely.action, others: without(check) };
}
