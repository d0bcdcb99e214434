/** @jest-environment node */
import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { standInFolder, type StandInFolder } from "@/devices/folder";
import { syncFolder, type FoundDevice, type Seen } from "@/features/team/folder-sync";
import { stationOf } from "@/core/stations";
import {
  blankStationRow,
  NO_RECORDS,
  RECORD_TYPES,
  writeVemmickFile,
  stationRecordId,
  type Part,
  type StationRecord,
  type Traveller,
} from "@/records";
import { deleteTravellers } from "../delete-records";
import { putRecords, VemmickDatabase, writing } from "../vemmick-database";
import { moveLines } from "../stock-moves";
import { engineReady } from "./engine";
import { createTeamCalls } from "./team-calls";
import { contentSign, readHead, readSegment, writeSegment } from "@/records/team";
import { nameDevice, thisDevice } from "./team-device";

const wasm = () => Promise.resolve(new Uint8Array(readFileSync(join("node_modules", "@automerge/automerge/dist/automerge.wasm"))));
const ready = () => engineReady(wasm);

interface Device {
  readonly db: VemmickDatabase;
  readonly calls: ReturnType<typeof createTeamCalls>;
  readonly seen: Seen;
}
let made = 0;
const opened: VemmickDatabase[] = [];
async function device(name: string): Promise<Device> {
  const db = new VemmickDatabase(`team-${(made += 1)}`);
  opened.push(db);
  await db.open();
  await nameDevice(db, name);
  return { db, calls: createTeamCalls(() => db, ready), seen: new Map() };
}
afterEach(() => opened.splice(0).forEach((db) => db.close()));
const sync = (folder: StandInFolder, { db, calls, seen }: Device, isTaken = true) =>
  syncFolder(folder, db, calls as never, { isTaken, seen });

let clock = Date.UTC(2026, 10, 1);
const tick = (): string => new Date((clock += 60_000)).toISOString();
const card = (id: string, machine: string, at = tick()): Traveller => ({
  ...(RECORD_TYPES.traveller.blank(id) as Traveller),
  machine,
  site: "Osier Dairy",
  createdAt: at,
  updatedAt: at,
});
const row = (cardId: string, change: object, at = tick()): StationRecord =>
  ({
    ...blankStationRow(cardId, "complaint", { ...(stationOf("complaint").blank as object), ...change }),
    updatedAt: at,
  }) as unknown as StationRecord;
async function key({ db }: Device, cardId: string, words: string): Promise<void> {
  const at = tick();
  await writing(db, async () => {
    await db.travellers.update(cardId as Traveller["id"], { updatedAt: at });
    await putRecords(db, "station", [row(cardId, { said: words }, at)]);
  });
}
const saidOn = async ({ db }: Device, cardId: string): Promise<unknown> =>
  ((await db.stations.get(stationRecordId(cardId as Traveller["id"], "complaint")))?.data as { said?: unknown } | undefined)?.said;
const line = ({ db }: Device, id: string, quantity: number) =>
  writing(db, async () =>
    putRecords(db, "part", [{ ...(RECORD_TYPES.part.blank(id) as Part), label: "5 µF", quantity, updatedAt: tick() }]),
  );
const take = ({ db }: Device, id: string) =>
  writing(db, async () => {
    const part = await db.parts.get(id);
    if (part) await moveLines(db, [{ part, kind: "taken", by: -1 }], { at: tick(), who: "" });
  });
const pieces = async ({ db }: Device, id: string) => (await db.parts.get(id))?.quantity;
const round = async (folder: StandInFolder, ...devices: Device[]): Promise<readonly FoundDevice[]> => {
  let last: readonly FoundDevice[] = [];
  for (const each of devices) last = (await sync(folder, each)).devices;
  return last;
};

