import { inSentence } from "@/features/vocabulary/in-sentence";
import { cardStanding, isReadyToFinish, type TravellerAssessment } from "@/core/traveller";
import { STATION_IDS } from "@/core/stations";
import type { EndId } from "@/core/job";
import type { HouseFigures } from "@/core/house";
import type { KeptCard } from "@/store/kept-card";
import type { CardLine } from "@/store/summary";
import { STATION_LABELS } from "../stations/labels";
import { nextMoveWords } from "../line-up/next-move-words";
import { statementsAt } from "../stations/registry";
import { stampWord } from "../stations/stamp-word";
import { END_WORDS } from "../vocabulary/end-words";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

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
  const standing = cardStanding(stations, action, card.traveller.finishedAt);
  const done = action ? ACTION_WORDS[action] : "Nothing decided";
  const decided = (end: EndId | null): string =>
    `${done}. ${card.traveller.finishedAt === null ? `Now ${next}.` : `Signed off${end === null ? "" : `: ${inSentence(END_WORDS[end])}`}.`}`;
  switch (standing.kind) {
    case "ended":
      return { complaint, stands: decided(standing.end), stamp: standing.stamp, stampWord: END_WORDS[standing.end] };
    case "decided":
      return {
        complaint,
        stands: decided(null),
        stamp: standing.stamp,
        stampWord: standing.isProofJudged ? `Prove: ${stampWord("prove", assessment).toLowerCase()}` : "Decided",
      };
    case "speaks": {
      const { station, stamp } = standing;
      const means = station === "prove" ? [] : statementsAt(station, card.entries[station]?.data, assessment, house);
      const detail = means.find(({ kind }) => kind === "means")?.text ?? "";
      return {
        complaint,
        stands: `${detail} ${next.charAt(0).toUpperCase()}${next.slice(1)}.`.trim(),
        stamp,
        stampWord: `${STATION_LABELS[station].title}: ${stampWord(station, assessment).toLowerCase()}`,
      };
    }
    case "under-way":
      return {
        complaint,
        stands: `${standing.done} of ${STATION_IDS.length} stations, ${next}.`,
        stamp: "not-done",
        stampWord: "Under way",
      };
  }
}
