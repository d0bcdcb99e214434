import { waysOn } from "@/core/decision";
import { END_TABLE, isAfterWork, type EndId } from "@/core/job";
import { isReadyToFinish, isWorkDone, type TravellerAssessment } from "@/core/traveller";
import { formatNumber, formatProbability } from "@/core/quantity";
import { END_SENTENCES, END_WORDS } from "../vocabulary/end-words";
import { workWords } from "../vocabulary/decision-words";
import { lineUpWords, type LineUpWords } from "./line-up-words";
import { nextMoveWords, otherMoves, outcomeLines, proofDoubtsOf, type NextMoveWords, type OtherMove } from "./next-move-words";

/** What is to be done now, in words. */
export type NextWords =
  | { readonly kind: "sign-off"; readonly end: EndId; readonly words: string }
  /** the proof speaks against the decision: nothing is signed off over that */
  | { readonly kind: "contradicted"; readonly doubts: readonly string[]; readonly move: NextMoveWords | null }
  | {
      readonly kind: "go";
      readonly move: NextMoveWords;
      /** what each likely outcome would mean */
      readonly outcomes: readonly string[];
      readonly others: readonly OtherMove[];
    };

/** A way on, in one row. */
export interface StopRow {
  readonly work: string;
  readonly cost: string;
  readonly cures: string;
}

/** The case in words, as plain data: it is made away from the screen that shows it. */
export interface CaseWords {
  readonly next: NextWords;
  readonly lineUp: LineUpWords;
  /** what it would cost, and cure, to stop now; the best first */
  readonly stop: readonly StopRow[];
}

function nextWords(assessment: TravellerAssessment): NextWords {
  const { end } = assessment.stations.end.detail;
  if (end !== null && isReadyToFinish(assessment)) return { kind: "sign-off", end, words: `${END_WORDS[end]}. ${END_SENTENCES[end]}` };
  const doubts = proofDoubtsOf(assessment);
  // An end that needs no proof is not held up by one.
  const { isOpenAgain, next } = assessment;
  const isAtProof = isOpenAgain || (next.kind === "order" && isAfterWork(next.station));
  if (doubts.length > 0 && isAtProof && (end === null || END_TABLE[end].isWorkDone))
    return { kind: "contradicted", doubts, move: isOpenAgain ? nextMoveWords(assessment) : null };
  return { kind: "go", move: nextMoveWords(assessment), outcomes: outcomeLines(assessment), others: otherMoves(assessment) };
}

const STOPS_SHOWN = 3;

/** Ways to stop now that may be right. */
function stopRows(assessment: TravellerAssessment): readonly StopRow[] {
  return (isWorkDone(assessment) ? [] : waysOn(assessment.actions)).slice(0, STOPS_SHOWN).map((offer) => ({
    work: workWords(offer),
    // A likely cost is no price: it has no cents.
    cost: formatNumber(offer.cost, 0),
    cures: formatProbability(offer.cureProbability),
  }));
}

/**
 * The case of a card in words.
 * @param assessment what is weighed, without what a person left out
 * @param whole with every finding weighed, while some are left out; null: none is
 */
export function caseWords(assessment: TravellerAssessment, whole: TravellerAssessment | null): CaseWords {
  return {
    next: nextWords(assessment),
    lineUp: lineUpWords(assessment, whole),
    stop: stopRows(assessment),
  };
}
