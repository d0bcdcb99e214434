import { ACTION_TABLE, cheapestAction, checksBefore, settledCost, type ActionOffer, type CostModel } from "../decision";
import { chooseMove, ownedInstruments, TEST_TABLE, type Finding, type Move, type Standing } from "../diagnosis";
import type { Facts } from "../facts";
import type { HouseFigures } from "../house";
import { STATION_IDS, stationOf, type StationId } from "../stations";
import type { ActionId, TestId } from "../trade";
import type { StationAssessments } from "./entries";
import { whereOf } from "./ways";

/** The next step on the traveller: a station to fill in first, or a move the evidence asks for. */
export type NextStep =
  | { readonly kind: "station"; readonly station: StationId }
  /** nobody said whether it hums: switch it on once, two seconds, and listen */
  | { readonly kind: "listen"; readonly station: StationId; readonly method: string }
  /** it trips, so it is not switched on to listen: look, smell and turn it first */
  | { readonly kind: "look-first"; readonly station: StationId }
  /** `method`: the way to work at that station, where it has several */
  | { readonly kind: "move"; readonly move: Move; readonly station: StationId; readonly method: string | null };

/** Work for which the motor is opened: the ledger comes between the decision and the proof. */
const OPENS_THE_MOTOR: readonly ActionId[] = ["replace-bearings", "service-start-switch"];

/** A station that decides, proves or changes state has no test of its own; these come when no test is worth making. */
function stepAfterTests(stations: StationAssessments, { action, isApart }: Facts): StationId {
  if (stations.decide.stamp === "not-done") return "decide";
  const isOpening = action !== null && OPENS_THE_MOTOR.includes(action) && stations["take-apart"].stamp === "not-done";
  return isApart || isOpening ? "take-apart" : "prove";
}

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
}

/**
 * The first step where it does not run and nobody said whether it hums: two seconds with the power on part half of the
 * suspects from the other half. What trips is not switched on for it; nor is one that was made safe already, or must not run.
 */
function listenFirst({ stations, facts, findings }: StepGround): NextStep | null {
  const isOpen = facts.complaints.includes("does-not-run") && facts.behaviourFound === null && stations["run-test"].stamp === "not-done";
  if (!isOpen || facts.deadSince !== null || findings.length > 0) return null;
  if (facts.mayTrip) return stations.look.stamp === "not-done" ? { kind: "look-first", station: "look" } : null;
  return { kind: "listen", station: "run-test", method: "run" };
}

/**
 * What to do next: the opening stations, the listening or looking that comes before any test, the test that is worth its
 * minutes, then the decision, the open motor, the proof.
 * @param weighed everything the step is chosen from
 * @returns the step with its station, and the way of working there
 */
export function nextStep(weighed: StepGround): NextStep {
  const { stations, facts, standing, findings, actions, house, model } = weighed;
  const opening = STATION_IDS.find((id) => stationOf(id).definition.isOpening && stations[id].stamp === "not-done");
  if (opening) return { kind: "station", station: opening };
  const first = listenFirst(weighed);
  if (first) return first;
  const open = openTests(stations);
  const action = actions[0]?.action ?? "no-repair";
  const checkFirst = checksBefore(action, ACTION_TABLE[action].checkFirst, { complaints: facts.complaints, findings });
  const move: Move =
    stations.decide.stamp === "not-done"
      ? chooseMove(
          standing.hypotheses,
          findings,
          {
            // What lies open is not run.
            hand: [...open.keys()].filter((test) => TEST_TABLE[test].power !== "live" || !facts.isApart),
            mayTrip: facts.mayTrip,
            power: facts.power,
            machine: facts.machineKind,
            owned: ownedInstruments(house),
            hourlyRate: house.hourlyRate,
          },
          { now: (hypotheses) => cheapestAction(hypotheses, model), settled: (faults) => settledCost(faults, model) },
          { action, checkFirst },
        )
      : { kind: "decide", others: [] };
  if (move.kind === "decide") return { kind: "move", move, station: stepAfterTests(stations, facts), method: null };
  const { test } = move.offer;
  return { kind: "move", move, ...whereOf(test, open.get(test) ?? "decide") };
}
