import {
  TEST_TABLE,
  COMPLAINT_TABLE,
  HISTORY_TABLE,
  type Contradiction,
  type EvidenceSource,
  type Finding,
  type OutcomeKey,
  type OutcomeRow,
  type Pull,
  type Standing,
  type SuspectStanding,
} from "@/core/diagnosis";
import { mends, type ActionOffer } from "@/core/decision";
import { formatProbability } from "@/core/quantity";
import { HISTORY_WORDS, OUTCOME_WORDS, SUSPECT_WORDS } from "../vocabulary/words";
import { inSentence } from "../vocabulary/in-sentence";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

/** The outcome a finding most probably is, and its weight. */
function tellingOutcome({ weights }: Finding): { outcome: string; weight: number; isOpen: boolean } {
  const sorted = Object.entries(weights).sort(([, a], [, b]) => (b ?? 0) - (a ?? 0));
  const [outcome = "", weight = 0] = sorted[0] ?? [];
  // Equal weights say no more than that something is open.
  return { outcome, weight: weight ?? 0, isOpen: sorted.length > 1 && weight === sorted[1]?.[1] };
}

/** Out and far out are one sense: a part in between is no doubt. */
const senseOf = (outcome: string): string => (outcome === "far-out" ? "out" : outcome);
/** Chance of another outcome that is worth a word. */
const WORTH_DOUBTING = 0.03;

/** A finding in a few words; of a split one, the outcome with the most weight, called near the limit. */
export function findingWords(finding: Finding): string {
  const { outcome, weight, isOpen } = tellingOutcome(finding);
  if (isOpen) return finding.test === "winding-ohms" ? "a lead without a path" : "reading at the limit";
  const words = OUTCOME_WORDS[`${finding.test}/${outcome}` as OutcomeKey];
  const another = Object.entries(finding.weights).reduce(
    (sum, [each, share]) => sum + (senseOf(each) === senseOf(outcome) ? 0 : (share ?? 0)),
    0,
  );
  const isSplit = another > WORTH_DOUBTING * (another + weight);
  if (isSplit) return `${words}, but too close to call`;
  return finding.measured ? `${words}, by the figures of this run` : words;
}

/** Each kind of evidence in a few words. */
const KNOWN_WORDS: { readonly [Kind in EvidenceSource["kind"]]: (known: Extract<EvidenceSource, { kind: Kind }>) => string } = {
  complaint: ({ complaint }) => inSentence(COMPLAINT_WORDS[complaint]),
  // Of complaints made instead of one another, the first stands for all.
  unsaid: ({ unsaid: [first] }) => `nobody said “${first ? inSentence(COMPLAINT_WORDS[first]) : ""}”`,
  history: ({ history }) => inSentence(HISTORY_WORDS[history]),
  "ruled-out": ({ ruledOut }) => `ruled out: ${ruledOut.reason}`,
  finding: ({ finding }) => findingWords(finding),
};
const pullWords = ({ evidence }: Pull): string => (KNOWN_WORDS[evidence.kind] as (known: EvidenceSource) => string)(evidence);

/** Why a piece of evidence weighs as it does. */
function whyWords({ evidence }: Pull): string {
  if (evidence.kind === "complaint") return COMPLAINT_TABLE[evidence.complaint].why;
  if (evidence.kind === "unsaid")
    return "It would often be said of this fault; people leave things out, so it counts for less than what is said.";
  if (evidence.kind === "history") return HISTORY_TABLE[evidence.history].why;
  if (evidence.kind === "ruled-out") return "By ear or eye, by whoever was there.";
  const { finding } = evidence;
  if (finding.measured) return "Weighed by what this motor would draw with each fault, from its plate, ohms and capacitor.";
  const rows: Record<string, OutcomeRow> = TEST_TABLE[finding.test].outcomes;
  return rows[tellingOutcome(finding).outcome]?.why ?? "";
}

/** How much a piece of evidence moves the odds, in words. */
function strengthWords(logWeight: number): string {
  const times = Math.exp(Math.abs(logWeight));
  return times >= 20 ? "very strong" : times >= 5 ? "strong" : times >= 2 ? "some" : "slight";
}

