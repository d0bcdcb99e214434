import type { RuleGroup } from "../rule";

/** What the next move may ask for. */
export const INSTRUMENTS_RULES = {
  ownsCapacitanceMeter: {
    kind: "yes-no",
    label: "Meter with capacitance",
    fallback: true,
    source: "what the next move may ask for",
  },
  ownsClamp: {
    kind: "yes-no",
    label: "Clamp meter",
    fallback: true,
    source: "what the next move may ask for",
  },
  ownsInsulationTester: {
    kind: "yes-no",
    label: "Insulation tester",
    fallback: true,
    source: "what the next move may ask for",
  },
  ownsTachometer: {
    kind: "yes-no",
    label: "Tachometer, or lamp and mark for a slip count",
    fallback: true,
    source: "what the next move may ask for",
  },
} as const satisfies RuleGroup;
