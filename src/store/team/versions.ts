import { cardOf, noteChanges, RECORD_TYPE_NAMES, versionKey, type DatedRow, type KnownVersion } from "@/records";
import type { VemmickDatabase } from "../vemmick-database";

/** Rows of a table are looked through so many at a time. */
const CHUNK = 2000;

/** `updatedAt` of everything a team shares: demo cards, with what is on them, and the demo's parts are each device's own. */
async function presentTimes(db: VemmickDatabase): Promise<ReadonlyMap<string, string>> {
  const times = new Map<string, string>();
  const demo = new Set<string>();
  for (const name of RECORD_TYPE_NAMES) {
    let after = "";
    for (;;) {
      const rows: DatedRow[] = await db.recordTable(name).where(":id").above(after).limit(CHUNK).toArray();
      for (const row of rows) {
        const card = name === "traveller" ? null : cardOf(name, row);
        if ((row as { readonly isDemo?: boolean }).isDemo === true) demo.add(row.id);
        else if (card === null || !demo.has(card)) times.set(versionKey(name, row.id), row.updatedAt);
      }
      const last = rows.at(-1);
      if (last === undefined || rows.length < CHUNK) break;
      after = last.id;
    }
  }
  return times;
}

/** Notes what was changed here since; part of a transaction that writes versions and reads every record. */
export async function noteHere(db: VemmickDatabase, device: string): Promise<ReadonlyMap<string, KnownVersion>> {
  const [present, rows] = [await presentTimes(db), await db.versions.toArray()];
  const known = new Map(rows.map((version) => [version.key, version]));
  const noted = noteChanges(known, present, device, new Date().toISOString());
  if (noted.length > 0) await db.versions.bulkPut(noted);
  for (const version of noted) known.set(version.key, version);
  return known;
}

/** Tables of a transaction that notes changes. */
export const notingTables = (db: VemmickDatabase) => [...db.recordTables, db.settings, db.photos, db.versions];