test("cards, what is on them and the shelf come over, and the second reading has nothing new", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
  await key(a, "c1", "hums");
  await line(a, "p1", 5);
  expect((await sync(folder, a)).own).toBe("written");
  const found = await round(folder, b);
  expect(found).toMatchObject([{ state: "read", outline: { counts: { newCards: 1, others: 1 }, isTaken: true } }]);
  expect(await saidOn(b, "c1")).toBe("hums");
  expect(await pieces(b, "p1")).toBe(5);
  expect((await sync(folder, b)).devices).toEqual([]);
});

test("two who each take one of five leave three on both", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await line(a, "p1", 5);
  await round(folder, a, b);
  await take(a, "p1");
  await take(b, "p1");
  await round(folder, a, b, a);
  expect([await pieces(a, "p1"), await pieces(b, "p1")]).toEqual([3, 3]);
  // Of a line that nobody here had moved yet another one's move is not the whole of it.
  await line(a, "p2", 5);
  await round(folder, a, b);
  await take(b, "p2");
  await round(folder, b, a);
  await take(a, "p2");
  await round(folder, a, b);
  expect([await pieces(a, "p2"), await pieces(b, "p2")]).toEqual([3, 3]);
});

test("two people on one field: it is asked, and nothing is overwritten before; what is chosen holds on both", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
  await round(folder, a, b);
  await key(a, "c1", "hums");
  await key(b, "c1", "dead");
  // What waits for a choice has changed no card yet.
  expect(await round(folder, a, b)).toMatchObject([{ outline: { counts: { changedCards: 0, conflicts: 1 } } }]);
  await round(folder, a);
  expect([await saidOn(a, "c1"), await saidOn(b, "c1")]).toEqual(["hums", "dead"]);
  const asked = await a.calls.disagreements();
  if (!asked.ok) throw new Error("not read");
  expect(asked.value).toMatchObject([
    { document: "traveller/c1", name: "station", fields: [["data", "said"]], sides: [{ who: "A", isMine: true }, { who: "B" }] },
  ]);
  const theirs = asked.value[0]?.sides[1]?.texts ?? {};
  await a.calls.choose({ "traveller/c1": theirs });
  expect(await saidOn(a, "c1")).toBe("dead");
  await round(folder, a, b, a);
  expect([await saidOn(a, "c1"), await saidOn(b, "c1")]).toEqual(["dead", "dead"]);
  expect(await b.calls.disagreements()).toMatchObject({ value: [] });
});

test("an undo is heard of by everybody, and what is keyed after it is not overwritten", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
  await key(a, "c1", "hums");
  await round(folder, a, b);
  await key(b, "c1", "dead");
  await round(folder, b, a);
  const [merge] = await a.db.merges.toArray();
  await a.calls.undo(merge?.id ?? "");
  expect(await saidOn(a, "c1")).toBe("hums");
  await key(a, "c1", "hums loudly");
  await round(folder, b, a, b);
  expect([await saidOn(a, "c1"), await saidOn(b, "c1")]).toEqual(["hums loudly", "hums loudly"]);
});

test("a merge of what became of pieces is not taken back: the pieces are gone from their place; a price is", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await line(a, "p1", 5);
  await round(folder, a, b);
  await take(b, "p1");
  await round(folder, b, a);
  const last = async () => (await a.db.merges.orderBy("at").last())?.id ?? "";
  expect(await a.calls.undo(await last())).toMatchObject({ value: { records: 0, keptActs: 1 } });
  expect(await pieces(a, "p1")).toBe(4);
  const part = await b.db.parts.get("p1");
  await writing(b.db, async () => putRecords(b.db, "part", [{ ...(part as Part), price: 9, updatedAt: tick() }]));
  await round(folder, b, a);
  await take(a, "p1");
  expect(await a.calls.undo(await last())).toMatchObject({ value: { keptOthers: 0 } });
  expect([(await a.db.parts.get("p1"))?.price, await pieces(a, "p1")]).toEqual([0, 3]);
});

