import * as v from "valibot";
import { ok, type Failure, type Result } from "../result";
import { parseReading } from "./parse-reading";
import { instrumentUncertainty, type MeterRange } from "./uncertainty";
import { QUANTITIES, type Quantity } from "./units";

/**
 * A reading as it is kept: the figure, and the uncertainty the meter gave it on that day, so that a later change of
 * meter in the house rules does not rewrite the past. Field names are persisted: do not change without a migration.
 */
export const ReadingSchema = v.object({
  quantity: v.picklist(Object.keys(QUANTITIES) as [Quantity, ...Quantity[]]),
  kind: v.picklist(["value", "over-limit", "lower-bound"]),
  /** base unit of the quantity; null when over limit */
  value: v.nullable(v.pipe(v.number(), v.finite())),
  unit: v.string(),
  /** k = 1; null when the figure has none (over limit, or a meter without a data sheet) */
  standardUncertainty: v.nullable(v.pipe(v.number(), v.finite(), v.minValue(0))),
  meter: v.string(),
  at: v.pipe(v.string(), v.isoTimestamp()),
});
export type Reading = v.InferOutput<typeof ReadingSchema>;

/** What was keyed, and the reading once it can be read. A half-keyed text has no reading yet; it is kept all the same. */
export const EntrySchema = v.object({
  text: v.pipe(v.string(), v.maxLength(200)),
  reading: v.nullable(ReadingSchema),
});
export type Entry = v.InferOutput<typeof EntrySchema>;

/** A meter as the house keeps it: data-sheet rows for each quantity it measures. */
export const MeterSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
  name: v.pipe(v.string(), v.maxLength(80)),
  ranges: v.record(v.string(), v.array(v.object({ upTo: v.number(), percent: v.number(), digits: v.number(), resolution: v.number() }))),
});
export interface Meter {
  readonly id: string;
  readonly name: string;
  readonly ranges: Partial<Record<Quantity, readonly MeterRange[]>>;
}

/**
 * Turns keyed text into an entry: always with the text, with a reading when it can be read.
 * @param at time of the reading, ISO 8601, UTC
 * @errors those of parseReading, beside the entry that keeps the text
 */
export function takeReading(
  text: string,
  quantity: Quantity,
  meter: Meter,
  at: string,
): { entry: Entry; parsed: Result<Reading, Failure> } {
  const parsed = parseReading(text, quantity);
  if (!parsed.ok) return { entry: { text, reading: null }, parsed };
  const figure = parsed.value;
  const value = figure.kind === "over-limit" ? null : figure.value;
  const ranges = meter.ranges[quantity] ?? [];
  const reading: Reading = {
    quantity,
    kind: figure.kind,
    value,
    unit: QUANTITIES[quantity].base,
    standardUncertainty: figure.kind === "value" ? (instrumentUncertainty(figure.value, ranges)?.standard ?? null) : null,
    meter: meter.name,
    at,
  };
  return { entry: { text, reading }, parsed: ok(reading) };
}
