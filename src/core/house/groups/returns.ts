import type { NumberRule, RuleGroup } from "../rule";

/** Held against the table of works by a test: the default is what the table says of the work. */
const comesBack = (work: string, percent: number): NumberRule => ({
  kind: "number",
  label: `${work}: comes back, though it was the right work`,
  unit: "%",
  fallback: percent,
  min: 0.5,
  max: 60,
  source: "trade judgement of the table of works, until the house's own Ledger says better",
});

/** How often a work comes back within the weeks in which a customer would call. */
export const RETURNS_RULES = {
  returnsRunCapacitor: comesBack("Run capacitor replaced", 2),
  returnsStartCapacitor: comesBack("Start capacitor replaced", 3),
  returnsStartSwitch: comesBack("Start switch serviced", 12),
  returnsStartRelay: comesBack("Start relay replaced", 3),
  returnsBearings: comesBack("Bearings replaced", 7),
  returnsMotor: comesBack("Motor replaced", 2),
  returnsWiring: comesBack("Wiring or supply repaired", 5),
  returnsLoad: comesBack("Load freed", 8),
  returnsControl: comesBack("Control repaired", 5),
} as const satisfies RuleGroup;
