import { compareMoments } from "@/core/kept";
import type { RecordFault } from "@/core/result";
import { faultOf, onCard } from "./fit-record";
import type { FileReading } from "./read-file";
import { byType, cardOf, lineOf, RECORD_TYPE_NAMES, type RecordTypeName } from "./record-kinds";
import { mapLists, recordTypeOf, type DatedRow, type RecordLists } from "./record-types";
import type { Traveller } from "./traveller";

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

/** What is known here of each record: its time. Whole rows are not needed to plan. */
export type Present = { readonly [Name in RecordTypeName]: ReadonlyMap<string, string> };

/** Clocks of two devices differ by so much without anybody having set them wrong [ms]. */
const CLOCKS_DIFFER_MS = 10 * 60_000;

/** Of records with one id the latest, in the order they came. */
function latest<T extends DatedRow>(records: readonly T[]): T[] {
  const byId = new Map<string, T>();
  for (const record of records) {
    const known = byId.get(record.id);
    if (!known || compareMoments(known.updatedAt, record.updatedAt) < 0) byId.set(record.id, record);
  }
  return [...byId.values()];
}

const newer = <T extends DatedRow>(incoming: readonly T[], present: ReadonlyMap<string, string>): T[] =>
  incoming.filter(({ id, updatedAt }) => compareMoments(present.get(id) ?? "", updatedAt) < 0);

/**
 * Merges by id and instant: a record is taken when it is new here or newer than the one here; nothing is deleted. A
 * record whose card is neither here nor in the file is named, not taken.
 * @param now the moment of the import, ISO 8601
 */
export function planImport({ records, shortened, faults }: FileReading, present: Present, now: string): ImportPlan {
  const travellers = latest(records.traveller);
  const inFile = new Set<string>(travellers.map(({ id }) => id));
  const lines = new Set<string>(records.part.map(({ id }) => id));
  const isAtHome = (name: RecordTypeName, record: DatedRow): boolean => {
    const [card, line] = [cardOf(name, record), lineOf(name, record)];
    return (
      (card === null || inFile.has(card) || present.traveller.has(card)) && (line === null || lines.has(line) || present.part.has(line))
    );
  };
  const put = mapLists(records, (name, rows) => newer(latest(rows.filter((row) => isAtHome(name, row))), present[name]));
  const touched = new Set(RECORD_TYPE_NAMES.flatMap((name) => put[name].map((row) => cardOf(name, row))));
  const isHere = ({ id }: Traveller): boolean => present.traveller.has(id);
  const newTravellers = travellers.filter((traveller) => !isHere(traveller));
  const changedTravellers = travellers.filter((traveller) => isHere(traveller) && touched.has(traveller.id));
  const limit = new Date(Date.parse(now) + CLOCKS_DIFFER_MS).toISOString();
  return {
    newTravellers,
    changedTravellers,
    keptTravellers: travellers.length - newTravellers.length - changedTravellers.length,
    put,
    fromFuture: RECORD_TYPE_NAMES.flatMap((name): readonly DatedRow[] => put[name]).filter(
      ({ updatedAt }) => compareMoments(updatedAt, limit) > 0,
    ).length,
    shortened,
    faults: [
      ...faults,
      ...RECORD_TYPE_NAMES.flatMap((name) => {
        const type = recordTypeOf(name);
        const homeless = records[name].filter((row) => !isAtHome(name, row));
        return homeless.map((row) => onCard(type, faultOf(type, row, "no-card"), row, new Map()));
      }),
    ],
  };
}

/** Whether the plan would write anything at all. */
export const isEmptyPlan = ({ put }: ImportPlan): boolean => RECORD_TYPE_NAMES.every((name) => put[name].length === 0);

/** Cards that are named one by one. */
const SHOWN = 40;

/** What a plan would do, in counts and a few names: a long one need not leave the worker that made it. */
export interface ImportOutline {
  readonly newCards: number;
  readonly changedCards: number;
  readonly keptCards: number;
  /** the first of the new and the changed */
  readonly shown: readonly { readonly id: string; readonly machine: string; readonly site: string; readonly isNew: boolean }[];
  /** records that would be written, by type */
  readonly counts: Readonly<Record<RecordTypeName, number>>;
  readonly fromFuture: number;
  readonly shortened: readonly RecordFault[];
  readonly faults: readonly RecordFault[];
}

/** The outline of a plan. */
export function outlineOf(plan: ImportPlan): ImportOutline {
  const { newTravellers, changedTravellers, keptTravellers, put, fromFuture, shortened, faults } = plan;
  const cards = [...newTravellers.map((card) => ({ card, isNew: true })), ...changedTravellers.map((card) => ({ card, isNew: false }))];
  return {
    newCards: newTravellers.length,
    changedCards: changedTravellers.length,
    keptCards: keptTravellers,
    shown: cards.slice(0, SHOWN).map(({ card: { id, machine, site }, isNew }) => ({ id, machine, site, isNew })),
    counts: byType<Record<RecordTypeName, number>>((name) => put[name].length),
    fromFuture,
    shortened,
    faults,
  };
}
