import type { Box } from "../picture";

/** One thing a field may say. */
export interface PhotoCandidate {
  /** as it would be keyed */
  readonly text: string;
  /** 0 to 1, all candidates of a field and "none of these" together */
  readonly chance: number;
}

/** What a picture says of one field. */
export interface FieldReading<Id extends string> {
  readonly field: Id;
  /** most likely first */
  readonly candidates: readonly PhotoCandidate[];
  /** the first is beyond doubt, as far as a picture can be */
  readonly isSure: boolean;
  /** as the reader of text made it out; empty where nothing was read */
  readonly read: string;
  /** where on which straightened picture; null: nowhere */
  readonly at: { readonly picture: number; readonly box: Box } | null;
}

/** What one picture says of a field: the weight of each text, and of none of them. */
export interface FieldWeights {
  readonly weights: ReadonlyMap<string, number>;
  readonly none: number;
}

/** A candidate is offered as sure from this chance on. */
export const SURE = 0.97;
/** Fewer are shown, and less likely ones are not. */
export const MOST_CANDIDATES = 4;
export const LEAST_CHANCE = 0.008;

/** Where a picture says nothing of a field, any text it may have is about as likely as any other. */
const ANY_TEXT = 0.02;

/**
 * What several pictures of the same thing say together: a text weighs as much as they say of it, multiplied; a picture that
 * says nothing of a field takes no text away.
 * @param pictures what each says of one field, chances that add up to one
 * @returns the same of all
 */
export function together(pictures: readonly FieldWeights[]): FieldWeights {
  const [only] = pictures;
  if (only && pictures.length === 1) return only;
  const totals = pictures.map(({ weights, none }) => [...weights.values()].reduce((sum, weight) => sum + weight, none));
  const texts = new Set(pictures.flatMap(({ weights }) => [...weights.keys()]));
  const product = (of: (picture: FieldWeights) => number): number =>
    pictures.reduce((all, picture, at) => (all * of(picture)) / (totals[at] === 0 ? 1 : (totals[at] ?? 1)), 1);
  const weights = new Map(
    [...texts].map((text) => [text, product((picture) => (picture.weights.get(text) ?? 0) + picture.none * ANY_TEXT)]),
  );
  return { weights, none: product(({ none }) => none) * ANY_TEXT };
}

/** Candidates with their weights, as chances, the likeliest first. */
export function ranked({ weights, none }: FieldWeights): PhotoCandidate[] {
  const total = [...weights.values()].reduce((sum, weight) => sum + weight, none);
  return [...weights]
    .map(([text, weight]) => ({ text, chance: total > 0 ? weight / total : 0 }))
    .sort((a, b) => b.chance - a.chance || (a.text < b.text ? -1 : 1));
}
