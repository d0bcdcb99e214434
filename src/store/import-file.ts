import { fail, ok, type Failure, type Result } from "@/core/result";
import {
  isEmptyPlan,
  parseVemmickFile,
  planImport,
  RECORD_TYPE_NAMES,
  type ImportPlan,
  type Present,
  type RecordTypeName,
} from "@/records";
import { isSame } from "./change";
import { database } from "./database";
import { toStorageFailure } from "./storage-status";
import { toSummary } from "./summary";
import { deleteTravellers, writing, type VemmickDatabase } from "./vemmick-database";

type Row = { readonly id: string; readonly updatedAt: string };

/** What an undo took back, and what it left because it was changed since. */
export interface Undone {
  readonly records: number;
  /** machines of cards that were changed since: they stay whole, as they are now */
  readonly keptCards: readonly string[];
  /** shelf lines and house rules that were changed since */
  readonly keptOthers: number;
}
export type Undo = () => Promise<Result<Undone, Failure>>;

async function timesHere(db: VemmickDatabase, name: RecordTypeName): Promise<ReadonlyMap<string, string>> {
  const times = new Map<string, string>();
  await db.recordTable(name).each(({ id, updatedAt }) => times.set(id, updatedAt));
  return times;
}

/**
 * Reads a file and says what taking it in would do; writes nothing.
 * @errors those of parseVemmickFile, and of the store
 */
export async function prepareImport(text: string): Promise<Result<ImportPlan, Failure>> {
  const read = parseVemmickFile(text);
  if (!read.ok) return read;
  const db = database();
  try {
    const times = await Promise.all(RECORD_TYPE_NAMES.map(async (name) => [name, await timesHere(db, name)] as const));
    return ok(planImport(read.value, Object.fromEntries(times) as unknown as Present, new Date().toISOString()));
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}

type Rows = Readonly<Record<RecordTypeName, readonly Row[]>>;

async function rowsHere(db: VemmickDatabase, plan: ImportPlan): Promise<Rows> {
  const lists = await Promise.all(
    RECORD_TYPE_NAMES.map(async (name) => {
      const rows = await db.recordTable(name).bulkGet(plan.put[name].map(({ id }) => id));
      return [name, rows.filter((row) => row !== undefined)] as const;
    }),
  );
  return Object.fromEntries(lists) as unknown as Rows;
}

const cardOf = (name: RecordTypeName, row: Row): string | null =>
  name === "traveller" ? row.id : name === "station" ? (row as Row & { travellerId: string }).travellerId : null;

/** Cards on which anything was keyed after the import. */
async function changedCards(db: VemmickDatabase, plan: ImportPlan, here: Rows, before: Rows): Promise<ReadonlySet<string>> {
  const now = new Map([...here.traveller, ...here.station].map((row) => [row.id, row]));
  const changed = new Set<string>();
  for (const name of ["traveller", "station"] as const)
    for (const row of plan.put[name]) if (!isSame(now.get(row.id), row)) changed.add(cardOf(name, row) ?? "");
  // A card that came with the import may have got stations that did not.
  const known = new Set(before.traveller.map(({ id }) => id));
  const imported = new Set<string>(plan.put.station.map(({ id }) => id));
  const fresh = plan.put.traveller.map(({ id }) => id).filter((id) => !known.has(id));
  const rows = await db.stations.where("travellerId").anyOf(fresh).toArray();
  for (const row of rows) if (!imported.has(row.id)) changed.add(row.travellerId);
  return changed;
}

async function putBack(db: VemmickDatabase, plan: ImportPlan, before: Rows): Promise<Undone> {
  const here = await rowsHere(db, plan);
  const stays = await changedCards(db, plan, here, before);
  let [records, keptOthers] = [0, 0];
  for (const name of RECORD_TYPE_NAMES) {
    const was = new Map(before[name].map((row) => [row.id, row]));
    const now = new Map(here[name].map((row) => [row.id, row]));
    const isOurs = (row: Row): boolean => {
      const card = cardOf(name, row);
      return card === null ? isSame(now.get(row.id), row) : !stays.has(card);
    };
    const ours = plan.put[name].filter(isOurs);
    records += ours.length;
    if (name === "house" || name === "part") keptOthers += plan.put[name].length - ours.length;
    const restored = ours.flatMap(({ id }) => was.get(id) ?? []);
    const gone = ours.map(({ id }) => id).filter((id) => !was.has(id));
    await db.recordTable(name).bulkPut(restored);
    if (name === "traveller") {
      await deleteTravellers(db, gone);
      await db.summaries.bulkPut(restored.map((row) => toSummary(row as never)));
    } else await db.recordTable(name).bulkDelete(gone);
  }
  const names = new Map(here.traveller.map((row) => [row.id, (row as Row & { machine: string }).machine]));
  return { records, keptCards: [...stays].map((id) => names.get(id) ?? ""), keptOthers };
}

/**
 * Takes a prepared import in as one transaction.
 * @returns the way back: what was changed after the import stays, and is named
 * @errors those of the store; nothing is written then
 */
export async function applyImport(plan: ImportPlan): Promise<Result<Undo, Failure>> {
  const nothing: Undone = { records: 0, keptCards: [], keptOthers: 0 };
  if (isEmptyPlan(plan)) return ok(async () => ok(nothing));
  const db = database();
  try {
    const before = await writing(db, async () => {
      const rows = await rowsHere(db, plan);
      for (const name of RECORD_TYPE_NAMES) await db.recordTable(name).bulkPut([...plan.put[name]]);
      await db.summaries.bulkPut(plan.put.traveller.map(toSummary));
      return rows;
    });
    return ok(async () => {
      try {
        return ok(await writing(db, () => putBack(db, plan, before)));
      } catch (error) {
        return fail(toStorageFailure(error));
      }
    });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
