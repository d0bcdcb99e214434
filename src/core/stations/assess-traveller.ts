import { rankActions, ACTION_TABLE, type ActionOffer } from "../decision";
import { chooseMove, weighEvidence, type Finding, type Move, type Standing } from "../diagnosis";
import type { HouseFigures } from "../house";
import { NO_FACTS, type Assessment, type Facts } from "./contract";
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
  { readonly kind: "station"; readonly station: StationId } | { readonly kind: "move"; readonly move: Move; readonly station: StationId };

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

function assessStations(entries: StationEntries, house: HouseFigures): { stations: Record<StationId, Assessment>; facts: Facts } {
  let facts: Facts = NO_FACTS;
  const stations = {} as Record<StationId, Assessment>;
  for (const id of STATION_IDS) {
    const station = stationOf(id);
    const entry = entries[id];
    const assessment = station.assess(entry?.data ?? station.blank, { facts, house });
    const isSkipped = entry?.skippedReason != null && assessment.stamp === "not-done";
    stations[id] = isSkipped ? { ...assessment, stamp: "skipped" } : assessment;
    facts = { ...facts, ...assessment.facts };
  }
  return { stations, facts };
}

/** Station that brings the circuit into the state a station needs; null when it is in it. */
export function stateChangeFor(station: StationId, power: Facts["power"]): StationId | null {
  const needed = stationOf(station).definition.power;
  if ((needed !== "dead" && needed !== "live") || needed === power) return null;
  return STATION_IDS.find((id) => stationOf(id).definition.power === `to-${needed}`) ?? null;
}

/** A station that decides, proves or changes state has no test of its own; these come when no test is worth making. */
function stepAfterTests(stations: Readonly<Record<StationId, Assessment>>): StationId {
  return stations.decide.stamp === "not-done" ? "decide" : "prove";
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
  const open = STATION_IDS.filter((id) => stations[id].stamp === "not-done");
  const hand = open.flatMap((id) => stationOf(id).definition.tests);
  const action = actions[0]?.action ?? "no-repair";
  const move =
    stations.decide.stamp === "not-done"
      ? chooseMove(standing.hypotheses, findings, { hand, power: facts.power }, { action, checkFirst: ACTION_TABLE[action].checkFirst })
      : ({ kind: "decide" } as const);
  if (move.kind === "decide") return { kind: "move", move, station: stepAfterTests(stations) };
  const station = open.find((id) => stationOf(id).definition.tests.includes(move.offer.test));
  return { kind: "move", move, station: station ?? "decide" };
}

/**
 * Everything derived from one traveller's records: each station's assessment in working order (facts handed on from one
 * to the next), the line-up, the next move, and what the actions would cost.
 * Pure: the same records and house rules give the same answer.
 */
export function assessTraveller(entries: StationEntries, house: HouseFigures): TravellerAssessment {
  const { stations, facts } = assessStations(entries, house);
  const findings = STATION_IDS.flatMap((id) => stations[id].findings);
  const standing = weighEvidence({ type: facts.motorType, machine: facts.machineKind }, { complaints: facts.complaints, findings });
  const actions = rankActions(standing.hypotheses, house);
  const next = nextStep(stations, facts, standing, findings, actions);
  return { stations, facts, findings, standing, next, actions, stateChange: stateChangeFor(next.station, facts.power) };
}
