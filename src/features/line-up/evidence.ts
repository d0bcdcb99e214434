import {
  TEST_TABLE,
  COMPLAINT_TABLE,
  type Contradiction,
  type Finding,
  type OutcomeKey,
  type OutcomeRow,
  type Standing,
  type SuspectStanding,
} from "@/core/diagnosis";
import { COMPLAINT_WORDS, OUTCOME_WORDS, SUSPECT_WORDS } from "../vocabulary/words";

type Bearing = SuspectStanding["evidence"][number];

/** The outcome a finding most probably is, and its weight. */
function tellingOutcome({ weights }: Finding): { outcome: string; weight: number; isOpen: boolean } {
  const sorted = Object.entries(weights).sort(([, a], [, b]) => (b ?? 0) - (a ?? 0));
  const [outcome = "", weight = 0] = sorted[0] ?? [];
  // Equal weights say no more than that something is open.
  return { outcome, weight: weight ?? 0, isOpen: sorted.length > 1 && weight === sorted[1]?.[1] };
}

/** A finding in a few words; of a split one, the outcome with the most weight, called near the limit. */
export function findingWords(finding: Finding): string {
  const { outcome, weight, isOpen } = tellingOutcome(finding);
  if (isOpen) return finding.test === "winding-ohms" ? "a lead without a path" : "reading at the limit";
  const words = OUTCOME_WORDS[`${finding.test}/${outcome}` as OutcomeKey];
  const isSplit = weight < 0.97 && Object.keys(finding.weights).length > 1;
  if (isSplit) return `${words}, but too close to call`;
  return finding.measured ? `${words}, by the figures of this run` : words;
}

const bearingWords = ({ evidence }: Bearing): string =>
  evidence.kind === "complaint" ? COMPLAINT_WORDS[evidence.complaint].toLowerCase() : findingWords(evidence.finding);

/** Why a piece of evidence weighs as it does. */
export function whyWords({ evidence }: Bearing): string {
  if (evidence.kind === "complaint") return COMPLAINT_TABLE[evidence.complaint].why;
  const { finding } = evidence;
  if (finding.measured) return "Weighed by what this motor would draw with each fault, from its plate, ohms and capacitor.";
  const rows: Record<string, OutcomeRow> = TEST_TABLE[finding.test].outcomes;
  return rows[tellingOutcome(finding).outcome]?.why ?? "";
}

/** How much a piece of evidence moves the odds, in words. */
export function strengthWords(logWeight: number): string {
  const times = Math.exp(Math.abs(logWeight));
  return times >= 20 ? "very strong" : times >= 5 ? "strong" : times >= 2 ? "some" : "slight";
}

/** The few strongest reasons for and against a suspect. */
export function evidenceWords({ evidence }: SuspectStanding): { readonly forIt: string[]; readonly against: string[] } {
  const pick = (isFor: boolean): string[] =>
    [...new Set(evidence.filter(({ logWeight }) => logWeight > 0 === isFor).map(bearingWords))].slice(0, 3);
  return { forIt: pick(true), against: pick(false) };
}

/** One line of a suspect's evidence. */
export interface EvidenceLine {
  readonly words: string;
  readonly why: string;
  readonly strength: string;
  readonly isFor: boolean;
  /** null: a complaint, which is not left out but changed where it was noted */
  readonly finding: Finding | null;
}

/** All evidence on one suspect, the weightiest first. */
export const evidenceLines = ({ evidence }: SuspectStanding): EvidenceLine[] =>
  evidence.map((bearing) => ({
    words: bearingWords(bearing),
    why: whyWords(bearing),
    strength: strengthWords(bearing.logWeight),
    isFor: bearing.logWeight > 0,
    finding: bearing.evidence.kind === "finding" ? bearing.evidence.finding : null,
  }));

/** Two findings that cannot both be the whole truth, and what to do about it. */
export function contradictionSentence({ suspect, speaksFor, speaksAgainst }: Contradiction): string {
  const name = SUSPECT_WORDS[suspect].toLowerCase();
  const pair = new Set([speaksFor.test, speaksAgainst.test]);
  if (pair.has("capacitor-meter") && (pair.has("start-winding-amps") || pair.has("run-amps")) && speaksAgainst.test === "capacitor-meter")
    return "Passes cold, but the current says otherwise: the capacitor may fail under volts and heat, or a joint in its lead does not carry. Measure it running.";
  return `“${findingWords(speaksFor)}” speaks for ${name}, “${findingWords(speaksAgainst)}” against it. One was taken wrongly, or it comes and goes: repeat the cheaper of the two.`;
}

/** A second suspect this likely is at fault beside the first. */
const ALSO_AT_FAULT = 0.5;

function reasonOf(standing: SuspectStanding): string {
  const { forIt, against } = evidenceWords(standing);
  const parts = [
    forIt.length > 0 ? `for it: ${forIt.join(", ")}` : null,
    against.length > 0 ? `against: ${against.join(", ")}` : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? `; ${parts.join("; ")}.` : " by how often it is at fault on this type.";
}

/** Why the likeliest suspect leads, and why another is at fault beside it, for the record. */
export function reasonFor(standing: Standing): string {
  const [top, second] = standing.suspects;
  if (!top) return "";
  const also =
    second && second.suspect !== "no-fault" && second.probability >= ALSO_AT_FAULT
      ? ` ${SUSPECT_WORDS[second.suspect]} too${reasonOf(second)}`
      : "";
  return `${SUSPECT_WORDS[top.suspect]} leads${reasonOf(top)}${also}`;
}
