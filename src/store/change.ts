import { isLoose, type RecordTypeName } from "@/records";

/** What may be changed row by row: every type of record, and what lies on the bench. */
export type RowKind = RecordTypeName | "bench";

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
}

/** A change that is on its way into the tables. */
export interface JournalEntry extends Change {
  readonly id: string;
  /** the tab that is at it */
  readonly tab: string;
}

const DEPTH = 2;
const isSame = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** Fields in which two versions of a row differ. */
export function changedFields(before: unknown, after: unknown, path: readonly string[] = []): string[][] {
  if (isSame(before, after)) return [];
  if (path.length >= DEPTH || !isLoose(before) || !isLoose(after)) return [[...path]];
  const keys = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...keys].flatMap((key) => changedFields(before[key], after[key], [...path, key]));
}

function withField(value: Readonly<Record<string, unknown>>, [key, ...rest]: readonly string[], from: unknown): Record<string, unknown> {
  if (key === undefined || !isLoose(from)) return { ...value };
  if (rest.length === 0) return { ...value, [key]: from[key] };
  const inner = value[key];
  return { ...value, [key]: isLoose(inner) ? withField(inner, rest, from[key]) : from[key] };
}

/** A change with nothing of its row but the fields it changed: what lies beside them, photos among it, need not travel. */
export function slimChange(change: Change): Change {
  const row: Record<string, Record<string, unknown> | unknown> = {};
  for (const [first, second] of change.fields) {
    if (first === undefined) continue;
    const from = change.row[first];
    if (second === undefined || !isLoose(from)) row[first] = from;
    else row[first] = { ...(isLoose(row[first]) ? row[first] : {}), [second]: from[second] };
  }
  return { ...change, row, isSlim: true };
}

/** Makes a change on a row as it is kept now. */
export function applyChange<Row extends object>(row: Row, { row: wanted, fields }: Pick<Change, "row" | "fields">): Row {
  return fields
    .filter(([first]) => first !== "updatedAt")
    .reduce<Record<string, unknown>>((current, field) => withField(current, field, wanted), { ...row } as Record<string, unknown>) as Row;
}

/** Two changes of one row as one: every field either changed, as the later had it. */
export function mergeChanges(earlier: Change | undefined, later: Change): Change {
  if (!earlier) return later;
  const known = new Map([...earlier.fields, ...later.fields].map((field) => [field.join("\n"), field]));
  // The later row may have been made on an older one that the earlier change is not in yet.
  const row = applyChange(applyChange(later.row, earlier), later);
  return { ...later, row, fields: [...known.values()] };
}
