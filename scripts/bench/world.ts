import type { ActionId, Suspect, TestId } from "@/core/trade";
import { stationForTest, type TravellerAssessment } from "@/core/traveller";
import { rememberStudy, type Study } from "@/core/study";
import { ACTION_TABLE, isCovered } from "@/core/decision";
import { TEST_TABLE } from "@/core/diagnosis";
import { hiddenCase, type HiddenCase } from "@/core/simulation";
import { studyNow } from "@/core/study/answer";
import { FIXED_ORDER } from "./fixed-order";
import { assessWorldVisit, makeWorldTest, startWorldVisit, type WorldVisit } from "../../tests/support/world-visit";

/** Prints how the line-up and the next move do in a world of motors, faults and customers that is not theirs. */
const CASES = Number(process.argv[2] ?? 2000);
const FIRST_SEED = Number(process.argv[3] ?? 1);
const TALK = process.env.TALK === undefined ? null : Number(process.env.TALK);
const MOST_TESTS = 24;

/** One estimate a motor is enough: its questions come again with every figure. */
const studyOfCase = (): Study => rememberStudy(studyNow);

const INSIDE = ACTION_TABLE["replace-motor"].cures;
/** Parts that are changed by themselves: for these alone nobody replaces a motor. */
const BY_THEMSELVES: readonly Suspect[] = [
  "run-capacitor",
  "start-capacitor",
  "start-switch",
  "start-relay",
  "bearing-worn",
  "bearing-seized",
];
const CONDEMNS: readonly ActionId[] = ["replace-motor", "refer"];

/** Right: everything that is wrong is mended, and nothing beside it is paid for; nothing wrong: left alone. */
function isRight({ action, also }: Pick<Outcome, "action" | "also">, { faults, motor }: HiddenCase): boolean {
  if (faults.length === 0) return action === "no-repair" || action === "keep-until";
  // In a welded shell its bearings are mended with the shell.
  const own = motor.kind === "hermetic-compressor" ? BY_THEMSELVES.filter((each) => !each.startsWith("bearing")) : BY_THEMSELVES;
  const isNeeded = (each: ActionId): boolean =>
    faults.some((fault) => ACTION_TABLE[each].cures.includes(fault) && !(CONDEMNS.includes(each) && own.includes(fault)));
  const rest =
    motor.kind === "hermetic-compressor" && CONDEMNS.includes(action) ? faults.filter((fault) => INSIDE.includes(fault)) : faults;
  return isCovered({ action, also }, rest) && isNeeded(action) && (also === null || isNeeded(also));
}

/** Two careful technicians who made every test would agree: the fault shows itself to an instrument, an eye or a hand. */
function isPlain({ faults, body }: HiddenCase): boolean {
  if (faults.length !== 1 || body.comesAndGoes || body.runsBackwards || body.open === "common" || body.relay === "welded") return false;
  const shorted = body.condition.shortedMainFraction ?? 0;
  const shows: Partial<Record<Suspect, boolean>> = {
    "run-capacitor": body.runUfByMeter !== 1 && (body.runUfByMeter == null || Math.abs(body.runUfByMeter - 1) > 0.12),
    "shorted-turns": shorted > 0.1,
    "bearing-worn": body.turn === "rough" || body.hasPlay === true || body.noise !== undefined,
    "driven-load": body.turn !== undefined || body.sign !== undefined || (body.condition.loadScale ?? 1) > 1.4,
  };
  return faults.every((fault) => shows[fault] ?? true);
}

interface Outcome {
  readonly action: ActionId;
  readonly also: ActionId | null;
  readonly minutes: number;
  readonly assessment: TravellerAssessment;
  /** live tests proposed while the motor trips unlooked at, or is grounded */
  readonly unsafe: number;
}

const outcomeOf = (visit: WorldVisit, assessment: TravellerAssessment, unsafe = 0): Outcome => ({
  action: assessment.actions[0]?.action ?? "no-repair",
  also: assessment.actions[0]?.also ?? null,
  minutes: visit.minutes,
  assessment,
  unsafe,
});

const BEFORE_POWER: readonly TestId[] = ["look", "hand-turn", "frame-ohms"];
function isUnsafe(test: TestId, { made, hidden }: WorldVisit, { facts }: TravellerAssessment): boolean {
  if (TEST_TABLE[test].power !== "live") return false;
  const isUnlooked = BEFORE_POWER.some(
    (each) => !made.includes(each) && !(each === "hand-turn" && hidden.motor.kind === "hermetic-compressor"),
  );
  return facts.isGrounded || (facts.mayTrip && isUnlooked);
}

