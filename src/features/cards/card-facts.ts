import { inSentence } from "@/features/vocabulary/in-sentence";
import type { TravellerAssessment } from "@/core/traveller";
import { STATION_IDS, type StationId } from "@/core/stations";
import type { EndId } from "@/core/job";
import type { HouseFigures } from "@/core/house";
import type { KeptCard } from "@/store/kept-card";
import type { CardLine } from "@/store/summary";
import { STATION_LABELS } from "../stations/labels";
import { nextMoveWords } from "../line-up/next-move-words";
import { isReadyToFinish } from "@/core/traveller";
import { statementsAt } from "../stations/registry";
import { stampWord } from "../stations/stamp-word";
import { END_WORDS } from "../vocabulary/end-words";
import { ACTION_WORDS, COMPLAINT_WORDS } from "../vocabulary/list-words";

/** The station that speaks for the card: the worst stamp, the latest of those. */
function loudest(assessment: TravellerAssessment): StationId | null {
  for (const stamp of ["out", "contradicts", "too-close", "open"] as const) {
    const found = STATION_IDS.findLast((id) => id !== "make-safe" && assessment.stations[id].stamp === stamp);
    if (found) return found;
  }
  return null;
}

/**
 * The end that a card came to: all it asks for is there. A card that was signed off before ends were noted has the one that its
 * proof bears out.
 */
export function endOfCard(card: KeptCard, { stations }: TravellerAssessment): EndId | null {
  const { end, lacks } = stations.end.detail;
  return end !== null && lacks.length === 0 && (card.traveller.finishedAt !== null || stations.prove.stamp === "holds") ? end : null;
}

/** Where a card stands, in words. */
export function cardFacts(
  card: KeptCard,
  assessment: TravellerAssessment,
  house: HouseFigures,
): Pick<CardLine, "complaint" | "stands" | "stamp" | "stampWord"> {
  const { stations, facts } = assessment;
  const said = card.entries.complaint?.data.said.trim() ?? "";
  const complaint = facts.complaints.map((id) => COMPLAINT_WORDS[id]).join(", ") || said || "No complaint noted";
  const action = card.entries.decide?.data.action ?? null;
  const next = isReadyToFinish(assessment) ? "ready to sign off" : `next: ${inSentence(nextMoveWords(assessment).title)}`;
  const speaks = loudest(assessment);
  const means = speaks && speaks !== "prove" ? statementsAt(speaks, card.entries[speaks]?.data, assessment, house) : [];
  const detail = means.find(({ kind }) => kind === "means")?.text ?? "";
  if (card.traveller.finishedAt !== null || action) {
    const { stamp } = stations.prove;
    const isJudged = stamp === "out" || stamp === "too-close";
    const end = endOfCard(card, assessment);
    const done = action ? ACTION_WORDS[action] : "Nothing decided";
    return {
      complaint,
      stands: `${done}. ${card.traveller.finishedAt === null ? `Now ${next}.` : `Signed off${end === null ? "" : `: ${inSentence(END_WORDS[end])}`}.`}`,
      ...(end !== null
        ? { stamp: stations.end.stamp === "holds" ? ("holds" as const) : ("noted" as const), stampWord: END_WORDS[end] }
        : {
            stamp: isJudged ? stamp : ("noted" as const),
            stampWord: isJudged ? `Prove: ${stampWord("prove", assessment).toLowerCase()}` : "Decided",
          }),
    };
  }
  if (speaks) {
    return {
      complaint,
      stands: `${detail} ${next.charAt(0).toUpperCase()}${next.slice(1)}.`.trim(),
      stamp: stations[speaks].stamp,
      stampWord: `${STATION_LABELS[speaks].title}: ${stampWord(speaks, assessment).toLowerCase()}`,
    };
  }
  const done = STATION_IDS.filter((id) => stations[id].stamp !== "not-done").length;
  return {
    complaint,
    stands: `${done} of ${STATION_IDS.length} stations, ${next}.`,
    stamp: "not-done",
    stampWord: "Under way",
  };
}
