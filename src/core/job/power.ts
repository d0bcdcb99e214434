import { compareMoments } from "../kept";

/** A stretch in which the circuit was proven dead, or declared so. */
export interface DeadStretch {
  /** ISO 8601 */
  readonly from: string;
  /** when power came back, ISO 8601; null: it did not, or it was made safe once more before */
  readonly to: string | null;
}

/**
 * The dead stretches of a visit in order, from the moments at which it was made safe and those at which power came back.
 * @param safeAt moments at which the circuit was made safe, ISO 8601, in any order
 * @param restoredAt moments at which power came back, ISO 8601, in any order
 * @returns a stretch for each time it was made safe; only the last one can still be open
 */
export function deadStretches(safeAt: readonly string[], restoredAt: readonly string[]): readonly DeadStretch[] {
  const starts = [...safeAt].sort(compareMoments);
  const ends = [...restoredAt].sort(compareMoments);
  return starts.map((from, index) => {
    const next = starts[index + 1];
    const to = ends.find((end) => compareMoments(end, from) >= 0 && (next === undefined || compareMoments(end, next) < 0));
    return { from, to: to ?? null };
  });
}

/**
 * Whether a moment of power back ends the stretch that began at another.
 * @param restoredAt ISO 8601; null: it did not come back
 * @param since when the circuit was made safe, ISO 8601; null: never
 * @returns true where the motor has power again
 */
export const isPowerBack = (restoredAt: string | null, since: string | null): boolean =>
  restoredAt !== null && (since === null || compareMoments(restoredAt, since) >= 0);
