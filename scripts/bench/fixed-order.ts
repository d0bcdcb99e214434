import type { TestId } from "@/core/trade";

/** The stations in their fixed order, as paper has them; two capacitors are two tests. */
export const FIXED_ORDER: readonly TestId[] = [
  "look",
  "hand-turn",
  "capacitor-meter",
  "capacitor-meter",
  "winding-ohms",
  "frame-ohms",
  "insulation",
  "switch-ohms",
  "relay-ohms",
  "supply-voltage",
  "run-amps",
  "start-winding-amps",
  "speed",
  "start-time",
  "noise",
  "temperature",
  "uncoupled-run",
];
