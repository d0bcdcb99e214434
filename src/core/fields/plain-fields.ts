import type { MeasureId } from "../measure";
import { readFigure, type FigureOptions } from "../quantity";
import type { Failure } from "../result";

interface PlainFieldSpec extends FigureOptions {
  readonly measure: MeasureId;
}

/** Fields that want one plain figure, with what such a figure can be; outside it is a slip of the finger. */
export const PLAIN_FIELDS = {
  /** volts rms a capacitor was charged from */
  chargedFrom: { measure: "voltage", min: 24, max: 2000 },
  resistor: { measure: "resistance", min: 100, max: 1e7 },
  resistorW: { measure: "power", min: 0.1, max: 1000 },
  swingRange: { measure: "resistance", min: 100, max: 1e9 },
  swingClimb: { measure: "duration", min: 0.05, max: 300 },
  strap: { measure: "length", min: 5, max: 500 },
  height: { measure: "length", min: 5, max: 1000 },
  ambient: { measure: "temperature", min: -60, max: 150 },
  terminals: { measure: "count", min: 1, max: 12, isWhole: true },
  windingOhm: { measure: "resistance", min: 0.01, max: 1e5 },
  windingTemperature: { measure: "temperature", min: -60, max: 220 },
  turns: { measure: "count", min: 1, max: 1000 },
  turnsTime: { measure: "duration", min: 0.5, max: 3600 },
  rpm: { measure: "speed", min: 10, max: 30000 },
  price: { measure: "money", min: 0.01, max: 100000 },
  plateMonths: { measure: "months", min: 0.1, max: 240 },
  machineYears: { measure: "years", min: 0.1, max: 80 },
  pieces: { measure: "count", min: 0, max: 10000, isWhole: true },
  shelfPrice: { measure: "money", min: 0, max: 100000 },
  millimetres: { measure: "length", min: 1, max: 1000 },
  leadLength: { measure: "length", min: 10, max: 20_000 },
  speeds: { measure: "count", min: 1, max: 8, isWhole: true },
  supplyVolts: { measure: "voltage", min: 12, max: 600 },
  circuitAmps: { measure: "current", min: 0.1, max: 200 },
  fetchMinutes: { measure: "minutes", min: 0, max: 2000 },
  waitDays: { measure: "days", min: 0, max: 365 },
} as const satisfies Record<string, PlainFieldSpec>;
export type PlainFieldId = keyof typeof PLAIN_FIELDS;

/** What a plain field comes to: a figure, nothing yet, or why it cannot be read. */
export interface PlainFigure {
  readonly value: number | null;
  readonly failure: Failure | null;
}

/** Texts that were read lately, and what they came to: judgement and screen ask for the same. */
const lately = new Map<string, PlainFigure>();
const MOST_LATELY = 400;

function read(text: string, field: PlainFieldId): PlainFigure {
  if (text.trim() === "") return { value: null, failure: null };
  const { measure, ...options }: PlainFieldSpec = PLAIN_FIELDS[field];
  const figure = readFigure(text, measure, options);
  if (!figure.ok) return { value: null, failure: figure.failure };
  return { value: figure.value.kind === "value" ? figure.value.value : null, failure: null };
}

/**
 * Reads a plain field by its own measure and bounds; what is typed with another unit is converted.
 * @param text as it was keyed or printed
 * @param field which field
 * @returns value in the base unit of the field's measure; both null while it is empty
 * @example readPlain("0.4 kV", "chargedFrom") -> 400 V
 */
export function readPlain(text: string, field: PlainFieldId): PlainFigure {
  const key = `${field} ${text}`;
  const known = lately.get(key);
  if (known) return known;
  if (lately.size >= MOST_LATELY) lately.clear();
  const figure = read(text, field);
  lately.set(key, figure);
  return figure;
}
