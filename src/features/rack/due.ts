import type { DueKind } from "@/core/due";
import { followUps, latestVisits, type FollowUp, type TravellerAssessment } from "@/core/traveller";
import { motorKey, type Traveller } from "@/records";
import type { KeptCard } from "@/store/queries";
import { visitDayOf } from "../vocabulary/clock";

/** One follow-up with the card that asks for it. */
export interface DueRow extends FollowUp {
  readonly traveller: Traveller;
}

export const DUE_WORDS: Record<DueKind, string> = {
  "recheck-capacitor": "Recheck capacitor",
  "recheck-decision": "Look again",
  "oil-bearings": "Oil sleeve bearings",
  "listen-bearings": "Listen to the bearings",
};

interface AssessedCard {
  readonly card: KeptCard;
  readonly assessment: TravellerAssessment;
}

/** Everything that is to be looked at again, the soonest first. */
export function dueRows(all: readonly AssessedCard[]): DueRow[] {
  const latest = latestVisits(all, ({ card: { traveller } }) => ({ motor: motorKey(traveller) ?? traveller.id, at: traveller.createdAt }));
  return latest
    .flatMap(({ card: { traveller, entries }, assessment }) =>
      followUps(entries, assessment.stations, visitDayOf(traveller)).map((each): DueRow => ({ traveller, ...each })),
    )
    .sort((a, b) => a.on.localeCompare(b.on));
}
