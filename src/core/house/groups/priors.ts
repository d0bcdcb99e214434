import type { NumberRule, RuleGroup } from "../rule";

const timesUsual = (part: string): NumberRule => ({
  kind: "number",
  label: `${part}: found at fault, times the usual`,
  unit: "×",
  fallback: 1,
  min: 0.1,
  max: 10,
  source: "tables by type, machine and age; change it where your own ledger says otherwise",
});

/** How often this house finds each part at fault, over the usual. */
export const PRIORS_RULES = {
  unsaidPercent: {
    kind: "number",
    label: "A complaint that was not made counts, against one that was",
    unit: "%",
    fallback: 60,
    min: 0,
    max: 100,
    source: "chosen by simulation with talkative and terse customers; people leave things out",
  },
  priorRunCapacitor: timesUsual("Run capacitor"),
  priorStartCapacitor: timesUsual("Start capacitor"),
  priorStartSwitch: timesUsual("Start switch"),
  priorStartRelay: timesUsual("Start relay or PTC"),
  priorMainWinding: timesUsual("Main winding open"),
  priorStartWinding: timesUsual("Start winding open"),
  priorShortedTurns: timesUsual("Shorted turns"),
  priorGroundFault: timesUsual("Ground fault"),
  priorProtector: timesUsual("Protector"),
  priorBearingWorn: timesUsual("Bearing worn"),
  priorBearingSeized: timesUsual("Bearing seized"),
  priorDrivenLoad: timesUsual("Driven load"),
  priorSupply: timesUsual("Supply"),
  priorWiring: timesUsual("Wiring"),
  priorControl: timesUsual("Control"),
} as const satisfies RuleGroup;
