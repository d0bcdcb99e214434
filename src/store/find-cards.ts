import { Dexie, liveQuery } from "dexie";
import { wantedWords } from "./find-words";
import type { Summary } from "./summary";
import { GONE_KEY, type VemmickDatabase } from "./vemmick-database";

/** What is looked for among the cards. */
export interface LookedFor {
  /** beginnings of words; all of them must be there */
  readonly text: string;
  /** marks that must all be there: `capacitor:out`, `any:out`, `do:replace-run-capacitor` */
  readonly marks: readonly string[];
  /** how it ended; null: whatever */
  readonly outcome: Ending | null;
  /** who made the visit; null: whoever */
  readonly technician: string | null;
  /** first and last day of the visit, `YYYY-MM-DD`, in the device's own zone; null: open */
  readonly since: string | null;
  readonly until: string | null;
}

/** How a visit ended, as a list asks for it. */
export const ENDINGS = [
  "open",
  "on-order",
  "proved",
  "not-proved",
  "came-back",
  "condemned",
  "tested-spare",
  "makeshift",
  "left-as-is",
  "referred",
  "nothing-found",
] as const;
export type Ending = (typeof ENDINGS)[number];

export const EVERYTHING: LookedFor = { text: "", marks: [], outcome: null, technician: null, since: null, until: null };

/** How many of what was found have each mark, were made by each technician, and ended in each way. */
export interface Counts {
  readonly marks: ReadonlyMap<string, number>;
  readonly technicians: ReadonlyMap<string, number>;
  readonly outcomes: ReadonlyMap<Ending, number>;
}

/** Midnight of a day in the device's own zone, `days` later; ISO 8601, UTC. */
const midnight = (day: string, days = 0): string => {
  const date = new Date(`${day}T00:00:00`);
  date.setDate(date.getDate() + days);
  return date.toISOString();
};

/** Of each card what it is found by. */
type Entry = Pick<Summary, "id" | "createdAt" | "isOpen" | "words" | "callbackOf"> & {
  readonly technician: string;
  readonly marks: readonly string[];
};

const toEntry = ({ id, createdAt, isOpen, words, callbackOf, technician, line }: Summary): Entry => ({
  id,
  createdAt,
  isOpen,
  words,
  callbackOf,
  technician: technician.trim(),
  marks: line?.marks ?? [],
});

/** A card that was found. */
export type FoundCard = Pick<Entry, "id" | "isOpen">;

/** Everything that cards are found by, in memory: a key in the line to find asks the database for nothing. */
export interface FindIndex {
  /** reads everything once, then takes in what is written, by whatever tab; the listener hears of each change */
  readonly follow: (listener: () => void) => () => void;
  /** a number that changes with what there is; null until everything was read */
  readonly state: () => number | null;
  /** cards that have what is looked for, the newest visit first */
  readonly find: (wanted: LookedFor) => readonly FoundCard[];
  /** what else could be asked for, and how many of what is found have it; nothing wanted: of everything */
  readonly count: (wanted: LookedFor) => Counts;
}

/** Rows are read so many at a time, so that no reading holds the page up. */
const CHUNK = 500;

