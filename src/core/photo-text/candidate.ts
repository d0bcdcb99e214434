import type { Box } from "../picture";

/** One thing a field may say. */
export interface Candidate {
  /** as it would be keyed */
  readonly text: string;
  /** 0 to 1, all candidates of a field and "none of these" together */
  readonly chance: number;
}

/** What a picture says of one field. */
export interface FieldReading<Id extends string> {
  readonly field: Id;
  /** most likely first */
  readonly candidates: readonly Candidate[];
  /** the first is beyond doubt, as far as a picture can be */
  readonly isSure: boolean;
  /** as the reader of text made it out; empty where nothing was read */
  readonly read: string;
  /** where on the straightened picture; null: nowhere */
  readonly box: Box | null;
}

/** A candidate is offered as sure from this chance on. */
export const SURE = 0.97;
/** Fewer are shown, and less likely ones are not. */
export const MOST_CANDIDATES = 4;
export const LEAST_CHANCE = 0.008;

/** Candidates with their weights, as chances, the likeliest first. */
export function ranked(weights: ReadonlyMap<string, number>, none: number): Candidate[] {
  const total = [...weights.values()].reduce((sum, weight) => sum + weight, none);
  return [...weights]
    .map(([text, weight]) => ({ text, chance: total > 0 ? weight / total : 0 }))
    .sort((a, b) => b.chance - a.chance || (a.text < b.text ? -1 : 1));
}
