/** @jest-environment node */
import "fake-indexeddb/auto";
import Dexie from "dexie";
import { stationOf } from "@/core/stations";
import { blankStationRow, RECORD_TYPES, stationRecordId, type Choice, type Part, type StationRecord, type Traveller } from "@/records";
import { putRecords, VemmickDatabase, writing } from "../vemmick-database";
import { mergeTeam, undoMerge } from "./merge-team";
import { readTeamFile } from "./read-team";
import { deviceOfFile, fileNameOf, nameDevice, teamDevice } from "./team-device";
import { keepNoted, knownVersions } from "./versions";
import { teamFile } from "./write-team-file";

const PHOTO = `data:image/jpeg;base64,${"A".repeat(400)}`;
let made = 0;
const opened: VemmickDatabase[] = [];
async function device(name: string): Promise<VemmickDatabase> {
  const db = new VemmickDatabase(`team-${(made += 1)}`);
  opened.push(db);
  await db.open();
  await nameDevice(db, name);
  return db;
}
afterEach(() => opened.splice(0).forEach((db) => db.close()));

let clock = Date.UTC(2026, 10, 1);
const tick = (): string => new Date((clock += 60_000)).toISOString();

const card = (id: string, machine: string, at = tick()): Traveller => ({
  ...(RECORD_TYPES.traveller.blank(id) as Traveller),
  machine,
  site: "Osier Dairy",
  createdAt: at,
  updatedAt: at,
});
/** The row of a station as a card has it. */
const row = (cardId: string, stationId: "complaint" | "windings", change: object, at = tick()): StationRecord =>
  ({
    ...blankStationRow(cardId, stationId, { ...(stationOf(stationId).blank as object), ...change }),
    updatedAt: at,
  }) as unknown as StationRecord;
const said = (cardId: string, words: string, at = tick()): StationRecord => row(cardId, "complaint", { said: words }, at);
const part = (id: string, quantity: number): Part => ({
  ...(RECORD_TYPES.part.blank(id) as Part),
  label: "5 µF",
  quantity,
  updatedAt: tick(),
});

/** Writes as a person's key does: the card of a station is touched with it. */
async function key(db: VemmickDatabase, cardId: string, words: string): Promise<void> {
  const at = tick();
  await writing(db, async () => {
    await db.travellers.update(cardId as Traveller["id"], { updatedAt: at });
    await putRecords(db, "station", [said(cardId, words, at)]);
  });
}
const saidOn = async (db: VemmickDatabase, cardId: string): Promise<unknown> =>
  ((await db.stations.get(stationRecordId(cardId as Traveller["id"], "complaint")))?.data as { said?: unknown } | undefined)?.said;

async function read(db: VemmickDatabase, from: VemmickDatabase) {
  const found = await readTeamFile(db, (await teamFile(from)).blob);
  if (!found.ok) throw new Error(JSON.stringify(found.failure));
  return found.value;
}
async function merge(db: VemmickDatabase, from: VemmickDatabase, choices: Readonly<Record<string, Choice>> = {}) {
  const done = await mergeTeam(db, await read(db, from), { choices });
  if (!done.ok) throw new Error(JSON.stringify(done.failure));
  return done.value;
}
/** Everything records and versions hold. */
const everything = async (db: VemmickDatabase) =>
  JSON.stringify(
    await Promise.all(
      [...db.recordTables, db.versions].map(async (table) => (await table.toArray()).map((row) => JSON.stringify(row)).sort()),
    ),
  );

async function pair() {
  const [a, b] = [await device("Ivo's tablet"), await device("Sefa's phone")];
  await writing(a, async () => {
    await putRecords(a, "traveller", [card("c1", "Milk-tank agitator"), card("c2", "Yard fan")]);
    await putRecords(a, "station", [said("c1", "hums"), said("c2", "slow")]);
    await putRecords(a, "part", [part("p1", 3)]);
  });
  await merge(b, a);
  return [a, b] as const;
}

test("cards, what is on them and the shelf come over, and the second reading has nothing new", async () => {
  const [a, b] = await pair();
  expect(await saidOn(b, "c1")).toBe("hums");
  expect(await b.parts.get("p1")).toMatchObject({ quantity: 3 });
  expect((await b.summaries.get("c1" as Traveller["id"]))?.machine).toBe("Milk-tank agitator");
  expect((await read(b, a)).counts).toEqual({ newCards: 0, changedCards: 0, goneCards: 0, others: 0, conflicts: 0 });
});

