import type { ActionId, TestId } from "../trade";
import { NO_FACTS, type Facts } from "../facts";
import { NO_STUDY, type Study } from "../study";
import type { Assessment, EarlierVisit, StationMethod, StationPower } from "../station";
import {
  ACTION_TABLE,
  cheapestAction,
  checksBefore,
  costModel,
  rankActions,
  settledCost,
  soundParts,
  type ActionOffer,
  type CostModel,
  type Life,
  type RepairSite,
} from "../decision";
import {
  chooseMove,
  contradictionsOf,
  findingKey,
  isOnMachine,
  ownedInstruments,
  TEST_TABLE,
  houseWeights,
  weighEvidence,
  type Contradiction,
  type Finding,
  type Move,
  type Standing,
} from "../diagnosis";
import type { HouseFigures } from "../house";
import type { DecideDetail } from "../stations/decide";
import { STATION_IDS, stationOf, type StationId } from "../stations/registry";

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
  /** nobody said whether it hums: switch it on once, two seconds, and listen */
  | { readonly kind: "listen"; readonly station: StationId; readonly method: string }
  /** it trips, so it is not switched on to listen: look, smell and turn it first */
  | { readonly kind: "look-first"; readonly station: StationId }
  /** `method`: the way to work at that station, where it has several */
  | { readonly kind: "move"; readonly move: Move; readonly station: StationId; readonly method: string | null };

export interface TravellerAssessment {
  readonly stations: Readonly<Record<StationId, Assessment>>;
  readonly facts: Facts;
  readonly findings: readonly Finding[];
  readonly standing: Standing;
  /** findings that cannot both be the whole truth */
  readonly contradictions: readonly Contradiction[];
  /** findings a person left out to see what changes; they are not weighed */
  readonly leftOut: readonly Finding[];
  readonly next: NextStep;
  /** what it would cost, and cure, to stop now; the best first */
  readonly actions: readonly ActionOffer[];
  /** what the actions were weighed with */
  readonly site: RepairSite;
  readonly life: Life;
  /** station that would have to come first if the next one needs the other power state */
  readonly stateChange: StationId | null;
}

/** Findings that say the same of the same thing are told apart by their order: leaving out one leaves the others in. */
function numberAlike(findings: readonly Finding[]): Finding[] {
  const seen = new Map<string, number>();
  return findings.map((finding) => {
    const key = findingKey(finding);
    const before = seen.get(key) ?? 0;
    seen.set(key, before + 1);
    return before === 0 ? finding : { ...finding, ordinal: before };
  });
}

function assessStations(
  entries: StationEntries,
  house: HouseFigures,
  earlier: readonly EarlierVisit[],
  study: Study,
  at: string | null,
): { stations: Record<StationId, Assessment>; facts: Facts; findings: Finding[] } {
  const early = STATION_IDS.map((id) => stationOf(id).early?.(entries[id]?.data ?? stationOf(id).blank) ?? {});
  let facts: Facts = early.reduce<Facts>((known, more) => ({ ...known, ...more }), NO_FACTS);
  const findings: Finding[] = [];
  const worked = new Set<StationId>();
  const stations = {} as Record<StationId, Assessment>;
  for (const id of STATION_IDS) {
    const station = stationOf(id);
    const entry = entries[id];
    const assessment = station.assess(entry?.data ?? station.blank, { facts, house, earlier, study, findings: [...findings], worked, at });
    const isSkipped = entry?.skippedReason != null && assessment.stamp === "not-done";
    stations[id] = isSkipped ? { ...assessment, stamp: "skipped" } : assessment;
    facts = { ...facts, ...assessment.facts };
    if (stations[id].stamp !== "not-done") worked.add(id);
    findings.push(...assessment.findings.map((finding): Finding => ({ ...finding, from: id })));
  }
  return { stations, facts, findings: numberAlike(findings) };
}

/** The way to work at a station that has several: the one asked for, else the usual one; null where there is but one way. */
export function methodOf(station: StationId, id: string | null): StationMethod | null {
  const { methods } = stationOf(station).definition;
  return methods?.find((method) => method.id === id) ?? methods?.[0] ?? null;
}

