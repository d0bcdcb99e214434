import type { ActionId, TestId } from "../trade";
import { chanceFrom, type Chance, type HiddenCase } from "../simulation";
import { beginRound, changeInTime, doneIn, type TimedStation } from "../job";
import { describedBy } from "../station";
import type { Study } from "../study";
import { STATIONS, stationOf, type StationData, type StationId } from "../stations";
import { assessTraveller, type StationEntries, type TravellerAssessment } from "../traveller";
import { toHouseFigures, type HouseFigures } from "../house";
import { DEFAULT_METER } from "../house";
import { takeReading, type Entry, type Quantity } from "../quantity";

export const HOUSE: HouseFigures = toHouseFigures({});

/** One step of a job as it is told. */
export interface Told {
  readonly minute: number;
  readonly what: string;
}

/** A job under way: what is hidden, what was keyed, and what was true when each station was keyed. */
export interface Job {
  readonly seed: number;
  readonly policy: string;
  readonly study: Study;
  readonly chance: Chance;
  /** as it was when the visit began */
  readonly asFound: HiddenCase;
  /** as it is now */
  hidden: HiddenCase;
  entries: StationEntries;
  /** whether the circuit has power, whatever the card says */
  isLive: boolean;
  /** the motor is on the bench, and has power only while it is tried */
  minutes: number;
  readonly made: TestId[];
  /** truth when a station was last keyed */
  readonly truthAt: Map<StationId, HiddenCase>;
  readonly keyedAt: Map<StationId, string>;
  /** a figure was keyed wrong here, and nobody asked yet: what should stand there */
  readonly slipped: Map<StationId, unknown>;
  readonly decided: ActionId[];
  readonly told: Told[];
  /** steps so far, so that no job goes on for ever */
  steps: number;
  clockMs: number;
}

const START_MS = Date.UTC(2026, 10, 30, 8, 0);

/** A job at its first minute. */
export const startJob = (seed: number, policy: string, hidden: HiddenCase, study: Study): Job => ({
  seed,
  policy,
  study,
  chance: chanceFrom(seed * 31 + 7),
  asFound: hidden,
  hidden,
  entries: {},
  isLive: hidden.place.purpose !== "spare",
  minutes: 0,
  made: [],
  truthAt: new Map(),
  keyedAt: new Map(),
  slipped: new Map(),
  decided: [],
  told: [],
  steps: 0,
  clockMs: START_MS,
});

/** The next moment: more than a minute after the last, as what is read and keyed takes. */
export function tick(job: Job, minutes = 1): string {
  job.minutes += minutes;
  job.clockMs += Math.max(1.2, minutes) * 60_000;
  return new Date(job.clockMs).toISOString();
}
export const nowOf = (job: Job): string => new Date(job.clockMs).toISOString();
export const tell = (job: Job, what: string): void => void job.told.push({ minute: Math.round(job.minutes), what });

export const recordOf = <Id extends StationId>({ entries }: Pick<Job, "entries">, id: Id): StationData<Id> =>
  (entries[id] as { data: StationData<Id> } | undefined)?.data ?? (STATIONS[id].blank as StationData<Id>);

const timedOf = (id: StationId): TimedStation => {
  const station = stationOf(id);
  return { reads: station.definition.reads, blank: station.blank, describe: (data) => describedBy(station, data) };
};
const rowOf = (job: Job, id: StationId, at: string) => {
  const before = job.entries[id];
  return { data: before?.data ?? stationOf(id).blank, earlier: before?.earlier ?? [], updatedAt: job.keyedAt.get(id) ?? at };
};
const put = (job: Job, id: StationId, changed: object, at: string): void => {
  job.keyedAt.set(id, at);
  job.truthAt.set(id, job.hidden);
  job.entries = { ...job.entries, [id]: { skippedReason: null, ...changed, keyedAt: at } } as StationEntries;
};

/** Keys fields of a station, as the screens do: what is read after a work stands beside what was found. */
export function key<Id extends StationId>(job: Job, id: Id, part: Partial<StationData<Id>>): void {
  const at = nowOf(job);
  const works = doneIn(recordOf(job, "out-in"));
  const change = (data: unknown): unknown => ({ ...(data as object), ...part });
  put(job, id, changeInTime(timedOf(id), rowOf(job, id, at), change, works, at), at);
}

/** Sets a station's record aside, to read it once more. */
export function repeat(job: Job, id: StationId): void {
  const at = nowOf(job);
  put(job, id, beginRound(timedOf(id), rowOf(job, id, at), "repeat", doneIn(recordOf(job, "out-in")), at), at);
}

/** Skips a station with a reason. */
export function skip(job: Job, id: StationId, reason: string): void {
  const before = job.entries[id] ?? { data: stationOf(id).blank, earlier: [] };
  job.entries = { ...job.entries, [id]: { ...before, skippedReason: reason } } as StationEntries;
}

export const read = (job: Job, text: string, quantity: Quantity): Entry =>
  takeReading(text, quantity, DEFAULT_METER, nowOf(job), "simulation").entry;

/** Assessing is pure: one answer a set of records is enough. */
const assessed = new WeakMap<StationEntries, TravellerAssessment>();
export function assess({ entries, study }: Job): TravellerAssessment {
  const known = assessed.get(entries);
  if (known) return known;
  const made = assessTraveller(entries, HOUSE, [], study, { at: new Date(START_MS).toISOString() });
  assessed.set(entries, made);
  return made;
}
