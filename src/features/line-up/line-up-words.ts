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
  /** chance that it is the only thing wrong; null: as good as the whole chance */
  readonly alone: string | null;
  /** how it stood with everything weighed, while something is left out; null: nothing is */
  readonly before: string | null;
  /** the strongest reasons either way; empty: there are none */
  readonly brief: string;
  readonly evidence: readonly EvidenceRow[];
}

/** The Line-up in words. */
export interface LineUpWords {
  /** pieces of evidence weighed */
  readonly known: number | null;
  readonly leftOut: readonly { readonly key: string; readonly words: string }[];
  readonly suspects: readonly SuspectRow[];
  /** said where the chances add up to more than everything, or where nothing is weighed; null: nothing to say */
  readonly note: string | null;
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

/** Chance that a suspect is the only thing wrong. */
function aloneOf({ suspect, probability }: SuspectStanding, { hypotheses }: TravellerAssessment["standing"]): number {
  if (suspect === "no-fault") return probability;
  return hypotheses.find(({ faults: [first, second] }) => first === suspect && second === undefined)?.probability ?? 0;
}
/** Less of a difference than this is not worth a word. */
const WORTH_ALONE = 0.05;

function suspectRow(standing: SuspectStanding, own: TravellerAssessment["standing"], whole: TravellerAssessment | null): SuspectRow {
  const alone = aloneOf(standing, own);
  const before = whole?.standing.suspects.find(({ suspect }) => suspect === standing.suspect)?.probability;
  return {
    id: standing.suspect,
    name: SUSPECT_WORDS[standing.suspect],
    probability: standing.probability,
    shown: formatProbability(standing.probability),
    alone: standing.probability - alone < WORTH_ALONE ? null : formatProbability(alone),
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

/** Chances that add up to more than this are told to be of several at a time. */
const MORE_THAN_ALL = 1.05;
const SEVERAL = "Several can be at fault at a time, so these add up to more than 100 %.";
const FOREIGN = "Nothing is weighed: this is not a motor that is judged here.";

/**
 * The suspects with their standing and their evidence, in words.
 * @param assessment what is weighed, without what a person left out
 * @param whole with every finding weighed, while some are left out; null: none is
 */
export function lineUpWords(assessment: TravellerAssessment, whole: TravellerAssessment | null): LineUpWords {
  const { standing, findings, facts, contradictions, leftOut } = assessment;
  // What stands alone comes first: the chance of being the only thing wrong orders the list.
  const shown = standing.suspects
    .filter(({ probability }, index) => index < SHOWN && probability >= LEAST)
    .sort((a, b) => aloneOf(b, standing) - aloneOf(a, standing));
  return {
    known: facts.notOurs !== null ? null : findings.length + facts.complaints.length + facts.history.length + facts.ruledOut.length,
    leftOut: leftOut.map((finding) => ({ key: findingKey(finding), words: findingWords(finding) })),
    suspects: shown.map((each) => suspectRow(each, standing, whole)),
    note: facts.notOurs !== null ? FOREIGN : shown.reduce((sum, { probability }) => sum + probability, 0) > MORE_THAN_ALL ? SEVERAL : null,
    both: bothOf(standing),
    contradictions: contradictions.map((each) => ({
      key: `${findingKey(each.speaksFor)} ${each.suspect}`,
      sentence: contradictionSentence(each),
    })),
  };
}
