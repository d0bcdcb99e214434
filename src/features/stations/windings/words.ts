import { formatQuantity, parseReading, type Entry } from "@/core/quantity";
import { entryAt, type PostPair, type WindingsRecord } from "@/core/stations/windings";
import type { House } from "@/records";
import { toEntry } from "@/features/form/reading";

export type { WindingsDetail } from "@/core/stations/windings";

/** Ohms that came out of a fit: a tenth is what the meter could see, a hundredth on the smallest. */
export const fittedOhm = (ohm: number): string => formatQuantity("resistance", ohm, Math.abs(ohm) < 2 ? 0.5 : 2);

/** A post's name, or its place while it has none; the frame comes after the last. */
export function postName(names: readonly string[], post: number): string {
  if (post >= names.length) return "frame";
  return names[post]?.trim() || `lead ${post + 1}`;
}

/** A pair by the names of its posts. */
export const pairName = (names: readonly string[], [a, b]: PostPair): string => `${postName(names, a)} to ${postName(names, b)}`;

/** What was keyed on a pair, once it can be read; empty before. */
export const shownAt = (record: WindingsRecord, [a, b]: PostPair): string => {
  const entry = entryAt(record, a, b);
  if (!entry?.reading) return "";
  const { quantity, value } = entry.reading;
  // On the sketch ohms are what is meant.
  return quantity === "capacitance" && value !== null ? formatQuantity("capacitance", value) : entry.text.trim();
};

export const samePair = (p: PostPair | null, q: PostPair | null): boolean =>
  p !== null && q !== null && ((p[0] === q[0] && p[1] === q[1]) || (p[0] === q[1] && p[1] === q[0]));

/** Keeps a reading on a pair; an emptied field takes it away. */
export function setPair(record: WindingsRecord, [a, b]: PostPair, entry: Entry | null): WindingsRecord {
  const others = record.pairs.filter((pair) => !samePair([pair.a, pair.b], [a, b]));
  return { ...record, pairs: entry === null ? others : [...others, { a: Math.min(a, b), b: Math.max(a, b), entry }] };
}

/** A pair is read in ohms, or in microfarads where the figure says so: the meter stood on the capacitance range. */
export function toPairEntry(text: string, house: House): Entry | null {
  const isCapacitance = /[uµμnf]/i.test(text.replace(/inf(inity)?/i, "")) && parseReading(text, "capacitance").ok;
  return toEntry(text, isCapacitance && !parseReading(text, "resistance").ok ? "capacitance" : "resistance", house);
}
