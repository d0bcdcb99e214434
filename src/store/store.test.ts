/** @jest-environment node */
import "fake-indexeddb/auto";
import { clearDemo, restoreDemo } from "./demo";
import { database } from "./database";
import { applyImport, exportText, prepareImport, wipeEverything } from "./files";
import { keep, storageFailure, toStorageFailure } from "./storage-status";
import { bringUpToDate, NewerDataError, VemmickDatabase } from "./vemmick-database";
import { createTraveller, removeTraveller, skipStation, updateHouse, updateStation, updateTraveller } from "./write";
import type { TravellerId } from "@/records";

const db = database();
const counts = async () => [await db.travellers.count(), await db.stations.count()] as const;

async function newCard(): Promise<TravellerId> {
  const id = await createTraveller("hums", ["hums-no-start"], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  return id;
}

afterAll(() => db.close());

test("the first opening seeds the demo once", async () => {
  const [travellers] = await counts();
  expect(travellers).toBeGreaterThanOrEqual(6);
  await wipeEverything();
  expect(await counts()).toEqual([0, 0]);
  db.close();
  await db.open();
  expect(await counts()).toEqual([0, 0]);
});

test("clearing and restoring the demo leaves own cards alone", async () => {
  const id = await newCard();
  await restoreDemo();
  await clearDemo();
  expect(await db.travellers.toArray()).toMatchObject([{ id, isDemo: false }]);
  expect(await db.stations.where("travellerId").equals(id).count()).toBe(1);
});

test("changes of different fields made at the same time are both kept", async () => {
  const id = await newCard();
  await Promise.all([
    updateStation(id, "capacitor", (data) => ({ ...data, label: "35 µF" })),
    updateStation(id, "capacitor", (data) => ({ ...data, note: "warm" })),
    skipStation(id, "capacitor", "no meter"),
  ]);
  expect(await db.stations.get(`${id}/capacitor`)).toMatchObject({ data: { label: "35 µF", note: "warm" }, skippedReason: "no meter" });
});

test("a card that is removed can be put back with all its stations", async () => {
  const id = await newCard();
  await updateTraveller(id, { machine: "Fan" });
  const undo = await removeTraveller(id);
  expect(await db.travellers.get(id)).toBeUndefined();
  expect(await db.stations.where("travellerId").equals(id).count()).toBe(0);
  await undo?.();
  expect(await db.travellers.get(id)).toMatchObject({ machine: "Fan" });
  expect(await db.stations.where("travellerId").equals(id).count()).toBe(1);
  expect(await removeTraveller("nobody" as TravellerId)).toBeNull();
});

test("an import is planned without writing, applied as one, and undone", async () => {
  await wipeEverything();
  const id = await newCard();
  const text = await exportText(id);
  await updateHouse((house) => ({ ...house, technician: "Sefa Lindqvist" }));
  await wipeEverything();
  const plan = await prepareImport(text);
  expect(await counts()).toEqual([0, 0]);
  if (!plan.ok) throw new Error(plan.failure.code);
  const undo = await applyImport(plan.value);
  expect(await counts()).toEqual([1, 1]);
  await undo?.();
  expect(await counts()).toEqual([0, 0]);
  expect(await prepareImport("{")).toMatchObject({ ok: false, failure: { code: "file-not-json" } });
});

test("data of a newer program is refused without writing", async () => {
  const other = new VemmickDatabase("newer");
  await other.settings.put({ key: "recordVersions", value: { traveller: 99, station: 1, house: 1 } });
  await expect(bringUpToDate(other)).rejects.toThrow(NewerDataError);
  expect((await other.settings.get("recordVersions"))?.value).toMatchObject({ traveller: 99 });
  other.close();
});

describe("trouble with storage", () => {
  const named = (name: string, inner?: unknown) => Object.assign(new Error("x"), { name, inner });
  test.each([
    [named("AbortError", named("QuotaExceededError")), "storage-full"],
    [named("OpenFailedError", named("InvalidStateError")), "storage-blocked"],
    [named("MissingAPIError"), "storage-blocked"],
    [named("NewerDataError"), "storage-newer"],
    [named("Strange"), "storage-failed"],
    ["text", "storage-failed"],
  ])("%s", (error, code) => {
    expect(toStorageFailure(error).code).toBe(code);
  });
  test("is shown until a write is kept again", async () => {
    expect(await keep(() => Promise.reject(named("QuotaExceededError")))).toBe(false);
    expect(storageFailure()).toEqual({ code: "storage-full" });
    expect(await keep(() => Promise.resolve())).toBe(true);
    expect(storageFailure()).toBeNull();
  });
});
