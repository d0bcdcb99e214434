import { databaseName } from "./mock-place";
import type { Failure } from "@/core/result";
import { applyChange, mergeChanges, type Change, type RowKind } from "./change";

/** A change that the device did not take, and why. */
export interface Unsaved {
  readonly change: Change;
  readonly failure: Failure;
}

/** Pages change as a whole: the list is handed on through the tab's own memory, which a full disk does not stop. */
const SHELF = `${databaseName()}-unsaved`;

const idOf = ({ kind, key }: Pick<Change, "kind" | "key">): string => `${kind}/${key}`;
const NONE: readonly Unsaved[] = [];

function fromTab(): readonly Unsaved[] {
  try {
    const text = globalThis.sessionStorage?.getItem(SHELF);
    return text ? (JSON.parse(text) as readonly Unsaved[]) : NONE;
  } catch {
    return NONE;
  }
}

let list: readonly Unsaved[] | null = null;
/** Whether the tab's memory has the list as it is: then another page of the program has it too. */
let isHandedOn = true;
export const isUnsavedHandedOn = (): boolean => isHandedOn;
const listeners = new Set<() => void>();

/** What is not kept yet, one entry a row, the oldest first. */
export function unsaved(): readonly Unsaved[] {
  list ??= fromTab();
  return list;
}

export function subscribeUnsaved(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function setList(next: readonly Unsaved[]): void {
  list = next.length === 0 ? NONE : next;
  try {
    if (next.length === 0) globalThis.sessionStorage?.removeItem(SHELF);
    else globalThis.sessionStorage?.setItem(SHELF, JSON.stringify(next));
    isHandedOn = true;
  } catch {
    // No room even there: the list holds until the page is left, and leaving it asks first.
    isHandedOn = false;
  }
  listeners.forEach((listener) => listener());
}

/** Puts a refused change on the list; a row that is there already takes it up. */
export function addUnsaved(change: Change, failure: Failure): void {
  const known = unsaved().find((each) => idOf(each.change) === idOf(change));
  const merged = { change: mergeChanges(known?.change, change), failure };
  setList(known ? unsaved().map((each) => (each === known ? merged : each)) : [...unsaved(), merged]);
}

/** Takes a row off the list: it is kept now, or a person let it go. */
export function dropUnsaved(change: Pick<Change, "kind" | "key">): void {
  setList(unsaved().filter((each) => idOf(each.change) !== idOf(change)));
}

export const unsavedOf = (kind: RowKind, key: string): Unsaved | undefined =>
  unsaved().find(({ change }) => change.kind === kind && change.key === key);

/** A row as the person left it: as it is kept, with what is not kept yet. */
export function withUnsaved<Row extends object>(kind: RowKind, key: string, row: Row | undefined, from = unsaved()): Row | undefined {
  const waiting = from.find(({ change }) => change.kind === kind && change.key === key);
  if (!waiting) return row;
  return row ? applyChange(row, waiting.change) : (waiting.change.row as Row);
}

/** Rows of one kind as the person left them, with those that are not kept at all yet. */
export function allWithUnsaved<Row extends { readonly id: string }>(
  kind: RowKind,
  rows: readonly Row[],
  belongs: (row: Row) => boolean,
  from = unsaved(),
): readonly Row[] {
  const own = from.filter(({ change }) => change.kind === kind);
  if (own.length === 0) return rows;
  const known = new Set(rows.map(({ id }) => id));
  const more = own.filter(({ change }) => !known.has(change.key)).map(({ change }) => change.row as unknown as Row);
  return [...rows.map((row) => withUnsaved(kind, row.id, row, from) ?? row), ...more.filter(belongs)];
}
