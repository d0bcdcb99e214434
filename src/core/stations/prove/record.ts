import { NoteSchema, someOf } from "../../station";
import * as v from "valibot";
import { PROOF_LINE_IDS, type ProofLine } from "../../exchange";
import { HOT_PLACES, NO_RUN_ENTRIES, NOISES, TURNED_BY, ROTATIONS, RUN_ENTRY_SCHEMAS, BEHAVIOURS } from "../../motor";

const FiguresSchema = v.object(RUN_ENTRY_SCHEMAS);

export const ProveRecordSchema = v.object({
  /** figures before, where the run test has none */
  before: FiguresSchema,
  after: FiguresSchema,
  afterBehaviour: v.nullable(v.picklist(BEHAVIOURS)),
  afterNoises: someOf(NOISES),
  afterHotPlace: v.nullable(v.picklist(HOT_PLACES)),
  /** which way it turns now, looking at the shaft end */
  afterRotation: v.nullable(v.picklist(ROTATIONS)),
  /** how it was made to turn the other way; null: it was not */
  reversedBy: v.nullable(v.picklist(TURNED_BY)),
  /** what shows at the machine that it is right */
  lines: v.partial(
    v.object(
      Object.fromEntries(PROOF_LINE_IDS.map((id) => [id, v.picklist(["good", "bad"])])) as Record<
        ProofLine,
        v.PicklistSchema<["good", "bad"], undefined>
      >,
    ),
  ),
  /** on its machine or without its load; null: as the purpose of the visit has it */
  isUnloaded: v.nullable(v.boolean()),
  /** kept before rotation and a figure were asked for: a card that was signed off then stays as it was */
  isOfBefore: v.boolean(),
  note: NoteSchema,
});
export type ProveRecord = v.InferOutput<typeof ProveRecordSchema>;

export const BLANK_PROVE: ProveRecord = {
  before: NO_RUN_ENTRIES,
  after: NO_RUN_ENTRIES,
  afterBehaviour: null,
  afterNoises: [],
  afterHotPlace: null,
  afterRotation: null,
  reversedBy: null,
  lines: {},
  isUnloaded: null,
  isOfBefore: false,
  note: "",
};
