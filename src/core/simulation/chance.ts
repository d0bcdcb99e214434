import { normalFrom, seriesFrom } from "../numeric";

/** Draws of one simulated case: the same seed gives the same case. */
export interface Chance {
  /** evenly between 0 and 1 */
  readonly next: () => number;
  readonly between: (low: number, high: number) => number;
  readonly is: (probability: number) => boolean;
  readonly of: <T>(values: readonly T[]) => T;
  /** by weight; weights need not sum to one */
  readonly weighed: <T>(rows: readonly (readonly [T, number])[]) => T;
  readonly normal: () => number;
}

/**
 * Repeatable chance for a world of invented cases.
 * @param seed any whole number
 * @returns draws, one after the other
 */
export function chanceFrom(seed: number): Chance {
  // Seeds side by side begin side by side: mixed, and the first draws thrown away.
  const next = seriesFrom((Math.abs(Math.imul(seed ^ 0x5bd1e995, 0x27d4eb2d)) % 2147483645) + 1);
  for (let skipped = 0; skipped < 4; skipped += 1) next();
  const normal = normalFrom(next);
  return {
    next,
    normal,
    between: (low, high) => low + (high - low) * next(),
    is: (probability) => next() < probability,
    of: (values) => values[Math.min(values.length - 1, Math.floor(next() * values.length))]!,
    weighed: (rows) => {
      let at = next() * rows.reduce((sum, [, weight]) => sum + weight, 0);
      return (rows.find(([, weight]) => (at -= weight) <= 0) ?? rows.at(-1)!)[0];
    },
  };
}
