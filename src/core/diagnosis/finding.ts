import type { Outcome } from "./test-table";
import type { Complaint, TestId } from "./vocabulary";

/**
 * What a test showed, with a weight for each outcome it may have been. One outcome of weight 1 is a plain finding;
 * a figure that straddles a limit splits its weight by the chance of either side, so that it counts for what it is worth.
 */
export type Finding = {
  [T in TestId]: {
    readonly test: T;
    readonly weights: Readonly<Partial<Record<Outcome<T>, number>>>;
    readonly about?: "run-capacitor" | "start-capacitor";
  };
}[TestId];

/** What is known of a case when it is weighed. */
export interface Evidence {
  readonly complaints: readonly Complaint[];
  readonly findings: readonly Finding[];
}
