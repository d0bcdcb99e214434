import { NoteSchema, someOf } from "../../station";
import * as v from "valibot";
import { HOT_PLACES, NO_RUN_ENTRIES, NOISES, RUN_ENTRY_SCHEMAS, BEHAVIOURS } from "../../motor";

const FiguresSchema = v.object(RUN_ENTRY_SCHEMAS);

export const ProveRecordSchema = v.object({
  /** figures before, where the run test has none */
  before: FiguresSchema,
  after: FiguresSchema,
  afterBehaviour: v.nullable(v.picklist(BEHAVIOURS)),
  afterNoises: someOf(NOISES),
  afterHotPlace: v.nullable(v.picklist(HOT_PLACES)),
  note: NoteSchema,
});
export type ProveRecord = v.InferOutput<typeof ProveRecordSchema>;

export const BLANK_PROVE: ProveRecord = {
  before: NO_RUN_ENTRIES,
  after: NO_RUN_ENTRIES,
  afterBehaviour: null,
  afterNoises: [],
  afterHotPlace: null,
  note: "",
};
