import { Dexie } from "dexie";
import type { TravellerId } from "@/records";
import { readEarlierOfMany, toEntries, type KeptCard } from "./kept-card";
import { soundRecord, soundStations } from "./sound";
import { afterChange, CHANGED, EARLIER_CHANGED, isOutdated, STILL_OPEN, withLine, type CardLine, type Summary } from "./summary";
import { putSummaries, type VemmickDatabase } from "./vemmick-database";

/** A line, and whether a long question behind it is still open. */
export interface Derived {
  readonly line: CardLine;
  readonly isOpen: boolean;
}

/** How lines are made: by which program and rules; at once, leaving long questions open; or with all of them answered. */
export interface Deriver {
  readonly by: string;
  readonly quick: (card: KeptCard) => Derived;
  readonly full: (card: KeptCard) => Derived;
}

interface Read {
  readonly summary: Summary;
  readonly card: KeptCard;
}

/** Cards with their earlier visits, and their summaries of the same moment. */
async function readCards(db: VemmickDatabase, ids: readonly TravellerId[]): Promise<readonly Read[]> {
  return db.transaction("r", [db.travellers, db.stations, db.summaries], async () => {
    const [summaries, travellers, rows] = await Promise.all([
      db.summaries.bulkGet([...ids]),
      db.travellers.bulkGet([...ids]),
      db.stations
        .where("travellerId")
        .anyOf([...ids])
        .toArray(),
    ]);
    const sound = travellers.map((row) => row && soundRecord("traveller", row));
    const known = sound.flatMap((traveller, index) => {
      const summary = summaries[index];
      return traveller && summary ? [{ traveller, summary }] : [];
    });
    const earlier = await readEarlierOfMany(
      db,
      known.map(({ traveller }) => traveller),
    );
    const stations = soundStations(rows);
    return known.map(({ traveller, summary }, index): Read => {
      const entries = toEntries(stations.filter(({ travellerId }) => travellerId === traveller.id));
      return { summary, card: { traveller, entries, earlier: earlier[index] ?? [] } };
    });
  });
}

const isLater = (a: Summary, b: Summary): boolean => (a.createdAt === b.createdAt ? a.id > b.id : a.createdAt > b.createdAt);

/** Writes what was derived, but of a card that has changed meanwhile: that one is still marked, and comes again. */
async function writeLines(
  db: VemmickDatabase,
  made: readonly { readonly summary: Summary; readonly line: CardLine; readonly by: string }[],
): Promise<void> {
  await db.transaction("rw", [db.summaries, db.deeds], async () => {
    // The visits to each motor as they are kept, and then as they become: several of them are written at once.
    const motors = [...new Set(made.map(({ summary }) => summary.motor))];
    const kept = await Promise.all(
      motors.map((motor) => db.summaries.where("[motor+createdAt]").between([motor, Dexie.minKey], [motor, Dexie.maxKey]).toArray()),
    );
    const now = new Map(kept.flat().map((row) => [row.id, row]));
    const written = new Set<TravellerId>();
    const put = (rows: readonly Summary[]): void => {
      for (const row of rows) {
        now.set(row.id, row);
        written.add(row.id);
      }
    };
    for (const { summary, line, by } of made) {
      const { id, motor } = summary;
      const present = now.get(id);
      if (present?.updatedAt !== summary.updatedAt || present.derivedBy !== summary.derivedBy) continue;
      const others = [...now.values()].filter((row) => row.motor === motor && row.id !== id);
      const later = others.filter((row) => isLater(row, present));
      const isLastVisit = later.length === 0;
      // What was found on this visit is evidence on the later ones; what it asks for takes the place of what earlier ones asked.
      const news = summary.derivedBy === CHANGED ? later.map(afterChange) : [];
      const past = isLastVisit ? others.filter(({ dueDays }) => dueDays.length > 0).map((row): Summary => ({ ...row, dueDays: [] })) : [];
      put([withLine(present, line, by, isLastVisit), ...news, ...past]);
    }
    await putSummaries(
      db,
      [...written].flatMap((id) => now.get(id) ?? []),
    );
  });
}