/** The few strongest reasons for and against a suspect. */
export function evidenceWords({ evidence }: SuspectStanding): { readonly forIt: string[]; readonly against: string[] } {
  const pick = (isFor: boolean): string[] =>
    [...new Set(evidence.filter(({ logWeight }) => logWeight > 0 === isFor).map(pullWords))].slice(0, 3);
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
    words: pullWords(bearing),
    why: whyWords(bearing),
    strength: strengthWords(bearing.logWeight),
    isFor: bearing.logWeight > 0,
    finding: bearing.evidence.kind === "finding" ? bearing.evidence.finding : null,
  }));

/** Two findings that cannot both be the whole truth, and what to do about it. */
export function contradictionSentence({ suspect, speaksFor, speaksAgainst }: Contradiction): string {
  const name = inSentence(SUSPECT_WORDS[suspect]);
  const pair = new Set([speaksFor.test, speaksAgainst.test]);
  if (pair.has("capacitor-meter") && (pair.has("start-winding-amps") || pair.has("run-amps")) && speaksAgainst.test === "capacitor-meter")
    return "Passes cold, but the current says otherwise: the capacitor may fail under volts and heat, or a joint in its lead does not carry. Measure it running.";
  return `“${findingWords(speaksFor)}” speaks for ${name}, “${findingWords(speaksAgainst)}” against it. One was taken wrongly, or it comes and goes: repeat the cheaper of the two.`;
}

/** A suspect the work mends is worth a word from this chance on. */
const WORTH_NAMING = 0.1;

function reasonOf(standing: SuspectStanding): string {
  const { forIt, against } = evidenceWords(standing);
  const parts = [
    forIt.length > 0 ? `for it: ${forIt.join(", ")}` : null,
    against.length > 0 ? `against: ${against.join(", ")}` : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? `; ${parts.join("; ")}` : "; by how often it is at fault on this type";
}

const named = ({ suspect, probability }: SuspectStanding): string =>
  `${inSentence(SUSPECT_WORDS[suspect])} (${formatProbability(probability)})`;
const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1) ?? ""}`;
const capital = (text: string): string => text.replace(/^./, (letter) => letter.toUpperCase());

/**
 * Why this work and no other: the suspects it mends, each with its standing and its evidence; where a likelier one is left,
 * that is said too. The reason always speaks of the work proposed.
 */
export function reasonFor({ suspects }: Standing, work: Pick<ActionOffer, "action" | "also" | "cureProbability"> | undefined): string {
  const likely = suspects.filter(({ suspect, probability }) => suspect !== "no-fault" && probability >= WORTH_NAMING);
  const nothing = suspects.find(({ suspect }) => suspect === "no-fault");
  const top = suspects[0];
  if (!work || !top) return "";
  const mended = likely.filter(({ suspect }) => suspect !== "no-fault" && mends(work, suspect));
  const left = likely.filter((each) => !mended.includes(each));
  const isLeft = left[0] !== undefined && left[0].probability > (mended[0]?.probability ?? 0);
  const rest = isLeft ? ` Likelier by itself, and not mended by it: ${named(left[0] ?? top)}.` : "";
  if (mended.length === 0) {
    const sound = nothing ? `Nothing wrong with ${formatProbability(nothing.probability)}` : "";
    return `${sound}${likely.length > 0 ? `; else ${listed(likely.slice(0, 3).map(named))}` : ""}.`;
  }
  const [first] = mended;
  if (mended.length === 1 && first) return `${capital(named(first))}${reasonOf(first)}.${rest}`;
  return `${capital(listed(mended.slice(0, 4).map(named)))}: ${work.also === null ? "one work mends" : "the two works mend"} ${mended.length === 2 ? "both" : "all of them"} (${formatProbability(work.cureProbability)}).${first ? ` ${SUSPECT_WORDS[first.suspect]}${reasonOf(first)}.` : ""}${rest}`;
}
