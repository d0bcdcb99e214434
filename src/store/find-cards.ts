import { Dexie } from "dexie";
import type { TravellerId } from "@/records";
import { wantedWords } from "./find-words";
import type { VemmickDatabase } from "./vemmick-database";

/** What is looked for among the cards. */
export interface LookedFor {
  /** beginnings of words; all of them must be there */
  readonly text: string;
  /** marks that must all be there: `capacitor:out`, `any:out`, `do:replace-run-capacitor` */
  readonly marks: readonly string[];
  /** first and last day of the visit, `YYYY-MM-DD`, in the device's own zone; null: open */
  readonly since: string | null;
  readonly until: string | null;
}

export const EVERYTHING: LookedFor = { text: "", marks: [], since: null, until: null };

/** Midnight of a day in the device's own zone, `days` later; ISO 8601, UTC. */
const midnight = (day: string, days = 0): string => {
  const date = new Date(`${day}T00:00:00`);
  date.setDate(date.getDate() + days);
  return date.toISOString();
};

/** Keys of the cards of a time, the newest visit first. */
async function inOrder(db: VemmickDatabase, { since, until }: LookedFor): Promise<TravellerId[]> {
  const from = since === null ? Dexie.minKey : midnight(since);
  const to = until === null ? Dexie.maxKey : midnight(until, 1);
  // In one request for all keys, then turned round: a cursor that runs backwards asks for each.
  const keys = await db.summaries.where("createdAt").between(from, to, true, false).primaryKeys();
  return keys.reverse();
}

/**
 * Cards that have what is looked for, the newest visit first: keys only, read from indexes.
 * @param wanted words by their beginnings, marks, time
 */
export async function findCards(db: VemmickDatabase, wanted: LookedFor): Promise<readonly TravellerId[]> {
  const words = wantedWords(wanted.text);
  const [order, ...found] = await db.transaction("r", [db.summaries], () =>
    Promise.all([
      inOrder(db, wanted),
      ...words.map((word) => db.summaries.where("words").startsWith(word).primaryKeys()),
      ...wanted.marks.map((mark) => db.summaries.where("marks").equals(mark).primaryKeys()),
    ]),
  );
  const sets = found.map((keys) => new Set(keys)).sort((a, b) => a.size - b.size);
  return sets.length === 0 ? (order ?? []) : (order ?? []).filter((id) => sets.every((set) => set.has(id)));
}
