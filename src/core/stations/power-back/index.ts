import * as v from "valibot";
import { defineStation, plainAssessment } from "../contract";
import { MomentSchema } from "../fields";

/** What is seen to before power returns. */
export const RESTORE_STEPS = ["leads-and-covers", "everyone-clear", "lock-off"] as const;
export type RestoreStep = (typeof RESTORE_STEPS)[number];

const schema = v.object({
  steps: v.record(v.string(), MomentSchema),
  restoredAt: v.nullable(MomentSchema),
});
export type PowerBackRecord = v.InferOutput<typeof schema>;

export interface PowerBackDetail {
  readonly missing: readonly RestoreStep[];
  /** power is on again after the circuit was last made safe */
  readonly isLive: boolean;
  readonly restoredAt: string | null;
  /** something that came off is not back: no power until it is */
  readonly isApart: boolean;
}

/** Power back on: a step of its own, never a continuation of a dead test. */
export const powerBackStation = defineStation({
  definition: {
    id: "power-back",
    power: "to-live",
    minutes: 3,
    tests: [],
    cautions: ["line-voltage", "moving-parts", "local-codes"],
  },
  schema,
  blank: { steps: {}, restoredAt: null } as PowerBackRecord,
  assess(record, { facts }) {
    // A restoration from before the last lock-out says nothing of now.
    const isLive = !facts.isApart && record.restoredAt !== null && (facts.deadSince === null || record.restoredAt >= facts.deadSince);
    const detail: PowerBackDetail = {
      missing: RESTORE_STEPS.filter((step) => record.steps[step] === undefined),
      isLive,
      restoredAt: record.restoredAt,
      isApart: facts.isApart,
    };
    return plainAssessment(isLive ? "noted" : "not-done", detail, { facts: isLive ? { power: "live" } : {} });
  },
});
