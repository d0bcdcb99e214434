import type { StationRecord, Traveller, TravellerId } from "@/records";
import { motorOf } from "./summary";
import type { VemmickDatabase } from "./vemmick-database";

/** An earlier visit to a motor, as it is kept. */
export interface EarlierRows {
  readonly id: TravellerId;
  readonly at: string;
  readonly rows: readonly StationRecord[];
}

/** What a card's earlier visits are found by. */
export type VisitOf = Pick<Traveller, "id" | "machine" | "site" | "motor" | "createdAt" | "callbackOf">;

/**
 * Visits to a card's motor before it, the oldest first, found by the motor's index; as they are kept. The card it came back
 * from is one of them, whatever either is called.
 */
export async function readEarlierRows(db: VemmickDatabase, card: VisitOf): Promise<readonly EarlierRows[]> {
  const motor = motorOf(card);
  const named = await db.summaries.where("[motor+createdAt]").between([motor, ""], [motor, card.createdAt], true, false).toArray();
  const { callbackOf } = card;
  const before = callbackOf === null || named.some(({ id }) => id === callbackOf) ? undefined : await db.summaries.get(callbackOf);
  const found = before ? [...named, before].sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1)) : named;
  return Promise.all(
    found.map(async ({ id, createdAt }) => ({ id, at: createdAt, rows: await db.stations.where("travellerId").equals(id).toArray() })),
  );
}
