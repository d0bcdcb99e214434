import type { ActionId } from "../trade";

/** What can be done while the part is not here. Every one is temporary and says so. Persisted: do not change without a migration. */
export const MEASURES = [
  "leave-off",
  "parallel-parts",
  "other-volts",
  "tested-spare",
  "clean-contacts",
  "oil-or-grease",
  "used-motor",
  "start-kit",
  "run-watched",
  "lighter-load",
] as const;
export type Measure = (typeof MEASURES)[number];

/** Days a measure may stand before it must be looked at again; trade judgement. */
export const MEASURE_DAYS: Record<Measure, number> = {
  "leave-off": 14,
  "parallel-parts": 30,
  "other-volts": 30,
  "tested-spare": 90,
  "clean-contacts": 30,
  "oil-or-grease": 14,
  "used-motor": 90,
  "start-kit": 30,
  "run-watched": 7,
  "lighter-load": 14,
};

/** Which measures make sense instead of which work, the most honest first. */
export const MEASURES_FOR: Partial<Record<ActionId, readonly Measure[]>> = {
  "replace-run-capacitor": ["parallel-parts", "tested-spare", "other-volts", "leave-off"],
  "replace-start-capacitor": ["tested-spare", "parallel-parts", "leave-off"],
  "service-start-switch": ["clean-contacts", "leave-off"],
  "replace-start-relay": ["tested-spare", "start-kit", "leave-off"],
  "replace-bearings": ["oil-or-grease", "lighter-load", "run-watched", "leave-off"],
  "replace-motor": ["used-motor", "leave-off"],
  "free-load": ["lighter-load", "leave-off"],
  "repair-wiring-or-supply": ["leave-off"],
  "repair-control": ["leave-off"],
};