test("a handful of removals is taken along, many are asked about, and either can be brought back", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  const ids = Array.from({ length: 9 }, (_, index) => `c${index}`);
  await writing(a.db, async () =>
    putRecords(
      a.db,
      "traveller",
      ids.map((id) => card(id, `Fan ${id}`)),
    ),
  );
  await round(folder, a, b);
  await writing(a.db, async () => deleteTravellers(a.db, ids.slice(0, 2)));
  await round(folder, a, b);
  expect(await b.db.travellers.count()).toBe(7);
  await writing(a.db, async () => deleteTravellers(a.db, ids.slice(2, 9)));
  const [found] = await round(folder, a, b);
  expect(found).toMatchObject({ outline: { asked: 7 } });
  expect(await b.db.travellers.count()).toBe(7);
  await b.calls.answer(["traveller/c2"], true);
  await b.calls.answer(
    ids.slice(3).map((id) => `traveller/${id}`),
    false,
  );
  expect(await b.db.travellers.count()).toBe(6);
  await b.calls.bringBack(["traveller/c0"]);
  await round(folder, b, a);
  expect((await a.db.travellers.toArray()).map(({ id }) => id).sort()).toEqual(["c0", "c3", "c4", "c5", "c6", "c7", "c8"]);
  expect((await thisDevice(a.db)).id).not.toBe((await thisDevice(b.db)).id);
});

