import { UNSET_HOUSE, type HouseRecord } from "@/records";
import { changeRow } from "./change-row";
import { rowInHand } from "./in-hand";

/** Changes house rules; only what was set differs from the defaults. */
export async function updateHouse(change: (house: HouseRecord, at: string) => HouseRecord): Promise<boolean> {
  return changeRow("house", UNSET_HOUSE.id, (row, at) => ({ ...change(row as HouseRecord, at) }));
}

/** The house's own record as this tab last saw or changed it. */
export const houseInHand = (): HouseRecord | undefined => rowInHand("house", UNSET_HOUSE.id) as HouseRecord | undefined;
