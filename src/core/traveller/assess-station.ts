import type { Round } from "../job";
import type { Assessment, Station, StationContext } from "../station";
import type { StationEntry } from "./entries";
import { amongRepeats, stamped } from "./ground";
import { judgedBy } from "./read-after";

/** A station as far as it judges. */
export type Judge = Pick<Station, "definition" | "blank"> & {
  assess(record: object, context: StationContext): Assessment;
};

/** What a station has to go on: what those before it handed on, the house, the earlier visits, and who answers long questions. */
export type Grounds = Omit<StationContext, "keyedAt">;

/** A record that was set aside, with what it came to then. */
export interface JudgedRound extends Round {
  readonly assessment: Assessment;
}

/** A station as it is judged: the record in hand, and what was set aside before it was read anew. */
export interface Judged {
  readonly record: object;
  /** by the record in hand and all readings of its time; skipped with a reason where nothing was worked */
  readonly assessment: Assessment;
  /** by the record in hand alone, as it is handed on */
  readonly alone: Assessment;
  /** what was set aside, the oldest first, each judged by the motor that was found */
  readonly rounds: readonly JudgedRound[];
  /** any other record of it, judged by the motor that was found */
  readonly asThen: (record: object) => Assessment;
}

/**
 * The one way a station is judged, on a page, in the worker, in lists and in scripts.
 * @param station how it judges, and what it is while it is blank
 * @param entry what is kept of it; undefined: nothing yet
 * @param grounds what it has to go on
 * @returns the station as it is judged
 */
export function assessStation(station: Judge, entry: StationEntry | undefined, grounds: Grounds): Judged {
  const record = (entry?.data ?? station.blank) as object;
  const context: StationContext = { ...grounds, keyedAt: entry?.keyedAt ?? null };
  const asThen = (each: object): Assessment => station.assess(each, context);
  const alone = station.assess(record, { ...context, facts: judgedBy(station.definition, record, grounds.facts) });
  const rounds = (entry?.earlier ?? []).map((round) => ({ ...round, assessment: asThen(round.data as object) }));
  return { record, alone, rounds, asThen, assessment: amongRepeats(stamped(alone, entry?.skippedReason), rounds) };
}
