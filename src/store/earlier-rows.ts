import type { StationRecord } from "@/records";
import type { VemmickDatabase } from "./vemmick-database";

/** An earlier visit to a motor, as it is kept. */
export interface EarlierRows {
  readonly at: string;
  readonly rows: readonly StationRecord[];
}

/** Visits to a motor before a moment, the oldest first, found by the motor's index; as they are kept. */
export async function readEarlierRows(db: VemmickDatabase, motor: string, before: string): Promise<readonly EarlierRows[]> {
  const found = await db.summaries.where("[motor+createdAt]").between([motor, ""], [motor, before], true, false).toArray();
  return Promise.all(
    found.map(async ({ id, createdAt }) => ({ at: createdAt, rows: await db.stations.where("travellerId").equals(id).toArray() })),
  );
}
