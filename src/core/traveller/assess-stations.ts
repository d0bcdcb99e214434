import { findingKey, type Finding } from "../diagnosis";
import type { HouseFigures } from "../house";
import type { Assessment, EarlierVisit } from "../station";
import { NO_CARD_FACTS, STATION_IDS, stationOf, type CardFacts, type StationId } from "../stations";
import type { Study } from "../study";
import { asFound } from "./after-repair";
import { judgedBy } from "./read-after";
import type { StationAssessments, StationEntries } from "./entries";
import { handedOn, stamped, type Ground, type HandedOn } from "./ground";

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
): { stations: StationAssessments; facts: CardFacts; findings: Finding[]; handed: Ground["stations"] } {
  let facts = earlyFacts(entries);
  const findings: Finding[] = [];
  const worked = new Set<StationId>();
  const stations: Partial<Record<StationId, Assessment>> = {};
  const handed: Partial<Record<StationId, HandedOn>> = {};
  for (const id of STATION_IDS) {
    const station = stationOf(id);
    const entry = entries[id];
    const data = (entry?.data ?? station.blank) as object;
    const context = { facts, house, earlier, study, findings: [...findings], worked, at };
    const found = asFound(id, data, facts);
    const assessment = station.assess(data, { ...context, facts: judgedBy(id, data, facts) });
    const own = stamped(assessment, entry?.skippedReason);
    stations[id] = own;
    facts = { ...facts, ...assessment.facts };
    if (own.stamp !== "not-done") worked.add(id);
    const weighed = found === data ? assessment.findings : found === null ? [] : station.assess(found, context).findings;
    handed[id] = handedOn(own, weighed);
    findings.push(...weighed.map((finding): Finding => ({ ...finding, from: id })));
  }
  // Each was made by its own station, all of them in this loop.
  return { stations: stations as StationAssessments, facts, findings: numberAlike(findings), handed: handed as Ground["stations"] };
}
