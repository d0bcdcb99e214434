import type { BearingSize } from "./dimension-table";
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
];
/** Clean, dry and cool. */
const PLAIN = { closure: "shields-both", reason: "plain-shields" } as const;

/** Closures that keep dust out. */
const SEALED: readonly Closure[] = ["seals-both", "shield-and-seal"];
/** Closures that leave a side of the balls open to what is around. */
const HALF_OPEN: readonly Closure[] = ["open", "shield-one", "seal-one"];

/**
 * Closed for life: its grease is not reached.
 * @param closure shields and seals
 * @returns true when no grease gets in or out
 */
export const isClosedBothSides = (closure: Closure): boolean => !HALF_OPEN.includes(closure);

/**
 * Closure and clearance to ask for at these surroundings, with the reasons.
 * @param around what surrounds it
 * @param fitted what came out; null where it cannot be read
 * @returns closure and clearance to ask for, each with its reasons; null: nothing was said of its surroundings
 */
export function adviseBearing(
  around: readonly Surrounding[],
  fitted: { readonly closure: Closure | null; readonly clearance: Clearance | null } | null,
): BearingAdvice {
  const { closure, reason } = CLOSURE_RULES.find(({ when }) => when(around)) ?? PLAIN;
  // In a quiet, cool fan the larger clearance is heard and does nothing.
  const isNormalEnough = around.includes("quiet") && !around.includes("hot");
  const clearance: Clearance = isNormalEnough ? "CN" : "C3";
  const reasons: AdviceReason[] = [
    reason,
    isNormalEnough ? "cool-cn" : around.includes("hot") ? "hot-c3" : "motor-c3",
    ...(around.includes("quiet") ? (["quiet-grease"] as const) : []),
  ];
  const departs: ("closure" | "clearance")[] = [];
  if (fitted?.closure && (SEALED.includes(fitted.closure) !== SEALED.includes(closure) || !isClosedBothSides(fitted.closure)))
    departs.push("closure");
  if (fitted && (fitted.clearance ?? "CN") !== clearance && fitted.clearance !== "CM") departs.push("clearance");
  if (fitted && departs.length === 0) reasons.push("as-fitted");
  return { closure, clearance, reasons, departs };
}

const ORDER_CODES: Partial<Record<Closure, string>> = { "seals-both": "-2RS", "shields-both": "-2Z" };

/**
 * What to ask for at the counter: number, closure and clearance of the advice; normal clearance has no suffix.
 * @param size a size of the table
 * @param advice closure and clearance to ask for
 * @returns number as it is asked for, for example `6203-2RS/C3`
 * @example a 6203 in dust -> "6203-2RS/C3"
 */
export function orderNumber(
  size: Pick<BearingSize, "number">,
  { closure, clearance }: Pick<BearingAdvice, "closure" | "clearance">,
): string {
  return `${size.number}${ORDER_CODES[closure] ?? ""}${clearance === "CN" ? "" : `/${clearance}`}`;
}
