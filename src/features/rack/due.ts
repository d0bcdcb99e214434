import type { ActionId } from "@/core/trade";
import { dueOn, isStillDue, type Due, type DueKind } from "@/core/due";
import type { TravellerAssessment } from "@/core/traveller";
import { STATION_IDS, type StationId } from "@/core/stations";
import { motorKey, type Traveller } from "@/records";
import type { KeptCard } from "@/store/queries";
import { visitDayOf } from "../vocabulary/clock";

/** One follow-up with its day and the card that asks for it. */
export interface DueRow {
  readonly traveller: Traveller;
  readonly station: StationId;
  readonly method: string | null;
  readonly kind: DueKind;
  /** `YYYY-MM-DD` */
  readonly on: string;
}

export const DUE_WORDS: Record<DueKind, string> = {
  "recheck-capacitor": "Recheck capacitor",
  "recheck-decision": "Look again",
  "oil-bearings": "Oil sleeve bearings",
  "listen-bearings": "Listen to the bearings",
};

/** Way of working at the station behind a follow-up. */
const METHODS: Partial<Record<DueKind, string>> = { "oil-bearings": "upkeep", "listen-bearings": "upkeep" };

interface Assessed {
  readonly card: KeptCard;
  readonly assessment: TravellerAssessment;
}

/** The last visit to each motor: what it asks for takes the place of what earlier ones asked. */
function latestVisits(all: readonly Assessed[]): Assessed[] {
  const latest = new Map<string, Assessed>();
  for (const each of all) {
    const { traveller } = each.card;
    const key = motorKey(traveller) ?? traveller.id;
    const known = latest.get(key);
    if (!known || known.card.traveller.createdAt < traveller.createdAt) latest.set(key, each);
  }
  return [...latest.values()];
}

/** Everything that is to be looked at again, the soonest first. */
export function dueRows(all: readonly Assessed[]): DueRow[] {
  return latestVisits(all)
    .flatMap(({ card: { traveller, entries }, assessment }) => {
      const decided = entries.decide?.data as { action?: ActionId | null; also?: ActionId | null } | undefined;
      const actions = [decided?.action ?? null, decided?.also ?? null];
      const visitDay = visitDayOf(traveller);
      return STATION_IDS.flatMap((station) =>
        (assessment.stations[station].due ?? [])
          .filter((due) => isStillDue(due, actions))
          .map((due: Due): DueRow => ({ traveller, station, method: METHODS[due.kind] ?? null, kind: due.kind, on: dueOn(due, visitDay) })),
      );
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}
