import type { MachineKind, TestId } from "../trade";
import type { Finding } from "./finding";
import { INSTRUMENTS, LIVE_RUNS, TEST_TABLE, type Instrument, type OutcomeRow } from "./test-table";

/** Why a test is not offered. */
export type Bar =
  | { readonly kind: "machine"; readonly machine: MachineKind }
  | { readonly kind: "finding"; readonly finding: Finding }
  | { readonly kind: "instrument"; readonly instrument: Instrument }
  /** nothing was found that it would part */
  | { readonly kind: "not-asked" }
  /** it trips, and the senses and the frame test come before power */
  | { readonly kind: "trips"; readonly first: readonly TestId[] };

/** What a motor that trips is asked before it gets power for any measurement: senses and the frame test, in this order. */
const BEFORE_POWER: readonly TestId[] = ["look", "hand-turn", "frame-ohms"];

/** Which of them are still to be made. @param hand tests that can be made */
export const tripChecks = (
  mayTrip: boolean,
  machine: MachineKind,
  hand: readonly TestId[],
  findings: readonly Finding[] = [],
): readonly TestId[] =>
  // What is grounded gets no power whatever else is looked at.
  mayTrip && forbiddenBy("run-amps", findings)?.test !== "frame-ohms"
    ? BEFORE_POWER.filter((test) => hand.includes(test) && isOnMachine(test, machine))
    : [];

/** Tests that part what another one has shown, and are asked for only after it. */
const ASKED_AFTER: Partial<Record<TestId, { readonly test: TestId; readonly outcomes: readonly string[] }>> = {
  "hand-turn-unloaded": { test: "hand-turn", outcomes: ["tight", "seized", "rough", "rough-with-play"] },
};

/** Tests that have nothing to tell once this was seen: what starts by itself needs no push. */
const TOLD_BY: Partial<Record<TestId, { readonly test: TestId; readonly outcomes: readonly string[] }>> = {
  "push-start": { test: "start-time", outcomes: ["quick", "slow", "only-pushed"] },
};

const isAskedFor = (test: TestId, findings: readonly Finding[]): boolean => {
  const told = TOLD_BY[test];
  if (told && findings.some((found) => found.test === told.test && told.outcomes.some((each) => each in found.weights))) return false;
  const after = ASKED_AFTER[test];
  return after === undefined || findings.some((found) => found.test === after.test && after.outcomes.some((each) => each in found.weights));
};

/**
 * Machines on which a test may be made at all. A rotor is pushed only where it lies open and light; a welded shell has
 * no shaft to turn and no load to take off.
 */
const ONLY_ON: Partial<Record<TestId, (machine: MachineKind) => boolean>> = {
  "hand-turn": (machine) => machine !== "hermetic-compressor",
  "hand-turn-unloaded": (machine) => machine !== "hermetic-compressor",
  "uncoupled-run": (machine) => machine !== "hermetic-compressor",
  "push-start": (machine) => machine === "fan" || machine === "blower",
};

/**
 * Whether this machine allows the test.
 * @param test which test
 * @param machine which machine
 * @returns true when it may be made there
 */
export const isOnMachine = (test: TestId, machine: MachineKind): boolean => ONLY_ON[test]?.(machine) ?? true;

/** The finding that forbids a test, if there is one: what does not turn, or is grounded, is not run. */
function forbiddenBy(test: TestId, findings: readonly Finding[]): Finding | null {
  // What turned freely with its load off may be run so.
  const isFreed = findings.some((finding) => finding.test === "hand-turn-unloaded" && "free" in finding.weights);
  const barring = test === "uncoupled-run" && isFreed ? findings.filter((finding) => finding.test !== "hand-turn") : findings;
  return (
    barring.find((finding) =>
      Object.entries(finding.weights).some(
        ([outcome, weight]) =>
          (weight ?? 0) > 0.5 &&
          ((TEST_TABLE[finding.test].outcomes as Record<string, OutcomeRow>)[outcome]?.blocks?.includes(test) ?? false),
      ),
    ) ?? null
  );
}

/**
 * Why a test must not or cannot be made here; null: it may be. Power is not asked: a change of state is a step of its own.
 * @param test which test
 * @param at machine, findings so far, and what is known of how it starts
 * @param owned instruments the house has
 * @returns the reason; null: it may be made
 */
export function barOf(
  test: TestId,
  at: {
    readonly machine: MachineKind;
    readonly findings: readonly Finding[];
    readonly owned?: readonly Instrument[];
    readonly tripChecks?: readonly TestId[];
    /** it starts by itself, as somebody said or saw: it needs no push */
    readonly startsByItself?: boolean;
    /** it never comes up, as somebody said or saw: nothing is read while it runs */
    readonly staysDown?: boolean;
  },
): Bar | null {
  if (!isOnMachine(test, at.machine)) return { kind: "machine", machine: at.machine };
  const isIdle = (at.startsByItself === true && test === "push-start") || (at.staysDown === true && test === "capacitor-running");
  if (isIdle || !isAskedFor(test, at.findings)) return { kind: "not-asked" };
  const { tripChecks: first = [] } = at;
  if (first.length > 0 && TEST_TABLE[test].power === "live") return { kind: "trips", first };
  const finding = forbiddenBy(test, at.findings);
  if (finding) return { kind: "finding", finding };
  const { needs } = TEST_TABLE[test] as { needs?: Instrument };
  if (needs !== undefined && !(at.owned ?? INSTRUMENTS).includes(needs)) return { kind: "instrument", instrument: needs };
  return null;
}

/**
 * Whether a test lets the motor turn or try to turn.
 * @param test which test
 * @returns true when it does
 */
export const isRun = (test: TestId): boolean => LIVE_RUNS.includes(test);
