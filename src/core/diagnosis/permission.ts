import type { MachineKind } from "../motor";
import type { Finding } from "./finding";
import { INSTRUMENTS, LIVE_RUNS, TEST_TABLE, type Instrument, type OutcomeRow } from "./test-table";
import type { TestId } from "./vocabulary";

/** Why a test is not offered. */
export type Bar =
  | { readonly kind: "machine"; readonly machine: MachineKind }
  | { readonly kind: "finding"; readonly finding: Finding }
  | { readonly kind: "instrument"; readonly instrument: Instrument };

/**
 * Machines on which a test may be made at all. A rotor is pushed only where it lies open and light; a welded shell has
 * no shaft to turn and no load to take off.
 */
const ONLY_ON: Partial<Record<TestId, (machine: MachineKind) => boolean>> = {
  "hand-turn": (machine) => machine !== "hermetic-compressor",
  "uncoupled-run": (machine) => machine !== "hermetic-compressor",
  "push-start": (machine) => machine === "fan" || machine === "blower",
};

/** Whether this machine allows the test. */
export const isOnMachine = (test: TestId, machine: MachineKind): boolean => ONLY_ON[test]?.(machine) ?? true;

/** The finding that forbids a test, if there is one: what does not turn, or is grounded, is not run. */
function forbiddenBy(test: TestId, findings: readonly Finding[]): Finding | null {
  return (
    findings.find((finding) =>
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
 * @param owned instruments the house has
 */
export function barOf(
  test: TestId,
  at: { readonly machine: MachineKind; readonly findings: readonly Finding[]; readonly owned?: readonly Instrument[] },
): Bar | null {
  if (!isOnMachine(test, at.machine)) return { kind: "machine", machine: at.machine };
  const finding = forbiddenBy(test, at.findings);
  if (finding) return { kind: "finding", finding };
  const { needs } = TEST_TABLE[test] as { needs?: Instrument };
  if (needs !== undefined && !(at.owned ?? INSTRUMENTS).includes(needs)) return { kind: "instrument", instrument: needs };
  return null;
}

/** Whether a test lets the motor turn or try to turn. */
export const isRun = (test: TestId): boolean => LIVE_RUNS.includes(test);