test("two people on two stations of one card: both stay; on the same one: it is asked, and nothing is overwritten before", async () => {
  const [a, b] = await pair();
  await key(a, "c1", "hums since the storm");
  await key(b, "c1", "does not start");
  await key(b, "c2", "slow, and hot");
  const planned = await read(a, b);
  expect(planned.counts).toMatchObject({ changedCards: 1, conflicts: 1 });
  const merged = await merge(a, b);
  expect(await saidOn(a, "c1")).toBe("hums since the storm");
  expect(await saidOn(a, "c2")).toBe("slow, and hot");
  expect(merged.from.name).toBe("Sefa's phone");
  await merge(a, b, { "station/c1/complaint": "theirs" });
  expect(await saidOn(a, "c1")).toBe("does not start");
  await merge(b, a);
  expect(await saidOn(b, "c1")).toBe("does not start");
  expect((await read(a, b)).counts.conflicts).toBe(0);
});

test("the undo of a merge is exact, photos too, and what was changed since stays whole", async () => {
  const [a, b] = await pair();
  await writing(b, async () => {
    await putRecords(b, "station", [row("c2", "windings", { photo: PHOTO })]);
  });
  await merge(a, b);
  const before = await everything(b);
  await key(a, "c1", "hums louder");
  await writing(a, async () => {
    await putRecords(a, "traveller", [card("c3", "Dryer drum")]);
    await putRecords(a, "station", [row("c2", "windings", { photo: null })]);
    await a.parts.update("p1", { quantity: 2, updatedAt: tick() });
  });
  const { id } = await merge(b, a);
  expect(await b.travellers.count()).toBe(3);
  expect(await undoMerge(b, id)).toMatchObject({ ok: true, value: { keptCards: [], keptOthers: 0 } });
  expect(await everything(b)).toBe(before);
  // The same once more, with a card that is worked on between.
  const again = await merge(b, a);
  await key(b, "c1", "hums, and smells");
  const back = await undoMerge(b, again.id);
  expect(back).toMatchObject({ ok: true, value: { keptCards: ["Milk-tank agitator"] } });
  expect(await saidOn(b, "c1")).toBe("hums, and smells");
  expect(await b.travellers.get("c3" as Traveller["id"])).toBeUndefined();
  expect(await undoMerge(b, again.id)).toEqual({ ok: true, value: "nothing" });
});

test("a part taken off the shelf goes everywhere, and does not come back with an older file", async () => {
  const [a, b] = await pair();
  const old = (await teamFile(b)).blob;
  await writing(a, async () => a.parts.delete("p1"));
  await merge(b, a);
  expect(await b.parts.count()).toBe(0);
  const late = await readTeamFile(a, old);
  expect(late).toMatchObject({ ok: true, value: { counts: { others: 0 } } });
});

test("demo cards and demo parts are each device's own", async () => {
  const [a, b] = [await device("A"), await device("B")];
  await writing(a, async () => {
    await putRecords(a, "traveller", [{ ...card("demo-1", "Demo fan"), isDemo: true }, card("c9", "Own fan")]);
    await putRecords(a, "station", [said("demo-1", "demo"), said("c9", "own")]);
    await putRecords(a, "part", [{ ...part("demo-p", 1), isDemo: true }]);
  });
  await merge(b, a);
  expect((await b.travellers.toArray()).map(({ id }) => id)).toEqual(["c9"]);
  expect([await b.stations.count(), await b.parts.count()]).toEqual([1, 0]);
});

test("what is changed here while a plan is looked at is not overwritten", async () => {
  const [a, b] = await pair();
  await key(b, "c1", "from the phone");
  const planned = await read(a, b);
  await key(a, "c1", "keyed meanwhile");
  expect(await mergeTeam(a, planned)).toMatchObject({ ok: true });
  expect(await saidOn(a, "c1")).toBe("keyed meanwhile");
  expect((await read(a, b)).counts.conflicts).toBe(1);
});

test("let be half way, nothing of it is there", async () => {
  const [a, b] = await pair();
  await writing(a, async () =>
    putRecords(
      a,
      "traveller",
      Array.from({ length: 1200 }, (_, index) => card(`n${index}`, `Fan ${index}`)),
    ),
  );
  const before = await everything(b);
  expect(await mergeTeam(b, await read(b, a), { isCancelled: () => true })).toEqual({ ok: false, failure: { code: "import-cancelled" } });
  expect((await everything(b)).length).toBe(before.length);
});

