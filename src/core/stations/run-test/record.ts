import { field, recordOf } from "../../fields";
export { RUN_FIELD_IDS, RUN_FIELDS, type Noise, type RunField, type Warmth } from "../../motor";
import * as v from "valibot";
import { HOT_PLACES, NOISES, RUN_FIELD_IDS, RUN_ENTRY_FIELDS, WARMTHS, type RunField, BEHAVIOURS } from "../../motor";
import type { Entry } from "../../quantity";

export const runTestRecord = recordOf({
  behaviour: field.oneOf(BEHAVIOURS),
  ...RUN_ENTRY_FIELDS,
  /** the mark on the shaft under a lamp on the same mains: turns it slipped back, and in how many seconds */
  slipTurns: field.plain("turns"),
  slipSeconds: field.plain("turnsTime"),
  warmth: field.oneOf(WARMTHS),
  hotPlace: field.oneOf(HOT_PLACES),
  noises: { ...field.someOf(NOISES), schema: v.array(v.picklist(NOISES)) },
  note: field.note(),
});
export type RunTestRecord = typeof runTestRecord.blank;

export const BLANK_RUN_TEST: RunTestRecord = runTestRecord.blank;

/** What was keyed of the run, by field. */
export const keyedFigures = (record: RunTestRecord): Partial<Record<RunField, Entry>> =>
  Object.fromEntries(RUN_FIELD_IDS.flatMap((field) => (record[field]?.reading ? [[field, record[field]]] : [])));
