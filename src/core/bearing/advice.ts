import type { Clearance, Closure } from "./suffix-table";

/** What a bearing lives in. Persisted: do not change without a migration. */
export const SURROUNDINGS = ["dusty", "wet", "hot", "quiet", "loose-fit"] as const;
export type Surrounding = (typeof SURROUNDINGS)[number];

/** Why one closure or clearance is advised; the sentences live with the interface. */
export type AdviceReason =
  | "dust-seals"
  | "wet-seals"
  | "heat-shields"
  | "heat-and-dirt"
  | "quiet-grease"
  | "plain-shields"
  | "motor-c3"
  | "hot-c3"
  | "cool-cn"
  | "as-fitted";

export interface BearingAdvice {
  readonly closure: Closure;
  readonly clearance: Clearance;
  readonly reasons: readonly AdviceReason[];
  /** what was fitted differs from it in a way that matters */
  readonly departs: readonly ("closure" | "clearance")[];
}

interface ClosureRule {
  readonly when: (around: readonly Surrounding[]) => boolean;
  readonly closure: Closure;
  readonly reason: AdviceReason;
}

/* The first that holds. Trade judgement: rubber keeps dirt and water out and rubs; sheet metal bears heat and does not. */
const CLOSURE_RULES: readonly ClosureRule[] = [
  {
    when: (around) => around.includes("hot") && (around.includes("dusty") || around.includes("wet")),
    closure: "seals-both",
    reason: "heat-and-dirt",
  },
  { when: (around) => around.includes("hot"), closure: "shields-both", reason: "heat-shields" },
  { when: (around) => around.includes("wet"), closure: "seals-both", reason: "wet-seals" },
  { when: (around) => around.includes("dusty"), closure: "seals-both", reason: "dust-seals" },
  { when: () => true, closure: "shields-both", reason: "plain-shields" },
];

/**
 * Closure and clearance to ask for at these surroundings, with the reasons.
 * @param fitted what came out; null where it cannot be read
 */
export function adviseBearing(
  around: readonly Surrounding[],
  fitted: { readonly closure: Closure | null; readonly clearance: Clearance | null } | null,
): BearingAdvice {
  const rule = CLOSURE_RULES.find(({ when }) => when(around)) ?? CLOSURE_RULES[CLOSURE_RULES.length - 1];
  const closure = rule?.closure ?? "shields-both";
  // A quiet, cool fan with a slack seat is the one place where the larger clearance is heard and does nothing.
  const isNormalEnough = around.includes("quiet") && !around.includes("hot");
  const clearance: Clearance = isNormalEnough ? "CN" : "C3";
  const reasons: AdviceReason[] = [
    rule?.reason ?? "plain-shields",
    isNormalEnough ? "cool-cn" : around.includes("hot") ? "hot-c3" : "motor-c3",
    ...(around.includes("quiet") ? (["quiet-grease"] as const) : []),
  ];
  const departs: ("closure" | "clearance")[] = [];
  const isSealed = (kind: Closure): boolean => kind === "seals-both" || kind === "shield-and-seal";
  if (fitted?.closure && (isSealed(fitted.closure) !== isSealed(closure) || /one|open/.test(fitted.closure))) departs.push("closure");
  if (fitted && (fitted.clearance ?? "CN") !== clearance && fitted.clearance !== "CM") departs.push("clearance");
  if (fitted && departs.length === 0) reasons.push("as-fitted");
  return { closure, clearance, reasons, departs };
}
