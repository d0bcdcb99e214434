import { RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName, type Traveller } from "@/records";
import { motorOf, type Summary } from "./summary";
import { cardsOf, deleteSummaries, GONE_KEY, isOfCards, markVisits, OF_CARDS, touchCards, type VemmickDatabase } from "./vemmick-database";

/** Takes cards away with everything that belongs to them. The last step is a request: an empty turn would end the transaction. */
export async function deleteTravellers(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  const gone = (await db.travellers.bulkGet([...ids] as Traveller["id"][])).filter((row) => row !== undefined);
  if (gone.length > 0) await markVisits(db, gone.map(motorOf));
  for (const name of OF_CARDS) await db.recordsOfCards(name, ids).delete();
  // What a team shares can be brought back, with its photos.
  const shared = new Set(
    await db.documents
      .where("id")
      .anyOf(ids.map((id) => `traveller/${id}`))
      .primaryKeys(),
  );
  await db.photos
    .where("rowId")
    .startsWithAnyOf(ids.filter((id) => !shared.has(`traveller/${id}`)).map((id) => `${id}/`))
    .delete();
  await db.travellers.bulkDelete([...ids] as Traveller["id"][]);
  await db.settings.put({ key: GONE_KEY, value: crypto.randomUUID() });
  await deleteSummaries(db, ids as Summary["id"][]);
}

/** Types whose records belong to a line of the shelf. */
export const OF_LINES = RECORD_TYPE_NAMES.filter((name) => recordKindOf(name).lineField !== undefined);

/** Takes lines of the shelf away with what became of their pieces. */
export async function deleteParts(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  for (const name of OF_LINES)
    await db
      .recordTable(name)
      .where(recordKindOf(name).lineField ?? "id")
      .anyOf([...ids])
      .delete();
  await db.parts.bulkDelete([...ids]);
}

/** Takes records of one type away, with what is derived of them and what belongs to them. */
export function deleteRecords(db: VemmickDatabase, name: RecordTypeName, ids: readonly string[]): PromiseLike<unknown> {
  if (name === "traveller" && ids.length > 0) return deleteTravellers(db, ids);
  if (name === "part" && ids.length > 0) return deleteParts(db, ids);
  const table = db.recordTable(name);
  if (!isOfCards(name) || ids.length === 0) return table.bulkDelete([...ids]);
  return table.bulkGet([...ids]).then((rows) => {
    const cards = cardsOf(name, rows);
    const gone = table.bulkDelete([...ids]);
    return cards.length === 0 ? gone : gone.then(() => touchCards(db, cards));
  });
}
