import { field, recordOf } from "../../fields";
import * as v from "valibot";
import { INSULATION_RULES } from "../../insulation";
import { EntrySchema, type Entry } from "../../quantity";
import { WINDING_GROUPS, type WindingGroup } from "../../winding";

/** The other side of a cell: another winding, or the bare frame. */
const CELL_ENDS = [...WINDING_GROUPS, "frame"] as const;
export type CellEnd = (typeof CELL_ENDS)[number];

/** Windings by how they are joined inside. Persisted: do not change without a migration. */
export const APART_SORTS = ["joined", "two", "halves"] as const;
export const APART: Record<(typeof APART_SORTS)[number], readonly WindingGroup[]> = {
  joined: ["all"],
  two: ["main", "start"],
  halves: ["half-1", "half-2", "start"],
};

export const insulationRecord = recordOf({
  /** tester first: leads together read zero, apart read infinity */
  together: field.reading("insulation"),
  apart: field.reading("insulation"),
  testV: field.always(["", "250", "500", "1000"], "500"),
  temperature: field.reading("temperature"),
  /** electronics and capacitors disconnected */
  isDisconnected: field.yesNo(),
  /** a compressor whose system is pumped down: no test voltage */
  isInVacuum: field.yesNo(),
  /** which windings stand apart, where the windings station does not say */
  joining: field.oneOf(APART_SORTS),
  rule: field.oneOf(INSULATION_RULES),
  cells: field.own(
    v.pipe(v.array(v.object({ a: v.picklist(CELL_ENDS), b: v.picklist(CELL_ENDS), entry: EntrySchema })), v.maxLength(40)),
    [],
  ),
  isDischarged: field.yesNo(),
  note: field.note(),
});
export type InsulationRecord = typeof insulationRecord.blank;

export const BLANK_INSULATION: InsulationRecord = insulationRecord.blank;

export const cellAt = (record: Pick<InsulationRecord, "cells">, a: CellEnd, b: CellEnd): Entry | null =>
  record.cells.find((cell) => cell.a === a && cell.b === b)?.entry ?? null;
