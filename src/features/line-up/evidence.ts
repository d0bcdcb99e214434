import type { Bearing, OutcomeKey, Standing, SuspectStanding } from "@/core/diagnosis";
import { COMPLAINT_WORDS, OUTCOME_WORDS, SUSPECT_WORDS } from "../vocabulary/words";

/** A finding in words; of a split one, the outcome with the most weight, called near the limit. */
function findingWords(bearing: Bearing): string {
  if (bearing.evidence.kind === "complaint") return COMPLAINT_WORDS[bearing.evidence.complaint].toLowerCase();
  const { finding } = bearing.evidence;
  const weights = Object.entries(finding.weights).sort(([, a], [, b]) => (b ?? 0) - (a ?? 0));
  const [outcome = "", weight = 0] = weights[0] ?? [];
  // Equal weights say no more than that something is open.
  if (weights.length > 1 && weight === weights[1]?.[1])
    return finding.test === "winding-ohms" ? "a lead without a path" : "reading at the limit";
  const words = OUTCOME_WORDS[`${finding.test}/${outcome}` as OutcomeKey];
  return (weight ?? 0) < 0.97 && weights.length > 1 ? `${words}, but too close to call` : words;
}

/** The few strongest reasons for and against a suspect. */
export function evidenceWords({ evidence }: SuspectStanding): { readonly forIt: string[]; readonly against: string[] } {
  const pick = (isFor: boolean): string[] =>
    [...new Set(evidence.filter(({ logWeight }) => logWeight > 0 === isFor).map(findingWords))].slice(0, 3);
  return { forIt: pick(true), against: pick(false) };
}

/** Why the likeliest suspect leads, as one sentence for the record. */
export function reasonFor(standing: Standing): string {
  const [top] = standing.suspects;
  if (!top) return "";
  const { forIt, against } = evidenceWords(top);
  const parts = [
    forIt.length > 0 ? `for it: ${forIt.join(", ")}` : null,
    against.length > 0 ? `against: ${against.join(", ")}` : null,
  ].filter((part) => part !== null);
  return parts.length > 0
    ? `${SUSPECT_WORDS[top.suspect]} leads; ${parts.join("; ")}.`
    : `${SUSPECT_WORDS[top.suspect]} leads by how often it is at fault on this type.`;
}
