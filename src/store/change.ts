import { isLoose } from "@/core/kept";
import { valueAt, withValueAt, type RecordTypeName } from "@/records";

/** What may be changed row by row: every type of record, and what lies on the bench. */
export type RowKind = RecordTypeName | "bench";

/** The type of record whose bounds a row of a kind has. */
export const typeOf = (kind: RowKind): RecordTypeName => (kind === "bench" ? "station" : kind);

/** A change of one row as data, so that it can wait, be shown, and be made again on whatever the row has become. */
export interface Change {
  readonly kind: RowKind;
  readonly key: string;
  /** the whole row as it would be */
  readonly row: Readonly<Record<string, unknown>>;
  /** fields that were changed, as paths of at most two steps; the others are left as they are kept */
  readonly fields: readonly (readonly string[])[];
  /** of the record type the row was written as */
  readonly version: number;
  /** the row has nothing but the changed fields */
  readonly isSlim?: boolean;
  /** the row is not there yet, and is whole */
  readonly isNew?: boolean;
}

/** A change that is on its way into the tables. */
export interface JournalEntry extends Change {
  readonly id: string;
  /** the tab that is at it */
  readonly tab: string;
}

const DEPTH = 2;
/** Whether two rows, or parts of them, say the same. */
export const isSame = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** Fields in which two versions of a row differ. */
export function changedFields(before: unknown, after: unknown, path: readonly string[] = []): string[][] {
  if (isSame(before, after)) return [];
  if (path.length >= DEPTH || !isLoose(before) || !isLoose(after)) return [[...path]];
  const keys = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...keys].flatMap((key) => changedFields(before[key], after[key], [...path, key]));
}

/** A change with nothing of its row but the fields it changed: what lies beside them, photos among it, need not travel. */
export const slimChange = (change: Change): Change => ({
  ...change,
  row: change.fields.reduce<unknown>((row, field) => withValueAt(row, field, valueAt(change.row, field)), {}) as Change["row"],
  isSlim: true,
});

/** Makes a change on a row as it is kept now. Where the row has nothing round a field any more, what was round it comes along. */
export function applyChange<Row extends object>(row: Row, { row: wanted, fields }: Pick<Change, "row" | "fields">): Row {
  return fields
    .filter(([first]) => first !== "updatedAt")
    .map((field) => (isLoose(valueAt(row, field.slice(0, -1))) ? field : field.slice(0, 1)))
    .reduce<unknown>((current, field) => withValueAt(current, field, valueAt(wanted, field)), row) as Row;
}

/** Two changes of one row as one: every field either changed, as the later had it. */
export function mergeChanges(earlier: Change | undefined, later: Change): Change {
  if (!earlier) return later;
  const known = new Map([...earlier.fields, ...later.fields].map((field) => [field.join("\n"), field]));
  // The later row may have been made on an older one that the earlier change is not in yet.
  const row = applyChange(applyChange(later.row, earlier), later);
  return { ...later, row, fields: [...known.values()] };
}
