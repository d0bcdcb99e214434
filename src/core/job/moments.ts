import { isLoose } from "../kept";

/** A reading by its place in a record. */
export interface PlacedReading {
  readonly path: string;
  /** when it was read, ISO 8601 */
  readonly at: string;
  /** as it was keyed */
  readonly text: string;
  /** where it came from */
  readonly origin: unknown;
}

/**
 * Every reading in a record, however deep it lies.
 * @param value a record, or a part of one
 * @param path where it lies
 * @returns readings with their places and moments
 */
export function readingsIn(value: unknown, path = ""): readonly PlacedReading[] {
  if (Array.isArray(value)) return value.flatMap((each, index) => readingsIn(each, `${path}/${index}`));
  if (!isLoose(value)) return [];
  const { reading, text } = value;
  const own =
    isLoose(reading) && typeof reading.at === "string" ? [{ path, at: reading.at, text: String(text), origin: reading.origin }] : [];
  return [...own, ...Object.entries(value).flatMap(([key, each]) => readingsIn(each, `${path}/${key}`))];
}

/**
 * Moments of every reading in a record.
 * @param value a record, or a part of one
 * @returns ISO 8601
 */
export const readAt = (value: unknown): string[] => readingsIn(value).map(({ at }) => at);
