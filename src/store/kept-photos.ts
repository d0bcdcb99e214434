import { isPhotoName, partPhotos, photoNames, rowOfPhoto, swapTexts } from "./photos";
import type { VemmickDatabase } from "./vemmick-database";

/**
 * Rows with their photos in them, as files have them; one that is no longer here is left out. Within a transaction only
 * where one of them has any: an empty turn would end it.
 */
export async function withPhotos<Row extends object>(db: VemmickDatabase, rows: readonly Row[]): Promise<readonly Row[]> {
  const names = rows.flatMap(photoNames);
  if (names.length === 0) return rows;
  const found = await db.photos.bulkGet([...names]);
  const data = new Map(found.flatMap((photo) => (photo ? [[photo.id, photo.data] as const] : [])));
  return rows.map((row) => swapTexts(row, (text) => (isPhotoName(text) ? (data.get(text) ?? null) : undefined)) as Row);
}

/** Rows are looked through so many at a time. */
const CHUNK = 500;
/** Among the settings once no row has its photos in itself. */
const PARTED_KEY = "photosParted";

/** Parts the photos of rows that an older program wrote. */
async function partOldRows(db: VemmickDatabase): Promise<void> {
  if ((await db.settings.get(PARTED_KEY)) !== undefined) return;
  let after = "";
  for (;;) {
    const rows = await db.stations.where("id").above(after).limit(CHUNK).toArray();
    const last = rows.at(-1);
    if (last === undefined) break;
    after = last.id;
    const ids = rows.filter((row) => partPhotos(row)[1].length > 0).map(({ id }) => id);
    if (ids.length === 0) continue;
    await db.transaction("rw", db.stations, async () => {
      // Read anew: one may have been changed meanwhile.
      const now = (await db.stations.bulkGet(ids)).filter((row) => row !== undefined);
      await db.stations.bulkPut(now);
    });
  }
  await db.settings.put({ key: PARTED_KEY, value: true });
}

/** The document that may bring the photos of a row back. */
const documentOf = (rowId: string): string => (rowId.includes("/") ? `traveller/${rowId.split("/", 1)[0] ?? ""}` : `part/${rowId}`);

/** Takes away photos that no row names any more, but for those that what a team has taken in or away may bring back. */
async function dropLoosePhotos(db: VemmickDatabase): Promise<void> {
  const shared = new Set(await db.documents.toCollection().primaryKeys());
  await db.transaction("rw", [db.stations, db.photos], async () => {
    const ids = await db.photos.toCollection().primaryKeys();
    const rowIds = new Set(await db.photos.orderBy("rowId").uniqueKeys());
    const rows = await db.stations.bulkGet([...rowIds] as never[]);
    const named = new Set(rows.flatMap((row) => (row ? photoNames(row) : [])));
    await db.photos.bulkDelete(ids.filter((id) => !named.has(id) && !shared.has(documentOf(rowOfPhoto(id)))));
  });
}

/** Brings photos and rows in line; for a worker, when nobody waits. */
export async function mendPhotos(db: VemmickDatabase): Promise<void> {
  await partOldRows(db);
  await dropLoosePhotos(db);
}
