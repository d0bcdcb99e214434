import { byId } from "../../kept";
import { field, recordOf } from "../../fields";
import { ACTIONS } from "../../trade";
import * as v from "valibot";
import { CAUSES, MEASURES } from "../../decision";

export const decideRecord = recordOf({
  action: field.oneOf(ACTIONS),
  /** done on the same visit, where two things are wrong */
  also: field.oneOf(ACTIONS),
  /** typed, or taken over from the proposal */
  reason: field.note(),
  decidedAt: field.moment(),
  /** what was decided before it came back, in words */
  earlier: field.note(),
  /** years the machine round the motor is still wanted */
  machineYears: field.plain("machineYears"),
  /** the maker has no spares for this motor */
  isCustom: field.flag(),
  partHere: field.yesNo(),
  /** what is done meanwhile, where the part is not here */
  measure: field.oneOf(MEASURES),
  recheckOn: field.day(),
  /** what a person answered about causes that no test shows */
  causes: field.own(v.partial(v.object(byId(CAUSES, () => v.picklist(["found", "cleared"])))), {}),
});
export type DecideRecord = typeof decideRecord.blank;