describe("files", () => {
  const heads = (folder: StandInFolder) => [...folder.files.keys()].filter((name) => name.endsWith(".head.json"));
  const segments = (folder: StandInFolder) => [...folder.files.keys()].filter((name) => name.endsWith(".jsonl.gz"));

  test("each device writes its own alone, what says nothing new is not written again, and what lies as it did is not read again", async () => {
    const folder = standInFolder("team");
    const [a, b, c] = [await device("A"), await device("B"), await device("C")];
    for (const [each, id] of [
      [a, "p1"],
      [b, "p2"],
      [c, "p3"],
    ] as const)
      await line(each, id, 2);
    await round(folder, a, b, c, a, b);
    for (const each of [a, b, c]) expect((await each.db.parts.toArray()).map(({ id }) => id).sort()).toEqual(["p1", "p2", "p3"]);
    expect(heads(folder)).toHaveLength(3);
    expect(segments(folder)).toHaveLength(3);
    await round(folder, a, b, c, a, b, c);
    const before = [...folder.files.keys()].sort();
    expect((await sync(folder, a)).own).toBe("kept");
    expect((await sync(folder, a)).devices).toEqual([]);
    expect([...folder.files.keys()].sort()).toEqual(before);
  });

  test("a segment that is on its way, or half written, is waited for, and what is there is taken meanwhile", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await line(a, "p1", 1);
    await sync(folder, a);
    const [name = ""] = segments(folder);
    const whole = folder.files.get(name);
    if (!whole) throw new Error("not written");
    const waiting = { state: "read", outline: null, waiting: 1 };
    folder.files.delete(name);
    expect(await round(folder, b)).toMatchObject([waiting]);
    folder.files.set(name, { ...whole, content: whole.content.slice(0, 40) });
    expect(await round(folder, b)).toMatchObject([waiting]);
    // As long as it should be, and other than its name says.
    folder.files.set(name, { ...whole, content: new Blob([new Uint8Array(whole.content.size)]) });
    expect(await round(folder, b)).toMatchObject([{ state: "read", waiting: 1 }]);
    folder.files.set(name, whole);
    expect(await round(folder, b)).toMatchObject([{ state: "read", waiting: 0, outline: { counts: { others: 1 } } }]);
    expect(await pieces(b, "p1")).toBe(1);
  });

  test("what builds on something that has not come waits for it, over a start of the program too", async () => {
    const folder = standInFolder("team");
    const [a, b, c] = [await device("A"), await device("B"), await device("C")];
    await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
    await round(folder, a, b);
    await key(b, "c1", "hums");
    await sync(folder, b);
    const own = (await thisDevice(a.db)).id;
    const late = [...folder.files].filter(([name]) => name.includes(own));
    for (const [name] of late) folder.files.delete(name);
    await sync(folder, c);
    expect(await c.db.travellers.count()).toBe(0);
    for (const [name, file] of late) folder.files.set(name, file);
    await sync(folder, { ...c, calls: createTeamCalls(() => c.db, ready) });
    expect(await saidOn(c, "c1")).toBe("hums");
  });

  test("many small ones are folded into one, which whoever has read them need not read", async () => {
    const folder = standInFolder("team");
    const [a, b, c] = [await device("A"), await device("B"), await device("C")];
    await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
    for (let words = 0; words < 15; words += 1) {
      await key(a, "c1", `hums ${words}`);
      await sync(folder, a);
    }
    expect(segments(folder)).toHaveLength(15);
    await sync(folder, b);
    await key(a, "c1", "hums on");
    await sync(folder, a);
    expect(segments(folder).length).toBeLessThanOrEqual(2);
    const unread = await b.calls.unread(JSON.parse(await (folder.files.get(heads(folder)[0] ?? "")?.content.text() ?? "{}")));
    expect(unread.ok && unread.value.length).toBe(1);
    await round(folder, b, c);
    expect([await saidOn(b, "c1"), await saidOn(c, "c1")]).toEqual(["hums on", "hums on"]);
  });

  test("what somebody took out of the folder is written again", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await line(a, "p1", 4);
    await sync(folder, a);
    for (const name of segments(folder)) folder.files.delete(name);
    await sync(folder, a);
    await sync(folder, b);
    expect(await pieces(b, "p1")).toBe(4);
  });

  test("a folder that refuses writes never makes a device a stranger to its own file", async () => {
    const folder = standInFolder("team");
    const a = await device("A");
    await line(a, "p1", 4);
    await sync(folder, a);
    const { id } = await thisDevice(a.db);
    const refusing: StandInFolder = { ...folder, write: () => Promise.reject(new DOMException("no", "NoModificationAllowedError")) };
    for (let times = 0; times < 6; times += 1) {
      await line(a, `q${times}`, 1);
      await expect(sync(refusing, a)).rejects.toThrow("no");
    }
    const after = await sync(folder, a);
    expect([after.isTwinFound, (await thisDevice(a.db)).id, heads(folder).length]).toEqual([false, id, 1]);
    const b = await device("B");
    await sync(folder, b);
    expect(await b.db.parts.count()).toBe(7);
  });

  test("a copied profile loses nothing, whichever of the two writes first, and takes a name of its own once they meet", async () => {
    const folder = standInFolder("team");
    const [a, copy, c] = [await device("A"), await device("copy"), await device("C")];
    await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
    await key(a, "c1", "hums");
    await sync(folder, a);
    for (const table of a.db.tables)
      if (table.name !== "marks") await copy.db.table(table.name).bulkPut(await a.db.table(table.name).toArray());
    await line(a, "p1", 7);
    await key(copy, "c1", "dead");
    // Each writes on its own side of a slow service; one head then lies in the place of the other.
    const other = { ...standInFolder("team"), files: new Map(folder.files) };
    const slow: StandInFolder = { ...standInFolder("slow") };
    for (const [name, file] of other.files) slow.files.set(name, file);
    await sync(slow, copy);
    await sync(folder, a);
    for (const [name, file] of slow.files) folder.files.set(name, file);
    const met = await sync(folder, a);
    expect(met.isTwinFound).toBe(true);
    expect((await thisDevice(a.db)).id).not.toBe((await thisDevice(copy.db)).id);
    await round(folder, copy, a, c, copy, a, c);
    for (const each of [a, copy, c]) expect([await pieces(each, "p1"), await saidOn(each, "c1")]).toEqual([7, "dead"]);
  });

  test("a bad line, a date no calendar has and a record of no known kind are left out by name, and the rest is taken", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await writing(a.db, async () =>
      putRecords(a.db, "traveller", [
        card("c1", "Agitator"),
        card("c2", "Fan of 2250", "2250-01-01T00:00:00.000Z"),
        card("c3", "Fan of 1965", "1965-01-01T00:00:00.000Z"),
      ]),
    );
    await line(a, "p1", 3);
    await sync(folder, a);
    const found = await round(folder, b);
    expect((await b.db.travellers.toArray()).map(({ id }) => id)).toEqual(["c1"]);
    expect(await pieces(b, "p1")).toBe(3);
    expect(found).toMatchObject([{ outline: { faults: [{ name: "Fan of 2250" }, { name: "Fan of 1965" }] } }]);
    // Nobody's to take away: it stays on the device that has it, also once something on it is changed, and nothing of it is kept without it.
    await round(folder, b, a);
    await key(a, "c2", "hums");
    await round(folder, a, b, a, b, a);
    expect(await b.db.stations.where("travellerId").equals("c2").count()).toBe(0);
    expect(await a.db.travellers.count()).toBe(3);
  });

  test("a segment with lines nobody can read gives the others", async () => {
    const segment = await writeSegment({ id: "k3x9mm02", name: "C" }, [
      { document: "part/p1", changes: new Uint8Array([1, 2]), photos: [] },
    ]);
    const text = await new Response(segment.stream().pipeThrough(new DecompressionStream("gzip"))).text();
    const bad = `${text}nonsense\n{"document":"../etc","changes":"AA=="}\n`;
    const packed = await new Response(new Blob([bad]).stream().pipeThrough(new CompressionStream("gzip"))).blob();
    expect(await readSegment(packed)).toMatchObject({ ok: true, value: { bad: 2, documents: [{ document: "part/p1" }] } });
    expect(await readSegment(new Blob(["x"]))).toMatchObject({ ok: false, failure: { code: "file-not-json" } });
    expect(await contentSign(segment)).toMatch(/^[0-9a-f]{24}$/);
  });

  test("a head of a newer program, of another device or of none is told, and not read again before it changes", async () => {
    const folder = standInFolder("team");
    const b = await device("B");
    const head = { format: "vemmick-team", device: { id: "k3x9mm02", name: "C" }, turn: "t", at: "x", segments: [], read: {} };
    const put = (name: string, content: object) => folder.write(name, new Blob([JSON.stringify(content)]));
    await put("team-k3x9mm02.head.json", { ...head, recordVersions: { station: 999 } });
    await put("team-mm02k3x9.head.json", { ...head, recordVersions: {} });
    await put("team-aaaabbbb.head.json", { hello: 1 });
    expect((await sync(folder, b)).devices).toMatchObject([
      { state: "failed", failure: { code: "file-newer", found: 999 } },
      { state: "failed", failure: { code: "file-no-team" } },
      { state: "failed", failure: { code: "file-not-json" } },
    ]);
    expect((await sync(folder, b)).devices).toEqual([]);
    expect(await readHead(new Blob([new Uint8Array(5_000_000)]))).toMatchObject({ failure: { code: "file-too-large" } });
  });

  test("a folder of other things is left alone", async () => {
    const folder = standInFolder("team");
    await folder.write("holiday.jpg", new Blob(["x"]));
    await folder.write("team-k3x9mm02 (conflicted copy).head.json", new Blob(["{}"]));
    expect((await sync(folder, await device("A"))).devices).toEqual([]);
  });
});

