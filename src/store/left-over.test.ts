import "fake-indexeddb/auto";
import { database } from "./database";
import { beginTraveller, finishTraveller } from "./create-traveller";
import type { JournalEntry } from "./change";
import { makeLeftOver } from "./left-over";
import { addPart } from "./parts";
import { dropUnsaved, unsaved } from "./unsaved";

const db = database();
beforeAll(() => db.open());
afterAll(() => db.close());
/** Notes of a tab that is no more. */
async function crashed(): Promise<readonly JournalEntry[]> {
  const entries = (await db.journal.toArray()).map((entry) => ({ ...entry, id: `dead/${entry.id}`, tab: "dead" }));
  await db.journal.clear();
  await db.journal.bulkPut(entries);
  return entries;
}

test("a card that was begun and never finished is there with its words after a crash", async () => {
  const { traveller } = beginTraveller("hums, and the lights dim", "Ivo Marrable");
  const entries = await crashed();
  expect(entries.map(({ kind }) => kind).sort()).toEqual(["station", "traveller"]);
  expect(await db.travellers.get(traveller.id)).toBeUndefined();
  await makeLeftOver(db);
  expect((await db.travellers.get(traveller.id))?.technician).toBe("Ivo Marrable");
  const rows = await db.stations.where("travellerId").equals(traveller.id).toArray();
  expect(rows.map(({ data }) => (data as { said?: string }).said)).toEqual(["hums, and the lights dim"]);
  expect(await db.journal.count()).toBe(0);
});

test("a card that was finished leaves no note, and is there once", async () => {
  const begun = beginTraveller("squeals", "Ivo Marrable");
  const id = await finishTraveller(begun, ["squeals"], { machine: "Fan", site: "Minnow Lido" });
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(await db.journal.count()).toBe(0);
  expect(await db.travellers.get(id ?? begun.traveller.id)).toMatchObject({ machine: "Fan", site: "Minnow Lido" });
});

test("a line of the Shelf is noted in the turn of the press", async () => {
  const kept = addPart({ kind: "bearing", label: "6203-2RS" });
  const entries = await crashed();
  expect(entries.map(({ kind }) => kind)).toEqual(["part"]);
  const id = await kept;
  await db.parts.delete(id ?? "");
  await makeLeftOver(db);
  expect((await db.parts.get(id ?? ""))?.label).toBe("6203-2RS");
});

test("what a full device refuses after a crash stays noted, is told, and is made once there is room", async () => {
  const { traveller } = beginTraveller("rattles", "");
  await crashed();
  const full = new DOMException("no room", "QuotaExceededError");
  const put = jest.spyOn(db.travellers, "bulkPut").mockRejectedValue(full);
  await makeLeftOver(db);
  put.mockRestore();
  expect(unsaved().map(({ change, failure }) => [change.kind, failure.code])).toContainEqual(["traveller", "storage-full"]);
  expect((await db.journal.toArray()).filter(({ key }) => key.startsWith(traveller.id))).toHaveLength(2);
  unsaved().forEach(({ change }) => dropUnsaved(change));
  await makeLeftOver(db);
  expect(await db.travellers.get(traveller.id)).toBeDefined();
  expect(await db.stations.where("travellerId").equals(traveller.id).count()).toBe(1);
  expect(await db.journal.count()).toBe(0);
});

test("what was keyed on a card that is gone has nowhere to go, and is not kept for ever", async () => {
  await db.journal.put({
    id: "dead/station/nobody/plate",
    tab: "dead",
    kind: "station",
    key: "nobody/plate",
    row: { skippedReason: "no ladder" },
    fields: [["skippedReason"]],
    version: 18,
    isSlim: true,
  });
  await makeLeftOver(db);
  expect(await db.journal.count()).toBe(0);
});
