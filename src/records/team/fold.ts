/** A device's own segment, with the documents that are in it. */
export interface OwnSegment {
  readonly file: string;
  readonly bytes: number;
  readonly documents: readonly string[];
}

/** Smaller ones are folded as soon as there are so many of them, so that the list stays short. */
const SMALL_BYTES = 256_000;
const MOST_SMALL = 16;
/** Larger ones once the same documents lie in them twice over: that saves half. */
const TIMES_OVER = 2;

/**
 * Segments that are worth folding into one another; none: it is well as it is. Each change is written anew a few times in
 * its life, whatever the age of the house: small segments become a larger one, and larger ones are folded when they have doubled.
 */
export function toFold<Segment extends OwnSegment>(segments: readonly Segment[]): readonly Segment[] {
  const small = segments.filter(({ bytes }) => bytes < SMALL_BYTES);
  const documents = segments.flatMap((each) => each.documents);
  const isDoubled = segments.length > 2 && documents.length >= TIMES_OVER * new Set(documents).size;
  if (isDoubled && segments.length > small.length) return segments;
  return small.length >= MOST_SMALL ? small : [];
}
