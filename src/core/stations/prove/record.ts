import { byId } from "../../kept";
import { field, recordOf } from "../../fields";
import * as v from "valibot";
import { PROOF_LINE_IDS } from "../../exchange";
import { HOT_PLACES, NOISES, TURNED_BY, ROTATIONS, RUN_ENTRY_FIELDS, BEHAVIOURS } from "../../motor";

export const proveRecord = recordOf({
  /** figures before, where the run test has none */
  before: field.group(RUN_ENTRY_FIELDS),
  after: field.group(RUN_ENTRY_FIELDS),
  afterBehaviour: field.oneOf(BEHAVIOURS),
  afterNoises: field.someOf(NOISES),
  afterHotPlace: field.oneOf(HOT_PLACES),
  /** which way it turns now, looking at the shaft end */
  afterRotation: field.oneOf(ROTATIONS),
  /** how it was made to turn the other way; null: it was not */
  reversedBy: field.oneOf(TURNED_BY),
  /** what shows at the machine that it is right */
  lines: field.own(v.partial(v.object(byId(PROOF_LINE_IDS, () => v.picklist(["good", "bad"])))), {}),
  /** on its machine or without its load; null: as the purpose of the visit has it */
  isUnloaded: field.yesNo(),
  /** kept before rotation and a figure were asked for: a card that was signed off then stays as it was */
  isOfBefore: field.flag(),
  note: field.note(),
});
export type ProveRecord = typeof proveRecord.blank;
