import type { RuleGroup } from "../rule";

/** How ways on are weighed against one another. */
export const DECISION_RULES = {
  horizonYears: {
    kind: "number",
    label: "Costs are counted over",
    unit: "years",
    fallback: 5,
    min: 0.5,
    max: 20,
    source: "house choice",
  },
  motorLifeYears: {
    kind: "number",
    label: "A motor of this kind lives about",
    unit: "years",
    fallback: 12,
    min: 1,
    max: 40,
    source: "usual life of small motors at daily work",
  },
  harmOfWaitingPercent: {
    kind: "number",
    label: "Leaving a slow fault adds to its repair",
    unit: "%",
    fallback: 35,
    min: 0,
    max: 300,
    source: "trade judgement: a weak capacitor heats, a worn bearing wears the seat",
  },
  callbackDays: {
    kind: "number",
    label: "It came back within: the new card says so",
    unit: "days",
    fallback: 60,
    min: 1,
    max: 730,
    source: "house choice",
  },
  bearingsBoth: {
    kind: "choice",
    label: "Bearings, when the motor is open",
    options: [
      { id: "both", label: "Change both" },
      { id: "bad-one", label: "Only the bad one" },
    ],
    fallback: "both",
    source: "the other has run as long, and the bench time is paid once; only the bad one saves the price of one",
  },
  runFiguresSpread: {
    kind: "number",
    label: "Before and after agree within",
    unit: "%",
    fallback: 3,
    min: 0.5,
    max: 20,
    source: "two clamps of one kind, two runs of one motor",
  },
} as const satisfies RuleGroup;
