import * as v from "valibot";
import { INSULATION_RULES } from "../../insulation";
import { EntrySchema, type Entry } from "../../quantity";
import { NoteSchema } from "../../station";
import { WINDING_GROUPS, type WindingGroup } from "../../winding";

const entry = v.nullable(EntrySchema);
/** The other side of a cell: another winding, or the bare frame. */
export const CELL_ENDS = [...WINDING_GROUPS, "frame"] as const;
export type CellEnd = (typeof CELL_ENDS)[number];

/** Windings by how they are joined inside. Persisted: do not change without a migration. */
export const APART_SORTS = ["joined", "two", "halves"] as const;
export const APART: Record<(typeof APART_SORTS)[number], readonly WindingGroup[]> = {
  joined: ["all"],
  two: ["main", "start"],
  halves: ["half-1", "half-2", "start"],
};

export const InsulationRecordSchema = v.object({
  /** tester first: leads together read zero, apart read infinity */
  together: entry,
  apart: entry,
  testV: v.picklist(["", "250", "500", "1000"]),
  temperature: entry,
  /** electronics and capacitors disconnected */
  isDisconnected: v.nullable(v.boolean()),
  /** a compressor whose system is pumped down: no test voltage */
  isInVacuum: v.nullable(v.boolean()),
  /** which windings stand apart, where the windings station does not say */
  joining: v.nullable(v.picklist(APART_SORTS)),
  rule: v.nullable(v.picklist(INSULATION_RULES)),
  cells: v.pipe(v.array(v.object({ a: v.picklist(CELL_ENDS), b: v.picklist(CELL_ENDS), entry: EntrySchema })), v.maxLength(40)),
  isDischarged: v.nullable(v.boolean()),
  note: NoteSchema,
});
export type InsulationRecord = v.InferOutput<typeof InsulationRecordSchema>;

export const BLANK_INSULATION: InsulationRecord = {
  together: null,
  apart: null,
  testV: "500",
  temperature: null,
  isDisconnected: null,
  isInVacuum: null,
  joining: null,
  rule: null,
  cells: [],
  isDischarged: null,
  note: "",
};

export const cellAt = (record: Pick<InsulationRecord, "cells">, a: CellEnd, b: CellEnd): Entry | null =>
  record.cells.find((cell) => cell.a === a && cell.b === b)?.entry ?? null;
