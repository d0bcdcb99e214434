import type { Loose } from "@/core/kept";
import type { Failure } from "@/core/result";
import { PRESENT_VERSIONS, valueAt } from "@/records";
import { applyChange, changedFields, isSame, typeOf, type Change, type RowKind } from "./change";
import { database } from "./database";
import { askToStay } from "./device";
import { forget, note, settle, strike, type Note } from "./journal";
import type * as keepingParts from "./keeping";
import { beginChange, endChange, letRowGo, rowInHand, takeInHand } from "./in-hand";
import { reportRefusal, toStorageFailure } from "./storage-status";
import { addUnsaved, dropUnsaved, unsaved, unsavedOf } from "./unsaved";
import { writing } from "./vemmick-database";

const idOf = (kind: RowKind, key: string): string => `${kind}/${key}`;

/** How rows are held against their bounds: with every schema there is, and so fetched once a page has come to rest. */
type Keeping = typeof keepingParts;
let keeping: Keeping | null = null;
export const loadKeeping = async (): Promise<Keeping> => (keeping ??= await import("./keeping"));

/** Hands it over at once, on screens that have every schema anyway: there a key must be made in its own turn. */
export function setKeeping(parts: Keeping): void {
  keeping = parts;
}

/** When a page has come to rest. */
const AT_REST_MS = 1000;

/** Fetches what keeping a change takes once the page is there, so that the first key need not wait for it; an effect. */
export function prepareToKeep(): () => void {
  const later = setTimeout(() => void loadKeeping().catch(() => undefined), AT_REST_MS);
  return () => clearTimeout(later);
}

/** Remembers a row that was read, or that there is none yet, so that a change of it can be noted in the turn of the key. */
export function remember(kind: RowKind, key: string, row: object | undefined): void {
  // Where it is not known yet how a row begins, a change of one that is not there is made when it is kept.
  const known = (row as Loose | undefined) ?? keeping?.ROWS[kind].blank(key);
  if (known) takeInHand(kind, key, known);
}

/** What was refused cannot be taken by trying again. */
const isFinal = ({ code }: Failure): boolean => code === "card-gone";

function refuse(change: Change | null, error: unknown): void {
  const failure = toStorageFailure(error);
  if (change === null || isFinal(failure)) reportRefusal(failure);
  else addUnsaved(change, failure);
}

async function retryAll(): Promise<boolean> {
  const db = database();
  const { makeChange } = await loadKeeping();
  for (const { change } of unsaved()) {
    try {
      await writing(db, () => makeChange(db, change));
      await strike(db, change);
      dropUnsaved(change);
    } catch (error) {
      const failure = toStorageFailure(error);
      // What was removed meanwhile takes nothing any more, however often it is tried.
      if (isFinal(failure)) await letGo(change);
      refuse(change, error);
    }
  }
  return unsaved().length === 0;
}

let retrying: Promise<boolean> | null = null;
/**
 * Tries again what was refused before; what is refused again stays on the list. One try at a time: a second one beside it
 * would make an old change once more, over what was keyed since.
 */
export function retryUnsaved(): Promise<boolean> {
  retrying ??= retryAll().finally(() => {
    retrying = null;
  });
  return retrying;
}

/** Lets a change go that is not kept: the row is again what is kept. */
export async function letGo({ kind, key }: Pick<Change, "kind" | "key">): Promise<void> {
  letRowGo(kind, key);
  dropUnsaved({ kind, key });
  await strike(database(), { kind, key });
}

/** A row as it should be, from the row as it is; with the moment of the change, ISO 8601. */
export type ChangeOfRow = (row: Loose, at: string) => Loose;

/** A change on its way: what it made of the row as this tab had it, or still to be made on a row that was never seen here. */
interface StillToMake {
  readonly make: ChangeOfRow;
  readonly at: string;
}
type ToKeep = StillToMake | (StillToMake & { readonly made: Change; readonly before: Loose });

/**
 * Changes one row and keeps it at once. The change is made once, in the turn of the key, on the row as this tab has it; what it
 * changed is noted, and put into the row as it is kept in one transaction, so that two tabs that change one row keep both. A refused change goes on the list of what is not kept yet, and stays on the screen from there.
 * @param change from the row as it is to the row as it should be
 * @returns whether it was kept
 */
