import { formatQuantity, type Entry } from "@/core/quantity";
import { entryAt, type PostPair, type WindingsRecord } from "@/core/stations/windings";
import type { House } from "@/records";
import { pairQuantity, samePair, type WindingsDetail } from "@/core/stations/windings";
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

/** Whether a pair does not go with the others. */
export const isDoubted = ({ misfits, doubts }: Pick<WindingsDetail, "misfits" | "doubts">, pair: PostPair): boolean =>
  misfits.some((each) => samePair(each, pair)) || doubts.some((doubt) => samePair(doubt.pair, pair));

/** What was keyed on a pair, once it can be read; empty before. */
export const shownAt = (record: WindingsRecord, [a, b]: PostPair): string => {
  const entry = entryAt(record, a, b);
  if (!entry?.reading) return "";
  const { quantity, value } = entry.reading;
  // On the sketch ohms are what is meant.
  return quantity === "capacitance" && value !== null ? formatQuantity("capacitance", value) : entry.text.trim();
};

/** A pair as it was keyed, in the quantity its figure says. */
export function toPairEntry(text: string, house: House): Entry | null {
  return toEntry(text, pairQuantity(text), house);
}
