import { ACTION_TABLE, cheapestAction, checksBefore, isServed, settledCost, type ActionOffer, type CostModel } from "../decision";
import { chooseMove, ownedInstruments, TEST_TABLE, type Finding, type Move, type Standing, type TestOffer } from "../diagnosis";
import type { Facts } from "../facts";
import type { HouseFigures } from "../house";
import { checksBeforePower, PURPOSE_CHECKS, saysItStands, saysItStarts, stepInOrder, type JobState, type OrderStep } from "../job";
import { STATION_IDS, stationOf, type StationId } from "../stations";
import type { TestId } from "../trade";
import type { StationAssessments } from "./entries";
import { stateChangeFor, whereOf } from "./ways";

/** The next step on the traveller: a station to fill in first, or a move the evidence asks for. */
export type NextStep =
  | { readonly kind: "station"; readonly station: StationId }
  /** nobody said whether it hums: switch it on once, two seconds, and listen */
  | { readonly kind: "listen"; readonly station: StationId; readonly method: string }
  /** it trips, so it is not switched on to listen: look, smell and turn it first */
  | { readonly kind: "look-first"; readonly station: StationId }
  /** none of the motors that are judged here: what still serves, one after the other */
  | { readonly kind: "not-ours"; readonly station: StationId }
  /** its figures are those of the plate's other connection: how it is connected is looked at before any part */
  | { readonly kind: "look-connection"; readonly station: "plate" }
  /** before it gets its first power: what is seen to dead, and costs minutes */
  | {
      readonly kind: "before-power";
      readonly test: TestId;
      readonly station: StationId;
      readonly method: string | null;
      readonly others: readonly TestOffer[];
    }
  /** `method`: the way to work at that station, where it has several */
  | { readonly kind: "move"; readonly move: Move; readonly station: StationId; readonly method: string | null }
  /** what was decided is done in the order of the hands, up to the proof and the end */
  | { readonly kind: "order"; readonly station: OrderStep; readonly method: string | null };

/** Tests that can still be made, each with its station. */
function openTests(stations: StationAssessments): Map<TestId, StationId> {
  const isOpen = (id: StationId): boolean => stations[id].stamp === "not-done";
  return new Map(
    STATION_IDS.flatMap((id) => {
      const tests = stations[id].stamp === "skipped" ? [] : (stations[id].openTests ?? (isOpen(id) ? stationOf(id).definition.tests : []));
      return tests.map((test) => [test, id] as const);
    }),
  );
}

/** What the next step is chosen from. */
interface StepGround {
  readonly stations: StationAssessments;
  readonly facts: Facts;
  readonly standing: Standing;
  readonly findings: readonly Finding[];
  readonly actions: readonly ActionOffer[];
  readonly house: HouseFigures;
  readonly model: CostModel;
  /** where the job stands */
  readonly job: JobState;
  /** what was decided did not put it right: tests and decision come once more */
  readonly isOpenAgain: boolean;
}

/**
 * The first step where it does not run and nobody said whether it hums: two seconds with the power on part half of the
 * suspects from the other half. What trips is not switched on for it; nor is one that was made safe already, or must not run.
 */
function listenFirst({ stations, facts, findings }: StepGround): NextStep | null {
  const isOpen = facts.complaints.includes("does-not-run") && facts.behaviourFound === null && stations["run-test"].stamp === "not-done";
  // What smells burnt or was wet gets no power for it either.
  const isDoubtful = facts.complaints.includes("burning-smell") || facts.history.includes("water");
  if (!isOpen || isDoubtful || facts.deadSince !== null || findings.length > 0) return null;
  if (facts.mayTrip) return stations.look.stamp === "not-done" ? { kind: "look-first", station: "look" } : null;
  return { kind: "listen", station: "run-test", method: "run" };
}

/** Work with power on was done on this visit, or power came back: what comes then is no first power. */
const HAD_POWER: readonly StationId[] = ["supply", "run-test", "uncoupled-run", "prove"];
const hadPower = (stations: StationAssessments, facts: Facts): boolean =>
  facts.restoredAtAll.length > 0 ||
  HAD_POWER.some((id) => {
    const isOnlySaid = id === "uncoupled-run" && stations[id].detail.state === "welded-shell";
    return !isOnlySaid && stations[id].stamp !== "not-done" && stations[id].stamp !== "skipped";
  });

