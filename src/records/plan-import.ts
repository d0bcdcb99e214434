import type { HouseRecord } from "./house-record";
import type { Part } from "./part-record";
import type { StationRecord } from "./station-record";
import type { Traveller } from "./traveller";
import type { VemmickFile } from "./vemmick-file";

/** What an import would do, before it does it. */
export interface ImportPlan {
  readonly newTravellers: readonly Traveller[];
  readonly changedTravellers: readonly Traveller[];
  /** travellers of the file whose every record here is the same or newer: left alone */
  readonly keptTravellers: number;
  readonly putTravellers: readonly Traveller[];
  readonly putStations: readonly StationRecord[];
  readonly putParts: readonly Part[];
  readonly putHouse: HouseRecord | null;
}

interface Present {
  readonly travellers: readonly Traveller[];
  readonly stations: readonly StationRecord[];
  readonly parts: readonly Part[];
  readonly house: HouseRecord | null;
}

function newerThanPresent<T extends { readonly id: string; readonly updatedAt: string }>(
  incoming: readonly T[],
  present: readonly T[],
): T[] {
  const known = new Map(present.map((record) => [record.id, record.updatedAt]));
  return incoming.filter((record) => (known.get(record.id) ?? "") < record.updatedAt);
}

/**
 * Merges by id and time: a record is taken when it is new here or newer than the one here; nothing is deleted.
 */
export function planImport(file: VemmickFile, present: Present): ImportPlan {
  const putTravellers = newerThanPresent(file.travellers, present.travellers);
  const putStations = newerThanPresent(file.stations, present.stations);
  const here = new Set<string>(present.travellers.map(({ id }) => id));
  const touched = new Set<string>([...putTravellers.map(({ id }) => id), ...putStations.map(({ travellerId }) => travellerId)]);
  const newTravellers = file.travellers.filter(({ id }) => !here.has(id));
  const changedTravellers = file.travellers.filter(({ id }) => here.has(id) && touched.has(id));
  const isHouseNewer = file.house !== null && file.house.updatedAt > (present.house?.updatedAt ?? "");
  return {
    newTravellers,
    changedTravellers,
    keptTravellers: file.travellers.length - newTravellers.length - changedTravellers.length,
    putTravellers,
    putStations,
    putParts: newerThanPresent(file.parts, present.parts),
    putHouse: isHouseNewer ? file.house : null,
  };
}

/** Whether the plan would write anything at all. */
export function isEmptyPlan(plan: ImportPlan): boolean {
  return plan.putTravellers.length === 0 && plan.putStations.length === 0 && plan.putParts.length === 0 && plan.putHouse === null;
}
