import { MEASURES } from "../measure";
import * as v from "valibot";
import { ok, type Failure, type Result } from "../result";
import { MomentSchema, textSchema } from "../kept";
import { parseReading } from "./parse-reading";
import { readingUncertainty, UNLISTED_METER, type MeterRange, type UnlistedMeter } from "./uncertainty";
import { QUANTITIES, QUANTITY_IDS, type Quantity } from "./units";

/** A figure with its standard uncertainty (k = 1), in the base unit of its quantity. */
export interface Figure {
  readonly value: number;
  readonly standardUncertainty: number;
}

/** Nothing the program reads lies beyond; each quantity's own bounds are narrower. */
const FARTHEST = 1e12;

/** Where a reading came from. Persisted: do not change without a migration. */
export const READING_ORIGINS = ["typed", "meter", "photo", "sound", "simulation"] as const;
export type ReadingOrigin = (typeof READING_ORIGINS)[number];

/**
 * A reading as it is kept: the figure, and the uncertainty the meter gave it on that day, so that a later change of
 * meter in the house rules does not rewrite the past. Field names are persisted: do not change without a migration.
 */
export const ReadingSchema = v.pipe(
  v.object({
    quantity: v.picklist(QUANTITY_IDS),
    kind: v.picklist(["value", "over-limit", "lower-bound"]),
    /** base unit of the quantity; null when over limit */
    value: v.nullable(v.pipe(v.number(), v.finite(), v.minValue(-FARTHEST), v.maxValue(FARTHEST))),
    unit: textSchema("word"),
    /** k = 1; null when the figure has none (over limit, or a lower bound) */
    standardUncertainty: v.nullable(v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(FARTHEST))),
    meter: textSchema("word"),
    /** typed by hand, taken over a meter's line, read from a photo or a sound, or made by a simulated motor */
    origin: v.picklist(READING_ORIGINS),
    at: MomentSchema,
    /** what a meter's line said, as it came; absent: no line did */
    line: v.optional(textSchema("figure")),
  }),
  v.check(
    ({ quantity, value }) => value === null || (value >= MEASURES[quantity].min && value <= MEASURES[quantity].max),
    "a figure beyond what this quantity can be",
  ),
);
export type Reading = v.InferOutput<typeof ReadingSchema>;

/** What was keyed, and the reading once it can be read. A half-keyed text has no reading yet; it is kept all the same. */
export const EntrySchema = v.object({
  text: textSchema("figure"),
  reading: v.nullable(ReadingSchema),
  /** a figure that looked like a slip was looked at again, and stands as it was typed */
  isSure: v.optional(v.boolean()),
});
export type Entry = v.InferOutput<typeof EntrySchema>;

/** Ranges of one quantity on one meter. */
export const MOST_RANGES = 20;
const magnitude = (most: number) => v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(most));

/** A meter as the house keeps it: data-sheet rows for each quantity it measures. */
export const MeterSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
  name: textSchema("word"),
  ranges: v.record(
    v.picklist(QUANTITY_IDS),
    v.pipe(
      v.array(v.object({ upTo: magnitude(FARTHEST), percent: magnitude(100), digits: magnitude(1e6), resolution: magnitude(FARTHEST) })),
      v.maxLength(MOST_RANGES),
    ),
  ),
});
export interface Meter {
  readonly id: string;
  readonly name: string;
  readonly ranges: Partial<Record<Quantity, readonly MeterRange[]>>;
  /** taken for a quantity without a data sheet; without it, the default */
  readonly unlisted?: UnlistedMeter;
  /** a usual meter, taken because the house has listed none of its own */
  readonly isAssumed?: true;
}

/**
 * Turns keyed text into an entry: always with the text, with a reading when it can be read.
 * @param text as it was keyed or printed
 * @param quantity what was measured
 * @param meter data sheet of the meter
 * @param at time of the reading, ISO 8601, UTC
 * @param origin where it came from
 * @returns the entry to keep, and the reading or why there is none
 * @errors those of parseReading, beside the entry that keeps the text
 */
export function takeReading(
  text: string,
  quantity: Quantity,
  meter: Meter,
  at: string,
  origin: ReadingOrigin = "typed",
): { entry: Entry; parsed: Result<Reading, Failure> } {
  const parsed = parseReading(text, quantity);
  if (!parsed.ok) return { entry: { text, reading: null }, parsed };
  const figure = parsed.value;
  const value = figure.kind === "over-limit" ? null : figure.value;
  const reading: Reading = {
    quantity,
    kind: figure.kind,
    value,
    unit: QUANTITIES[quantity].base,
    standardUncertainty: figure.kind === "value" ? uncertaintyBy(meter, quantity, figure.value, figure.step) : null,
    meter: meter.name,
    origin,
    at,
  };
  return { entry: { text, reading }, parsed: ok(reading) };
}

function uncertaintyBy(meter: Meter, quantity: Quantity, value: number, step: number): number {
  const { ranges, unlisted = UNLISTED_METER, isAssumed = false } = meter;
  return readingUncertainty(value, step, { ranges: ranges[quantity] ?? [], unlisted, isAssumed });
}

/** A meter nobody has described. */
const UNKNOWN_METER: Meter = { id: "unknown", name: "", ranges: {} };

/**
 * The figure of an entry with its uncertainty: the one way from what was keyed to what is judged. A kept reading without an
 * uncertainty (written before every meter had one) gets that of a meter without a data sheet.
 * @param entry what was keyed; null: nothing
 * @returns null while nothing was keyed, it cannot be read, or it is over limit or only a lower bound
 */
export function figureOf(entry: Entry | null | undefined): Figure | null {
  const reading = entry?.reading;
  if (reading?.kind !== "value" || reading.value === null) return null;
  const { quantity, value, standardUncertainty } = reading;
  if (standardUncertainty !== null) return { value, standardUncertainty };
  const read = parseReading(entry?.text ?? "", quantity);
  const step = read.ok && read.value.kind === "value" ? read.value.step : 0;
  return { value, standardUncertainty: uncertaintyBy(UNKNOWN_METER, quantity, value, step) };
}
