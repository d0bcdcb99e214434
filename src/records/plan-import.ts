import { compareMoments } from "@/core/kept";
import type { RecordFault } from "@/core/result";
import { faultOf, onCard } from "./fit-record";
import type { FileReading } from "./read-file";
import type { Traveller, TravellerId } from "./traveller";
import { RECORD_TYPE_NAMES, RECORD_TYPES, type RecordTypeName } from "./versions";
import type { RecordLists } from "./vemmick-file";

/** What an import would do, before it does it. */
export interface ImportPlan {
  readonly newTravellers: readonly Traveller[];
  readonly changedTravellers: readonly Traveller[];
  /** travellers of the file whose every record here is the same or newer: left alone */
  readonly keptTravellers: number;
  /** records that would be written, by type */
  readonly put: RecordLists;
  /** of those, how many carry a time after now: the clock of the device that wrote them was ahead */
  readonly fromFuture: number;
  readonly shortened: readonly RecordFault[];
  readonly faults: readonly RecordFault[];
}

type Dated = { readonly id: string; readonly updatedAt: string };

/** What is known here of each record: its time. Whole rows are not needed to plan. */
export type Present = { readonly [Name in RecordTypeName]: ReadonlyMap<string, string> };

/** Clocks of two devices differ by so much without anybody having set them wrong [ms]. */
const CLOCKS_DIFFER_MS = 10 * 60_000;

/** Of records with one id the latest, in the order they came. */
function latest<T extends Dated>(records: readonly T[]): T[] {
  const byId = new Map<string, T>();
  for (const record of records) {
    const known = byId.get(record.id);
    if (!known || compareMoments(known.updatedAt, record.updatedAt) < 0) byId.set(record.id, record);
  }
  return [...byId.values()];
}

const newer = <T extends Dated>(incoming: readonly T[], present: ReadonlyMap<string, string>): T[] =>
  incoming.filter(({ id, updatedAt }) => compareMoments(present.get(id) ?? "", updatedAt) < 0);

/**
 * Merges by id and instant: a record is taken when it is new here or newer than the one here; nothing is deleted. A
 * station's record whose card is neither here nor in the file is named, not taken.
 * @param now the moment of the import, ISO 8601
 */
export function planImport({ records, shortened, faults }: FileReading, present: Present, now: string): ImportPlan {
  const travellers = latest(records.traveller);
  const inFile = new Set(travellers.map(({ id }) => id));
  const hasCard = ({ travellerId }: { readonly travellerId: TravellerId }): boolean =>
    inFile.has(travellerId) || present.traveller.has(travellerId);
  const put: RecordLists = {
    traveller: newer(travellers, present.traveller),
    station: newer(latest(records.station.filter(hasCard)), present.station),
    house: newer(latest(records.house), present.house),
    part: newer(latest(records.part), present.part),
  };
  const touched = new Set<string>([...put.traveller.map(({ id }) => id), ...put.station.map(({ travellerId }) => travellerId)]);
  const isHere = ({ id }: Traveller): boolean => present.traveller.has(id);
  const newTravellers = travellers.filter((traveller) => !isHere(traveller));
  const changedTravellers = travellers.filter((traveller) => isHere(traveller) && touched.has(traveller.id));
  const limit = new Date(Date.parse(now) + CLOCKS_DIFFER_MS).toISOString();
  return {
    newTravellers,
    changedTravellers,
    keptTravellers: travellers.length - newTravellers.length - changedTravellers.length,
    put,
    fromFuture: RECORD_TYPE_NAMES.flatMap((name): readonly Dated[] => put[name]).filter(
      ({ updatedAt }) => compareMoments(updatedAt, limit) > 0,
    ).length,
    shortened,
    faults: [
      ...faults,
      ...records.station.filter((row) => !hasCard(row)).map((row) => onCard(faultOf(RECORD_TYPES.station, row, "no-card"), row, new Map())),
    ],
  };
}

/** Whether the plan would write anything at all. */
export const isEmptyPlan = ({ put }: ImportPlan): boolean => RECORD_TYPE_NAMES.every((name) => put[name].length === 0);
