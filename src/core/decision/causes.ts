import { TRIPS, type ActionId, type Complaint, type TestId } from "../trade";
import { type Finding, type OutcomeKey } from "../diagnosis";

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

/** A finding shows a cause, or clears it, when so much of its weight says so. */
const SHOWN = 0.9;

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
  /** who says so: a person, a test, or only the complaint; null: it is open */
  readonly by: "person" | "test" | "complaint" | null;
}

/**
 * Causes to be asked for before a part is only swapped, and what is known of each: from the findings, from the complaint,
 * and from what a person answered.
 * @param action which action
 * @param evidence what was said and found
 * @param answered causes a person has answered
 * @returns causes, each found, cleared or open
 */
export function causesOf(
  action: ActionId,
  evidence: { readonly complaints: readonly Complaint[]; readonly findings: readonly Finding[] },
  answered: Readonly<Partial<Record<Cause, "found" | "cleared">>>,
): CauseState[] {
  const shareOf = (finding: Finding, keys: readonly OutcomeKey[]): number => {
    const rows = Object.entries(finding.weights);
    const all = rows.reduce((sum, [, weight]) => sum + (weight ?? 0), 0);
    const mine = rows.reduce(
      (sum, [outcome, weight]) => sum + (keys.some((key) => key === `${finding.test}/${outcome}`) ? (weight ?? 0) : 0),
      0,
    );
    return all > 0 ? mine / all : 0;
  };
  return (ASKED_OF[action] ?? []).map((cause): CauseState => {
    const { test, shownBy, saidBy } = CAUSE_TABLE[cause];
    const shares = evidence.findings.filter((finding) => finding.test === test).map((finding) => shareOf(finding, shownBy));
    const isTested = shares.some((share) => share >= SHOWN);
    const isShown = isTested || saidBy.some((complaint) => evidence.complaints.includes(complaint));
    // At its limit, or not measured as it has to be, it is not looked at.
    const isCleared = shares.length > 0 && shares.every((share) => share <= 1 - SHOWN);
    const own = answered[cause];
    if (own !== undefined) return { cause, state: own, test, by: "person" };
    if (isShown) return { cause, state: "found", test, by: isTested ? "test" : "complaint" };
    return isCleared ? { cause, state: "cleared", test, by: "test" } : { cause, state: "open", test, by: null };
  });
}

/** Signs that a winding has been cooked: then insulation and current are asked for, whatever is replaced. */
const COOKED: readonly OutcomeKey[] = [
  "look/winding-burnt",
  "temperature/hot",
  "start-winding-amps/high",
  "switch-ohms/welded",
  "winding-ohms/start-open",
  "winding-ohms/start-shorted",
];
const COOKED_COMPLAINTS: readonly Complaint[] = ["burning-smell", "runs-hot"];
const KEEPS_THE_MOTOR: readonly ActionId[] = [
  "replace-run-capacitor",
  "replace-start-capacitor",
  "service-start-switch",
  "replace-start-relay",
  "replace-bearings",
];

type Known = { readonly complaints: readonly Complaint[]; readonly findings: readonly Finding[] };

const shows = ({ findings }: Known, keys: readonly OutcomeKey[]): boolean =>
  findings.some(({ test, weights }) =>
    Object.entries(weights).some(([outcome, weight]) => (weight ?? 0) > 0.5 && keys.some((key) => key === `${test}/${outcome}`)),
  );

/** What a motor is condemned for by itself; without any of it, another motor rests on figures. */
const CONDEMNED: readonly OutcomeKey[] = [
  "frame-ohms/grounded",
  "insulation/bad",
  "winding-ohms/shorted",
  "winding-ohms/start-shorted",
  "winding-ohms/main-open",
  "winding-ohms/start-open",
  "winding-ohms/common-open",
];
const SEEN_TO_BE_BAD: readonly OutcomeKey[] = ["look/capacitor-damaged"];
const HELD: readonly OutcomeKey[] = ["hand-turn/tight", "hand-turn/seized", "hand-turn/rough"];
const OVER: readonly OutcomeKey[] = ["run-amps/above", "run-amps/far-above"];

