import { toHouseFigures } from "@/core/house";
import { assessTraveller, type StationEntries } from "@/core/stations";
import { demoRecords } from "@/records/demo";

/** Every card of the demo with its records, as it stands on a day. */
export function demoCards(now: Date) {
  const { travellers, stations } = demoRecords(now);
  return travellers.map((traveller) => {
    const rows = stations.filter(({ travellerId }) => travellerId === traveller.id);
    const entries = Object.fromEntries(
      rows.map((row) => [row.stationId, { data: row.data, skippedReason: row.skippedReason }]),
    ) as StationEntries;
    return { traveller, entries, assessment: assessTraveller(entries, toHouseFigures({})) };
  });
}

/** One of them by its id. */
export function demoCard<T extends { readonly traveller: { readonly id: string } }>(cards: readonly T[], id: string): T {
  const card = cards.find(({ traveller }) => traveller.id === `demo-${id}`);
  if (!card) throw new Error(`the demo has no card ${id}`);
  return card;
}
