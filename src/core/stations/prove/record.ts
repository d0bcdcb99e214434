import * as v from "valibot";
import { BEHAVIOURS } from "../../motor";
import { NoteSchema, someOf } from "../fields";
import { HOT_PLACES, NO_RUN_FIGURES, NOISES, RUN_FIGURE_ENTRIES } from "../run-figures";

const FiguresSchema = v.object(RUN_FIGURE_ENTRIES);

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
  before: NO_RUN_FIGURES,
  after: NO_RUN_FIGURES,
  afterBehaviour: null,
  afterNoises: [],
  afterHotPlace: null,
  note: "",
};