describe("the first form of team files", () => {
  const old = (quantity: number, said: string, at: string): Blob => {
    const records = {
      ...NO_RECORDS,
      traveller: [{ ...card("c1", "Agitator", at), createdAt: "2026-10-30T10:00:00.000Z" }],
      station: [row("c1", { said }, at)],
      part: [{ ...(RECORD_TYPES.part.blank("p1") as Part), label: "5 µF", quantity, updatedAt: at }],
    };
    const { text } = writeVemmickFile(records, at);
    return new Blob([
      JSON.stringify({ ...(JSON.parse(text) as object), team: { id: "oldone22", name: "Old phone", turn: "t" }, versions: {} }),
    ]);
  };
  test("is carried over once: what is new is taken, what differs is asked about, and its device is told of", async () => {
    const folder = standInFolder("team");
    const a = await device("A");
    await folder.write("team-oldone22.vemmick.json", old(5, "hums", tick()));
    const [found] = (await sync(folder, a)).devices;
    expect(found).toMatchObject({ state: "old", outline: { from: { name: "Old phone" }, counts: { newCards: 1, others: 1 } } });
    expect([await saidOn(a, "c1"), await pieces(a, "p1")]).toEqual(["hums", 5]);
    await key(a, "c1", "dead");
    await folder.write("team-oldone22.vemmick.json", old(5, "squeals", tick()));
    await sync(folder, a);
    expect(await saidOn(a, "c1")).toBe("dead");
    const asked = await a.calls.disagreements();
    expect(asked.ok && asked.value.flatMap(({ sides }) => sides.map(({ texts }) => Object.values(texts)[0]))).toEqual([
      '"dead"',
      '"squeals"',
    ]);
  });
});