test("everything cleared here takes nothing away from the team, not even while a file is being made", async () => {
  const [a, b] = await pair();
  const making = teamFile(b).catch((error: Error) => error.name);
  await b.transaction("rw", [b.settings, b.versions], async () => {
    await b.settings.clear();
    await b.versions.clear();
  });
  await Promise.all([b.travellers.clear(), b.stations.clear(), b.parts.clear()]);
  // Either it was whole before, or it is not made at all.
  const made = await making;
  if (typeof made !== "string") expect((await readTeamFile(a, made.blob)).ok).toBe(true);
  await merge(a, b);
  expect([await a.travellers.count(), await a.parts.count()]).toEqual([2, 1]);
  await merge(b, a);
  expect(await b.travellers.count()).toBe(2);
});

test("what was looked through before everything was cleared is not told as taken away", async () => {
  const [a] = await pair();
  const { id } = await teamDevice(a);
  const known = await knownVersions(a);
  await a.settings.clear();
  await expect(keepNoted(a, known, new Map(), id)).rejects.toThrow("the device was cleared");
  expect((await a.versions.toArray()).every(({ isGone }) => !isGone)).toBe(true);
});

describe("files of others that are no good are told, and nothing of them is taken", () => {
  test.each([
    ["half written", (text: string) => text.slice(0, text.length / 2), "file-not-json"],
    ["an ordinary export", (text: string) => text.replace(/,\n"versions": .*\n/, "\n").replace(/\n"team": .*\n/, "\n"), "file-no-team"],
    ["no list of versions", (text: string) => text.replace(/"versions": \{.*\}/, '"versions": 7'), "file-no-team"],
    ["a version below one", (text: string) => text.replace(/"of":\{"([a-z0-9]+)":1\}/, '"of":{"$1":0}'), "file-no-team"],
    ["of a newer program", (text: string) => text.replace(/"traveller":\d+/, '"traveller":99'), "file-newer"],
    ["something else", () => "a photo", "file-not-json"],
  ])("%s", async (_, spoil, code) => {
    const [a, b] = await pair();
    await key(a, "c1", "changed");
    const text = spoil(await (await teamFile(a)).blob.text());
    expect(await readTeamFile(b, new Blob([text]))).toMatchObject({ ok: false, failure: { code } });
    expect(await saidOn(b, "c1")).toBe("hums");
  });
  test("one bad record among good ones is left out, and comes with a later file", async () => {
    const [a, b] = await pair();
    await key(a, "c1", "changed");
    await key(a, "c2", "changed too");
    const text = (await (await teamFile(a)).blob.text()).replace('"said":"changed"', '"said":7');
    const found = await readTeamFile(b, new Blob([text]));
    if (!found.ok) throw new Error(found.failure.code);
    expect(found.value.leftOut).toBe(1);
    await mergeTeam(b, found.value);
    expect([await saidOn(b, "c1"), await saidOn(b, "c2")]).toEqual(["hums", "changed too"]);
    await merge(b, a);
    expect(await saidOn(b, "c1")).toBe("changed");
  });
  test("its own file", async () => {
    const [a] = await pair();
    expect(await readTeamFile(a, (await teamFile(a)).blob)).toEqual({ ok: false, failure: { code: "file-own" } });
  });
});

test("a device's file bears its id, and the id comes back out of the name", async () => {
  const a = await device("A");
  const { id } = await teamDevice(a);
  expect(deviceOfFile(fileNameOf(id))).toBe(id);
  expect(deviceOfFile("team-k3x9 (1).vemmick.json")).toBeNull();
  expect((await teamDevice(a)).id).toBe(id);
});

test("a file of very many records is written whole", async () => {
  const a = await device("A");
  const at = tick();
  // More than a call takes as arguments.
  const many = Array.from({ length: 130_000 }, (_, index): [string, string] => [`part/p${index}`, at]);
  const { id } = await teamDevice(a);
  const known = many.map(([key]) => ({ key, of: { [id]: 1 }, at, isGone: true }));
  jest.spyOn(a.versions, "toArray").mockReturnValue(Dexie.Promise.resolve(known) as never);
  const { blob } = await teamFile(a);
  const { versions } = JSON.parse(await blob.text()) as { versions: object };
  expect(Object.keys(versions)).toHaveLength(many.length);
});
