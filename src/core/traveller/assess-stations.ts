import { findingKey, sizeOfRepeats, type FigureSize, type Finding } from "../diagnosis";
import { NO_FACTS, type Facts } from "../facts";
import type { HouseFigures } from "../house";
import { timesOf, type Round } from "../job";
import type { Assessment, EarlierVisit } from "../station";
import { NO_CARD_FACTS, STATION_IDS, stationOf, type CardFacts, type StationId } from "../stations";
import type { Study } from "../study";
import { asFound } from "./after-repair";
import { assessStation, type JudgedRound } from "./assess-station";
import type { StationAssessments, StationEntries } from "./entries";
import { handedOn, type Ground, type HandedOn } from "./ground";

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

/** Of each station what was set aside, the oldest first. */
export type Rounds = { readonly [Id in StationId]: readonly JudgedRound[] };

/** Facts that speak of what was found, each with the one that speaks of the same now. */
const IN_TIME = [
  ["runFound", "runNow"],
  ["noisesFound", "noisesNow"],
  ["hotPlaceFound", "hotPlaceNow"],
  ["behaviourFound", null],
  ["handFound", "handAfter"],
] as const;

/** What a station states as found, and what it states now, each in its own fact. */
function factsInTime(found: Partial<Facts>, now: Partial<Facts>): Partial<Facts> {
  const rows = IN_TIME.flatMap(([then, present]) => [
    ...(then in found ? [[then, found[then]] as const] : then in now ? [[then, NO_FACTS[then]] as const] : []),
    ...(present !== null && then in now ? [[present, now[then]] as const] : []),
  ]);
  return Object.fromEntries(rows);
}

/** Figures of several readings, each kind as one. */
function repeatedSizes(readings: readonly (readonly FigureSize[])[]): readonly FigureSize[] {
  const all = readings.flat();
  return [...new Set(all.map(({ of }) => of))].flatMap((of) => sizeOfRepeats(all.filter((each) => each.of === of)) ?? []);
}

/**
 * Findings of one station read several times at one time: each reading of a test counts for its part, so that two that agree count
 * once and two that differ leave it open.
 */
function together(readings: readonly (readonly Finding[])[]): readonly Finding[] {
  const [only, ...others] = readings;
  if (only === undefined) return [];
  if (others.length === 0) return only;
  const groups = new Map<string, Finding[]>();
  for (const finding of readings.flat()) {
    const key = `${finding.test}/${finding.about ?? ""}`;
    groups.set(key, [...(groups.get(key) ?? []), finding]);
  }
  return [...groups.values()].map((alike) => {
    const [first] = alike as [Finding, ...Finding[]];
    const last = alike.at(-1) ?? first;
    const keys = new Set(alike.map(({ weights, sizes }) => JSON.stringify([weights, sizes])));
    if (keys.size === 1) return last;
    const outcomes = new Set(alike.flatMap(({ weights }) => Object.keys(weights)));
    const share = (outcome: string): number =>
      alike.reduce((sum, { weights }) => sum + ((weights as Record<string, number>)[outcome] ?? 0), 0) / alike.length;
    const weights = Object.fromEntries([...outcomes].map((outcome) => [outcome, share(outcome)]));
    // Where one of them has no size that counts, what was seen counts.
    const sizes = alike.every((each) => each.sizes) ? repeatedSizes(alike.map((each) => each.sizes ?? [])) : null;
    return { test: first.test, weights, ...(first.about ? { about: first.about } : {}), ...(sizes ? { sizes } : {}) } as Finding;
  });
}

/**
 * Facts that stand whatever the stations say of one another: what every station is told before any is assessed.
 * @param entries what was keyed at each station
 * @returns the facts of a motor of which nothing else is known
 */
export const earlyFacts = (entries: StationEntries): CardFacts =>
  STATION_IDS.reduce<CardFacts>(
    (known, id) => ({ ...known, ...stationOf(id).early?.(entries[id]?.data ?? stationOf(id).blank) }),
    NO_CARD_FACTS,
  );

/**
 * Every station's assessment in working order, each with the facts and findings of those before it.
 * @param entries what was keyed at each station
 * @param house house rules in force
 * @param earlier visits to the same motor, the oldest first
 * @param study who answers the questions that take long
 * @param at when the card was made, ISO 8601; null: not known
 * @returns the assessments, what they state of the motor, every finding with the station it comes from, and what each hands on
 */
export function assessStations(
  entries: StationEntries,
  house: HouseFigures,
  earlier: readonly EarlierVisit[],
  study: Study,
  at: string | null,
): { stations: StationAssessments; facts: CardFacts; findings: Finding[]; handed: Ground["stations"]; rounds: Rounds } {
  let facts = earlyFacts(entries);
  const findings: Finding[] = [];
  const worked = new Set<StationId>();
  const stations: Partial<Record<StationId, Assessment>> = {};
  const handed: Partial<Record<StationId, HandedOn>> = {};
  const rounds: Partial<Record<StationId, readonly JudgedRound[]>> = {};
  for (const id of STATION_IDS) {
    const station = stationOf(id);
    const entry = entries[id];
    const judged = assessStation(station, entry, { facts, house, earlier, study, findings: [...findings], worked, at });
    const { alone, assessment: own } = judged;
    const times = timesOf((entry?.earlier ?? []) as readonly Round<object>[], judged.record);
    rounds[id] = judged.rounds;
    const records = times.found.flatMap((record) => asFound(station.definition, record, facts) ?? []);
    const found = records.map((record) => (record === judged.record ? alone : judged.asThen(record)));
    const stated = { ...alone.facts, ...(times.now.length > 0 ? factsInTime(found.at(-1)?.facts ?? {}, alone.facts) : {}) };
    stations[id] = own;
    facts = { ...facts, ...stated };
    if (own.stamp !== "not-done") worked.add(id);
    const weighed = together(found.map(({ findings: each }) => each));
    handed[id] = { ...handedOn(own, weighed), facts: stated };
    findings.push(...weighed.map((finding): Finding => ({ ...finding, from: id })));
  }
  // Each was made by its own station, all of them in this loop.
  return {
    stations: stations as StationAssessments,
    facts,
    findings: numberAlike(findings),
    handed: handed as Ground["stations"],
    rounds: rounds as Rounds,
  };
}
