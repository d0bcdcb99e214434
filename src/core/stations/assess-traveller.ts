import { rankActions, ACTION_TABLE, type ActionOffer } from "../decision";
import { chooseMove, weighEvidence, type Finding, type Move, type Standing, type TestId } from "../diagnosis";
import type { HouseFigures } from "../house";
import {
  NO_FACTS,
  NO_STUDY,
  type Assessment,
  type EarlierVisit,
  type Facts,
  type StationMethod,
  type StationPower,
  type Study,
} from "./contract";
import { STATION_IDS, stationOf, type StationId } from "./registry";

/** What is kept of one station of one traveller. */
export interface StationEntry {
  readonly data: unknown;
  /** why it was skipped; null when it was not */
  readonly skippedReason: string | null;
}
export type StationEntries = Partial<Record<StationId, StationEntry>>;

/** The next step on the traveller: a station to fill in first, or a move the evidence asks for. */
export type NextStep =
  | { readonly kind: "station"; readonly station: StationId }
  /** `method`: the way to work at that station, where it has several */
  | { readonly kind: "move"; readonly move: Move; readonly station: StationId; readonly method: string | null };

export interface TravellerAssessment {
  readonly stations: Readonly<Record<StationId, Assessment>>;
  readonly facts: Facts;
  readonly findings: readonly Finding[];
  readonly standing: Standing;
  readonly next: NextStep;
  /** what it would cost, and cure, to stop now; the best first */
  readonly actions: readonly ActionOffer[];
  /** station that would have to come first if the next one needs the other power state */
  readonly stateChange: StationId | null;
}

function assessStations(
  entries: StationEntries,
  house: HouseFigures,
  earlier: readonly EarlierVisit[],
  study: Study,
): { stations: Record<StationId, Assessment>; facts: Facts } {
  let facts: Facts = NO_FACTS;
  const stations = {} as Record<StationId, Assessment>;
  for (const id of STATION_IDS) {
    const station = stationOf(id);
    const entry = entries[id];
    const assessment = station.assess(entry?.data ?? station.blank, { facts, house, earlier, study });
    const isSkipped = entry?.skippedReason != null && assessment.stamp === "not-done";
    stations[id] = isSkipped ? { ...assessment, stamp: "skipped" } : assessment;
    facts = { ...facts, ...assessment.facts };
  }
  return { stations, facts };
}

/** The way to work at a station that has several: the one asked for, else the usual one; null where there is but one way. */
export function methodOf(station: StationId, id: string | null): StationMethod | null {
  const { methods } = stationOf(station).definition;
  return methods?.find((method) => method.id === id) ?? methods?.[0] ?? null;
}

/** State the circuit must be in for a station, or for one of its methods. */
export function powerOf(station: StationId, method: string | null = null): StationPower {
  return methodOf(station, method)?.power ?? stationOf(station).definition.power;
}

/** Station that brings the circuit into the state a station (or its method) needs; null when it is in it. */
export function stateChangeFor(station: StationId, power: Facts["power"], method: string | null = null): StationId | null {
  const needed = powerOf(station, method);
  if ((needed !== "dead" && needed !== "live") || needed === power) return null;
  return STATION_IDS.find((id) => stationOf(id).definition.power === `to-${needed}`) ?? null;
}

/** A station that decides, proves or changes state has no test of its own; these come when no test is worth making. */
function stepAfterTests(stations: Readonly<Record<StationId, Assessment>>): StationId {
  return stations.decide.stamp === "not-done" ? "decide" : "prove";
}

/** Tests that can still be made, each with its station. */
function openTests(stations: Readonly<Record<StationId, Assessment>>): Map<TestId, StationId> {
  const isOpen = (id: StationId): boolean => stations[id].stamp === "not-done";
  return new Map(
    STATION_IDS.flatMap((id) => {
      const tests = stations[id].stamp === "skipped" ? [] : (stations[id].openTests ?? (isOpen(id) ? stationOf(id).definition.tests : []));
      return tests.map((test) => [test, id] as const);
    }),
  );
}

function nextStep(
  stations: Readonly<Record<StationId, Assessment>>,
  facts: Facts,
  standing: Standing,
  findings: readonly Finding[],
  actions: readonly ActionOffer[],
): NextStep {
  const opening = STATION_IDS.find((id) => stationOf(id).definition.isOpening && stations[id].stamp === "not-done");
  if (opening) return { kind: "station", station: opening };
  const open = openTests(stations);
  const action = actions[0]?.action ?? "no-repair";
  const move =
    stations.decide.stamp === "not-done"
      ? chooseMove(
          standing.hypotheses,
          findings,
          { hand: [...open.keys()], power: facts.power },
          { action, checkFirst: ACTION_TABLE[action].checkFirst },
        )
      : ({ kind: "decide" } as const);
  if (move.kind === "decide") return { kind: "move", move, station: stepAfterTests(stations), method: null };
  const { test } = move.offer;
  const station = open.get(test) ?? "decide";
  const method = stationOf(station).definition.methods?.find(({ tests }) => tests.includes(test))?.id ?? null;
  return { kind: "move", move, station, method };
}

/**
 * Everything derived from one traveller's records: each station's assessment in working order (facts handed on from one
 * to the next), the line-up, the next move, and what the actions would cost.
 * Pure: the same records and house rules give the same answer.
 * @param earlier visits to the same motor, the oldest first
 * @param study who answers the questions that take long; what they decide is open until then
 */
export function assessTraveller(
  entries: StationEntries,
  house: HouseFigures,
  earlier: readonly EarlierVisit[] = [],
  study: Study = NO_STUDY,
): TravellerAssessment {
  const { stations, facts } = assessStations(entries, house, earlier, study);
  const findings = STATION_IDS.flatMap((id) => stations[id].findings);
  const standing = weighEvidence({ type: facts.motorType, machine: facts.machineKind }, { complaints: facts.complaints, findings });
  const actions = rankActions(standing.hypotheses, house);
  const next = nextStep(stations, facts, standing, findings, actions);
  const method = next.kind === "move" ? next.method : null;
  return { stations, facts, findings, standing, next, actions, stateChange: stateChangeFor(next.station, facts.power, method) };
}