/** Tests of eye and hand. */
const SENSES: readonly TestId[] = ["look", "hand-turn", "hand-turn-unloaded"];

/** What measures the very part that an action exchanges. */
const OF_THE_PART: Readonly<Partial<Record<ActionId, TestId>>> = {
  "replace-run-capacitor": "capacitor-meter",
  "replace-start-capacitor": "capacitor-meter",
};

/** What some actions ask for in some cases, and why. */
const IN_CASES: readonly {
  readonly actions: readonly ActionId[];
  readonly tests: readonly TestId[];
  readonly why: string;
  readonly when: (known: Known) => boolean;
}[] = [
  {
    actions: ["replace-run-capacitor", "replace-start-capacitor"],
    tests: ["capacitor-meter"],
    why: "a part is measured before it is changed, unless the eye condemns it",
    when: (known) => !shows(known, SEEN_TO_BE_BAD),
  },
  {
    actions: ["repair-wiring-or-supply"],
    tests: ["supply-voltage", "look"],
    why: "what is repaired was measured, or seen",
    when: () => true,
  },
  {
    actions: ["replace-bearings"],
    tests: ["hand-turn"],
    why: "a bearing is felt by hand before the motor is opened for it",
    when: () => true,
  },
  {
    actions: ["replace-bearings", "free-load"],
    tests: ["hand-turn-unloaded"],
    why: "what is held or rough is turned again without its load before the motor is opened, or its load freed",
    when: (known) => shows(known, HELD),
  },
  {
    actions: ["replace-motor", "refer"],
    tests: ["switch-ohms", "relay-ohms", "ptc-ohms", "capacitor-meter"],
    why: "a start winding that stays in and a weak capacitor hum, smell and run hot as shorted turns do, and cost little",
    when: (known) => !shows(known, CONDEMNED),
  },
  {
    actions: ["replace-motor", "refer"],
    tests: ["frame-ohms", "winding-ohms"],
    why: "a motor is condemned by what is measured in it",
    when: (known) => !shows(known, CONDEMNED),
  },
  {
    actions: ["replace-motor", "refer"],
    tests: ["start-winding-amps"],
    why: "too many amps come of shorted turns, or of a start part that stays in: the start winding's amps part them",
    when: (known) => shows(known, OVER) && !shows(known, CONDEMNED),
  },
  {
    actions: ["no-repair", "keep-until", "repair-wiring-or-supply"],
    tests: ["frame-ohms", "insulation"],
    why: "what trips a breaker now and then leaks under volts before an ohmmeter sees it",
    when: ({ complaints }) => complaints.some((complaint) => TRIPS.includes(complaint)),
  },
];

/**
 * Tests an action asks for before it is final: its own, those it asks for in this case, and where the motor stays and shows
 * signs of having cooked, the insulation of its windings.
 * @param action which action
 * @param own tests the action itself asks for
 * @param evidence what was said and found
 * @returns tests that are still to be made
 */
export function checksBefore(action: ActionId, own: readonly TestId[], evidence: Known): TestId[] {
  const isCooked = evidence.complaints.some((complaint) => COOKED_COMPLAINTS.includes(complaint)) || shows(evidence, COOKED);
  const inCase = IN_CASES.filter(({ actions, when }) => actions.includes(action) && when(evidence)).flatMap(({ tests }) => tests);
  const cooked: readonly TestId[] = isCooked && KEEPS_THE_MOTOR.includes(action) ? ["insulation"] : [];
  const all = [...new Set([...own, ...inCase, ...cooked])];
  // Hand and eye before any meter, and the part itself before what it may have hurt: where it holds, the rest is another question.
  const rank = (test: TestId): number => (SENSES.includes(test) ? 0 : OF_THE_PART[action] === test ? 1 : 2);
  return all.toSorted((a, b) => rank(a) - rank(b));
}
