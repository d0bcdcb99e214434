import type { Expectation } from "./expectation";
import type { Fault } from "./faults";
import type { RunQuantity } from "./prediction";

/** How well a fault accounts for what was measured; `fault` null: nothing wrong. */
export interface Explanation {
  readonly fault: Fault | null;
  readonly expected: Expectation;
  /** likelihood over that of the best explanation, 0..1 */
  readonly fit: number;
  /** measured figures that lie outside what this fault makes, the farthest first */
  readonly against: readonly RunQuantity[];
}
/** Amps and volts below these parts of the usual ones are as good as none. */
export const FLOORS: Record<RunQuantity, number> = { lineA: 0.02, startA: 0.04, capacitorV: 5, speedRpm: 30, startTimeS: 0.1 };
