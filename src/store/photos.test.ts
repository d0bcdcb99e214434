/** @jest-environment node */
import "fake-indexeddb/auto";
import { STATIONS } from "@/core/stations";
import type { TravellerId } from "@/records";
import { createTraveller } from "./create-traveller";
import { database } from "./database";
import { exportFile } from "./export-file";
import { applyImport, prepareImport } from "./import-file";
import { mendPhotos, withPhotos } from "./kept-photos";
import { partPhotos, photoNames } from "./photos";
import { wipeEverything } from "./wipe";
import { updateStation } from "./write";
import { removeTraveller } from "./write-card";

const db = database();
const picture = (of: string): string => `data:image/jpeg;base64,${Buffer.from(of.repeat(50)).toString("base64")}`;
const [BOARD, WHEEL, KEY] = [picture("board"), picture("wheel"), picture("key")];
const step = (id: string, photo: string | null) => ({
  id,
  part: "wheel" as const,
  name: "",
  count: 1,
  place: null,
  way: "",
  photo,
  backAt: null,
  countBack: 0,
  isNew: false,
});

async function pictured(): Promise<TravellerId> {
  const id = await createTraveller("rumbles", ["rumbles"], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  await updateStation(id, "windings", (data) => ({ ...data, photo: BOARD }));
  await updateStation(id, "take-apart", (data) => ({ ...data, steps: [step("a", WHEEL), step("b", KEY)] }) as typeof data);
  return id;
}
const rowsOf = (id: TravellerId) => db.stations.where("travellerId").equals(id).toArray();
const photosOf = (id: TravellerId) => db.photos.where("rowId").startsWith(`${id}/`).toArray();
const inside = async (id: TravellerId): Promise<string> => JSON.stringify(await withPhotos(db, await rowsOf(id)));
/** Past the program, as an older one left it. */
const putRaw = (table: string, row: object): Promise<void> =>
  new Promise((resolve, reject) => {
    const put = db.backendDB().transaction(table, "readwrite").objectStore(table).put(row);
    put.onsuccess = () => resolve();
    put.onerror = () => reject(new Error("not put"));
  });

beforeAll(async () => {
  await wipeEverything();
});
afterAll(() => db.close());

test("photos lie apart from their rows, and come back into them", async () => {
  const id = await pictured();
  const rows = await rowsOf(id);
  expect(JSON.stringify(rows)).not.toContain("data:image");
  expect(rows.flatMap(photoNames)).toHaveLength(3);
  expect((await photosOf(id)).map(({ data }) => data).sort()).toEqual([BOARD, KEY, WHEEL].sort());
  const whole = await withPhotos(db, rows);
  expect(whole.find(({ stationId }) => stationId === "windings")?.data).toMatchObject({ photo: BOARD });
  expect(whole.find(({ stationId }) => stationId === "take-apart")?.data).toMatchObject({ steps: [{ photo: WHEEL }, { photo: KEY }] });
  // Written again, nothing is kept twice.
  await db.stations.bulkPut([...whole]);
  expect(await photosOf(id)).toHaveLength(3);
  expect(partPhotos(whole[0] ?? {})[0]).toEqual(rows[0]);
});

test("a step that moves up keeps its own photo", async () => {
  const id = await pictured();
  await updateStation(
    id,
    "take-apart",
    (data) => ({ ...data, steps: [...data.steps.slice(1), step("c", picture("washer"))] }) as typeof data,
  );
  const rows = await withPhotos(db, await rowsOf(id));
  expect(rows.find(({ stationId }) => stationId === "take-apart")?.data).toMatchObject({
    steps: [{ photo: KEY }, { photo: picture("washer") }],
  });
});

test("a file has them in its records; taken in elsewhere they lie apart again", async () => {
  const id = await pictured();
  const { text, misfits } = await exportFile(id);
  expect(misfits).toEqual([]);
  for (const photo of [BOARD, WHEEL, KEY]) expect(text).toContain(photo);
  expect(text).not.toContain('"photo:');
  const everything = await exportFile("everything");
  for (const photo of [BOARD, WHEEL, KEY]) expect(everything.text).toContain(photo);
  await wipeEverything();
  expect(await db.photos.count()).toBe(0);
  const plan = await prepareImport(text);
  if (!plan.ok) throw new Error(plan.failure.code);
  expect((await applyImport(plan.value)).ok).toBe(true);
  expect(await photosOf(id)).toHaveLength(3);
  expect((await exportFile(id)).text).toContain(WHEEL);
});

test("they go with a card that is removed, and come back with it", async () => {
  const id = await pictured();
  const undo = await removeTraveller(id);
  expect(await photosOf(id)).toEqual([]);
  await mendPhotos(db);
  await undo?.();
  for (const photo of [BOARD, WHEEL, KEY]) expect(await inside(id)).toContain(photo);
});

test("an import that took another photo's place is undone with the photo", async () => {
  const id = await pictured();
  const file = (await exportFile(id)).text;
  const later = file.replaceAll(BOARD, picture("another")).replaceAll(/"updatedAt":"\d{4}/g, '"updatedAt":"2030');
  const plan = await prepareImport(later);
  if (!plan.ok) throw new Error(plan.failure.code);
  const applied = await applyImport(plan.value);
  if (!applied.ok) throw new Error(applied.failure.code);
  expect(await inside(id)).toContain(picture("another"));
  await mendPhotos(db);
  expect((await photosOf(id)).map(({ data }) => data)).not.toContain(BOARD);
  const undone = await applied.value();
  expect(undone).toMatchObject({ ok: true });
  expect(await inside(id)).toContain(BOARD);
  expect(await inside(id)).not.toContain(picture("another"));
});

test("a photo that no row names goes; one that is named stays; what an older program left inside a row is parted", async () => {
  const id = await pictured();
  await updateStation(id, "windings", (data) => ({ ...data, photo: null }));
  const old = {
    ...(await db.stations.get(`${id}/windings`)),
    id: `${id}/look`,
    stationId: "look",
    data: { ...STATIONS.look.blank, photo: KEY },
  };
  await putRaw("stations", old);
  await putRaw("photos", { id: "photo:gone/windings/1", rowId: "gone/windings", data: BOARD });
  await db.settings.delete("photosParted");
  await mendPhotos(db);
  const kept = await db.photos.toArray();
  expect(kept.some(({ data, rowId }) => data === BOARD && (rowId.startsWith(id) || rowId === "gone/windings"))).toBe(false);
  expect(await photosOf(id)).toHaveLength(3);
  expect(JSON.stringify(await rowsOf(id))).not.toContain("data:image");
  expect(await inside(id)).toContain(KEY);
});

test("a photo that is not on this device is left out of a file, and the record with it stays good", async () => {
  const id = await pictured();
  await db.photos.where("rowId").equals(`${id}/windings`).delete();
  const { text, misfits } = await exportFile(id);
  expect(misfits).toEqual([]);
  expect(text).not.toContain('"photo:');
  expect(text).toContain(WHEEL);
});