/** Ways to work at a station that this machine allows; a way all of whose tests it forbids is not shown. */
export function methodsOn(station: StationId, { machineKind }: Facts): readonly StationMethod[] {
  const methods = stationOf(station).definition.methods ?? [];
  return methods.filter(({ tests }) => tests.length === 0 || tests.some((test) => isOnMachine(test, machineKind)));
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

/** Work for which the motor is opened: the ledger comes between the decision and the proof. */
const OPENS_THE_MOTOR: readonly ActionId[] = ["replace-bearings", "service-start-switch"];

/** A station that decides, proves or changes state has no test of its own; these come when no test is worth making. */
function stepAfterTests(stations: Readonly<Record<StationId, Assessment>>, { action, isApart }: Facts): StationId {
  if (stations.decide.stamp === "not-done") return "decide";
  const isOpening = action !== null && OPENS_THE_MOTOR.includes(action) && stations["take-apart"].stamp === "not-done";
  return isApart || isOpening ? "take-apart" : "prove";
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

/** What the next step is chosen from. */
interface Weighed {
  readonly stations: Readonly<Record<StationId, Assessment>>;
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
function listenFirst({ stations, facts, findings }: Weighed): NextStep | null {
  const isOpen = facts.complaints.includes("does-not-run") && facts.behaviourFound === null && stations["run-test"].stamp === "not-done";
  if (!isOpen || facts.deadSince !== null || findings.length > 0) return null;
  if (facts.mayTrip) return stations.look.stamp === "not-done" ? { kind: "look-first", station: "look" } : null;
  return { kind: "listen", station: "run-test", method: "run" };
}

function nextStep(weighed: Weighed): NextStep {
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

/** Station and way of working at which a test is made. */
function whereOf(test: TestId, station: StationId): { station: StationId; method: string | null } {
  return { station, method: stationOf(station).definition.methods?.find(({ tests }) => tests.includes(test))?.id ?? null };
}

/** Station and way of working for any test, for a person who wants another than the one proposed. */
export function stationForTest(test: TestId): { station: StationId; method: string | null } | null {
  const station = STATION_IDS.find((id) => stationOf(id).definition.tests.includes(test));
  return station ? whereOf(test, station) : null;
}

// Prices change seldom, beliefs with every key: one model a set of prices is enough.
const models = new WeakMap<HouseFigures, Map<string, CostModel>>();

/** What the work would be done on. */
const siteOf = ({ machineKind, motorType, startGear, isShellCool, hasWaited }: Facts, findings: readonly Finding[]): RepairSite => ({
  machine: machineKind,
  motorType,
  gear: startGear,
  isCool: isShellCool,
  hasWaited,
  sound: soundParts(findings),
});

function modelFor(house: HouseFigures, site: RepairSite, life: Life, { bearingJob }: Facts): CostModel {
  const known = models.get(house) ?? new Map<string, CostModel>();
  models.set(house, known);
  const terms = bearingJob ? [bearingJob.partCost, bearingJob.minutes, bearingJob.holds] : [];
  const key = [...Object.values(site), life.motorAgeYears, life.machineYearsLeft, ...terms].join();
  const model = known.get(key) ?? costModel(house, site, life, bearingJob);
  known.set(key, model);
  return model;
}

export interface AssessOptions {
  /** keys of findings that a person leaves out, to see what changes */
  readonly leaveOut?: ReadonlySet<string>;
  /** when the card was made, ISO 8601: how long ago an earlier repair was */
  readonly at?: string | null;
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
  { leaveOut = new Set(), at = null }: AssessOptions = {},
): TravellerAssessment {
  const { stations, facts, findings: all } = assessStations(entries, house, earlier, study, at);
  const leftOut = all.filter((finding) => leaveOut.has(findingKey(finding)));
  const findings = all.filter((finding) => !leaveOut.has(findingKey(finding)));
  const standing = weighEvidence(
    { type: facts.motorType, machine: facts.machineKind, ageYears: facts.ageYears, gear: facts.startGear, drive: facts.drive },
    { complaints: facts.complaints, isRoutine: facts.isRoutine, findings, history: facts.history, ruledOut: facts.ruledOut },
    houseWeights(house),
  );
  const { machineYearsLeft } = stations.decide.detail as DecideDetail;
  const life: Life = { motorAgeYears: facts.ageYears, machineYearsLeft };
  const site = siteOf(facts, findings);
  const model = modelFor(house, site, life, facts);
  const actions = rankActions(standing.hypotheses, model);
  // What was found stays a bar to running the motor, whatever a person leaves out of the weighing.
  const next = nextStep({ stations, facts, standing, findings: all, actions, house, model });
  const method = "method" in next ? next.method : null;
  return {
    stations,
    facts,
    findings,
    leftOut,
    standing,
    contradictions: contradictionsOf(standing),
    next,
    actions,
    site,
    life,
    stateChange: stateChangeFor(next.station, facts.power, method),
  };
}
