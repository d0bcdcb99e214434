import type { ActionId, Suspect, TestId } from "@/core/trade";
import { stationForTest, type TravellerAssessment } from "@/core/traveller";
import { rememberStudy } from "@/core/study";
import { ACTION_TABLE, isCovered } from "@/core/decision";
import { TEST_TABLE } from "@/core/diagnosis";
import { studyNow } from "@/core/study/answer";
import { FIXED_ORDER } from "./fixed-order";
import { assessVisit, hiddenMotor, makeTest, startVisit, type HiddenMotor, type Visit } from "../../tests/support/simulated-visit";

/** Prints how often the right thing is done first, how long it takes, and whether stated chances hold, over faulty motors. */
const MOTORS = Number(process.argv[2] ?? 16);
const CASES_EACH = Number(process.argv[3] ?? 130);
const MOST_TESTS = 24;

let study = rememberStudy(studyNow);

/** Parts that sit outside the motor: nobody needs another motor for them. */
const OUTSIDE: readonly Suspect[] = ["run-capacitor", "start-capacitor", "start-relay"];

/** Right: everything that is wrong is mended, and nothing beside it is paid for. */
function isRight({ action, also }: Pick<Outcome, "action" | "also">, faults: readonly Suspect[]): boolean {
  const isNeeded = (each: ActionId): boolean =>
    faults.some(
      (fault) => ACTION_TABLE[each].cures.includes(fault) && !((each === "replace-motor" || each === "refer") && OUTSIDE.includes(fault)),
    );
  return isCovered({ action, also }, faults) && isNeeded(action) && (also === null || isNeeded(also));
}

interface Outcome {
  readonly action: ActionId;
  readonly also: ActionId | null;
  readonly minutes: number;
  readonly tests: number;
  readonly assessment: TravellerAssessment;
}

/** Goes where the next move says until it says decide. */
function followNextMove(motor: HiddenMotor): Outcome {
  const visit = startVisit(motor);
  for (;;) {
    const assessment = assessVisit(visit, study);
    const { next } = assessment;
    const move = next.kind === "move" ? next.move : null;
    const isDone = move?.kind !== "test" && move?.kind !== "check-first";
    if (isDone || visit.made.length >= MOST_TESTS) return outcomeOf(visit, assessment);
    if (visit.made.includes(move.offer.test) && move.offer.test !== "capacitor-meter")
      throw new Error(`${move.offer.test} asked for twice: ${motor.shows.get(move.offer.test) ?? ""}, ${visit.made.join()}`);
    makeTest(visit, move.offer.test, assessment.facts.power);
  }
}

/** When a fixed order is left: at the first test that shows something out, as with paper; or by the rule of the next move. */
type Leaves = "first-out" | "line-up";

function followOrder(motor: HiddenMotor, leaves: Leaves, from: readonly TestId[] = FIXED_ORDER, minutes = 0): Outcome {
  const visit = startVisit(motor);
  visit.minutes += minutes;
  for (const test of from) {
    const assessment = assessVisit(visit, study);
    const { next } = assessment;
    const last = visit.made.at(-1);
    const isOut = last !== undefined && assessment.stations[stationForTest(last)?.station ?? "look"].stamp === "out";
    const isLeft = leaves === "first-out" ? isOut : next.kind === "move" && next.move.kind === "decide";
    if (isLeft) return afterChecks(visit, assessment);
    if (!isThere(test, visit, assessment)) continue;
    makeTest(visit, test, assessment.facts.power);
  }
  return outcomeOf(visit, assessVisit(visit, study));
}

/** What is about to be replaced asks for its checks first, however it was found. */
function afterChecks(visit: Visit, assessment: TravellerAssessment): Outcome {
  const { action } = outcomeOf(visit, assessment);
  for (const test of ACTION_TABLE[action].checkFirst) {
    if (!visit.made.includes(test)) makeTest(visit, test, assessVisit(visit, study).facts.power);
  }
  return outcomeOf(visit, assessVisit(visit, study));
}

/** A test that this motor has, and that nothing seen forbids. */
function isThere(test: TestId, visit: Visit, { findings, facts }: TravellerAssessment): boolean {
  const { type, gear } = visit.motor;
  if (!visit.motor.shows.has(test)) return false;
  if (test === "capacitor-meter" && visit.made.includes(test) && type !== "cap-start-run") return false;
  if ((test === "switch-ohms" && gear !== "switch") || (test === "relay-ohms" && gear !== "potential-relay")) return false;
  const isForbidden = findings.some(({ test: seen, weights }) =>
    Object.keys(weights).some((outcome) =>
      (TEST_TABLE[seen].outcomes as Record<string, { blocks?: readonly TestId[] }>)[outcome]?.blocks?.includes(test),
    ),
  );
  return !isForbidden && facts.motorType === type;
}

