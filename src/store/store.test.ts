/** @jest-environment node */
import "fake-indexeddb/auto";
import { clearDemo, restoreDemo } from "./demo";
import { database } from "./database";
import { exportFile } from "./export-file";
import { applyImport, prepareImport } from "./import-file";
import { attempt, refusedAction, toStorageFailure } from "./storage-status";
import { wipeEverything } from "./wipe";
import { bringUpToDate } from "./bring-up-to-date";
import { NewerDataError, VemmickDatabase } from "./vemmick-database";
import { createTraveller } from "./create-traveller";
import { removeTraveller } from "./write-card";
import { skipStation, updateStation, updateTraveller } from "./write";
import { updateHouse } from "./write-house";
import { clearBench, clipBench, updateBench } from "./bench-draft";
import { addPart, removePart, updatePart } from "./parts";
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
  const { text } = await exportFile(id);
  await updateHouse((house) => ({ ...house, technician: "Sefa Lindqvist" }));
  await wipeEverything();
  const plan = await prepareImport(text);
  expect(await counts()).toEqual([0, 0]);
  if (!plan.ok) throw new Error(plan.failure.code);
  const taken = await applyImport(plan.value);
  if (!taken.ok) throw new Error(taken.failure.code);
  expect(await counts()).toEqual([1, 1]);
  expect(await taken.value()).toEqual({ ok: true, value: { records: 2, keptCards: [], keptOthers: {} } });
  expect(await counts()).toEqual([0, 0]);
  expect(await db.summaries.count()).toBe(0);
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
    [named("AbortError", named("CardGoneError")), "card-gone"],
    [named("Strange"), "storage-failed"],
    ["text", "storage-failed"],
  ])("%s", (error, code) => {
    expect(toStorageFailure(error).code).toBe(code);
  });
  test("an action that was refused is told until another is done", async () => {
    expect(await attempt(() => Promise.reject(named("QuotaExceededError")))).toBe(false);
    expect(refusedAction()).toEqual({ code: "storage-full" });
    expect(await attempt(() => Promise.resolve())).toBe(true);
    expect(refusedAction()).toBeNull();
  });
});

describe("the shelf", () => {
  const line = {
    kind: "capacitor" as const,
    label: "10 µF 450 V",
    maker: "Kelvane",
    place: "Truck",
    quantity: 2,
    price: 8.8,
    diameterMm: null,
    heightMm: null,
    terminals: null,
  };
  const own = async () => (await db.parts.toArray()).filter(({ isDemo }) => !isDemo);

  test("a line is put on, changed, taken off and put back", async () => {
    await addPart(line);
    const [part] = await own();
    if (!part) throw new Error("not kept");
    await updatePart(part.id, { quantity: 1 });
    expect(await own()).toMatchObject([{ label: "10 µF 450 V", quantity: 1 }]);
    const undo = await removePart(part);
    expect(await own()).toEqual([]);
    await undo?.();
    expect(await own()).toHaveLength(1);
  });

  test("the demo's lines come and go with the demo, own lines stay", async () => {
    await restoreDemo();
    expect(await db.parts.filter(({ isDemo }) => isDemo).count()).toBeGreaterThan(10);
    await clearDemo();
    expect(await db.parts.toArray()).toMatchObject([{ isDemo: false }]);
  });

  test("it travels in the file of everything, not in that of one card, and the import can be undone", async () => {
    const id = await newCard();
    const file = await exportFile("everything");
    expect((JSON.parse(file.text) as { parts: unknown[] }).parts).toHaveLength(1);
    expect((JSON.parse((await exportFile(id)).text) as { parts: unknown[] }).parts).toEqual([]);
    await wipeEverything();
    const plan = await prepareImport(file.text);
    const taken = plan.ok ? await applyImport(plan.value) : null;
    expect(await own()).toHaveLength(1);
    if (taken?.ok) await taken.value();
    expect(await own()).toEqual([]);
  });
});

describe("the bench", () => {
  const change = (part: object) => updateBench("capacitor", (data) => ({ ...data, ...part }));

  test("changes at the same time are both kept, and clipped to a card in place of what it had", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "old" }));
    await Promise.all([change({ label: "35 µF" }), change({ note: "from the bench" })]);
    expect(await clipBench("capacitor", id)).toBe(true);
    expect(await db.stations.get(`${id}/capacitor`)).toMatchObject({ data: { label: "35 µF", note: "from the bench" } });
    expect(await db.settings.get("bench/capacitor")).toBeUndefined();
  });

  test("thrown away it can be brought back; wiping the device takes it too", async () => {
    await change({ label: "20 µF" });
    const back = await clearBench("capacitor");
    expect(await db.settings.get("bench/capacitor")).toBeUndefined();
    await back?.();
    expect(await db.settings.get("bench/capacitor")).toMatchObject({ value: { label: "20 µF" } });
    await wipeEverything();
    expect(await db.settings.get("bench/capacitor")).toBeUndefined();
  });

  test("one field that cannot be read costs that field alone", async () => {
    await db.settings.put({ key: "bench/capacitor", value: { label: 42, note: "mine", place: { strapMm: "45", heightMm: [] } } });
    await change({ kit: "ptc" });
    const draft = (await db.settings.get("bench/capacitor"))?.value;
    expect(draft).toMatchObject({ label: "", note: "mine", kit: "ptc", place: { strapMm: "45", heightMm: "" } });
  });

  test("a draft of an older program is brought up to date", async () => {
    await db.settings.put({ key: "bench/capacitor", value: { label: "35 µF", readings: [], note: "old" }, version: 1 });
    await change({ kit: "potential-relay" });
    const draft = (await db.settings.get("bench/capacitor"))?.value;
    expect(draft).toMatchObject({ label: "35 µF", note: "old", kit: "potential-relay", starts: [], previous: [] });
  });
});
