import { isLoose, type Loose } from "@/core/kept";

/* Steps that every kept reading took, at whatever station it lies. Never edited once released. */

/** Bounds of each quantity as of version 6 [base units]. */
const BOUNDS_IN_6: Record<string, readonly [min: number, max: number]> = {
  resistance: [0, 1e12],
  capacitance: [0, 1e5],
  current: [0, 1e4],
  voltage: [0, 1e5],
  temperature: [-90, 1200],
  insulation: [0, 1e8],
  speed: [0, 1e5],
  duration: [0, 1e6],
};
/** A meter without a data sheet, as of version 6: ±3 % of the reading; its last digit is no longer known. */
const UNLISTED_IN_6 = 0.03 / Math.sqrt(3);

/** A kept reading gets an uncertainty where its meter gave none; one beyond what its quantity can be is text again. */
function boundReading(entry: Loose): Loose {
  const reading = entry.reading;
  if (!isLoose(reading)) return entry;
  const { value, quantity, standardUncertainty } = reading;
  const [min, max] = BOUNDS_IN_6[String(quantity)] ?? [-Infinity, Infinity];
  if (typeof value === "number" && !(value >= min && value <= max)) return { ...entry, reading: null };
  if (reading.kind !== "value" || standardUncertainty !== null || typeof value !== "number") return entry;
  return { ...entry, reading: { ...reading, standardUncertainty: UNLISTED_IN_6 * Math.abs(value) } };
}

/** Every entry in a value, however deep, as a step makes of it. */
function walkEntries(value: unknown, step: (entry: Loose) => Loose): unknown {
  if (Array.isArray(value)) return value.map((each) => walkEntries(each, step));
  if (!isLoose(value)) return value;
  if ("text" in value && "reading" in value) return step(value);
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, walkEntries(each, step)]));
}

const onData =
  (step: (entry: Loose) => Loose) =>
  (row: Loose): Loose =>
    isLoose(row.data) ? { ...row, data: walkEntries(row.data, step) } : row;

/** Version 6: every reading has an uncertainty and bounds. */
export const boundReadings = onData(boundReading);

/** Version 10: a reading says where it came from; until then all were typed. */
export const withOrigins = onData((entry) =>
  isLoose(entry.reading) ? { ...entry, reading: { origin: "typed", ...entry.reading } } : entry,
);
