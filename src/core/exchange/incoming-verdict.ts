/** How a part that is to go in stands: what it says, and what it read before it was fitted. */
export type IncomingVerdict = "right" | "wrong" | "too-close" | "unsure" | "unmeasured";

/** The worse, the earlier. */
const WORST_FIRST: readonly IncomingVerdict[] = ["wrong", "unsure", "too-close", "unmeasured", "right"];

/**
 * The worst of several verdicts.
 * @param verdicts of the pieces, and of what they come to together
 * @returns the worst; of none it is not sure
 */
export const worstOf = (verdicts: readonly IncomingVerdict[]): IncomingVerdict =>
  WORST_FIRST.find((each) => verdicts.includes(each)) ?? "unsure";

/** How a piece was found by eye and hand before it went in. Persisted: do not change without a migration. */
export const PIECE_CONDITIONS = ["good", "bad"] as const;
export type PieceCondition = (typeof PIECE_CONDITIONS)[number];
