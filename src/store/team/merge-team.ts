import { fail, ok, type Failure, type Result } from "@/core/result";
import {
  chosen,
  joinVersions,
  nextVersion,
  RECORD_TYPE_NAMES,
  versionKey,
  withOwn,
  type Choice,
  type DatedRow,
  type KnownVersion,
  type Progress,
  type RecordLists,
  type RecordTypeName,
  type MergeStep,
} from "@/records";
import { withPhotos } from "../kept-photos";
import { later } from "../later";
import { toStorageFailure } from "../storage-status";
import { deleteRecords, putRecords, type VemmickDatabase } from "../vemmick-database";
import type { Merge, MergedRecord } from "./merge-row";
import type { ReadTeamFile } from "./read-team";
import { teamDevice } from "./team-device";

/** Merges that can be undone; older ones are let go. */
const MOST_MERGES = 10;
/** Rows are written so many at a time. */
const CHUNK = 500;

export interface MergeOptions {
  /** what a person chose of what both have changed, by `type/id`; what was not chosen stays, and is asked again */
  readonly choices?: Readonly<Record<string, Choice>>;
  readonly onProgress?: Progress;
  readonly isCancelled?: () => boolean;
}

class CancelledError extends Error {
  override name = "CancelledError";
}

/** What was chosen, as what is taken. */
function settled({ plan }: ReadTeamFile, choices: Readonly<Record<string, Choice>>, device: string): MergeStep[] {
  return plan.conflicts.flatMap((conflict) => {
    const { mine, theirs } = conflict;
    const choice = choices[mine.version.key];
    if (choice === undefined) return [];
    const at = later(later(new Date().toISOString(), mine.version.at), theirs.version.at);
    return [chosen(conflict, choice, nextVersion(joinVersions(mine.version.of, theirs.version.of), device), at)];
  });
}

const chunksOf = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, index) => all.slice(index * CHUNK, (index + 1) * CHUNK));

/** By type, cards before what belongs to them. */
const byName = <T extends { readonly name: RecordTypeName }>(all: readonly T[]): (readonly [RecordTypeName, readonly T[]])[] =>
  RECORD_TYPE_NAMES.map((name) => [name, all.filter((each) => each.name === name)] as const);

/** Tables of a transaction that merges. */
const mergingTables = (db: VemmickDatabase) => [...db.recordTables, db.settings, db.photos, db.versions, db.summaries, db.deeds, db.merges];

/** Rows as they stand here, by key. */
async function rowsHere(db: VemmickDatabase, taken: readonly MergeStep[]): Promise<ReadonlyMap<string, DatedRow>> {
  const rows = new Map<string, DatedRow>();
  for (const [name, all] of byName(taken))
    for (const chunk of chunksOf(all))
      for (const row of await db.recordTable(name).bulkGet(chunk.map(({ id }) => id))) if (row) rows.set(versionKey(name, row.id), row);
  return rows;
}

/** What nobody has changed here since the plan was made. */
const isAsPlanned = (known: ReadonlyMap<string, KnownVersion>, now: ReadonlyMap<string, DatedRow>, { version }: MergeStep): boolean => {
  const was = known.get(version.key);
  const at = was === undefined || was.isGone ? undefined : was.at;
  return now.get(version.key)?.updatedAt === at;
};

async function writeRows(
  db: VemmickDatabase,
  taken: readonly MergeStep[],
  here: ReadonlyMap<string, DatedRow>,
  told: (done: number) => void,
) {
  const lists = byName(taken.filter(({ effect }) => effect !== "known"));
  for (const [name, all] of lists) {
    const put = all.flatMap(({ row, version }) => (row === null ? [] : [withOwn(name, row, here.get(version.key))]));
    for (const chunk of chunksOf(put)) {
      await putRecords(db, name, chunk as unknown as RecordLists[typeof name]);
      told(chunk.length);
    }
  }
  // What goes, goes last: a card takes what is on it along.
  for (const [name, all] of lists) {
    const gone = all.filter(({ row }) => row === null).map(({ id }) => id);
    for (const chunk of chunksOf(gone)) {
      await deleteRecords(db, name, chunk);
      told(chunk.length);
    }
  }
}

/**
 * Merges what was planned, in one transaction; what was changed here meanwhile is left as it is, and comes with the next reading.
 * @returns the merge as it is kept, with its way back
 * @errors 'import-cancelled', and those of the store; nothing is written then
 */
