import { field, recordOf } from "../../fields";
import type { TestId } from "../../trade";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import { isOnMachine, type Finding } from "../../diagnosis";
import { figureOf } from "../../quantity";

/** `runs-rough`: it runs, and the trouble is still there. */
const UNCOUPLED = ["runs", "runs-rough", "does-not-run"] as const;
export type Uncoupled = (typeof UNCOUPLED)[number];
const PUSHED = ["keeps-running", "does-not-run"] as const;
export type Pushed = (typeof PUSHED)[number];
/** A motor without start torque goes whichever way it is pushed. */
const PUSH_WAYS = ["either-way", "one-way"] as const;
export type PushWay = (typeof PUSH_WAYS)[number];

export const uncoupledRecord = recordOf({
  /** belt, wheel or coupling off, key taken out or taped, while the circuit was dead */
  freedAt: field.moment(),
  result: field.oneOf(UNCOUPLED),
  amps: field.reading("current"),
  push: field.group({
    /** open wheel, stick in hand, nobody else at it */
    readyAt: field.moment(),
    result: field.oneOf(PUSHED),
    way: field.oneOf(PUSH_WAYS),
  }),
  note: field.note(),
});
export type UncoupledRecord = typeof uncoupledRecord.blank;

export interface UncoupledDetail {
  readonly state: "welded-shell" | "open" | "done";
  readonly result: Uncoupled | null;
  readonly isFreed: boolean;
  readonly pushed: Pushed | null;
  /** a push is safe on this machine at all */
  readonly mayPush: boolean;
  /** amps without load over the plate's; null: not measured, or no plate */
  readonly ampsFraction: number | null;
}

/** The load is taken off while the circuit is dead: before it was made safe once, neither is offered. */
function openTests(record: UncoupledRecord, facts: Facts, mayPush: boolean): TestId[] {
  if (facts.deadSince === null) return [];
  return [
    ...(record.result === null && isOnMachine("uncoupled-run", facts.machineKind) ? (["uncoupled-run"] as const) : []),
    // Pushed only where a hand has felt it free before.
    ...(record.push.result === null && mayPush && facts.turnsFree === true ? (["push-start"] as const) : []),
  ];
}

function stampOf(record: UncoupledRecord, isWelded: boolean): Stamp {
  if (isWelded) return "noted";
  if (record.result === null && record.push.result === null) return record.note.trim() === "" ? "not-done" : "noted";
  return (record.result !== null && record.result !== "runs") || record.push.result !== null ? "out" : "holds";
}

/** The motor without its load, and the one push that tells the start side from the rest. */
export const uncoupledRunStation = defineStation({
  definition: {
    id: "uncoupled-run",
    power: "live",
    reads: ["running"],
    minutes: 6,
    tests: ["uncoupled-run", "push-start"],
    needs: "load",
    cautions: ["line-voltage", "moving-parts", "short-tries", "flying-key"],
    methods: [
      { id: "uncoupled", power: "live", tests: ["uncoupled-run"], cautions: ["line-voltage", "moving-parts", "short-tries", "flying-key"] },
      { id: "push", power: "live", tests: ["push-start"], cautions: ["line-voltage", "push-with-stick", "short-tries"] },
    ],
  },
  ...uncoupledRecord,
  assess(record, { facts }) {
    const isWelded = !isOnMachine("uncoupled-run", facts.machineKind);
    const mayPush = isOnMachine("push-start", facts.machineKind);
    const amps = figureOf(record.amps);
    // A result that was keyed before the machine was known to be one that is never pushed does not count.
    const pushed = mayPush ? record.push.result : null;
    const result = isWelded ? null : record.result;
    const findings: Finding[] = [
      ...(result ? [{ test: "uncoupled-run", weights: { [result]: 1 } } as Finding] : []),
      ...(pushed && !facts.complaints.includes("starts-with-push") ? [{ test: "push-start", weights: { [pushed]: 1 } } as Finding] : []),
    ];
    return plainAssessment<UncoupledDetail>(
      stampOf({ ...record, push: { ...record.push, result: pushed } }, isWelded),
      {
        state: isWelded ? "welded-shell" : result || pushed ? "done" : "open",
        result,
        isFreed: record.freedAt !== null,
        pushed,
        mayPush,
        ampsFraction: amps && facts.fullLoadA !== null ? amps.value / facts.fullLoadA : null,
      },
      { findings, openTests: isWelded ? [] : openTests(record, facts, mayPush) },
    );
  },
});
