/** @jest-environment node */
import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { standInFolder, type StandInFolder } from "@/devices/folder";
import { syncFolder, type FoundDevice, type Seen } from "@/features/team/folder-sync";
import { stationOf } from "@/core/stations";
import { blankStationRow, RECORD_TYPES, stationRecordId, type Part, type StationRecord, type Traveller } from "@/records";
import { putRecords, VemmickDatabase, writing, deleteTravellers } from "../vemmick-database";
import { moveLines } from "../stock-moves";
import { engineReady } from "./engine";
import { createTeamCalls } from "./team-calls";
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
});

test("two people on one field: it is asked, and nothing is overwritten before; what is chosen holds on both", async () => {
  const folder = standInFolder("team");
  const [a, b] = [await device("A"), await device("B")];
  await writing(a.db, async () => putRecords(a.db, "traveller", [card("c1", "Agitator")]));
  await round(folder, a, b);
  await key(a, "c1", "hums");
  await key(b, "c1", "dead");
  await round(folder, a, b, a);
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
