import { Dexie } from "dexie";
import { mergeChanges, slimChange, type Change, type JournalEntry } from "./change";
import type { VemmickDatabase } from "./vemmick-database";

/*
 * A change is put into the journal in the very turn of the key, without reading anything and without waiting for the page to
 * be drawn; the transaction that then reads, changes and writes the row takes it away again. Whatever is still there when
 * the program starts was keyed before a crash, and is made then.
 */

const TAB = typeof crypto === "undefined" ? "tab" : crypto.randomUUID();
const lockOf = (tab: string): string => `vemmick-tab-${tab}`;

/** Says for as long as this tab lives that its entries are in hand. */
let isHeld = false;
function holdLock(): void {
  if (isHeld || typeof navigator === "undefined" || !("locks" in navigator)) return;
  isHeld = true;
  void navigator.locks.request(lockOf(TAB), () => new Promise(() => undefined)).catch(() => undefined);
}

/** Entries of this tab that are not in the tables yet. */
const underWay = new Map<string, { readonly change: Change; readonly turn: number }>();
let turns = 0;

const idOf = ({ kind, key }: Pick<Change, "kind" | "key">): string => `${TAB}/${kind}/${key}`;

/** What a note is taken away with. */
export interface Note {
  readonly id: string;
  readonly turn: number;
}

/**
 * Notes a change at once: the request leaves in this turn, and commits by itself.
 * @returns null where the database is not open yet; the change then only goes the usual way
 */
export function note(db: VemmickDatabase, change: Change): Note | null {
  if (!db.isOpen()) return null;
  holdLock();
  const id = idOf(change);
  const turn = (turns += 1);
  const merged = mergeChanges(underWay.get(id)?.change, change);
  underWay.set(id, { change: merged, turn });
  const isSent = send(db, (journal) => journal.put({ ...slimChange(merged), id, tab: TAB } satisfies JournalEntry));
  if (isSent) return { id, turn };
  underWay.delete(id);
  return null;
}

/**
 * A request of its own, that waits for nothing and commits by itself: no other transaction has the journal in its scope, so
 * a note never stands behind the row of the key before it.
 * @returns false where the database is closing or refuses: the transaction that follows tells
 */
function send(db: VemmickDatabase, request: (journal: IDBObjectStore) => unknown): boolean {
  try {
    const transaction = db.backendDB().transaction("journal", "readwrite");
    transaction.onabort = (event) => event.preventDefault();
    request(transaction.objectStore("journal"));
    transaction.commit();
    return true;
  } catch {
    return false;
  }
}

/**
 * Takes a note away once its change is in the row; one that a later key renewed stays. If the browser dies between the two,
 * the change is made once more, with the same outcome.
 */
export function settle(db: VemmickDatabase, noted: Note | null): void {
  if (noted !== null && underWay.get(noted.id)?.turn === noted.turn) send(db, (journal) => journal.delete(noted.id));
}

/** Once that transaction is through, or was refused: what stays noted is what the list of unsaved changes has. */
export function forget(noted: Note | null): void {
  if (noted !== null && underWay.get(noted.id)?.turn === noted.turn) underWay.delete(noted.id);
}

/** Takes the note of a row away outside of its own transaction: it went in another way, or a person let it go. */
export async function strike(db: VemmickDatabase, change: Pick<Change, "kind" | "key">): Promise<void> {
  const id = idOf(change);
  // A later key of the same row is on its way under this very note.
  if (!underWay.has(id)) await db.journal.delete(id);
  const of = `${change.kind}/${change.key}`;
  await db.journal.bulkDelete(adopted.get(of) ?? []);
  adopted.delete(of);
}

/** Notes of a crash that could not be made good yet, by row: they are struck together with this tab's own. */
export const adopted = new Map<string, string[]>();

/** Entries that no living tab has in hand: keyed before a crash; cards before what is keyed on them. */
export async function leftOver(db: VemmickDatabase): Promise<JournalEntry[]> {
  const entries = await db.journal.toArray();
  if (entries.length === 0) return [];
  const hasLocks = typeof navigator !== "undefined" && "locks" in navigator;
  // Awaited as the database's own promise: while it opens, nothing else may speak to it.
  const locks = hasLocks ? await Dexie.Promise.resolve(navigator.locks.query()) : { held: [] };
  const alive = new Set([lockOf(TAB), ...(locks.held ?? []).map(({ name }) => name)]);
  const order = ({ kind }: JournalEntry): number => (kind === "traveller" ? 0 : 1);
  return entries.filter(({ tab }) => !alive.has(lockOf(tab))).sort((a, b) => order(a) - order(b));
}
