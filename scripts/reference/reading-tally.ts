import { parseDesignation } from "@/core/bearing";
import { parseCapacitorLabel } from "@/core/capacitor";
import { parseReading, type Quantity } from "@/core/quantity";
import type { ReferenceCase, Tolerance } from "./case-file";
import { checkCase } from "./checkers";
import { readPlateCase } from "./plate-checker";

type Read = { readonly ok: true } | { readonly ok: false; readonly failure: { readonly code: string } };

/** The readers whose sets are texts as people write them; a complaint is never refused. */
const READERS: Readonly<Record<string, (inputs: Record<string, unknown>) => Read>> = {
  meter_readings: ({ text, quantity }) => parseReading(String(text), quantity as Quantity),
  capacitor_labels: ({ text }) => parseCapacitorLabel(String(text)),
  bearing_designations: ({ text }) => parseDesignation(String(text)),
  plate_fields: readPlateCase,
  complaint_phrases: () => ({ ok: true }),
};

/** Refusals that offer what may be meant, or say which sign is missing. */
const ASKS: ReadonlySet<string> = new Set([
  "reading-unit-ambiguous",
  "reading-unit-needed",
  "reading-gap",
  "reading-two-ways",
  "reading-plus",
  "reading-fahrenheit",
  "label-two-ways",
  "label-two-parts",
  "label-no-volts",
  "plate-locked-amps",
]);

/** How a text fared: `wrong` is read, but not as it must be, or refused although it must be read. */
export type Fared = "read" | "asked" | "refused" | "wrong";
export type Tally = Readonly<Record<Fared, number>>;

/** @returns null for a set that is no reading of texts */
export function howRead(set: string, reference: ReferenceCase, tolerance: Tolerance): Fared | null {
  const reader = Object.hasOwn(READERS, set) ? READERS[set] : undefined;
  if (!reader) return null;
  if (checkCase(set, reference, tolerance).length > 0) return "wrong";
  const read = reader(reference.inputs);
  return read.ok ? "read" : ASKS.has(read.failure.code) ? "asked" : "refused";
}

/** @returns null for a set that is no reading of texts */
export function tallyOf(set: string, cases: readonly ReferenceCase[], tolerance: Tolerance): Tally | null {
  if (!Object.hasOwn(READERS, set)) return null;
  const tally = { read: 0, asked: 0, refused: 0, wrong: 0 };
  for (const each of cases) {
    const fared = howRead(set, each, tolerance);
    if (fared) tally[fared] += 1;
  }
  return tally;
}
