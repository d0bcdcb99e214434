import { findingKey, whyTogether, type Finding, type SuspectStanding } from "@/core/diagnosis";
import { formatProbability } from "@/core/quantity";
import { isStationId, type StationId } from "@/core/stations";
import type { TravellerAssessment } from "@/core/traveller";
import { SUSPECT_WORDS } from "../vocabulary/words";
import { inSentence } from "../vocabulary/in-sentence";
import { contradictionSentence, evidenceLines, evidenceWords, findingWords } from "./evidence";

/** One line of a suspect's evidence. */
export interface EvidenceRow {
  readonly words: string;
  readonly why: string;
  readonly strength: string;
  readonly isFor: boolean;
  /** key by which it is left out; null: what was said, or not said, is changed where it was noted */
  readonly key: string | null;
  /** where it comes from */
  readonly station: StationId;
}

/** A suspect with its standing. */
export interface SuspectRow {
  readonly id: string;
  readonly name: string;
  readonly probability: number;
  readonly shown: string;
  /** how it stood with everything weighed, while something is left out; null: nothing is */
  readonly before: string | null;
  /** the strongest reasons either way; empty: there are none */
  readonly brief: string;
  readonly evidence: readonly EvidenceRow[];
}

/** The Line-up in words. */
export interface LineUpWords {
  /** pieces of evidence weighed */
  readonly known: number;
  readonly leftOut: readonly { readonly key: string; readonly words: string }[];
  readonly suspects: readonly SuspectRow[];
  /** two faults at once, where that is likely; null: it is not */
  readonly both: { readonly names: string; readonly shown: string; readonly why: string } | null;
  readonly contradictions: readonly { readonly key: string; readonly sentence: string }[];
}

const SHOWN = 5;
const LEAST = 0.02;
/** Two faults together are told from this chance on. */
const TOGETHER = 0.08;

/** Station that a piece of evidence comes from; what was said, or not said, comes from the complaint. */
const stationOfEvidence = (finding: Finding | null): StationId => (isStationId(finding?.from) ? finding.from : "complaint");

function briefOf(standing: SuspectStanding): string {
  const { forIt, against } = evidenceWords(standing);
  return [forIt.length > 0 ? `for: ${forIt.join(" · ")}` : "", against.length > 0 ? `against: ${against.join(" · ")}` : ""]
    .filter(Boolean)
    .join(" · ");
}

function suspectRow(standing: SuspectStanding, whole: TravellerAssessment | null): SuspectRow {
  const before = whole?.standing.suspects.find(({ suspect }) => suspect === standing.suspect)?.probability;
  return {
    id: standing.suspect,
    name: SUSPECT_WORDS[standing.suspect],
    probability: standing.probability,
    shown: formatProbability(standing.probability),
    before: before === undefined ? null : formatProbability(before),
    brief: briefOf(standing),
    evidence: evidenceLines(standing).map(({ finding, ...line }) => ({
      ...line,
      key: finding && findingKey(finding),
      station: stationOfEvidence(finding),
    })),
  };
}

function bothOf({ hypotheses }: TravellerAssessment["standing"]): LineUpWords["both"] {
  const [both] = hypotheses
    .filter(({ faults, probability }) => faults.length > 1 && probability >= TOGETHER)
    .sort((a, b) => b.probability - a.probability);
  if (!both) return null;
  const [first, second] = both.faults;
  const why = first && second ? whyTogether(first, second) : null;
  return {
    names: both.faults.map((fault) => inSentence(SUSPECT_WORDS[fault])).join(" and "),
    shown: formatProbability(both.probability),
    why: why ? `: ${why}.` : ".",
  };
}

/**
 * The suspects with their standing and their evidence, in words.
 * @param assessment what is weighed, without what a person left out
 * @param whole with every finding weighed, while some are left out; null: none is
 */
export function lineUpWords(assessment: TravellerAssessment, whole: TravellerAssessment | null): LineUpWords {
  const { standing, findings, facts, contradictions, leftOut } = assessment;
  return {
    known: findings.length + facts.complaints.length + facts.history.length + facts.ruledOut.length,
    leftOut: leftOut.map((finding) => ({ key: findingKey(finding), words: findingWords(finding) })),
    suspects: standing.suspects
      .filter(({ probability }, index) => index < SHOWN && probability >= LEAST)
      .map((each) => suspectRow(each, whole)),
    both: bothOf(standing),
    contradictions: contradictions.map((each) => ({
      key: `${findingKey(each.speaksFor)} ${each.suspect}`,
      sentence: contradictionSentence(each),
    })),
  };
}
