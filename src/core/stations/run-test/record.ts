import { NoteSchema, PrintedSchema } from "../../station";
export { HOT_PLACES, NOISES, RUN_FIELD_IDS, RUN_FIELDS, WARMTHS, type Noise, type RunField, type Warmth } from "../../motor";
import * as v from "valibot";
import { HOT_PLACES, NO_RUN_ENTRIES, NOISES, RUN_FIELD_IDS, RUN_ENTRY_SCHEMAS, WARMTHS, type RunField, BEHAVIOURS } from "../../motor";
import type { Entry } from "../../quantity";

export const RunTestRecordSchema = v.object({
  behaviour: v.nullable(v.picklist(BEHAVIOURS)),
  ...RUN_ENTRY_SCHEMAS,
  /** the mark on the shaft under a lamp on the same mains: turns it slipped back, and in how many seconds */
  slipTurns: PrintedSchema,
  slipSeconds: PrintedSchema,
  warmth: v.nullable(v.picklist(WARMTHS)),
  hotPlace: v.nullable(v.picklist(HOT_PLACES)),
  noises: v.array(v.picklist(NOISES)),
  note: NoteSchema,
});
export type RunTestRecord = v.InferOutput<typeof RunTestRecordSchema>;

export const BLANK_RUN_TEST: RunTestRecord = {
  behaviour: null,
  ...NO_RUN_ENTRIES,
  slipTurns: "",
  slipSeconds: "",
  warmth: null,
  hotPlace: null,
  noises: [],
  note: "",
};

/** What was keyed of the run, by field. */
export const keyedFigures = (record: RunTestRecord): Partial<Record<RunField, Entry>> =>
  Object.fromEntries(RUN_FIELD_IDS.flatMap((field) => (record[field]?.reading ? [[field, record[field]]] : [])));
