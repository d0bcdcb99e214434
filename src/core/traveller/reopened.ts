import { ACTION_TABLE } from "../decision";
import { marginalProbabilities, type Hypothesis, type Standing } from "../diagnosis";
import type { Facts } from "../facts";
import { END_TABLE, isMend, MEND_TABLE, type JobState } from "../job";
import type { ProofDoubt } from "../stations/prove";
import type { ActionId, Suspect } from "../trade";
import type { StationAssessments } from "./entries";

/** What of a proof says that the work did not put it right; the rest asks for the work itself to be looked at. */
const NOT_PUT_RIGHT: Readonly<Record<ProofDoubt, boolean>> = {
  "does-not-start": true,
  "amps-out": true,
  "amps-low": true,
  "idle-low": true,
  "idle-high": true,
  "no-better": true,
  "noise-stays": true,
  "capacitor-not-felt": true,
  "still-slow": true,
  "still-hot": true,
  "supply-still-off": true,
  "line-failed": true,
  "rotation-wrong": false,
  "wrong-part-in": false,
};

/** What nothing that was decided puts right, and power must not come back to. */
const isGroundedStill = ({ isGrounded, isGroundCleared, action, also }: Facts): boolean =>
  isGrounded && !isGroundCleared && [action, also].every((each) => each === null || !ACTION_TABLE[each].cures.includes("ground-fault"));

/**
 * Why the question is open again once what was decided is done: the proof speaks against it, or a path to the frame was found that
 * it does not mend, or it does not turn free once it is back together. Nobody said how it ends otherwise.
 * @param job where the job stands
 * @param stations what each station makes of its record
 * @param facts what is known of the motor
 * @returns null: it is not
 */
export function openedAgainBy(
  { isDecided, isToDo, isApart, isFrameOpen }: JobState,
  { prove, end, "take-apart": apart }: StationAssessments,
  facts: Facts,
): "proof" | "ground" | "hand" | null {
  const { isChosen, end: how } = end.detail;
  const isLeft = isChosen && how !== null && !END_TABLE[how].isWorkDone;
  if (!isDecided || isToDo || isLeft) return null;
  // All is back, and it does not turn: no ledger closes over that, and what was decided was not it.
  const { lacks } = apart.detail;
  if (isApart) return lacks.length > 0 && lacks.every(({ kind }) => kind === "does-not-turn-free") ? "hand" : null;
  if (facts.proof === "against" && prove.detail.doubts.some((doubt) => NOT_PUT_RIGHT[doubt])) return "proof";
  return isGroundedStill(facts) && !isFrameOpen && facts.action !== null ? "ground" : null;
}

/** What the works on a card put right, those that were done and those that a proof took for done: how often each did not hold. */
function putRight({ worksDone, action, also }: Facts, { "out-in": outIn }: StationAssessments): ReadonlyMap<Suspect, number> {
  const measuredRight = new Set<ActionId>(
    outIn.detail.works.flatMap(({ action: each, incoming }) => (incoming.verdict === "right" ? [each] : [])),
  );
  const actions = worksDone.flatMap(({ work }): readonly ActionId[] => (isMend(work) ? MEND_TABLE[work].of : [work]));
  const decided = [action, also].filter((each) => each !== null);
  const rows = [...actions, ...decided].flatMap((each) =>
    ACTION_TABLE[each].cures.map(
      (fault) => [fault, (1 - ACTION_TABLE[each].holds) * (measuredRight.has(each) ? MEASURED_RIGHT : 1)] as const,
    ),
  );
  return new Map(rows);
}

/** A part that was measured before it went in, and is the right one, is hardly ever what fails. Judgement. */
const MEASURED_RIGHT = 0.15;
/** Nothing was wrong, and it fails all the same: hardly ever. */
const NOTHING_WRONG = 0.02;

/**
 * Who is left once a work was done and the proof says that it was not that, or not that alone.
 * @param standing as everything found has it
 * @param facts the works that were done
 * @param stations what each station makes of its record: parts that were measured before they went in
 * @returns sets of faults that are left, and each suspect's chance among them
 */
export function standingLeft(standing: Standing, facts: Facts, stations: StationAssessments): Standing {
  const right = putRight(facts, stations);
  const known = new Map(standing.hypotheses.map(({ faults }) => [faults.join(), faults]));
  const left = new Map<readonly Suspect[], number>();
  for (const { faults, probability } of standing.hypotheses) {
    const rest = faults.filter((fault) => !right.has(fault));
    const isGone = rest.length === 0;
    const set = isGone ? faults : (known.get(rest.join()) ?? rest);
    const didNotHold = faults.reduce((product, fault) => product * (right.get(fault) ?? 1), 1);
    const weight = probability * (!isGone ? 1 : faults.length === 0 ? NOTHING_WRONG : didNotHold);
    left.set(set, (left.get(set) ?? 0) + weight);
  }
  const total = [...left.values()].reduce((sum, weight) => sum + weight, 0);
  const hypotheses = [...left].map(([faults, weight]): Hypothesis => ({ faults, probability: weight / total }));
  const marginals = marginalProbabilities(hypotheses);
  const none = hypotheses.find(({ faults }) => faults.length === 0)?.probability ?? 0;
  const suspects = standing.suspects.map((each) => ({
    ...each,
    probability: each.suspect === "no-fault" ? none : (marginals.get(each.suspect) ?? 0),
  }));
  return { hypotheses, suspects: suspects.sort((a, b) => b.probability - a.probability) };
}