describe("cleared, copied and carried", () => {
  test("demo cards and demo parts are each device's own", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await writing(a.db, async () => {
      await putRecords(a.db, "traveller", [{ ...card("demo-x", "Blower"), isDemo: true }]);
      await putRecords(a.db, "part", [{ ...(RECORD_TYPES.part.blank("d1") as Part), isDemo: true }]);
    });
    await round(folder, a, b);
    expect([await b.db.travellers.count(), await b.db.parts.count()]).toEqual([0, 0]);
  });

  test("everything cleared here takes nothing away from the team", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await line(a, "p1", 3);
    await round(folder, a, b);
    await a.db.transaction("rw", [a.db.settings, ...a.db.teamTables], async () => {
      await a.db.settings.clear();
      for (const table of a.db.teamTables) await table.clear();
    });
    await a.db.parts.clear();
    await a.db.moves.clear();
    await round(folder, a, b, a);
    expect([await pieces(b, "p1"), await pieces(a, "p1")]).toEqual([3, 3]);
  });

  test("photos come along as files of their own, and a removed card comes back with them", async () => {
    const photo = `data:image/jpeg;base64,${"A".repeat(400)}`;
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    const windings = { ...blankStationRow("c1", "windings", { ...(stationOf("windings").blank as object), photo }), updatedAt: tick() };
    await writing(a.db, async () => {
      await putRecords(a.db, "traveller", [card("c1", "Agitator")]);
      await putRecords(a.db, "station", [windings as unknown as StationRecord]);
      await putRecords(a.db, "part", [{ ...(RECORD_TYPES.part.blank("p1") as Part), label: "Fan", photo, updatedAt: tick() }]);
    });
    await sync(folder, a);
    const photos = [...folder.files].filter(([name]) => name.startsWith("team-photo-"));
    expect(photos).toHaveLength(1);
    for (const [name] of photos) folder.files.delete(name);
    expect(await round(folder, b)).toMatchObject([{ waiting: 1 }]);
    expect(await b.db.parts.count()).toBe(0);
    for (const [name, file] of photos) folder.files.set(name, file);
    await sync(folder, b);
    expect((await b.db.photos.toArray()).map(({ data }) => data)).toContain(photo);
    expect((await b.db.parts.get("p1"))?.photo).toBe(photo);
    await writing(b.db, async () => deleteTravellers(b.db, ["c1"]));
    await round(folder, b, a);
    expect(await a.db.travellers.count()).toBe(0);
    await a.calls.bringBack(["traveller/c1"]);
    await round(folder, a, b);
    for (const { db } of [a, b]) {
      const kept = await db.stations.get(stationRecordId("c1" as Traveller["id"], "windings"));
      const name = (kept?.data as { photo: string }).photo;
      expect((await db.photos.get(name))?.data).toBe(photo);
    }
  });

  test("by hand one file has all of it; a device's own file is told as that", async () => {
    const [a, b] = [await device("A"), await device("B")];
    await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
    await key(a, "c1", "hums");
    const made = await a.calls.whole();
    if (!made.ok) throw new Error("not made");
    expect(await a.calls.openByHand(made.value.content)).toMatchObject({ failure: { code: "file-own" } });
    const opened = await b.calls.openByHand(made.value.content);
    if (!opened.ok) throw new Error("not opened");
    const look = await b.calls.take(opened.value.id, new Map(), true, () => undefined);
    expect(look).toMatchObject({ value: { isTaken: false, counts: { newCards: 1 } } });
    expect(await b.db.travellers.count()).toBe(0);
    await b.calls.take(opened.value.id, new Map(), false, () => undefined);
    expect(await saidOn(b, "c1")).toBe("hums");
  });

  test("looking alone takes nothing, and what was changed here meanwhile is not mixed with it", async () => {
    const folder = standInFolder("team");
    const [a, b] = [await device("A"), await device("B")];
    await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
    await round(folder, a, b);
    await key(a, "c1", "hums");
    await sync(folder, a);
    await line(b, "p1", 2);
    await writing(b.db, async () => putRecords(b.db, "traveller", [{ ...card("c1", "Agitator 2") }]));
    const { devices } = await sync(folder, b, false);
    expect(devices).toMatchObject([{ outline: { isTaken: false, counts: { changedCards: 1 } } }]);
    expect(await saidOn(b, "c1")).toBeUndefined();
    await round(folder, b, a);
    expect([await saidOn(b, "c1"), (await a.db.travellers.get("c1" as Traveller["id"]))?.machine]).toEqual(["hums", "Agitator 2"]);
  });
});

