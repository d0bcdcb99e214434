import type { ActionId } from "../trade";
import { MEND_TABLE, MENDS, type MendId, type ReadPart } from "./mend-table";

/** What each decision changes at the motor, of what is read. A decision without a row changes nothing. */
const TOUCHED_BY: Readonly<Partial<Record<ActionId, readonly ReadPart[]>>> = {
  "replace-run-capacitor": ["capacitor", "running"],
  "replace-start-capacitor": ["capacitor", "running"],
  "service-start-switch": ["start-gear", "running"],
  "replace-start-relay": ["start-gear", "running"],
  "replace-bearings": ["bearings", "running"],
  "replace-motor": ["capacitor", "windings", "start-gear", "bearings", "frame", "running"],
  "repair-wiring-or-supply": ["supply", "running"],
  "free-load": ["running"],
  "repair-control": ["supply", "running"],
  "service-bearings": ["bearings", "running"],
  "dry-out": ["frame", "windings", "running"],
  "make-it-hold": ["running"],
  reconnect: ["windings", "frame", "supply", "running"],
};

/** What each exchange puts another part for. */
const EXCHANGED_BY: Readonly<Partial<Record<ActionId | MendId, readonly ReadPart[]>>> = {
  "replace-run-capacitor": ["capacitor"],
  "replace-start-capacitor": ["capacitor"],
  "replace-start-relay": ["start-gear"],
  "replace-bearings": ["bearings"],
  "replace-motor": ["capacitor", "windings", "start-gear", "bearings"],
};

/**
 * Whether a work puts another part where one of these was: what was described of it is not in there any more.
 * @param work a decision or a work without parts
 * @param parts what is read
 * @returns true where it is another one
 */
export const isExchangeOf = (work: ActionId | MendId, parts: readonly ReadPart[]): boolean =>
  EXCHANGED_BY[work]?.some((part) => parts.includes(part)) ?? false;

/** Decisions after which windings, leads or motor were handled: leads to the frame before power. */
const ASKS_FRAME: readonly ActionId[] = ["replace-motor", "replace-bearings", "repair-wiring-or-supply", "dry-out", "reconnect"];

/** Decisions that take the motor apart: its ledger comes first. */
export const OPENS_THE_MOTOR: readonly ActionId[] = ["replace-bearings", "service-start-switch"];

/**
 * Whether a decision changes something at motor, wiring or machine.
 * @param action what was decided
 * @returns false for what leaves it as it was
 */
export const isWork = (action: ActionId): boolean => TOUCHED_BY[action] !== undefined;

/** A work that was done, and when. */
export interface DoneWork {
  readonly work: ActionId | MendId;
  /** ISO 8601 */
  readonly at: string;
}

/** What of a record says which works were done. */
interface WorksRecord {
  /** exchanges, each with when its part went in, ISO 8601 */
  readonly works: Readonly<Partial<Record<ActionId, { readonly fittedAt: string | null }>>>;
  /** works without parts, each with when it was done, ISO 8601 */
  readonly done: Readonly<Partial<Record<ActionId | MendId, string>>>;
}

/**
 * Works that a record says were done.
 * @param record exchanges and works without parts
 * @returns works with their moments, the earliest first
 */
export function doneIn({ works, done }: WorksRecord): readonly DoneWork[] {
  const fitted = Object.entries(works).flatMap(([work, { fittedAt }]) =>
    fittedAt === null ? [] : [{ work: work as ActionId, at: fittedAt }],
  );
  const mended = Object.entries(done).map(([work, at]) => ({ work: work as ActionId | MendId, at }));
  return [...fitted, ...mended].sort((a, b) => (a.at < b.at ? -1 : 1));
}

/**
 * Whether a work needs no part.
 * @param work a decision or a work without parts
 * @returns true for the works of MENDS
 */
export const isMend = (work: ActionId | MendId): work is MendId => work in MEND_TABLE;

/**
 * What is read anew once a work was done.
 * @param work a decision or a work without parts
 * @returns parts of the motor; none where nothing was changed
 */
export const touchedBy = (work: ActionId | MendId): readonly ReadPart[] =>
  isMend(work) ? MEND_TABLE[work].touches : (TOUCHED_BY[work] ?? []);

/**
 * Whether the leads are measured to the frame after a work, before power.
 * @param work a decision or a work without parts
 * @returns true where windings, leads or motor were handled
 */
export const asksFrame = (work: ActionId | MendId): boolean => (isMend(work) ? MEND_TABLE[work].asksFrame : ASKS_FRAME.includes(work));

/**
 * Works without parts that carry out a decision.
 * @param action what was decided
 * @returns ids, in the order of the table
 */
export const mendsOf = (action: ActionId): readonly MendId[] => MENDS.filter((mend) => MEND_TABLE[mend].of.includes(action));

/**
 * Whether a decision was carried out, by itself or by one of the works that stand for it.
 * @param action what was decided
 * @param done works that were done
 * @returns the moment of the first of them, ISO 8601; null: none was
 */
export function doneAt(action: ActionId, done: readonly DoneWork[]): string | null {
  const own = done.filter(({ work }) => work === action || (isMend(work) && MEND_TABLE[work].of.includes(action)));
  return own.map(({ at }) => at).sort()[0] ?? null;
}