function followNextMove(hidden: HiddenCase, study: Study): Outcome {
  const visit = startWorldVisit(hidden, study);
  let unsafe = 0;
  for (;;) {
    const assessment = assessWorldVisit(visit);
    const { next } = assessment;
    const test =
      next.kind === "listen"
        ? ("start-time" as const)
        : next.kind === "look-first"
          ? ("look" as const)
          : next.kind === "move" && next.move.kind !== "decide"
            ? next.move.offer.test
            : null;
    if (test === null || visit.made.length >= MOST_TESTS) return outcomeOf(visit, assessment, unsafe);
    unsafe += Number(isUnsafe(test, visit, assessment));
    makeWorldTest(visit, test, assessment.facts.power);
  }
}

/** A test that this motor has, and that nothing seen forbids. */
function isThere(test: TestId, { hidden: { motor }, made }: WorldVisit, { findings }: TravellerAssessment): boolean {
  const isWelded = motor.kind === "hermetic-compressor";
  if (isWelded && (test === "hand-turn" || test === "uncoupled-run")) return false;
  if (test === "capacitor-meter" && (motor.type === "split-phase" || (made.includes(test) && motor.type !== "cap-start-run"))) return false;
  if ((test === "switch-ohms" && motor.gear !== "switch") || (test === "relay-ohms" && motor.gear !== "potential-relay")) return false;
  return !findings.some(({ test: seen, weights }) =>
    Object.keys(weights).some((outcome) =>
      (TEST_TABLE[seen].outcomes as Record<string, { blocks?: readonly TestId[] }>)[outcome]?.blocks?.includes(test),
    ),
  );
}

/** The stations in their fixed order: left at the first that is out, as with paper; or by the rule of the next move. */
function followOrder(hidden: HiddenCase, study: Study, leaves: "first-out" | "line-up", minutes = 0): Outcome {
  const visit = startWorldVisit(hidden, study);
  visit.minutes += minutes;
  for (const test of FIXED_ORDER) {
    const assessment = assessWorldVisit(visit);
    const last = visit.made.at(-1);
    const isOut = last !== undefined && assessment.stations[stationForTest(last)?.station ?? "look"].stamp === "out";
    if (leaves === "first-out" ? isOut : assessment.next.kind === "move" && assessment.next.move.kind === "decide") break;
    if (isThere(test, visit, assessment)) makeWorldTest(visit, test, assessment.facts.power);
  }
  return outcomeOf(visit, assessWorldVisit(visit));
}

const SWAP_MINUTES = 24;
/** The capacitor is changed before anything is tested; where that was not it, the fixed order follows. */
function capacitorFirst(hidden: HiddenCase, study: Study): Pick<Outcome, "minutes"> & { readonly isFirstRight: boolean } {
  const action: ActionId = hidden.motor.machine.runCapacitor ? "replace-run-capacitor" : "replace-start-capacitor";
  const isFirstRight = isRight({ action, also: null }, hidden);
  return { isFirstRight, minutes: isFirstRight ? 3 + SWAP_MINUTES : followOrder(hidden, study, "first-out", SWAP_MINUTES).minutes };
}

const isWasted = ({ action }: Outcome, { faults, motor }: HiddenCase): boolean =>
  CONDEMNS.includes(action) &&
  faults.every((fault) => !INSIDE.includes(fault) || (BY_THEMSELVES.includes(fault) && motor.kind !== "hermetic-compressor"));
const SWAPS: readonly ActionId[] = ["replace-run-capacitor", "replace-start-capacitor", "replace-start-relay", "service-start-switch"];
const isUselessSwap = ({ action }: Outcome, { faults, motor }: HiddenCase): boolean =>
  motor.kind === "hermetic-compressor" && SWAPS.includes(action) && !faults.some((fault) => ACTION_TABLE[action].cures.includes(fault));