/** An index over all summaries, still empty. */
export function createFindIndex(db: VemmickDatabase): FindIndex {
  const entries = new Map<string, Entry>();
  const listeners = new Set<() => void>();
  let newestFirst: readonly Entry[] | null = null;
  /** cards that came back: another card says so of them */
  let cameBack: ReadonlySet<string> | null = null;
  let state: number | null = null;
  let seenMs = 0;
  /** when cards were last taken away, as of the last reading of everything */
  let goneAt: unknown = null;
  let following: { unsubscribe: () => void } | null = null;
  const take = (rows: readonly Summary[]): void => {
    for (const row of rows) {
      entries.set(row.id, toEntry(row));
      seenMs = Math.max(seenMs, row.touchedMs);
    }
    newestFirst = null;
    cameBack = null;
  };
  const readAll = async (): Promise<void> => {
    goneAt = (await db.settings.get(GONE_KEY))?.value ?? null;
    entries.clear();
    for (let last: string | typeof Dexie.minKey = Dexie.minKey; ;) {
      const rows: Summary[] = await db.summaries.where(":id").above(last).limit(CHUNK).toArray();
      take(rows);
      const end = rows.at(-1);
      if (end === undefined || rows.length < CHUNK) return;
      last = end.id;
    }
  };
  const tell = (): void => {
    state = (state ?? 0) + 1;
    listeners.forEach((listener) => listener());
  };
  const takeIn = async (news: { readonly rows: readonly Summary[]; readonly gone: unknown }): Promise<void> => {
    // Cards were taken away: what is left is read anew, and nothing of what was read before they went is taken.
    if (news.gone !== goneAt) await readAll();
    else if (news.rows.every(isKnown)) return;
    else take(news.rows);
    tell();
  };
  /** One after the other: an older reading must not be taken after a newer one. */
  let turn: Promise<void> = Promise.resolve();
  const isKnown = (row: Summary): boolean => {
    const known = entries.get(row.id);
    return (
      known?.words === row.words &&
      known.isOpen === row.isOpen &&
      known.callbackOf === row.callbackOf &&
      known.marks.join() === (row.line?.marks ?? []).join()
    );
  };
  const backFrom = (): ReadonlySet<string> => {
    cameBack ??= new Set([...entries.values()].flatMap(({ callbackOf }) => callbackOf ?? []));
    return cameBack;
  };
  const ended = (entry: Entry, outcome: Ending): boolean =>
    outcome === "open" ? entry.isOpen === 1 : outcome === "came-back" ? backFrom().has(entry.id) : entry.marks.includes(`end:${outcome}`);
  const find = ({ text, marks, outcome, technician, since, until }: LookedFor): readonly Entry[] => {
    newestFirst ??= [...entries.values()].sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
    const words = wantedWords(text).map((word) => ` ${word}`);
    const from = since === null ? "" : midnight(since);
    const to = until === null ? "\uffff" : midnight(until, 1);
    return newestFirst.filter(
      (entry) =>
        entry.createdAt >= from &&
        entry.createdAt < to &&
        (technician === null || entry.technician === technician) &&
        (outcome === null || ended(entry, outcome)) &&
        words.every((word) => entry.words.includes(word)) &&
        marks.every((mark) => entry.marks.includes(mark)),
    );
  };
  const start = async (mine: typeof following): Promise<void> => {
    await readAll();
    tell();
    // Nobody follows any more, or somebody anew.
    if (following !== mine) return;
    following = liveQuery(async () => ({
      gone: (await db.settings.get(GONE_KEY))?.value ?? null,
      // What was written within the last millisecond that was seen may have come after.
      rows: await db.summaries.where("touchedMs").aboveOrEqual(seenMs).toArray(),
    })).subscribe((news) => {
      // Where a reading fails, the next one takes its news along.
      turn = turn.then(() => takeIn(news)).catch(() => undefined);
    });
  };
  return {
    follow: (listener) => {
      listeners.add(listener);
      if (following === null) {
        const mine = { unsubscribe: () => undefined };
        following = mine;
        // Where the store cannot be read the screen says so itself; whoever looks next tries again.
        void start(mine).catch(() => {
          if (following === mine) following = null;
        });
      }
      return () => {
        listeners.delete(listener);
        if (listeners.size > 0) return;
        following?.unsubscribe();
        following = null;
      };
    },
    state: () => state,
    find,
    count: (wanted) => {
      const [byMark, byTechnician, byOutcome] = [new Map<string, number>(), new Map<string, number>(), new Map<Ending, number>()];
      const add = <Key>(counts: Map<Key, number>, key: Key): unknown => counts.set(key, (counts.get(key) ?? 0) + 1);
      for (const entry of find(wanted)) {
        for (const mark of entry.marks) add(byMark, mark);
        if (entry.technician !== "") add(byTechnician, entry.technician);
        for (const outcome of ENDINGS) if (ended(entry, outcome)) add(byOutcome, outcome);
      }
      return { marks: byMark, technicians: byTechnician, outcomes: byOutcome };
    },
  };
}

let kept: { readonly db: VemmickDatabase; readonly index: FindIndex } | null = null;

/** The index of this tab; it is read when something is first looked for. */
export function findIndex(db: VemmickDatabase): FindIndex {
  if (kept?.db !== db) kept = { db, index: createFindIndex(db) };
  return kept.index;
}
