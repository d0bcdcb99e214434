import { compareMoments, type Loose } from "@/core/kept";
import { applyChange, type Change, type RowKind } from "./change";
import { withUnsaved } from "./unsaved";

/**
 * Rows as this tab has them: as they were last read or written, with the changes that are on their way. A change is made on
 * such a row in the turn of the key, before the database answers.
 */
interface RowInHand {
  /** as it was last read or written */
  readonly base: Loose;
  /** made and not written yet, in the order of their keys */
  readonly onTheirWay: readonly Change[];
  /** when this tab last wrote it, ms; 0: never */
  readonly writtenMs: number;
}

const rows = new Map<string, RowInHand>();
const idOf = (kind: RowKind, key: string): string => `${kind}/${key}`;

/** A reading that began before the last write may arrive after it; so long an older row is no news. */
const LATE_READING_MS = 2000;

const isOlder = (row: Loose, than: Loose): boolean =>
  typeof row.updatedAt === "string" && typeof than.updatedAt === "string" && compareMoments(row.updatedAt, than.updatedAt) < 0;

/** The row as this tab has it: as it is kept, then what was refused, then what is on its way; undefined: it was never seen here. */
export function rowInHand(kind: RowKind, key: string): Loose | undefined {
  const known = rows.get(idOf(kind, key));
  const base = withUnsaved(kind, key, known?.base);
  return base && known ? known.onTheirWay.reduce<Loose>((row, change) => applyChange(row, change), base) : base;
}

/** Takes note of a row that was read. */
export function takeInHand(kind: RowKind, key: string, row: Loose): void {
  const id = idOf(kind, key);
  const known = rows.get(id);
  if (known && Date.now() - known.writtenMs < LATE_READING_MS && isOlder(row, known.base)) return;
  rows.set(id, { onTheirWay: [], writtenMs: 0, ...known, base: row });
}

/** Takes note of a change of a row that is in hand. */
export function beginChange(change: Change): void {
  const id = idOf(change.kind, change.key);
  const known = rows.get(id);
  if (known) rows.set(id, { ...known, onTheirWay: [...known.onTheirWay, change] });
}

/** The change is through: written as part of `row`, or refused (null). */
export function endChange(kind: RowKind, key: string, change: Change | null, row: Loose | null): void {
  const id = idOf(kind, key);
  const known = rows.get(id);
  const onTheirWay = known?.onTheirWay.filter((each) => each !== change) ?? [];
  if (row) rows.set(id, { base: row, onTheirWay, writtenMs: Date.now() });
  else if (known) rows.set(id, { ...known, onTheirWay });
}

/** Lets a row go: it is read anew before it is changed again. */
export function letRowGo(kind: RowKind, key: string): void {
  rows.delete(idOf(kind, key));
}
