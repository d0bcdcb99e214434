import type { TestId } from "@/core/trade";
import { assessTraveller, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import type { Study } from "@/core/study";
import { STATE_CHANGE_MINUTES, TEST_TABLE } from "@/core/diagnosis";
import { observe, opening, type HiddenCase } from "@/core/simulation";
import { STATIONS, type StationData, type StationId } from "@/core/stations";
import { changeState, DEFAULT_HOUSE, visitClock, type VisitClock } from "./simulated-visit";

/** A visit to a hidden case of the independent world: what was keyed, and the minutes it took. */
export interface WorldVisit {
  readonly hidden: HiddenCase;
  readonly clock: VisitClock;
  readonly study: Study;
  entries: StationEntries;
  minutes: number;
  readonly made: TestId[];
}

const entry = <Data>(data: Data): { skippedReason: null; data: Data } => ({ skippedReason: null, data });
/** Complaint and plate taken down. */
const OPENING_MINUTES = 3;

export function startWorldVisit(hidden: HiddenCase, study: Study): WorldVisit {
  const { complaint, plate } = opening(hidden);
  return {
    hidden,
    study,
    clock: visitClock(),
    entries: { complaint: entry(complaint), plate: entry(plate) },
    minutes: OPENING_MINUTES,
    made: [],
  };
}

export const assessWorldVisit = ({ entries, study }: WorldVisit): TravellerAssessment => assessTraveller(entries, DEFAULT_HOUSE, [], study);

/** Makes one test, after the change of power state it asks for; what a capacitor holds is told again where there are two. */
export function makeWorldTest(visit: WorldVisit, test: TestId, power: "dead" | "live"): void {
  const needed = TEST_TABLE[test].power;
  if (needed !== power) {
    visit.entries = changeState(needed, visit.entries, visit.clock);
    visit.minutes += STATE_CHANGE_MINUTES[needed === "dead" ? "to-dead" : "to-live"];
  }
  const record = <Id extends StationId>(id: Id): StationData<Id> => (visit.entries[id]?.data ?? STATIONS[id].blank) as StationData<Id>;
  const { station, data } = observe(visit.hidden, test, visit.clock.at(), record);
  visit.entries = { ...visit.entries, [station]: entry({ ...(record(station) as object), ...data }) };
  visit.minutes += TEST_TABLE[test].minutes;
  visit.made.push(test);
}
