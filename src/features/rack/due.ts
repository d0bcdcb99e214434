import type { DueKind } from "@/core/due";
import type { FollowUp } from "@/core/traveller";
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
};

/** Everything the cards ask to be looked at again, up to a day (null: all of it), the soonest first. */
export const dueRows = (cards: readonly Summary[], until: string | null): DueRow[] =>
  cards
    .flatMap((card) => (card.line?.due ?? []).map((each): DueRow => ({ card, ...each })))
    .filter(({ on }) => until === null || on <= until)
    .sort((a, b) => a.on.localeCompare(b.on));
