import type { RecordTypeName } from "../record-kinds";
import { recordTypeOf, type DatedRow } from "../record-types";

/** Fields that are each device's own, though they stand on a record of the team: they are neither compared nor taken. */
export const OWN_FIELDS: Readonly<Partial<Record<RecordTypeName, readonly string[]>>> = {
  house: ["meter", "technician", "hasLetterKeys"],
};

/** A row without the moment it was changed at and without what is each device's own, its fields in one order. */
export function sharedPart(name: RecordTypeName, row: DatedRow): readonly (readonly [string, unknown])[] {
  const own = OWN_FIELDS[name] ?? [];
  return Object.entries(row)
    .filter(([field]) => field !== "updatedAt" && !own.includes(field))
    .sort(([a], [b]) => (a < b ? -1 : 1));
}

/** A row of another device with what is this one's own; nothing of theirs where this one has none yet. */
export function withOwn(name: RecordTypeName, theirs: DatedRow, mine: DatedRow | undefined): DatedRow {
  const own = OWN_FIELDS[name];
  if (own === undefined) return theirs;
  const kept = Object.fromEntries(Object.entries(mine ?? recordTypeOf(name).blank(theirs.id)).filter(([field]) => own.includes(field)));
  return { ...theirs, ...kept };
}