export async function mergeTeam(
  db: VemmickDatabase,
  read: ReadTeamFile,
  { choices = {}, onProgress = () => undefined, isCancelled = () => false }: MergeOptions = {},
): Promise<Result<Merge, Failure>> {
  try {
    // Photos of what is overwritten go along with the way back; they lie in a table that a transaction must not wait for.
    const device = await teamDevice(db);
    const wanted = [...read.plan.taken, ...settled(read, choices, device.id)];
    const before = new Map(await wholeRows(db, wanted));
    const merge = await db.transaction("rw", mergingTables(db), async () => {
      const here = await rowsHere(db, wanted);
      const taken = wanted.filter((each) => isAsPlanned(read.known, here, each));
      const all = taken.length;
      let done = 0;
      await writeRows(db, taken, here, (count) => {
        done += count;
        onProgress(done, all);
        if (isCancelled()) throw new CancelledError("let be");
      });
      await db.versions.bulkPut(taken.map(({ version }) => version));
      const records = taken.map(({ name, id, version, effect }): MergedRecord => ({
        name,
        id,
        before: effect === "known" ? null : (before.get(version.key) ?? null),
        knownBefore: read.known.get(version.key) ?? null,
        after: version,
        isKnownOnly: effect === "known",
      }));
      const made: Merge = { id: crypto.randomUUID(), at: new Date().toISOString(), from: read.from, counts: read.counts, records };
      if (records.length > 0) await db.merges.put(made);
      const old = (await db.merges.toArray()).sort((a, b) => (a.at < b.at ? 1 : -1)).slice(MOST_MERGES);
      await db.merges.bulkDelete(old.map(({ id }) => id));
      return made;
    });
    return ok(merge);
  } catch (error) {
    return fail(error instanceof CancelledError ? { code: "import-cancelled" } : toStorageFailure(error));
  }
}

/** Rows as they stand, with their photos, by key. */
async function wholeRows(db: VemmickDatabase, taken: readonly MergeStep[]): Promise<readonly (readonly [string, DatedRow])[]> {
  const rows = [...(await rowsHere(db, taken))];
  const whole = await withPhotos(
    db,
    rows.map(([, row]) => row),
  );
  return rows.map(([key], index) => [key, whole[index] as DatedRow] as const);
}

/** What undoing a merge took back, and what it left because it was changed since. */
export interface TakenBack {
  readonly records: number;
  /** machines of cards that were changed since: they stay whole */
  readonly keptCards: readonly string[];
  readonly keptOthers: number;
}

const cardOfRecord = ({ name, id }: Pick<MergedRecord, "name" | "id">): string | null =>
  name === "traveller" ? id : name === "station" ? id.slice(0, id.indexOf("/")) : null;

/** Records of a merge that are no longer as it left them. */
async function changedSince(db: VemmickDatabase, { records }: Merge): Promise<ReadonlySet<string>> {
  const changed = new Set<string>();
  const rows = await rowsHere(
    db,
    records.map(({ name, id, after }) => ({ name, id, version: after, row: null, effect: "row" as const })),
  );
  const known = new Map(records.map(({ after }, index) => [after.key, index] as const));
  const versions = await db.versions.bulkGet([...known.keys()]);
  records.forEach(({ after }, index) => {
    const now = rows.get(after.key)?.updatedAt;
    const isSameVersion = JSON.stringify(versions[index]) === JSON.stringify(after);
    if (now !== (after.isGone ? undefined : after.at) || !isSameVersion) changed.add(after.key);
  });
  return changed;
}

/**
 * Takes a merge back, exactly: every record is as it was, and so is what is known of it. What was changed since stays, of a
 * card with everything on it.
 * @returns 'nothing': the merge is not there any more
 */
export async function undoMerge(db: VemmickDatabase, id: string): Promise<Result<TakenBack | "nothing", Failure>> {
  try {
    return ok(
      await db.transaction("rw", mergingTables(db), async () => {
        const merge = await db.merges.get(id);
        if (!merge) return "nothing" as const;
        const changed = await changedSince(db, merge);
        const stays = new Set(merge.records.filter(({ after }) => changed.has(after.key)).map(cardOfRecord));
        const ours = merge.records.filter((record) => {
          const card = cardOfRecord(record);
          return card === null ? !changed.has(record.after.key) : !stays.has(card);
        });
        for (const [name, all] of byName(ours)) {
          const mine = all.filter(({ isKnownOnly }) => !isKnownOnly);
          const put = mine.flatMap(({ before }) => (before === null ? [] : [before]));
          for (const chunk of chunksOf(put)) await putRecords(db, name, chunk as unknown as RecordLists[RecordTypeName] as never);
          const gone = mine.filter(({ before }) => before === null).map((record) => record.id);
          for (const chunk of chunksOf(gone)) await deleteRecords(db, name, chunk);
        }
        await db.versions.bulkPut(ours.flatMap(({ knownBefore }) => (knownBefore === null ? [] : [knownBefore])));
        await db.versions.bulkDelete(ours.flatMap(({ knownBefore, after }) => (knownBefore === null ? [after.key] : [])));
        await db.merges.delete(id);
        const cards = await db.travellers.bulkGet([...stays].filter((card) => card !== null) as never[]);
        return {
          records: ours.filter(({ isKnownOnly }) => !isKnownOnly).length,
          keptCards: cards.map((card) => card?.machine ?? ""),
          keptOthers: merge.records.filter((record) => cardOfRecord(record) === null && changed.has(record.after.key)).length,
        };
      }),
    );
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
