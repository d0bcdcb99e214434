import { parseReading, type Entry } from "../../quantity";
import type { PostPair, WindingsRecord } from "./record";

/**
 * Whether two pairs are of the same posts, whichever way round.
 * @param p a pair; null: none
 * @param q another
 * @returns true where they are
 */
export const samePair = (p: PostPair | null, q: PostPair | null): boolean =>
  p !== null && q !== null && ((p[0] === q[0] && p[1] === q[1]) || (p[0] === q[1] && p[1] === q[0]));

/**
 * Keeps a reading on a pair; an emptied field takes it away.
 * @param record the board
 * @param pair which posts
 * @param entry what was keyed; null: nothing any more
 * @returns the board with it
 */
export function setPair(record: WindingsRecord, [a, b]: PostPair, entry: Entry | null): WindingsRecord {
  const others = record.pairs.filter((pair) => !samePair([pair.a, pair.b], [a, b]));
  return { ...record, pairs: entry === null ? others : [...others, { a: Math.min(a, b), b: Math.max(a, b), entry }] };
}

/**
 * What a figure between two posts is read as: ohms, or microfarads where it says so: the meter stood on the capacitance range.
 * @param text as the meter shows it
 * @returns the quantity; ohms where it cannot be told
 */
export function pairQuantity(text: string): "resistance" | "capacitance" {
  const namesFarads = /[uµμnf]/i.test(text.replace(/inf(inity)?/i, ""));
  return namesFarads && parseReading(text, "capacitance").ok && !parseReading(text, "resistance").ok ? "capacitance" : "resistance";
}