const tally = { right: 0, plain: 0, plainMinutes: 0, plainRight: 0, minutes: 0, wasted: 0, swaps: 0, hermetics: 0, unsafe: 0 };
const others = { fixed: { right: 0, minutes: 0 }, fixedWithLineUp: { right: 0, minutes: 0 }, capacitorFirst: { right: 0, minutes: 0 } };
const bands = Array.from({ length: 10 }, () => ({ cases: 0, right: 0, stated: 0 }));
const missed = new Map<string, number>();
const perSuspect = new Map<string, { stated: number; actual: number }>();
for (let index = 0; index < CASES; index += 1) {
  const hidden = hiddenCase(FIRST_SEED + index, TALK);
  const study = studyOfCase();
  const next = followNextMove(hidden, study);
  const right = isRight(next, hidden);
  tally.right += Number(right);
  tally.minutes += next.minutes;
  if (isPlain(hidden)) {
    tally.plain += 1;
    tally.plainMinutes += next.minutes;
    tally.plainRight += Number(right);
  }
  tally.wasted += Number(isWasted(next, hidden));
  tally.hermetics += Number(hidden.motor.kind === "hermetic-compressor");
  tally.swaps += Number(isUselessSwap(next, hidden));
  tally.unsafe += next.unsafe;
  if (!right) {
    const top = next.assessment.standing.suspects[0];
    const key = `${isPlain(hidden) ? "plain " : ""}${hidden.motor.type}/${hidden.motor.kind} ${hidden.faults.join("+") || "none"} -> ${next.action}${next.also ? `+${next.also}` : ""} (top ${top?.suspect} ${Math.round(100 * (top?.probability ?? 0))} %, seed ${hidden.seed})`;
    missed.set(key, (missed.get(key) ?? 0) + 1);
  }
  if (process.env.ONLY_NEXT === undefined) {
    for (const [name, leaves] of [
      ["fixed", "first-out"],
      ["fixedWithLineUp", "line-up"],
    ] as const) {
      const fixed = followOrder(hidden, study, leaves);
      others[name].right += Number(isRight(fixed, hidden));
      others[name].minutes += fixed.minutes;
    }
    const capacitor = capacitorFirst(hidden, study);
    others.capacitorFirst.right += Number(capacitor.isFirstRight);
    others.capacitorFirst.minutes += capacitor.minutes;
  }
  for (const assessment of [next.assessment, assessWorldVisit(startWorldVisit(hidden, study))]) {
    for (const { suspect, probability } of assessment.standing.suspects) {
      if (suspect === "no-fault") continue;
      const band = bands[Math.min(9, Math.floor(probability * 10))]!;
      const isThereNow = hidden.faults.includes(suspect);
      band.cases += 1;
      band.stated += probability;
      band.right += Number(isThereNow);
      const own = perSuspect.get(suspect) ?? { stated: 0, actual: 0 };
      perSuspect.set(suspect, { stated: own.stated + probability / 2, actual: own.actual + Number(isThereNow) / 2 });
    }
  }
}
const percent = (part: number, all: number): number | null => (all === 0 ? null : Math.round((1000 * part) / all) / 10);
const mean = (value: number): number => Math.round((10 * value) / CASES) / 10;
console.log(
  JSON.stringify({
    cases: CASES,
    next: {
      rightPercent: percent(tally.right, CASES),
      rightWhereTechniciansAgreePercent: percent(tally.plainRight, tally.plain),
      whereTechniciansAgree: tally.plain,
      minutes: mean(tally.minutes),
      minutesWhereTechniciansAgree: Math.round((10 * tally.plainMinutes) / Math.max(1, tally.plain)) / 10,
      soundMotorsCondemnedPercent: percent(tally.wasted, CASES),
      uselessSwapsOnHermetics: tally.swaps,
      hermetics: tally.hermetics,
      unsafeLiveMoves: tally.unsafe,
    },
    ...(process.env.ONLY_NEXT === undefined
      ? Object.fromEntries(
          Object.entries(others).map(([name, { right, minutes }]) => [
            name,
            { rightPercent: percent(right, CASES), minutes: mean(minutes) },
          ]),
        )
      : {}),
    reliability: bands.map(({ cases: count, right, stated }, index) => ({
      band: `${index * 10}-${index * 10 + 10} %`,
      cases: count,
      statedPercent: percent(stated, count),
      rightPercent: percent(right, count),
    })),
    ...(process.env.MISSES
      ? {
          perSuspect: Object.fromEntries([...perSuspect].map(([id, { stated, actual }]) => [id, [Math.round(stated), Math.round(actual)]])),
          missed: [...missed.keys()].slice(0, Number(process.env.MISSES)),
        }
      : {}),
  }),
);
