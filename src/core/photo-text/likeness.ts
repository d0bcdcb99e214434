import type { FieldReading } from "./candidate";

/** A field speaks for the picture from this chance on. */
const SPEAKS = 0.5;
/** So many of them make it what was asked for, where there are as many. */
const ENOUGH = 2;

/**
 * Whether what was read is like the thing it was asked of: a page of a book has figures too, and a field or so may fit one.
 * @param fields every field of it, as read
 * @returns true when enough of its fields have one likely text
 */
export const isLikeWhatWasAsked = (fields: readonly Pick<FieldReading<string>, "candidates">[]): boolean =>
  fields.filter(({ candidates }) => (candidates[0]?.chance ?? 0) >= SPEAKS).length >= Math.min(ENOUGH, fields.length);
