import { isDay, isLoose, toMoment, type Loose } from "@/core/kept";

/** Fields that hold a moment, or several, in every record as of this step. */
const MOMENTS = new Set([
  "at",
  "createdAt",
  "updatedAt",
  "finishedAt",
  "cameBackAt",
  "startedAt",
  "starts",
  "backAt",
  "closedAt",
  "seenTo",
  "decidedAt",
  "restoredAt",
]);
/** Fields that hold a day. */
const DAYS = new Set(["recheckOn", "lastDone"]);

/** Moments by a tick's name; where a step is listed in order, it is no moment. */
const isTicks = (key: string, value: unknown): value is Loose => (key === "steps" || key === "seenTo") && isLoose(value);

const oneMoment = (value: unknown): unknown => (typeof value === "string" ? (toMoment(value) ?? value) : value);

function walkField(key: string, value: unknown): unknown {
  if (DAYS.has(key)) return typeof value === "string" && !isDay(value) ? null : value;
  if (isTicks(key, value)) return Object.fromEntries(Object.entries(value).map(([tick, at]) => [tick, oneMoment(at)]));
  if (MOMENTS.has(key)) return Array.isArray(value) ? value.map(oneMoment) : oneMoment(value);
  return walk(value);
}

function walk(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(walk);
  if (!isLoose(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, walkField(key, each)]));
}

/**
 * The step in which every moment got one form, UTC, and a day that no calendar has (a year of five digits) became none.
 * What cannot be read as a moment is left for the schema to refuse by name.
 */
export const toOneForm = (record: Loose): Loose => walk(record) as Loose;
