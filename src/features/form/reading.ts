import { parseReading, QUANTITIES, takeReading, type Entry, type Quantity } from "@/core/quantity";
import type { House } from "@/records";
import { toSentence } from "@/features/messages/failure-sentences";

/** An entry of now, with the house's meter; null once the field is empty again. */
export function toEntry(text: string, quantity: Quantity, house: House): Entry | null {
  return text === "" ? null : takeReading(text, quantity, house.meter, new Date().toISOString()).entry;
}

/** Why the text in a figure field cannot be read, in words; nothing while it is empty or readable. */
export function entryProblem(entry: Entry | null, quantity: Quantity): string | null {
  if (entry === null || entry.reading !== null || entry.text.trim() === "") return null;
  const parsed = parseReading(entry.text, quantity);
  return parsed.ok ? null : toSentence(parsed.failure);
}

export const unitSymbol = (quantity: Quantity): string => QUANTITIES[quantity].symbol;

/** Keys beside the digits for lengths: fractions and inches. */
export const LENGTH_EXTRAS: readonly string[] = ["/", "-", "in"];

/** Keys beside the digits for each quantity: every sign that a figure of it may have, and what a meter shows there. */
export const PAD_EXTRAS: Readonly<Record<Quantity, readonly string[]>> = {
  capacitance: ["µ", "n", "OL"],
  resistance: ["k", "M", "OL"],
  current: ["m", "OL"],
  voltage: ["k", "m"],
  temperature: ["-"],
  insulation: [">", "G", "OL", "M", "k"],
  speed: ["OL"],
  duration: ["m", "s", ":"],
};
/** Between two posts ohms are read, and farads where a capacitor lies. */
export const PAIR_EXTRAS: readonly string[] = ["k", "M", "OL", "µ", "n"];
