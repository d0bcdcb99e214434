import type { EarlierVisit } from "@/core/station";
import type { StationRecord, Traveller, TravellerId } from "@/records";
import { toEntries, toVisit, type KeptCard } from "@/store/kept-card";
import { motorOf } from "@/store/summary";

/** Every card with its earlier visits, the last touched first; each row is read once. */
export function joinCards(travellers: readonly Traveller[], rows: readonly StationRecord[]): readonly KeptCard[] {
  const rowsOf = new Map<TravellerId, StationRecord[]>();
  for (const row of rows) {
    const own = rowsOf.get(row.travellerId);
    if (own) own.push(row);
    else rowsOf.set(row.travellerId, [row]);
  }
  const visits = new Map<string, { readonly id: TravellerId; readonly visit: EarlierVisit }[]>();
  for (const traveller of [...travellers].sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1))) {
    const motor = motorOf(traveller);
    visits.set(motor, [
      ...(visits.get(motor) ?? []),
      { id: traveller.id, visit: toVisit(traveller.createdAt, rowsOf.get(traveller.id) ?? []) },
    ]);
  }
  return travellers.map((traveller) => ({
    traveller,
    entries: toEntries(rowsOf.get(traveller.id) ?? []),
    earlier: (visits.get(motorOf(traveller)) ?? []).filter(({ visit }) => visit.at < traveller.createdAt).map(({ visit }) => visit),
  }));
}
