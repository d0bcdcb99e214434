import * as v from "valibot";
import { neededCapacitor, type NeededCapacitor } from "../../capacitor";
import { ACTIONS, type ActionId } from "../../diagnosis";
import { defineStation, plainAssessment } from "../contract";
import { MomentSchema, NoteSchema } from "../fields";

const schema = v.object({
  action: v.nullable(v.picklist(ACTIONS)),
  /** typed, or taken over from the proposal */
  reason: NoteSchema,
  decidedAt: v.nullable(MomentSchema),
});
export type DecideRecord = v.InferOutput<typeof schema>;

export interface DecideDetail {
  readonly action: ActionId | null;
  readonly isReasonMissing: boolean;
  readonly part: NeededCapacitor | null;
}

const NEEDS_CAPACITOR: readonly ActionId[] = ["replace-run-capacitor", "replace-start-capacitor"];

/** The chosen action, its reason, and the part it needs. */
export const decideStation = defineStation({
  definition: { id: "decide", power: "either", minutes: 2, tests: [], cautions: ["local-codes"] },
  schema,
  blank: { action: null, reason: "", decidedAt: null } as DecideRecord,
  assess(record, { facts }) {
    const detail: DecideDetail = {
      action: record.action,
      isReasonMissing: record.action !== null && record.reason.trim() === "",
      part:
        record.action !== null && NEEDS_CAPACITOR.includes(record.action)
          ? neededCapacitor(facts.plateCapacitor, facts.fittedCapacitor)
          : null,
    };
    return plainAssessment(record.action === null ? "not-done" : "noted", detail);
  },
});