/** So many at a time: a key on a card never waits long for the table. */
const BATCH = 24;
/** Changed rows that are looked through for those at rest; few are keyed on at once. */
const LOOKED_AT = 60;
/** Long questions are answered for fewer at a time: a card that is keyed on meanwhile comes before the next of them. */
const OPEN_BATCH = 6;
/** Cards the rack shows at once. */
const SHOWN = 60;
/** A card that is being keyed on is derived once its keys have come to rest [ms]. */
const QUIET_MS = 250;

/** The clock of another device may be ahead: then there is nothing to wait for. */
const isAtRest = ({ updatedAt }: Summary, nowMs: number): boolean => Math.abs(nowMs - Date.parse(updatedAt)) > QUIET_MS;

const idsOf = (rows: readonly Summary[]): TravellerId[] => rows.map(({ id }) => id);

/** Rows whose line is of another program or other rules: what the rack shows first. */
async function oldLines(db: VemmickDatabase, by: string): Promise<readonly Summary[]> {
  const isOld = (row: Summary): boolean => row.derivedBy !== by && row.derivedBy !== by + STILL_OPEN && !isOutdated(row);
  const old = db.summaries.where("derivedBy").noneOf([by, by + STILL_OPEN, CHANGED, EARLIER_CHANGED]);
  if ((await old.limit(1).count()) === 0) return [];
  const onRack = await db.summaries
    .where("[isOpen+updatedAt]")
    .between([1, Dexie.minKey], [1, Dexie.maxKey])
    .reverse()
    .limit(SHOWN)
    .filter(isOld)
    .toArray();
  return onRack.length > 0 ? onRack.slice(0, BATCH) : old.limit(BATCH).toArray();
}

/**
 * Cards that have changed and are at rest, whole motors at a time and their first visits first: what an earlier visit says is
 * evidence on the later ones, which would be derived once more if they went before it.
 */
async function restedVisits(db: VemmickDatabase, changed: readonly Summary[], nowMs: number): Promise<readonly Summary[]> {
  const rested = changed.filter((row) => isAtRest(row, nowMs));
  const motors = [...new Set(rested.slice(0, BATCH).map(({ motor }) => motor))];
  if (motors.length === 0) return [];
  const visits = await Promise.all(
    motors.map((motor) => db.summaries.where("[motor+createdAt]").between([motor, Dexie.minKey], [motor, Dexie.maxKey]).toArray()),
  );
  return visits
    .flat()
    .filter((row) => isOutdated(row) && isAtRest(row, nowMs))
    .slice(0, BATCH);
}

/**
 * Derives the next few lines: of cards that have changed, then of those of an older program or older rules, then those that
 * wait for the answer to a long question.
 * @param nowMs the present moment
 * @returns how many there were; `waits`: what is left is still being keyed on
 */
export async function deriveSome(db: VemmickDatabase, { by, quick, full }: Deriver, nowMs: number): Promise<number | "waits"> {
  const changed = await db.summaries.where("derivedBy").anyOf(CHANGED, EARLIER_CHANGED).limit(LOOKED_AT).toArray();
  const rested = await restedVisits(db, changed, nowMs);
  const wanted = rested.length > 0 ? rested : await oldLines(db, by);
  if (wanted.length > 0) {
    const read = await readCards(db, idsOf(wanted));
    const made = read.map(({ summary, card }) => {
      const { line, isOpen } = quick(card);
      return { summary, line, by: isOpen ? by + STILL_OPEN : by };
    });
    await writeLines(db, made);
    return wanted.length;
  }
  if (changed.length > 0) return "waits";
  const open = await db.summaries
    .where("derivedBy")
    .equals(by + STILL_OPEN)
    .limit(OPEN_BATCH)
    .toArray();
  if (open.length === 0) return 0;
  const read = await readCards(db, idsOf(open));
  await writeLines(
    db,
    read.map(({ summary, card }) => ({ summary, line: full(card).line, by })),
  );
  return open.length;
}

/** Derives until nothing is old any more. */
export async function deriveAll(db: VemmickDatabase, deriver: () => Promise<Deriver>): Promise<void> {
  for (;;) {
    const done = await deriveSome(db, await deriver(), Date.now());
    if (done === 0) return;
    if (done === "waits") await new Promise((resolve) => setTimeout(resolve, QUIET_MS));
  }
}
