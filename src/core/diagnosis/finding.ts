import type { Complaint, Standee, Suspect, TestId } from "../trade";
import type { History } from "./history-table";
import type { FigureSize } from "./size-table";
import type { Outcome } from "./test-table";

/**
 * What figures taken together speak for, where a model of the machine was asked: likelihood of all of them under each
 * suspect, over that of the best. A suspect without an entry leaves the figures of a sound motor.
 */
export type MeasuredLikelihood = Readonly<Partial<Record<Standee, number>>>;

/**
 * What a test showed, with a weight for each outcome it may have been. One outcome of weight 1 is a plain finding;
 * a figure that straddles a limit splits its weight by the chance of either side, so that it counts for what it is worth.
 */
export type Finding = {
  [T in TestId]: {
    readonly test: T;
    readonly weights: Readonly<Partial<Record<Outcome<T>, number>>>;
    readonly about?: "run-capacitor" | "start-capacitor";
    /** then these count, and the weights only say what was seen */
    readonly measured?: MeasuredLikelihood;
    /** figures whose size counts: how far over a limit, not only that it is; the weights then only say what was seen */
    readonly sizes?: readonly FigureSize[];
    /** sizes that count beside the rest: what the same figures say of a part that neither model nor table knows of */
    readonly beside?: readonly FigureSize[];
    /** station it was found at */
    readonly from?: string;
    /** which of several findings of one card that say the same; left out for the first */
    readonly ordinal?: number;
  };
}[TestId];

/**
 * A finding by what it says, for setting it aside; the same finding has the same key each time the record is read.
 * @param finding what a test found
 * @returns a text that is the same for the same finding
 */
export function findingKey({ test, weights, about, ordinal }: Finding): string {
  return [test, about ?? "", ...Object.keys(weights).sort(), ...(ordinal === undefined ? [] : [String(ordinal)])].join("/");
}

/** What a person rules out by ear or eye, and why: an unloader that was heard, a valve that moves freely. */
export interface RuledOut {
  readonly suspect: Suspect;
  readonly reason: string;
}

/** What is known of a case when it is weighed. */
export interface Evidence {
  readonly complaints: readonly Complaint[];
  /** a visit that no complaint brought about */
  readonly isRoutine?: boolean;
  readonly findings: readonly Finding[];
  /** since when, and after what, as far as somebody said */
  readonly history?: readonly History[];
  readonly ruledOut?: readonly RuledOut[];
}
