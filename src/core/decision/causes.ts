import type { ActionId, Complaint, Finding, OutcomeKey, TestId } from "../diagnosis";

/** What makes a part fail before its time. Persisted: do not change without a migration. */
export const CAUSES = [
  "heat",
  "dirt",
  "low-supply",
  "short-cycling",
  "loose-cover",
  "wrong-part",
  "overload",
  "moisture",
  "misalignment",
] as const;
export type Cause = (typeof CAUSES)[number];

interface CauseSpec {
  /** test that looks for it; null: only a person can tell */
  readonly test: TestId | null;
  readonly shownBy: readonly OutcomeKey[];
  /** complaint that speaks of it already */
  readonly saidBy: readonly Complaint[];
}

const CAUSE_TABLE: Record<Cause, CauseSpec> = {
  heat: { test: "temperature", shownBy: ["temperature/hot"], saidBy: ["runs-hot"] },
  dirt: { test: "look", shownBy: ["look/dust-clogged"], saidBy: [] },
  "low-supply": { test: "supply-voltage", shownBy: ["supply-voltage/low", "supply-voltage/sags"], saidBy: [] },
  "short-cycling": { test: null, shownBy: [], saidBy: [] },
  "loose-cover": { test: "look", shownBy: ["look/cover-loose"], saidBy: [] },
  "wrong-part": { test: null, shownBy: [], saidBy: [] },
  overload: { test: "run-amps", shownBy: ["run-amps/above", "run-amps/far-above"], saidBy: ["high-current"] },
  moisture: { test: "insulation", shownBy: ["insulation/watch", "insulation/bad"], saidBy: [] },
  misalignment: { test: null, shownBy: [], saidBy: [] },
};

/** What to ask of each action: why did the part fail? Trade judgement. */
const ASKED_OF: Partial<Record<ActionId, readonly Cause[]>> = {
  "replace-run-capacitor": ["heat", "wrong-part", "low-supply"],
  "replace-start-capacitor": ["short-cycling", "loose-cover", "low-supply", "wrong-part"],
  "service-start-switch": ["loose-cover", "dirt", "short-cycling"],
  "replace-start-relay": ["short-cycling", "low-supply", "heat"],
  "replace-bearings": ["misalignment", "heat", "moisture", "dirt"],
  "replace-motor": ["overload", "low-supply", "dirt", "moisture", "wrong-part"],
  "free-load": ["dirt", "misalignment"],
  "wait-and-retest": ["overload", "dirt", "low-supply", "short-cycling"],
  refer: ["overload", "low-supply", "dirt", "short-cycling"],
};

export interface CauseState {
  readonly cause: Cause;
  /** found: it is there; cleared: looked for and not there; open: nobody looked */
  readonly state: "found" | "cleared" | "open";
  readonly test: TestId | null;
}

/**
 * Causes to be asked for before a part is only swapped, and what is known of each: from the findings, from the complaint,
 * and from what a person answered.
 */
export function causesOf(
  action: ActionId,
  evidence: { readonly complaints: readonly Complaint[]; readonly findings: readonly Finding[] },
  answered: Readonly<Partial<Record<Cause, "found" | "cleared">>>,
): CauseState[] {
  const shown = new Set(
    evidence.findings.flatMap(({ test, weights }) =>
      Object.entries(weights).flatMap(([outcome, weight]) => ((weight ?? 0) > 0.5 ? [`${test}/${outcome}`] : [])),
    ),
  );
  const done = new Set(evidence.findings.map(({ test }) => test));
  return (ASKED_OF[action] ?? []).map((cause): CauseState => {
    const { test, shownBy, saidBy } = CAUSE_TABLE[cause];
    const isShown = shownBy.some((key) => shown.has(key)) || saidBy.some((complaint) => evidence.complaints.includes(complaint));
    const state = answered[cause] ?? (isShown ? "found" : test !== null && done.has(test) ? "cleared" : "open");
    return { cause, state, test };
  });
}

/** Signs that a winding has been cooked: then insulation and current are asked for, whatever is replaced. */
const COOKED: readonly OutcomeKey[] = [
  "look/winding-burnt",
  "temperature/hot",
  "start-winding-amps/high",
  "switch-ohms/welded",
  "winding-ohms/start-open",
];
const COOKED_COMPLAINTS: readonly Complaint[] = ["burning-smell", "runs-hot"];
const KEEPS_THE_MOTOR: readonly ActionId[] = [
  "replace-run-capacitor",
  "replace-start-capacitor",
  "service-start-switch",
  "replace-start-relay",
  "replace-bearings",
];

/**
 * Tests an action asks for before it is final: its own, and where the motor stays and shows signs of having cooked, the
 * insulation of its windings.
 */
export function checksBefore(
  action: ActionId,
  own: readonly TestId[],
  evidence: { readonly complaints: readonly Complaint[]; readonly findings: readonly Finding[] },
): TestId[] {
  const isCooked =
    evidence.complaints.some((complaint) => COOKED_COMPLAINTS.includes(complaint)) ||
    evidence.findings.some(({ test, weights }) =>
      Object.entries(weights).some(([outcome, weight]) => (weight ?? 0) > 0.5 && COOKED.some((key) => key === `${test}/${outcome}`)),
    );
  return isCooked && KEEPS_THE_MOTOR.includes(action) ? [...own, "insulation"] : [...own];
}
