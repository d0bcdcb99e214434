import type { TestId } from "../trade";
import type { Purpose } from "./purpose";

interface PurposeChecks {
  /** tests that have nothing to be made on */
  readonly lacks: readonly TestId[];
  /** what is looked at and measured before it is called good, in the order of practice */
  readonly checks: readonly TestId[];
}

/** What is tested for each purpose. @source trade practice: what a yearly check, and the test of a used motor, take in */
export const PURPOSE_CHECKS: Readonly<Record<Purpose, PurposeChecks>> = {
  fault: { lacks: [], checks: [] },
  "yearly-check": { lacks: [], checks: ["look", "hand-turn", "capacitor-meter", "insulation", "run-amps", "noise"] },
  spare: {
    // Nothing is coupled to it, and the feed is the bench's own.
    lacks: ["hand-turn-unloaded", "uncoupled-run", "push-start", "supply-voltage"],
    checks: [
      "look",
      "hand-turn",
      "frame-ohms",
      "winding-ohms",
      "capacitor-meter",
      "switch-ohms",
      "relay-ohms",
      "ptc-ohms",
      "insulation",
      "run-amps",
      "noise",
    ],
  },
};
