import type { RuleGroup } from "../rule";

/** Figures of a run against the plate. */
export const RUNNING_RULES = {
  overloadPercent: {
    kind: "number",
    label: "Running amps above this part of the plate are out",
    unit: "%",
    fallback: 110,
    min: 100,
    max: 150,
    source: "house choice; service factor of many plates is 1.0 to 1.15",
  },
  underloadPercent: {
    kind: "number",
    label: "Running amps below this part of the plate are a finding",
    unit: "%",
    fallback: 60,
    min: 20,
    max: 90,
    source: "house choice; a loaded motor draws more: belt, wheel or flow is asked for",
  },
  supplyPercent: {
    kind: "number",
    label: "Supply may differ from the plate's volts by",
    unit: "%",
    fallback: 10,
    min: 2,
    max: 20,
    source: "IEC 60034-1, 7.3: a motor works within ±10 % of its rated volts",
  },
  supplyDropPercent: {
    kind: "number",
    label: "Volts may fall while it tries to start by",
    unit: "%",
    fallback: 12,
    min: 2,
    max: 30,
    source: "house choice; a sound small branch falls by a few percent",
  },
  slowStartS: {
    kind: "number",
    label: "A start longer than this is slow",
    unit: "s",
    fallback: 1.5,
    min: 0.3,
    max: 20,
    source: "locked-rotor current should fall within about a second; heavy wheels take longer",
  },
  shellBelowWindingK: {
    kind: "number",
    label: "The shell is cooler than the hottest spot of the winding by about",
    unit: "K",
    fallback: 35,
    min: 5,
    max: 80,
    source: "trade judgement for open and finned shells; resistance after the run tells exactly",
  },
} as const satisfies RuleGroup;
