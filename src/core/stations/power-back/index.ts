import { defineStation, plainAssessment, MomentSchema, TicksSchema } from "../../station";
import * as v from "valibot";

/** What is seen to before power returns. */
export const RESTORE_STEPS = ["leads-and-covers", "everyone-clear", "lock-off"] as const;
export type RestoreStep = (typeof RESTORE_STEPS)[number];

const schema = v.object({
  steps: TicksSchema,
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
  /** a ground fault was found, and the frame test not repeated after what was faulty came out */
  readonly isGrounded: boolean;
  /** it trips, and these were not worked yet */
  readonly tripChecks: readonly TripCheck[];
}

/** What is asked of a motor that trips before it gets power again: senses and the frame test, in this order. */
export const TRIP_CHECKS = ["look", "hand-turn", "frame"] as const;
export type TripCheck = (typeof TRIP_CHECKS)[number];

/** Power back on: a step of its own, never a continuation of a dead test. */
export const powerBackStation = defineStation({
  definition: {
    id: "power-back",
    power: "to-live",
    minutes: 3,
    tests: [],
    cautions: ["gas-back", "line-voltage", "moving-parts", "local-codes"],
  },
  schema,
  blank: { steps: {}, restoredAt: null } as PowerBackRecord,
  assess(record, { facts, worked = new Set() }) {
    const isGrounded = facts.isGrounded && !facts.isGroundCleared;
    const tripChecks = facts.mayTrip ? TRIP_CHECKS.filter((id) => !worked.has(id)) : [];
    const isBarred = facts.isApart || isGrounded || tripChecks.length > 0;
    // A restoration from before the last lock-out says nothing of now.
    const isLive = !isBarred && record.restoredAt !== null && (facts.deadSince === null || record.restoredAt >= facts.deadSince);
    const detail: PowerBackDetail = {
      missing: RESTORE_STEPS.filter((step) => record.steps[step] === undefined),
      isLive,
      restoredAt: record.restoredAt,
      isApart: facts.isApart,
      isGrounded,
      tripChecks,
    };
    return plainAssessment(isLive ? "noted" : "not-done", detail, { facts: isLive ? { power: "live" } : {} });
  },
});
