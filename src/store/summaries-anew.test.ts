/** @jest-environment node */
import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { RECORD_TYPES, type Traveller, type TravellerId } from "@/records";
import { bringUpToDate } from "./bring-up-to-date";
import { SUMMARISED_KEY, VemmickDatabase } from "./vemmick-database";

/** Tables and indexes of the store's version 5, as that program wrote them. */
const VERSION_5 = {
  travellers: "id, updatedAt",
  stations: "id, travellerId",
  house: "id",
  parts: "id",
  settings: "key",
  summaries: "id, [motor+createdAt], [isOpen+updatedAt], createdAt, *dueDays, derivedBy, touchedMs",
  journal: "id",
  photos: "id, rowId",
};

test("a store of an older program has its summaries made anew, once, from its cards", async () => {
  const id = "card-1" as TravellerId;
  const card = { ...(RECORD_TYPES.traveller.blank(id) as Traveller), machine: "Foyer fan", callbackOf: "card-0" as TravellerId };
  const old = new Dexie("older");
  old.version(5).stores(VERSION_5);
  await old.open();
  await old.table("travellers").put(card);
  await old.table("summaries").put({ id, machine: "as it was", motor: "x", createdAt: card.createdAt, line: { marks: [] } });
  await old.table("settings").put({ key: SUMMARISED_KEY, value: true });
  old.close();

  const db = new VemmickDatabase("older");
  await db.open();
  expect(await db.settings.get(SUMMARISED_KEY)).toBeUndefined();
  await bringUpToDate(db);
  expect(await db.summaries.get(id)).toMatchObject({ machine: "Foyer fan", callbackOf: "card-0", line: null });
  // Once: what was derived since stays.
  await db.summaries.update(id, { machine: "derived since" });
  await bringUpToDate(db);
  expect((await db.summaries.get(id))?.machine).toBe("derived since");
  db.close();
});
