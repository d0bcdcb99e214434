import type { RuleGroup } from "../rule";

/** How long things are kept. */
export const KEEPING_RULES = {
  papersDays: {
    kind: "number",
    label: "Papers are kept, and what was taken away can be brought back",
    unit: "days",
    fallback: 400,
    min: 30,
    max: 3650,
    source: "usual practice: a year, and time to close it",
  },
} as const satisfies RuleGroup;
