import { field, recordOf, type RecordField } from "../fields";
import type { Quantity } from "../quantity";

/** What can be heard. Persisted: do not change without a migration. */
export const NOISES = ["quiet", "hum", "squeal", "rumble", "rattle", "scrape"] as const;
export type Noise = (typeof NOISES)[number];

/** Where it is hottest: at a bearing, or over the winding. Persisted: do not change without a migration. */
export const HOT_PLACES = ["drive-end", "other-end", "middle"] as const;
export type HotPlace = (typeof HOT_PLACES)[number];

/** How the shell feels to a hand held near it, then on it. */
export const WARMTHS = ["cool", "warm", "hot"] as const;
export type Warmth = (typeof WARMTHS)[number];

/** Figures of a run in the order they are taken, and what each is read as. Persisted: do not change without a migration. */
export const RUN_FIELDS = {
  supplyVolts: "voltage",
  lineAmps: "current",
  startAmps: "current",
  capacitorVolts: "voltage",
  speed: "speed",
  startTime: "duration",
  shell: "temperature",
  coastDown: "duration",
} as const satisfies Record<string, Quantity>;
export type RunField = keyof typeof RUN_FIELDS;
export const RUN_FIELD_IDS = Object.keys(RUN_FIELDS) as RunField[];

/** The same as fields of a record. */
export const RUN_ENTRY_FIELDS = {
  supplyVolts: field.reading(RUN_FIELDS.supplyVolts),
  lineAmps: field.reading(RUN_FIELDS.lineAmps),
  startAmps: field.reading(RUN_FIELDS.startAmps),
  capacitorVolts: field.reading(RUN_FIELDS.capacitorVolts),
  speed: field.reading(RUN_FIELDS.speed),
  startTime: field.reading(RUN_FIELDS.startTime),
  shell: field.reading(RUN_FIELDS.shell),
  coastDown: field.reading(RUN_FIELDS.coastDown),
} as const satisfies Record<RunField, RecordField>;
const entries = recordOf(RUN_ENTRY_FIELDS);
export type RunEntries = Readonly<typeof entries.blank>;
export const NO_RUN_ENTRIES: RunEntries = entries.blank;
