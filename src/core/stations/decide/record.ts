import { ACTIONS } from "../../trade";
import { DaySchema, MomentSchema, NoteSchema, PrintedSchema } from "../../station";
import * as v from "valibot";
import { CAUSES, MEASURES } from "../../decision";

export const DecideRecordSchema = v.object({
  action: v.nullable(v.picklist(ACTIONS)),
  /** done on the same visit, where two things are wrong */
  also: v.nullable(v.picklist(ACTIONS)),
  /** typed, or taken over from the proposal */
  reason: NoteSchema,
  decidedAt: v.nullable(MomentSchema),
  /** what was decided before it came back, in words */
  earlier: NoteSchema,
  /** years the machine round the motor is still wanted */
  machineYears: PrintedSchema,
  /** the maker has no spares for this motor */
  isCustom: v.boolean(),
  partHere: v.nullable(v.boolean()),
  /** what is done meanwhile, where the part is not here */
  measure: v.nullable(v.picklist(MEASURES)),
  recheckOn: v.nullable(DaySchema),
  /** what a person answered about causes that no test shows */
  causes: v.partial(
    v.object(
      Object.fromEntries(CAUSES.map((cause) => [cause, v.picklist(["found", "cleared"])])) as Record<
        (typeof CAUSES)[number],
        v.PicklistSchema<["found", "cleared"], undefined>
      >,
    ),
  ),
});
export type DecideRecord = v.InferOutput<typeof DecideRecordSchema>;

export const BLANK_DECIDE: DecideRecord = {
  action: null,
  also: null,
  reason: "",
  decidedAt: null,
  earlier: "",
  machineYears: "",
  isCustom: false,
  partHere: null,
  measure: null,
  recheckOn: null,
  causes: {},
};
