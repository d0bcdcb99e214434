import type { DueKind } from "@/core/due";
import type { FollowUp } from "@/core/traveller";
import type { DueSpan } from "@/store/summaries";
import type { Summary } from "@/store/summary";

/** One follow-up with the card that asks for it. */
export interface DueRow extends FollowUp {
  readonly card: Summary;
}

export const DUE_WORDS: Record<DueKind, string> = {
  "recheck-capacitor": "Recheck capacitor",
  "recheck-decision": "Look again",
  "oil-bearings": "Oil sleeve bearings",
  "listen-bearings": "Listen to the bearings",
  "part-expected": "Part expected",
};

/** What the cards ask to be looked at again within some days, the soonest first. */
export const dueRows = (cards: readonly Summary[], { from, to }: DueSpan): DueRow[] =>
  cards
    .flatMap((card) => (card.line?.due ?? []).map((each): DueRow => ({ card, ...each })))
    .filter(({ on }) => on >= from && on <= to)
    .sort((a, b) => a.on.localeCompare(b.on));
