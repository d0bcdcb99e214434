import type { IncomingVerdict, PieceCondition } from "./incoming-verdict";
import type { BearingsIn, IncomingBearing } from "./bearing-in";
import type { CapacitorsIn, IncomingCapacitor } from "./capacitor-in";
import type { IncomingGear } from "./gear-in";
import type { IncomingMotor } from "./motor-in";

/** Any other part: nothing but eye and hand says whether it is good. */
export interface IncomingOther {
  readonly kind: "other";
  readonly verdict: IncomingVerdict;
}

export type Incoming = IncomingCapacitor | IncomingBearing | IncomingMotor | IncomingGear | IncomingOther;

/** What the pieces of one work come to together. */
export type Together = CapacitorsIn | BearingsIn;

/** Everything that is to go in at one work. */
export interface IncomingWork {
  readonly verdict: IncomingVerdict;
  /** as the pieces stand in the record */
  readonly pieces: readonly Incoming[];
  /** null: one piece says all */
  readonly together: Together | null;
}

/**
 * What the capacitors of a work read, as the place sees them: joined in parallel one figure, else that of the one it is about.
 * @param incoming what is to go in
 * @returns figure and limits; null: no capacitor, or not read
 */
export function capacitanceIn({ pieces, together }: IncomingWork): Pick<IncomingCapacitor, "figure" | "limits"> | null {
  const own = together?.kind === "capacitors" && together.as === "sum" ? together : pieces[0];
  return own && "figure" in own && own.figure !== null ? { figure: own.figure, limits: own.limits } : null;
}

/**
 * A piece with what eye and hand found of it: no figure makes a bulged or rough one good.
 * @param incoming judged by label and reading
 * @param condition null: nobody said
 * @returns the same, wrong where it was found bad
 */
export const inCondition = <Each extends Incoming>(incoming: Each, condition: PieceCondition | null): Each =>
  condition === "bad" ? { ...incoming, verdict: "wrong" } : incoming;
