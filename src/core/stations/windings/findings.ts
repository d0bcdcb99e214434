import type { Finding } from "../../diagnosis";
import type { BoardAnswer, BoardUnderstanding, ThreeLeadAnswer } from "../../winding";
import type { Stamp } from "../contract";

type Weights = Extract<Finding, { test: "winding-ohms" }>["weights"];
type Outcome = keyof Weights;

/** What three readings come to, for the line-up; an open lead without a mark may be any of three. */
const THREE: Record<ThreeLeadAnswer["kind"], { readonly stamp: Stamp; readonly weights: Weights | null }> = {
  "need-more": { stamp: "not-done", weights: null },
  named: { stamp: "holds", weights: { good: 1 } },
  "equal-windings": { stamp: "noted", weights: { good: 1 } },
  "common-unclear": { stamp: "too-close", weights: null },
  "sum-off": { stamp: "too-close", weights: null },
  "impossible-open": { stamp: "too-close", weights: null },
  "lead-open": { stamp: "out", weights: { "common-open": 1, "main-open": 1, "start-open": 1 } },
  "all-open": { stamp: "out", weights: { "common-open": 1, "main-open": 1, "start-open": 1 } },
  shorted: { stamp: "out", weights: { shorted: 1 } },
  "all-near-zero": { stamp: "too-close", weights: null },
};
const OPEN_ROLE = { common: "common-open", run: "main-open", start: "start-open" } as const;

export function stampOfThree(answer: ThreeLeadAnswer): Stamp {
  return answer.kind === "named" && answer.sum.decision !== "holds" ? "too-close" : THREE[answer.kind].stamp;
}

export function findingsOfThree(answer: ThreeLeadAnswer): Finding[] {
  const weights = answer.kind === "lead-open" && answer.role !== null ? { [OPEN_ROLE[answer.role]]: 1 } : THREE[answer.kind].weights;
  return weights ? [{ test: "winding-ohms", weights }] : [];
}

/** What an answer says of the windings; null where its fault is one of another station (a grounded post, a capacitor). */
function outcomeOf({ structure: { fault, layout } }: BoardAnswer): Outcome | null {
  if (fault === null) return "good";
  if (fault.kind === "ground") return null;
  const cls = layout.elements[fault.element]?.cls;
  if (cls === "capacitor") return null;
  if (fault.kind === "short") return "shorted";
  return cls === "link" ? "common-open" : cls === "aux" ? "start-open" : "main-open";
}

/** Everything the answers that are left may mean, each for its chance. */
export function findingsOfBoard({ state, answers }: BoardUnderstanding): Finding[] {
  if (state === "empty" || state === "open" || state === "contradiction") return [];
  const weights: Partial<Record<Outcome, number>> = {};
  for (const answer of answers) {
    const outcome = outcomeOf(answer);
    if (outcome) weights[outcome] = (weights[outcome] ?? 0) + answer.probability;
  }
  const grounded = answers
    .filter(({ structure }) => structure.fault?.kind === "ground")
    .reduce((sum, { probability }) => sum + probability, 0);
  return [
    ...(Object.keys(weights).length > 0 ? [{ test: "winding-ohms" as const, weights }] : []),
    ...(grounded > 0.5 ? [{ test: "frame-ohms" as const, weights: { grounded: 1 } }] : []),
  ];
}

export function stampOfBoard({ state, answers }: BoardUnderstanding): Stamp {
  const isSound = answers[0]?.structure.fault === null;
  switch (state) {
    case "empty":
    case "open":
      return "not-done";
    case "contradiction":
    case "cannot-tell":
      return "too-close";
    case "settled":
    case "likely":
      return isSound ? "holds" : "out";
  }
}
