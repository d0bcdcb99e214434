import * as v from "valibot";
import { EntrySchema } from "../../quantity";
import { defineStation, plainAssessment, type Stamp } from "../contract";
import { NoteSchema } from "../fields";
import { findingOfAmps, judgeAmps, workingOfAmps, type AmpsVerdict } from "../running-amps";

const schema = v.object({
  before: v.nullable(EntrySchema),
  after: v.nullable(EntrySchema),
  note: NoteSchema,
});
export type ProveRecord = v.InferOutput<typeof schema>;

export interface ProveDetail {
  readonly plateA: number | null;
  readonly limitA: number | null;
  readonly before: AmpsVerdict | null;
  /** the figure before is the run test's */
  readonly isFromRunTest: boolean;
  readonly after: AmpsVerdict | null;
}

/** Running amps before and after the repair, side by side against the plate. */
export const proveStation = defineStation({
  definition: {
    id: "prove",
    power: "live",
    minutes: 4,
    tests: ["run-amps"],
    cautions: ["line-voltage", "moving-parts"],
  },
  schema,
  blank: { before: null, after: null, note: "" } as ProveRecord,
  assess(record, context) {
    const plateA = context.facts.fullLoadA;
    const limitA = plateA === null ? null : (plateA * context.house.overloadPercent) / 100;
    // What the run test found is the figure before, unless another was keyed here.
    const isFromRunTest = record.before === null && context.facts.ampsFound !== null;
    const before = judgeAmps(record.before ?? context.facts.ampsFound, plateA, context);
    const after = judgeAmps(record.after, plateA, context);
    const stamp: Stamp = after
      ? (after.conformity?.decision ?? "noted")
      : record.before || record.note.trim() !== ""
        ? "noted"
        : "not-done";
    return plainAssessment<ProveDetail>(
      stamp,
      { plateA, limitA, before, isFromRunTest, after },
      {
        // Only what was found speaks of the fault; the figure after the repair speaks of the repair.
        findings: isFromRunTest ? [] : findingOfAmps(before),
        working: [...workingOfAmps("before", before, plateA, limitA), ...workingOfAmps("after", after, plateA, limitA)],
      },
    );
  },
});