export function changeRow(kind: RowKind, key: string, change: ChangeOfRow): Promise<boolean> {
  const wanted = makeOnce(kind, key, change);
  const noted = "made" in wanted && wanted.made.fields.length > 0 ? note(database(), wanted.made) : null;
  return inOrder(kind, key, () => keepRow(kind, key, wanted, noted));
}

/** Changes of one row one after another. */
export function inOrder(kind: RowKind, key: string, keep: () => Promise<boolean>): Promise<boolean> {
  const id = idOf(kind, key);
  const before = inTurn.get(id);
  const mine = before ? before.then(keep) : keep();
  inTurn.set(id, mine);
  void mine.finally(() => {
    if (inTurn.get(id) === mine) inTurn.delete(id);
  });
  return mine;
}

/** Changes of one row are kept in the order of their keys: none overtakes another that is refused meanwhile. */
const inTurn = new Map<string, Promise<boolean>>();

/** Waits until every change of a row that was begun is through: what clears the row must come after them. */
export async function settled(kind: RowKind, key: string): Promise<void> {
  await inTurn.get(idOf(kind, key));
}

const asChange = (kind: RowKind, key: string, before: Loose, row: Loose): Change => ({
  kind,
  key,
  row,
  fields: changedFields(before, row),
  version: PRESENT_VERSIONS[typeOf(kind)],
});

/** Makes a change on the row as it was last seen, with what of it is not kept yet; on one that was never seen it is made later. */
function makeOnce(kind: RowKind, key: string, change: ChangeOfRow): ToKeep {
  const at = new Date().toISOString();
  const known = rowInHand(kind, key);
  if (!known) return { make: change, at };
  const made = asChange(kind, key, known, change(known, at));
  beginChange(made);
  return { make: change, at, made, before: known };
}

/**
 * The same change on the row as it is kept: put into it as data. Where another tab changed the very same field meanwhile, two
 * readings of one board for one, it is made anew on what that tab keyed, so that both stay.
 */
function changeOn(kind: RowKind, key: string, wanted: ToKeep, base: Loose): Change {
  const isAsBefore = "made" in wanted && wanted.made.fields.every((field) => isSame(valueAt(base, field), valueAt(wanted.before, field)));
  return asChange(kind, key, base, isAsBefore ? applyChange(base, wanted.made) : wanted.make(base, wanted.at));
}

/** What keeping takes could not be fetched: the change waits on the list of what is not kept. */
function keepLater(kind: RowKind, key: string, wanted: ToKeep, noted: Note | null): false {
  const made = "made" in wanted ? wanted.made : null;
  refuse(made, new Error("a part of the program could not be fetched"));
  endChange(kind, key, made, null);
  forget(noted);
  return false;
}

async function keepRow(kind: RowKind, key: string, wanted: ToKeep, noted: Note | null): Promise<boolean> {
  const db = database();
  const known = keeping ?? (await loadKeeping().catch(() => null));
  if (known === null) return keepLater(kind, key, wanted, noted);
  const { ROWS, CardGoneError, fitRow, stamped } = known;
  const { get, blank, put } = ROWS[kind];
  if (unsaved().length > 0) await retryUnsaved();
  const waiting = unsavedOf(kind, key);
  if (waiting) {
    // It must not overtake what was keyed before it.
    addUnsaved("made" in wanted ? wanted.made : changeOn(kind, key, wanted, { ...waiting.change.row }), waiting.failure);
    forget(noted);
    endChange(kind, key, "made" in wanted ? wanted.made : null, null);
    return false;
  }
  let change: Change | null = "made" in wanted ? wanted.made : null;
  let written: Loose | null = null;
  try {
    written = await writing(db, async () => {
      const stored = (await get(db, key)) ?? blank(key);
      if (stored === null) throw new CardGoneError("the row was removed");
      change = changeOn(kind, key, wanted, stored);
      const fitting = fitRow(kind, stamped(kind, { ...change.row }, stored));
      await put(db, fitting);
      return fitting;
    });
    settle(db, noted);
    askToStay();
    return true;
  } catch (error) {
    // Refused before the row was even read.
    const blankRow = change === null ? blank(key) : null;
    refuse(blankRow ? changeOn(kind, key, wanted, blankRow) : change, error);
    return false;
  } finally {
    endChange(kind, key, "made" in wanted ? wanted.made : null, written);
    forget(noted);
  }
}