const outcomeOf = (visit: Visit, assessment: TravellerAssessment): Outcome => ({
  action: assessment.actions[0]?.action ?? "no-repair",
  also: assessment.actions[0]?.also ?? null,
  minutes: visit.minutes,
  tests: visit.made.length,
  assessment,
});

/** Changes the capacitor before anything is tested; where that was not it, the fixed order follows. */
function capacitorFirst(motor: HiddenMotor): Outcome & { readonly isFirstRight: boolean } {
  const action: ActionId = motor.machine.runCapacitor ? "replace-run-capacitor" : "replace-start-capacitor";
  const isFirstRight = isRight({ action, also: null }, motor.faults);
  const swapped = 20 + 4;
  if (isFirstRight)
    return {
      ...outcomeOf(startVisit(motor), assessVisit(startVisit(motor), study)),
      action,
      also: null,
      minutes: 3 + swapped,
      isFirstRight,
    };
  return {
    ...followOrder(
      motor,
      "first-out",
      FIXED_ORDER.filter((test) => test !== "capacitor-meter"),
      swapped,
    ),
    isFirstRight,
  };
}

const tally = {
  next: { right: 0, minutes: 0, tests: 0 },
  fixed: { right: 0, minutes: 0, tests: 0 },
  fixedWithLineUp: { right: 0, minutes: 0, tests: 0 },
  capacitor: { right: 0, minutes: 0 },
};
const bands = Array.from({ length: 10 }, () => ({ cases: 0, right: 0, stated: 0 }));
const missed = new Map<string, number>();
let cases = 0;
for (let motorSeed = 1; motorSeed <= MOTORS; motorSeed += 1) {
  study = rememberStudy(studyNow);
  for (let each = 0; each < CASES_EACH; each += 1) {
    const motor = hiddenMotor(motorSeed, motorSeed * 1000 + each);
    cases += 1;
    const next = followNextMove(motor);
    const isNextRight = isRight(next, motor.faults);
    tally.next.right += Number(isNextRight);
    tally.next.minutes += next.minutes;
    tally.next.tests += next.tests;
    if (!isNextRight) {
      const key = `${motor.faults.join("+")} -> ${next.action}${next.also ? `+${next.also}` : ""}`;
      missed.set(key, (missed.get(key) ?? 0) + 1);
    }
    for (const [name, leaves] of [
      ["fixed", "first-out"],
      ["fixedWithLineUp", "line-up"],
    ] as const) {
      const fixed = followOrder(motor, leaves);
      tally[name].right += Number(isRight(fixed, motor.faults));
      tally[name].minutes += fixed.minutes;
      tally[name].tests += fixed.tests;
    }
    const capacitor = capacitorFirst(motor);
    tally.capacitor.right += Number(capacitor.isFirstRight);
    tally.capacitor.minutes += capacitor.minutes;
    // Stated chances at the end, and before anything was measured: every suspect is a statement.
    for (const assessment of [next.assessment, assessVisit(startVisit(motor), study)]) {
      for (const { suspect, probability } of assessment.standing.suspects) {
        if (suspect === "no-fault") continue;
        const band = bands[Math.min(9, Math.floor(probability * 10))];
        if (!band) continue;
        band.cases += 1;
        band.stated += probability;
        band.right += Number(motor.faults.includes(suspect));
      }
    }
  }
}
const share = (value: number): number => Math.round((1000 * value) / cases) / 10;
const mean = (value: number): number => Math.round((10 * value) / cases) / 10;
console.log(
  JSON.stringify({
    cases,
    next: { rightPercent: share(tally.next.right), minutes: mean(tally.next.minutes), tests: mean(tally.next.tests) },
    fixed: { rightPercent: share(tally.fixed.right), minutes: mean(tally.fixed.minutes), tests: mean(tally.fixed.tests) },
    fixedWithLineUp: {
      rightPercent: share(tally.fixedWithLineUp.right),
      minutes: mean(tally.fixedWithLineUp.minutes),
      tests: mean(tally.fixedWithLineUp.tests),
    },
    capacitor: { rightPercent: share(tally.capacitor.right), minutes: mean(tally.capacitor.minutes) },
    reliability: bands.map(({ cases: count, right, stated }, index) => ({
      band: `${index * 10}-${index * 10 + 10} %`,
      cases: count,
      statedPercent: count > 0 ? Math.round((1000 * stated) / count) / 10 : null,
      rightPercent: count > 0 ? Math.round((1000 * right) / count) / 10 : null,
    })),
    ...(process.env.MISSES ? { missed: [...missed].sort((a, b) => b[1] - a[1]).slice(0, 25) } : {}),
  }),
);
