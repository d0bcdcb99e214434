import * as v from "valibot";
import { EntrySchema, type Entry, type Quantity } from "../quantity";

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

const entry = v.nullable(EntrySchema);
export const RUN_ENTRY_SCHEMAS = {
  supplyVolts: entry,
  lineAmps: entry,
  startAmps: entry,
  capacitorVolts: entry,
  speed: entry,
  startTime: entry,
  shell: entry,
  coastDown: entry,
} as const satisfies Record<RunField, typeof entry>;
export type RunEntries = Readonly<Record<RunField, Entry | null>>;

export const NO_RUN_ENTRIES: RunEntries = {
  supplyVolts: null,
  lineAmps: null,
  startAmps: null,
  capacitorVolts: null,
  speed: null,
  startTime: null,
  shell: null,
  coastDown: null,
};