test("the house plays on real stores: five devices, whatever they do, end with the same", async () => {
  const folder = standInFolder("team");
  const devices = await Promise.all(["A", "B", "C", "D", "E"].map(device));
  const [first] = devices;
  if (!first) throw new Error("no device");
  for (const id of ["p1", "p2"]) await line(first, id, 10);
  await round(folder, ...devices);
  let state = 7;
  const below = (most: number): number => (state = (state * 48271) % 2147483647) % most;
  let taken = 0;
  for (let act = 0; act < 120; act += 1) {
    const own = devices[below(5)] ?? first;
    const id = `c${below(5)}`;
    const drawn = below(100);
    if (drawn < 35) {
      if (!(await own.db.travellers.get(id as Traveller["id"])) && (await own.db.documents.get(`traveller/${id}`))) continue;
      if (!(await own.db.travellers.get(id as Traveller["id"])))
        await writing(own.db, async () => putRecords(own.db, "traveller", [card(id, `Fan ${act}`)]));
      await key(own, id, `said ${act}`);
    } else if (drawn < 55) {
      await take(own, `p${1 + below(2)}`);
      taken += 1;
    } else if (drawn < 58) await writing(own.db, async () => deleteTravellers(own.db, [id]));
    else if (drawn < 62) {
      const merge = (await own.db.merges.toArray()).at(-1);
      if (merge && merge.counts.others === 0) await own.calls.undo(merge.id);
    } else await sync(folder, own);
  }
  for (let times = 0; times < 6; times += 1) {
    await round(folder, ...devices);
    const asked = await first.calls.disagreements();
    if (!asked.ok) throw new Error("not read");
    const choices = Object.fromEntries(asked.value.map(({ document, sides }) => [document, sides[0]?.texts ?? {}]));
    for (const { document, sides } of asked.value) Object.assign(choices[document] ?? {}, sides[0]?.texts ?? {});
    await first.calls.choose(choices);
  }
  const shared = async ({ db }: Device) => ({
    cards: (await db.travellers.toArray()).map(({ id, machine }) => [id, machine]),
    said: (await db.stations.toArray()).map(({ id, data }) => [id, (data as { said?: string }).said]),
    pieces: (await db.parts.toArray()).map(({ id, quantity }) => [id, quantity]),
  });
  const wanted = await shared(first);
  for (const each of devices) expect(await shared(each)).toEqual(wanted);
  const sums = (await first.db.moves.toArray()).reduce((sum, { by }) => sum + by, 0);
  expect(sums).toBe(20 - taken);
});
