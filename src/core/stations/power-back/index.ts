import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment } from "../../station";
import * as v from "valibot";
import { checksBeforePower, isPowerBack } from "../../job";
import { compareMoments } from "../../kept";
import type { TestId } from "../../trade";
import { powerBackMigrations } from "./migrations";

/** What is seen to before power returns. */
const RESTORE_STEPS = ["leads-and-covers", "everyone-clear", "lock-off"] as const;
export type RestoreStep = (typeof RESTORE_STEPS)[number];

const round = recordOf({ steps: field.ticks(), restoredAt: field.moment() });
export type PowerBackRound = typeof round.blank;

/** Far more than power comes back on one visit. */
const MOST_ROUNDS = 500;

export const powerBackRecord = recordOf({
  ...round.fields,
  /** earlier returns to power on the same visit: kept, never edited */
  earlier: field.own(v.pipe(v.array(round.schema), v.maxLength(MOST_ROUNDS)), []),
});
export type PowerBackRecord = typeof powerBackRecord.blank;

/**
 * The record as the return to power in hand has it: what was ticked before the circuit was last made safe is of a time before,
 * and counts for nothing now.
 * @param record as it is kept
 * @param deadSince when the circuit was last made safe, ISO 8601; null: never
 * @returns the same record with a round that begins after that, and the one before it among the earlier
 */
export function presentRound({ steps, restoredAt, earlier }: PowerBackRecord, deadSince: string | null): PowerBackRecord {
  if (restoredAt !== null && !isPowerBack(restoredAt, deadSince))
    return { steps: {}, restoredAt: null, earlier: [...earlier, { steps, restoredAt }] };
  const isOfNow = ([, at]: readonly [string, string]): boolean => deadSince === null || compareMoments(at, deadSince) >= 0;
  return { steps: Object.fromEntries(Object.entries(steps).filter(isOfNow)), restoredAt, earlier };
}

export interface PowerBackDetail {
  readonly missing: readonly RestoreStep[];
  /** what was ticked for this return to power */
  readonly steps: PowerBackRound["steps"];
  /** power is on again after the circuit was last made safe */
  readonly isLive: boolean;
  readonly restoredAt: string | null;
  /** earlier returns to power on this visit, ISO 8601 */
  readonly before: readonly string[];
  /** something that came off is not back: no power until it is */
  readonly isApart: boolean;
  /** a ground fault was found, and the frame test not repeated after what was faulty came out */
  readonly isGrounded: boolean;
  /** it trips, and these were not worked yet */
  readonly tripChecks: readonly TripCheck[];
  /** it is to get its first power on this visit, and these come before it; they are asked for, and do not bar it */
  readonly asked: readonly TripCheck[];
}

/** What is asked of a motor that trips before it gets power again: senses and the frame test, in this order. */
export const TRIP_CHECKS = ["look", "hand-turn", "frame"] as const;
export type TripCheck = (typeof TRIP_CHECKS)[number];

/** Where each check before the first power is made. */
const STATION_OF: Readonly<Partial<Record<TestId, TripCheck>>> = { look: "look", "hand-turn": "hand-turn", "frame-ohms": "frame" };

/** Power back on: a step of its own, never a continuation of a dead test. */
export const powerBackStation = defineStation({
  definition: {
    id: "power-back",
    power: "to-live",
    minutes: 3,
    tests: [],
    cautions: ["gas-back", "line-voltage", "moving-parts", "local-codes"],
  },
  ...powerBackRecord,
  migrations: powerBackMigrations,
  early: ({ restoredAt, earlier }) => {
    const restoredAtAll = [...earlier.map((round) => round.restoredAt), restoredAt].filter((at) => at !== null).sort(compareMoments);
    return { restoredAt: restoredAtAll.at(-1) ?? null, restoredAtAll };
  },
  assess(record, { facts, worked = new Set() }) {
    const { steps, restoredAt, earlier } = presentRound(record, facts.deadSince);
    const isGrounded = facts.isGrounded && !facts.isGroundCleared;
    const tripChecks = facts.mayTrip ? TRIP_CHECKS.filter((id) => !worked.has(id)) : [];
    const first = {
      complaints: facts.complaints,
      mayTrip: facts.mayTrip,
      wasWet: facts.history.includes("water"),
      isUnknown: facts.purpose === "spare",
    };
    const asked = facts.restoredAtAll.length > 0 ? [] : checksBeforePower(first).flatMap((each) => STATION_OF[each] ?? []);
    // What stands against power stands against giving it, and never makes a motor that has it look dead.
    const isLive = isPowerBack(restoredAt, facts.deadSince);
    const detail: PowerBackDetail = {
      steps,
      missing: RESTORE_STEPS.filter((step) => steps[step] === undefined),
      isLive,
      restoredAt,
      before: earlier.flatMap((round) => round.restoredAt ?? []),
      isApart: facts.isApart,
      isGrounded,
      tripChecks,
      asked: asked.filter((id) => !worked.has(id) && !tripChecks.includes(id)),
    };
    return plainAssessment(isLive ? "noted" : "not-done", detail, { facts: isLive ? { power: "live" } : {} });
  },
});
