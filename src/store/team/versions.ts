import { cardOf, noteChanges, RECORD_TYPE_NAMES, versionKey, type DatedRow, type KnownVersion, type RecordTypeName } from "@/records";
import type { VemmickDatabase } from "../vemmick-database";
import { knownDevice } from "./team-device";

/** Rows are read so many at a time, each lot in a transaction of its own: a key on a card never waits for all of them. */
const CHUNK = 500;

interface Shared {
  readonly name: RecordTypeName;
  readonly rows: readonly DatedRow[];
}

/**
 * Everything a team shares, in the order of types and ids. Demo cards, with what is on them, and the demo's parts are each
 * device's own; so is, for this once, what was begun on a card after the cards were read.
 */
export async function* sharedRows(db: VemmickDatabase): AsyncGenerator<Shared> {
  const cards = new Set<string>();
  const isShared = (name: RecordTypeName, row: DatedRow): boolean => {
    if ((row as { readonly isDemo?: boolean }).isDemo === true) return false;
    const card = name === "traveller" ? null : cardOf(name, row);
    return card === null || cards.has(card);
  };
  for (const name of RECORD_TYPE_NAMES) {
    let after = "";
    for (;;) {
      const read: DatedRow[] = await db.recordTable(name).where(":id").above(after).limit(CHUNK).toArray();
      const rows = read.filter((row) => isShared(name, row));
      if (name === "traveller") for (const { id } of rows) cards.add(id);
      if (rows.length > 0) yield { name, rows };
      const last = read.at(-1);
      if (last === undefined || read.length < CHUNK) break;
      after = last.id;
    }
  }
}

/** What is known of versions, by key. */
export const knownVersions = async (db: VemmickDatabase): Promise<Map<string, KnownVersion>> =>
  new Map((await db.versions.toArray()).map((version) => [version.key, version]));

/** Raised when everything here was cleared while a team file was made: it must not be written. */
export class DeviceGoneError extends Error {
  override name = "DeviceGoneError";
}

/** What was changed here since it was last noted, with what was known before; kept as known now. */
export async function keepNoted(
  db: VemmickDatabase,
  known: Map<string, KnownVersion>,
  present: ReadonlyMap<string, string>,
  device: string,
): Promise<ReadonlyMap<string, KnownVersion>> {
  const noted = noteChanges(known, present, device, new Date().toISOString());
  for (const version of noted) known.set(version.key, version);
  await db.transaction("rw", [db.versions, db.settings], async () => {
    // Cleared meanwhile: what is missing now was not taken away from the team.
    if ((await knownDevice(db))?.id !== device) throw new DeviceGoneError("the device was cleared");
    await db.versions.bulkPut(noted);
  });
  return known;
}

/** Notes what was changed here since; returns what is known of everything. */
export async function noteHere(db: VemmickDatabase, device: string): Promise<ReadonlyMap<string, KnownVersion>> {
  const known = await knownVersions(db);
  const present = new Map<string, string>();
  for await (const { name, rows } of sharedRows(db)) for (const { id, updatedAt } of rows) present.set(versionKey(name, id), updatedAt);
  return keepNoted(db, known, present, device);
}
