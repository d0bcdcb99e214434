import * as v from "valibot";
import { BEHAVIOURS } from "../../motor";
import { EntrySchema, type Quantity } from "../../quantity";
import { NoteSchema } from "../fields";

const entry = v.nullable(EntrySchema);

/** What can be heard. Persisted: do not change without a migration. */
export const NOISES = ["quiet", "hum", "squeal", "rumble", "rattle"] as const;
export type Noise = (typeof NOISES)[number];

/** How the shell feels to a hand held near it, then on it. */
export const WARMTHS = ["cool", "warm", "hot"] as const;
export type Warmth = (typeof WARMTHS)[number];

export const RunTestRecordSchema = v.object({
  behaviour: v.nullable(v.picklist(BEHAVIOURS)),
  lineAmps: entry,
  startAmps: entry,
  capacitorVolts: entry,
  supplyVolts: entry,
  speed: entry,
  startTime: entry,
  warmth: v.nullable(v.picklist(WARMTHS)),
  shell: entry,
  noises: v.array(v.picklist(NOISES)),
  note: NoteSchema,
});
export type RunTestRecord = v.InferOutput<typeof RunTestRecordSchema>;

export const BLANK_RUN_TEST: RunTestRecord = {
  behaviour: null,
  lineAmps: null,
  startAmps: null,
  capacitorVolts: null,
  supplyVolts: null,
  speed: null,
  startTime: null,
  warmth: null,
  shell: null,
  noises: [],
  note: "",
};

/** Figures of the run test in the order they are taken, and what each is read as. */
export const RUN_FIELDS = {
  supplyVolts: "voltage",
  lineAmps: "current",
  startAmps: "current",
  capacitorVolts: "voltage",
  speed: "speed",
  startTime: "duration",
  shell: "temperature",
} as const satisfies Partial<Record<keyof RunTestRecord, Quantity>>;
export type RunField = keyof typeof RUN_FIELDS;
export const RUN_FIELD_IDS = Object.keys(RUN_FIELDS) as RunField[];
