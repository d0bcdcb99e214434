/** @jest-environment node */
import "fake-indexeddb/auto";
import { standInFolder, type StandInFolder } from "@/devices/folder";
import { RECORD_TYPES, type Part } from "@/records";
import { putRecords, VemmickDatabase, writing } from "@/store/vemmick-database";
import { syncFolder, type Seen, type SyncCalls } from "./folder-sync";
import { createTeamCalls } from "@/store/team/team-calls";
import { fileNameOf, nameDevice, teamDevice } from "@/store/team/team-device";

interface Device {
  readonly db: VemmickDatabase;
  readonly calls: SyncCalls;
  readonly seen: Seen;
}
let made = 0;
const opened: VemmickDatabase[] = [];
async function device(name: string): Promise<Device> {
  const db = new VemmickDatabase(`sync-${(made += 1)}`);
  opened.push(db);
  await db.open();
  await nameDevice(db, name);
  const calls = createTeamCalls(() => db);
  return {
    db,
    calls: {
      ...calls,
      read: (file) => calls.read(file, () => undefined),
      merge: (of, choices) => calls.merge(of, choices, () => undefined),
    },
    seen: new Map(),
  };
}
afterEach(() => opened.splice(0).forEach((db) => db.close()));
const sync = (folder: StandInFolder, { db, calls, seen }: Device, isTaken = true) => syncFolder(folder, db, calls, isTaken, seen);

let clock = Date.UTC(2026, 10, 1);
const put = ({ db }: Device, id: string, quantity: number) =>
  writing(db, async () =>
    putRecords(db, "part", [
      { ...(RECORD_TYPES.part.blank(id) as Part), label: "5 µF", quantity, updatedAt: new Date((clock += 1000)).toISOString() },
    ]),
  );
const quantities = async ({ db }: Device) => Object.fromEntries((await db.parts.toArray()).map(({ id, quantity }) => [id, quantity]));

test("three devices share a folder: each writes its own file alone, and all end with the same", async () => {
  const folder = standInFolder("team");
  const [a, b, c] = [await device("A"), await device("B"), await device("C")];
  await put(a, "p1", 1);
  await put(b, "p2", 2);
  await put(c, "p3", 3);
  for (const each of [a, b, c, a, b]) await sync(folder, each);
  for (const each of [a, b, c]) expect(await quantities(each)).toEqual({ p1: 1, p2: 2, p3: 3 });
  const ids = await Promise.all([a, b, c].map(async ({ db }) => fileNameOf((await teamDevice(db)).id)));
  expect([...folder.files.keys()].sort()).toEqual([...ids].sort());
});

test("a file that says nothing new is not written again, and one that lies as it did is not read again", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await put(a, "p1", 1);
  expect((await sync(folder, a)).own).toBe("written");
  expect((await sync(folder, a)).own).toBe("kept");
  await sync(folder, b);
  await sync(folder, a);
  const again = await sync(folder, a);
  expect(again).toEqual({ devices: [], own: "kept", isTwinFound: false });
  await put(a, "p1", 5);
  expect((await sync(folder, a)).own).toBe("written");
});

test("looking alone takes nothing", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await put(a, "p1", 1);
  await sync(folder, a);
  const { devices } = await sync(folder, b, false);
  expect(devices).toMatchObject([{ state: "read", outline: { counts: { others: 1 } }, merge: null }]);
  expect(await quantities(b)).toEqual({});
  await sync(folder, b);
  expect(await quantities(b)).toEqual({ p1: 1 });
});

test("a half-written file of another is told and skipped, the rest is read, and once it is whole it is read too", async () => {
  const folder = standInFolder("team");
  const [a, b, c] = [await device("A"), await device("B"), await device("C")];
  await put(a, "p1", 1);
  await put(b, "p2", 2);
  for (const each of [a, b]) await sync(folder, each, false);
  const name = fileNameOf((await teamDevice(a.db)).id);
  const whole = folder.files.get(name);
  if (!whole) throw new Error("not written");
  folder.files.set(name, { content: whole.content.slice(0, Math.floor(whole.content.size / 2)), modifiedMs: whole.modifiedMs - 1 });
  const { devices } = await sync(folder, c);
  expect(devices.find(({ file }) => file === name)).toMatchObject({ state: "failed", failure: { code: "file-not-json" } });
  expect(await quantities(c)).toEqual({ p2: 2 });
  folder.files.set(name, whole);
  await sync(folder, c);
  expect(await quantities(c)).toEqual({ p1: 1, p2: 2 });
});

test("a folder of other things is left alone", async () => {
  const folder = standInFolder("team");
  await folder.write("holiday.jpg", new Blob(["x"]));
  await folder.write("team-k3x9 (conflicted copy).vemmick.json", new Blob(["{}"]));
  const a = await device("A");
  expect((await sync(folder, a)).devices).toEqual([]);
});

test("a copied profile writes under a name of its own as soon as the two meet: never two writers on one file", async () => {
  const folder = standInFolder("team");
  const [a, copy] = [await device("A"), await device("copy")];
  await put(a, "p1", 1);
  await sync(folder, a);
  // The whole profile, id and versions too.
  for (const table of ["settings", "versions", "parts"]) await copy.db.table(table).bulkPut(await a.db.table(table).toArray());
  await put(a, "p1", 7);
  await sync(folder, a);
  await put(copy, "p9", 9);
  const met = await sync(folder, copy);
  expect(met.isTwinFound).toBe(true);
  expect((await teamDevice(copy.db)).id).not.toBe((await teamDevice(a.db)).id);
  expect(folder.files.size).toBe(2);
  await sync(folder, a);
  await sync(folder, copy);
  expect(await quantities(a)).toEqual({ p1: 7, p9: 9 });
  expect(await quantities(copy)).toEqual({ p1: 7, p9: 9 });
});

test("what both changed waits for a choice, and everything else is taken meanwhile", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await put(a, "p1", 1);
  await sync(folder, a);
  await sync(folder, b);
  await put(a, "p1", 4);
  await put(b, "p1", 6);
  await put(b, "p2", 2);
  await sync(folder, b);
  const { devices } = await sync(folder, a);
  expect(await quantities(a)).toEqual({ p1: 4, p2: 2 });
  const [found] = devices;
  if (found?.state !== "read") throw new Error("not read");
  expect(found.outline.conflicts.map(({ id }) => id)).toEqual(["p1"]);
  await a.calls.merge(found.outline.from.id, { "part/p1": "theirs" });
  await sync(folder, a);
  await sync(folder, b);
  expect([await quantities(a), await quantities(b)]).toEqual([
    { p1: 6, p2: 2 },
    { p1: 6, p2: 2 },
  ]);
});
