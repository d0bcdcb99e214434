import { isLoose } from "../kept";
import { readAt, readingsIn } from "./moments";
import { isExchangeOf, touchedBy, type DoneWork } from "./works";
import type { ReadPart } from "./mend-table";

/** Why a station's record was set aside: work lies between, it was doubtful and is read once more, or one figure took another's place. Persisted. */
export const SET_ASIDE = ["work", "repeat", "replaced"] as const;
export type SetAside = (typeof SET_ASIDE)[number];

/** A station's record as it stood before it was read anew. */
export interface Round<Data = unknown> {
  readonly why: SetAside;
  /** when it was set aside, ISO 8601 */
  readonly at: string;
  readonly data: Data;
}

/** Far more than one station is read on one visit. */
export const MOST_ROUNDS = 40;

/** Records of a station by their time. A figure that another took the place of stands on the card, and is judged with neither. */
export interface Times<Data> {
  /** read before any work; several where it was read once more */
  readonly found: readonly Data[];
  /** read after the last work; none where no work lies between */
  readonly now: readonly Data[];
}

/**
 * Records of a station as found and now.
 * @param rounds what was set aside, the oldest first
 * @param present the record in hand
 * @returns both times; a repeat belongs to the time of what it repeats
 */
export function timesOf<Data>(rounds: readonly Round<Data>[], present: Data): Times<Data> {
  const counted = rounds.filter(({ why }) => why !== "replaced");
  const first = counted.findIndex(({ why }) => why === "work");
  if (first < 0) return { found: [...counted.map(({ data }) => data), present], now: [] };
  const last = counted.findLastIndex(({ why }) => why === "work");
  return {
    found: counted.slice(0, first + 1).map(({ data }) => data),
    now: [...counted.slice(last + 1).map(({ data }) => data), present],
  };
}

/** What of a station bears on its times. */
export interface TimedStation {
  /** what of the motor its readings are taken of; undefined: it has but one time */
  readonly reads: readonly ReadPart[] | undefined;
  readonly blank: unknown;
  /** the record without readings: what is known of the part stays */
  readonly describe: (data: unknown) => unknown;
}

/** A row of a station as far as its times go. */
export interface TimedRow {
  readonly data: unknown;
  readonly earlier: readonly Round[];
  /** ISO 8601 */
  readonly updatedAt: string;
}

/** What a change of a row comes to. */
export type TimedChange = Pick<TimedRow, "data" | "earlier">;

/** A figure that stood so long was read off a meter, and is not being typed any more [ms]. Judgement. */
const STOOD_MS = 60_000;

/** Notes, labels and pictures speak of the part, not of a time; what was measured again says so itself: keying them begins nothing. */
const TIMELESS: ReadonlySet<string> = new Set(["note", "label", "corrections", "photo", "posts", "hasFrame", "sort", "again"]);

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Pictures stay with the record in hand. */
function withoutPhotos(value: unknown): unknown {
  if (typeof value === "string") return value.startsWith("photo:") || value.startsWith("data:image/") ? null : value;
  if (Array.isArray(value)) return value.map(withoutPhotos);
  return isLoose(value) ? Object.fromEntries(Object.entries(value).map(([key, each]) => [key, withoutPhotos(each)])) : value;
}

function setAside(row: TimedRow, why: SetAside, at: string): readonly Round[] {
  const rounds = [...row.earlier, { why, at, data: withoutPhotos(row.data) }];
  if (rounds.length <= MOST_ROUNDS) return rounds;
  // What another only took the place of goes first.
  const spare = Math.max(
    0,
    rounds.findIndex((round) => round.why === "replaced"),
  );
  return rounds.filter((_round, index) => index !== spare);
}

/** Works that touch what a station reads, the earliest first. */
const worksOn = ({ reads = [] }: TimedStation, works: readonly DoneWork[]): readonly DoneWork[] =>
  works.filter(({ work }) => touchedBy(work).some((part) => reads.includes(part))).sort((a, b) => (a.at < b.at ? -1 : 1));

/**
 * The work after which the next thing keyed at a station is read, where its record was read before it.
 * @param station what of the station bears on it
 * @param row its row
 * @param works works that were done
 * @returns the work; null: the record is of the present time, or nothing is read yet
 */
export function workBetween(station: TimedStation, row: TimedRow, works: readonly DoneWork[]): DoneWork | null {
  const work = worksOn(station, works).at(-1);
  if (work === undefined) return null;
  // A record of taps alone says by its row when it was last changed.
  const read = readAt(row.data);
  if (read.length > 0 ? read.some((at) => at > work.at) : row.updatedAt >= work.at) return null;
  if (isSame(row.data, station.blank) || isSame(row.data, station.describe(row.data))) return null;
  const isKnown = row.earlier.some(({ why, at }) => why === "work" && at >= work.at);
  return isKnown ? null : work;
}

/**
 * Sets a record aside and begins anew: what is known of the part stays where the part did, readings are taken anew.
 * @param station what of the station bears on it
 * @param row its row
 * @param why work lies between, or it is read once more
 * @param works works that were done
 * @param at moment of the change, ISO 8601
 * @returns a record without readings, and the one before among the earlier
 */
export function beginRound(
  station: TimedStation,
  row: TimedRow,
  why: "work" | "repeat",
  works: readonly DoneWork[],
  at: string,
): TimedChange {
  const isRenewed = why === "work" && works.some(({ work }) => isExchangeOf(work, station.reads ?? []));
  return { data: isRenewed ? station.blank : station.describe(row.data), earlier: setAside(row, why, at) };
}

/** A figure that had stood for a while is gone, or another is in its place. */
function hasReplaced(before: unknown, after: unknown, at: string): boolean {
  const now = readingsIn(after);
  const isKept = (path: string, readAtThen: string, text: string): boolean =>
    // One that only moved in a list is still there.
    now.some((each) => (each.path === path && each.text === text) || (each.at === readAtThen && each.text === text));
  return readingsIn(before).some((each) => Date.parse(at) - Date.parse(each.at) > STOOD_MS && !isKept(each.path, each.at, each.text));
}

/**
 * A change of a station's record, made in its time: what is read after a work stands beside what was found, and a figure that
 * another takes the place of is kept.
 * @param station what of the station bears on it
 * @param row its row as it is
 * @param change from the record as it is to the record as it should be
 * @param works works that were done on the card
 * @param at moment of the change, ISO 8601
 * @returns the record, and what was set aside
 */
export function changeInTime(
  station: TimedStation,
  row: TimedRow,
  change: (data: unknown, at: string) => unknown,
  works: readonly DoneWork[],
  at: string,
): TimedChange {
  const plain = change(row.data, at);
  const [before, after] = [row.data, plain];
  if (station.reads === undefined || !isLoose(before) || !isLoose(after)) return { data: plain, earlier: row.earlier };
  const fields = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((key) => !isSame(before[key], after[key]));
  if (fields.some((field) => !TIMELESS.has(field)) && workBetween(station, row, works) !== null) {
    const fresh = beginRound(station, row, "work", works, at);
    return { data: change(fresh.data, at), earlier: fresh.earlier };
  }
  return { data: plain, earlier: hasReplaced(before, after, at) ? setAside(row, "replaced", at) : row.earlier };
}