/** What is seen to, dead, before the power that a step would bring; null: nothing. */
function beforePower({ stations, facts }: StepGround, step: NextStep, others: readonly TestOffer[]): NextStep | null {
  const method = "method" in step ? step.method : null;
  const bringsPower = stateChangeFor(step.station, "dead", method) !== null;
  if (!bringsPower || hadPower(stations, facts)) return null;
  const open = openTests(stations);
  const [test] = checksBeforePower({
    complaints: facts.complaints,
    mayTrip: facts.mayTrip,
    wasWet: facts.history.includes("water"),
    isUnknown: facts.purpose === "spare",
  }).filter((each) => open.has(each));
  const station = test && open.get(test);
  return test && station
    ? { kind: "before-power", test, ...whereOf(test, station), others: others.filter((offer) => offer.test !== test) }
    : null;
}

const startsByItself = ({ complaints, behaviourFound, purpose }: Facts): boolean =>
  behaviourFound === "starts" || (behaviourFound === null && saysItStarts(complaints, purpose === "yearly-check"));

/** Amps and volts of a run are not read where nothing runs. */
const staysDown = ({ complaints, behaviourFound }: Facts): boolean =>
  behaviourFound === null ? saysItStands(complaints) : behaviourFound !== "starts" && behaviourFound !== "only-pushed";

/** The move that the evidence asks for while nothing is decided. */
function moveByEvidence({ stations, facts, standing, findings, actions, house, model, isOpenAgain }: StepGround): NextStep {
  const open = openTests(stations);
  const action = actions[0]?.action ?? "no-repair";
  // What is called good on a check or on the bench was checked, also where one thing was found.
  // Where a part goes in, the proof shows how it runs.
  const checks =
    action === "replace-motor" || action === "refer"
      ? []
      : PURPOSE_CHECKS[facts.purpose].checks.filter((test) => action === "no-repair" || TEST_TABLE[test].power === "dead");
  const own = [...checks, ...ACTION_TABLE[action].checkFirst];
  const checkFirst = checksBefore(action, own, { complaints: facts.complaints, findings });
  const move = chooseMove(
    standing.hypotheses,
    findings,
    {
      // What lies open is not run.
      hand: [...open.keys()].filter(
        (test) => (TEST_TABLE[test].power !== "live" || !facts.isApart) && !PURPOSE_CHECKS[facts.purpose].lacks.includes(test),
      ),
      mayTrip: facts.mayTrip,
      startsByItself: startsByItself(facts),
      staysDown: staysDown(facts),
      power: facts.power,
      machine: facts.machineKind,
      owned: ownedInstruments(house),
      hourlyRate: house.hourlyRate,
    },
    { now: (hypotheses) => cheapestAction(hypotheses, model), settled: (faults) => settledCost(faults, model), serves: isServed },
    { action, checkFirst, always: checks },
  );
  if (move.kind === "decide") return { kind: "move", move, station: facts.isApart && !isOpenAgain ? "take-apart" : "decide", method: null };
  return { kind: "move", move, ...whereOf(move.offer.test, open.get(move.offer.test) ?? "decide") };
}

/** Stations that serve a motor of any sort, in working order. */
const SERVES: readonly StationId[] = ["make-safe", "look", "hand-turn", "frame", "insulation", "bearing"];
const nextServing = (stations: StationAssessments): StationId =>
  SERVES.find((id) => stations[id].stamp === "not-done" || stations[id].stamp === "open") ?? "decide";

const othersOf = (step: NextStep): readonly TestOffer[] =>
  step.kind !== "move" ? [] : step.move.kind === "decide" ? step.move.others : [step.move.offer, ...step.move.others];

/**
 * What to do next: the opening stations, what comes before the first power, the listening or looking that comes before any test,
 * the test that is worth its minutes, then the decision and what was decided in the order of the hands, the proof, the end.
 * @param weighed everything the step is chosen from
 * @returns the step with its station, and the way of working there
 */
export function nextStep(weighed: StepGround): NextStep {
  const { stations, facts } = weighed;
  const opening = STATION_IDS.find((id) => stationOf(id).definition.isOpening && stations[id].stamp === "not-done");
  if (opening) return { kind: "station", station: opening };
  const { job, isOpenAgain } = weighed;
  if (facts.notOurs !== null && !job.isDecided) return { kind: "not-ours", station: nextServing(stations) };
  if (job.isDecided && !isOpenAgain) {
    const ordered: NextStep = { kind: "order", station: stepInOrder(job), method: null };
    return beforePower(weighed, ordered, []) ?? ordered;
  }
  if (facts.isConnectionDoubted && facts.connectionSaid === null) return { kind: "look-connection", station: "plate" };
  const listening = listenFirst(weighed);
  const byEvidence = listening ?? moveByEvidence(weighed);
  return beforePower(weighed, byEvidence, othersOf(listening ? moveByEvidence(weighed) : byEvidence)) ?? byEvidence;
}
