import type { RuleGroup } from "../rule";

/** What counts as dead, and how a capacitor is discharged. */
export const SAFETY_RULES = {
  dischargeResistorOhm: {
    kind: "number",
    label: "Discharge resistor",
    unit: "Ω",
    fallback: 15000,
    min: 100,
    max: 1000000,
    source: "usual 10 to 20 kΩ",
  },
  dischargeResistorW: {
    kind: "number",
    label: "Discharge resistor, rated power",
    unit: "W",
    fallback: 5,
    min: 0.25,
    max: 100,
    source: "usual wire-wound resistor",
  },
  shortUpToUf: {
    kind: "number",
    label: "Shorting with a screwdriver is not done above",
    unit: "µF",
    fallback: 80,
    min: 0,
    max: 1000,
    source: "trade habit for small run parts; 0 forbids it",
  },
  safeVolts: {
    kind: "number",
    label: "Voltage at or below which a conductor counts as dead",
    unit: "V",
    fallback: 30,
    min: 5,
    max: 50,
    source: "below the 34 V of IEC 60335-1 for touchable pins",
  },
} as const satisfies RuleGroup;
