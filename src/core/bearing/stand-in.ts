import { isClosedBothSides, orderNumber } from "./advice";
import type { BearingSize } from "./dimension-table";
import type { Clearance, Closure } from "./suffix-table";

/** A bearing that is fitted, as far as its stamp said. */
export interface FittedBearing extends BearingSize {
  /** null: named by its figures alone, or its stamp leaves more than one */
  readonly closure: Closure | null;
  /** null: its stamp says nothing of it */
  readonly clearance: Clearance | null;
  /** signs of its stamp are worn: a clearance may have stood there */
  readonly isWorn?: boolean;
}

/**
 * A fitted bearing as it is asked for again.
 * @param bearing its size, with closure and clearance as far as they are known
 * @returns its number; what is not known is left out
 * @example a 6203 named by its figures -> "6203"
 */
export const fittedNumber = (bearing: FittedBearing): string =>
  orderNumber(bearing, { closure: bearing.closure ?? "open", clearance: bearing.clearance ?? "CN" });

/** How one bearing of the same size differs from another. */
export type BearingDifference = "open-for-closed" | "shields-for-seals" | "seals-for-shields" | "other-clearance" | "closure-unknown";

const SHIELDED: readonly Closure[] = ["shields-both"];
const SEALED: readonly Closure[] = ["seals-both", "shield-and-seal"];

/**
 * How a bearing that is to go in differs from the one of its size that came out, beside its number.
 * @param stamped closure and clearance of the one that is to go in
 * @param old those of the one that came out
 * @returns what differs; an open one runs dry where one closed for life was
 * @source trade rule: size, then closure, then clearance; a stamp without a clearance is the normal one (ISO 5753-1)
 */
export function bearingDifferences(
  stamped: Pick<FittedBearing, "closure" | "clearance">,
  old: Pick<FittedBearing, "closure" | "clearance" | "isWorn">,
): BearingDifference[] {
  // Named by figures alone, neither closure nor clearance of the old one is known.
  if (old.closure === null) return stamped.closure !== null && isClosedBothSides(stamped.closure) ? [] : ["closure-unknown"];
  const closure: BearingDifference[] =
    stamped.closure === null
      ? ["closure-unknown"]
      : isClosedBothSides(old.closure) && !isClosedBothSides(stamped.closure)
        ? ["open-for-closed"]
        : SEALED.includes(old.closure) && SHIELDED.includes(stamped.closure)
          ? ["shields-for-seals"]
          : SHIELDED.includes(old.closure) && SEALED.includes(stamped.closure)
            ? ["seals-for-shields"]
            : [];
  const isOldKnown = old.clearance !== null || old.isWorn !== true;
  const isOtherClearance =
    isOldKnown && (stamped.clearance ?? "CN") !== (old.clearance ?? "CN") && stamped.clearance !== "CM" && old.clearance !== "CM";
  return [...closure, ...(isOtherClearance ? (["other-clearance"] as const) : [])];
}
