/** @jest-environment node */
import "fake-indexeddb/auto";
import * as v from "valibot";
import { fitText, TEXT_LENGTHS } from "@/core/kept";
import { STATION_IDS, STATIONS, stationOf, type StationId } from "@/core/stations";
import { PRESENT_VERSIONS, stationRecordId, type HouseRecord, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { demoRecords } from "@/records/demo";
import { changedFields, mergeChanges, type Change } from "./change";
import { changeRow, letGo, remember, retryUnsaved } from "./change-row";
import { database } from "./database";
import { exportFile } from "./export-file";
import { applyImport, prepareImport, type Undo } from "./import-file";
import { leftOver } from "./journal";
import { makeLeftOver } from "./left-over";
import { joinCards } from "../../tests/support/join-cards";
import { assessCard, assessKept, readEarlier, readEarlierOfMany } from "./kept-card";
import { later } from "./later";
import { soundRecord, soundStations } from "./sound";
import { refusedAction, reportRefusal } from "./storage-status";
import { addUnsaved, allWithUnsaved, dropUnsaved, unsaved, withUnsaved } from "./unsaved";
import { putTravellers, writing } from "./vemmick-database";
import { wipeEverything } from "./wipe";
import { createTraveller } from "./create-traveller";
import { entryInHand, skipStation, updateStation, updateTraveller } from "./write";
import { newVisit, removeTraveller } from "./write-card";
import { updateHouse } from "./write-house";
import { toHouseFigures } from "@/core/house";
import { studyNow } from "@/core/study/answer";

const db = database();

beforeEach(async () => {
  await wipeEverything();
  reportRefusal(null);
});
afterAll(() => db.close());

async function newCard(): Promise<TravellerId> {
  const id = await createTraveller("hums", ["hums-no-start"], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  return id;
}
const rowAt = (id: TravellerId, station: StationId) => db.stations.get(stationRecordId(id, station));
const travellerAt = async (id: TravellerId): Promise<Traveller> => {
  const found = await db.travellers.get(id);
  if (!found) throw new Error("no such card");
  return found;
};

async function roundTrip(): Promise<{ misfits: number; faults: number }> {
  const written = await exportFile("everything");
  await wipeEverything();
  const plan = await prepareImport(written.text);
  if (!plan.ok) throw new Error(plan.failure.code);
  const taken = await applyImport(plan.value);
  expect(taken.ok).toBe(true);
  return { misfits: written.misfits.length, faults: plan.value.faults.length };
}

/** While this is set, the device takes nothing. */
let isFull = false;
/** So many puts of cards are refused, and then there is room again. */
let refuseNext = 0;
const realPut = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, "put")?.value as typeof IDBObjectStore.prototype.put;
IDBObjectStore.prototype.put = function (...parts) {
  if (this.name === "travellers" && refuseNext > 0) {
    refuseNext -= 1;
    throw new DOMException("no room", "QuotaExceededError");
  }
  if (isFull) throw new DOMException("no room", "QuotaExceededError");
  return realPut.apply(this, parts);
};

describe("whatever can be kept can be exported and taken in again", () => {
  const pathsOf = (value: unknown, path: readonly string[] = []): (readonly string[])[] =>
    typeof value === "string"
      ? [path]
      : typeof value === "object" && value !== null
        ? Object.entries(value).flatMap(([key, each]) => pathsOf(each, [...path, key]))
        : [];
  const put = (value: unknown, [key, ...rest]: readonly string[], tail: string): unknown => {
    if (key === undefined) return `${String(value)}${tail}`;
    const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<string, unknown>;
    copy[key] = put(copy[key], rest, tail);
    return copy;
  };
  /** The record with every text that a person can type without end; words of closed lists are chosen, not typed. */
  const endless = (schema: v.GenericSchema, value: unknown): unknown =>
    pathsOf(value).reduce((record, path) => {
      const tried = put(record, path, "w".repeat(5000));
      const { issues = [] } = v.safeParse(schema, tried);
      return issues.every(({ type }) => type === "max_length") ? tried : record;
    }, value);
  const { stations } = demoRecords(new Date("2026-11-23T18:00:00.000Z"));

  test.each(STATION_IDS)("texts without end at %s", async (station) => {
    const id = await newCard();
    const { schema, blank } = stationOf(station);
    const kept = stations.findLast(({ stationId }) => stationId === station)?.data ?? blank;
    const tried = endless(schema, kept);
    expect(JSON.stringify(tried).length > JSON.stringify(kept).length).toBe(station !== "power-back");
    expect(await updateStation(id, station, () => tried as never)).toBe(true);
    expect(await roundTrip()).toEqual({ misfits: 0, faults: 0 });
    expect(await rowAt(id, station)).toBeDefined();
  });

  test("names, reasons and house rules without end", async () => {
    const id = await newCard();
    const endless = "ü😀".repeat(3000);
    await updateTraveller(id, { machine: endless, site: endless, technician: endless });
    await skipStation(id, "insulation", endless);
    await updateHouse((house) => ({ ...house, technician: endless }));
    expect((await travellerAt(id)).machine).toBe(fitText(endless, "printed"));
    expect((await db.house.get("house"))?.technician.length).toBeLessThanOrEqual(TEXT_LENGTHS.person);
    expect(await roundTrip()).toEqual({ misfits: 0, faults: 0 });
    expect((await rowAt(id, "insulation"))?.skippedReason?.length).toBeLessThanOrEqual(TEXT_LENGTHS.reason);
  });

  test("what was kept past the bounds by an older program leaves shortened, and comes back", async () => {
    const id = await newCard();
    await db.travellers.update(id, { site: "s".repeat(900) });
    const written = await exportFile("everything");
    expect(written.shortened).toHaveLength(1);
    expect(await roundTrip()).toEqual({ misfits: 0, faults: 0 });
  });
});

describe("a change that is refused", () => {
  afterEach(() => {
    isFull = false;
    unsaved().forEach(({ change }) => dropUnsaved(change));
  });
  const labelOf = async (id: TravellerId) => ((await rowAt(id, "capacitor"))?.data as { label?: string } | undefined)?.label;
  const shown = async (id: TravellerId) =>
    withUnsaved<StationRecord>("station", stationRecordId(id, "capacitor"), await rowAt(id, "capacitor"))?.data as {
      label: string;
      note: string;
    };

  test("stays on the list through later changes, is shown over what is kept, and goes in before the next one", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "old", note: "kept" }));
    isFull = true;
    expect(await updateStation(id, "capacitor", (data) => ({ ...data, label: "new" }))).toBe(false);
    expect(await updateHouse((house) => ({ ...house, technician: "Sefa" }))).toBe(false);
    expect(unsaved().map(({ change: { kind }, failure }) => [kind, failure.code])).toEqual([
      ["station", "storage-full"],
      ["house", "storage-full"],
    ]);
    expect(await labelOf(id)).toBe("old");
    expect(await shown(id)).toMatchObject({ label: "new", note: "kept" });
    isFull = false;
    // A success elsewhere does not turn it back: it takes the earlier ones along.
    expect(await updateTraveller(id, { machine: "Fan" })).toBe(true);
    expect(unsaved()).toEqual([]);
    expect(await labelOf(id)).toBe("new");
    expect((await db.house.get("house"))?.technician).toBe("Sefa");
  });

  test("keeps what another tab wrote beside it, and gathers a row's changes in one entry", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "old" }));
    isFull = true;
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "1" }));
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "12" }));
    expect(unsaved()).toHaveLength(1);
    isFull = false;
    const row = await rowAt(id, "capacitor");
    await db.stations.put({ ...row!, data: { ...(row!.data as object), note: "from another tab" } } as StationRecord);
    expect(await retryUnsaved()).toBe(true);
    expect((await rowAt(id, "capacitor"))?.data).toMatchObject({ label: "12", note: "from another tab" });
  });

  test("of a row that is not there at all yet is shown and goes in whole", async () => {
    const id = await newCard();
    isFull = true;
    await updateStation(id, "plate", (data) => ({ ...data, volts: "230" }));
    const rows = await db.stations.where("travellerId").equals(id).toArray();
    expect(allWithUnsaved<StationRecord>("station", rows, ({ travellerId }) => travellerId === id)).toHaveLength(2);
    isFull = false;
    expect(await retryUnsaved()).toBe(true);
    expect((await rowAt(id, "plate"))?.data).toMatchObject({ volts: "230", amps: "" });
  });

  test("that is tried again twice at once, with a key between, does not come back over what was keyed since", async () => {
    const [id, other] = [await newCard(), await newCard()];
    isFull = true;
    for (const each of [other, id]) await updateStation(each, "capacitor", (data) => ({ ...data, label: "old" }));
    isFull = false;
    const label = (text: string) => updateStation(id, "capacitor", (data) => ({ ...data, label: text }));
    await Promise.all([
      retryUnsaved(),
      label("newer"),
      retryUnsaved(),
      updateStation(other, "capacitor", (data) => ({ ...data, note: "x" })),
      label("newest"),
    ]);
    expect(await labelOf(id)).toBe("newest");
    expect(unsaved()).toEqual([]);
  });

  test("is not put over a later one of the same field that was taken", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "0" }));
    refuseNext = 1;
    const first = updateStation(id, "capacitor", (data) => ({ ...data, label: "refused" }));
    const second = updateStation(id, "capacitor", (data) => ({ ...data, label: "last" }));
    await Promise.all([first, second]);
    await retryUnsaved();
    expect(await labelOf(id)).toBe("last");
  });

  test("goes into the export while it waits, and reading clears nothing", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "old" }));
    isFull = true;
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "waiting" }));
    for (const what of ["everything", id] as const) expect((await exportFile(what)).text).toContain('"label":"waiting"');
    expect(unsaved()).toHaveLength(1);
  });

  test("that can never fit is told, and does not hold up the others", async () => {
    const id = await newCard();
    expect(await updateStation(id, "complaint", (data) => ({ ...data, complaints: ["nonsense" as never] }))).toBe(false);
    expect(unsaved()).toMatchObject([{ failure: { code: "change-misfit", fault: { reason: "unknown-word" } } }]);
    expect(await updateStation(id, "capacitor", (data) => ({ ...data, label: "35 µF" }))).toBe(true);
    expect(unsaved()).toHaveLength(1);
    // Mended by the person, it goes in.
    expect(await updateStation(id, "complaint", (data) => ({ ...data, complaints: ["dead"] }))).toBe(false);
    expect(await retryUnsaved()).toBe(true);
    expect((await rowAt(id, "complaint"))?.data).toMatchObject({ complaints: ["dead"] });
  });

  test("of an older program is brought up to date before it goes in", async () => {
    const id = await newCard();
    const row = { id: stationRecordId(id, "capacitor"), travellerId: id, stationId: "capacitor", skippedReason: null, updatedAt: "" };
    const change: Change = {
      kind: "station",
      key: row.id,
      row: { ...row, data: { label: "35 µF", readings: [], isIsolated: null, note: "" } },
      fields: [["data", "label"]],
      version: 1,
    };
    addUnsaved(change, { code: "storage-newer" });
    expect(await retryUnsaved()).toBe(true);
    expect((await rowAt(id, "capacitor"))?.data).toMatchObject({ label: "35 µF", previous: [], starts: [] });
  });
});

describe("changes as data", () => {
  test.each([
    [{ a: 1 }, { a: 1 }, []],
    [{ a: 1, b: 2 }, { a: 1, b: 3 }, [["b"]]],
    [{ data: { x: 1, y: [1] } }, { data: { x: 1, y: [2] } }, [["data", "y"]]],
    [{ data: { x: { deep: 1 } } }, { data: { x: { deep: 2 } } }, [["data", "x"]]],
    [{ data: {} }, { data: { x: 1 } }, [["data", "x"]]],
    [{ data: { x: 1 } }, { data: {} }, [["data", "x"]]],
  ])("%j to %j changes %j", (before, after, fields) => {
    expect(changedFields(before, after)).toEqual(fields);
  });

  test("two of one row are one, and the later was perhaps made before the earlier arrived", () => {
    const change = (row: object, fields: string[][]): Change => ({
      kind: "station",
      key: "k",
      row: row as Change["row"],
      fields,
      version: 9,
    });
    const merged = mergeChanges(
      change({ data: { x: "12", y: "" } }, [["data", "x"]]),
      change({ data: { x: "", y: "7" } }, [["data", "y"]]),
    );
    expect(merged.row).toEqual({ data: { x: "12", y: "7" } });
    expect(merged.fields).toEqual([
      ["data", "x"],
      ["data", "y"],
    ]);
  });
});

describe("the journal", () => {
  const key = (id: TravellerId) => stationRecordId(id, "capacitor");

  test("has a change in the turn of the key, and none once it is kept", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "1" }));
    const done = updateStation(id, "capacitor", (data) => ({ ...data, label: "12" }));
    // Read as another tab would: the note was put before anything was waited for.
    const noted = await new Promise((resolve) => {
      const get = db.backendDB().transaction("journal").objectStore("journal").getAll();
      get.onsuccess = () => resolve(get.result);
    });
    expect(noted).toMatchObject([{ kind: "station", key: key(id), fields: [["data", "label"]] }]);
    // Nothing but what was changed: a note is small, whatever lies beside it.
    expect((noted as { row: unknown }[])[0]?.row).toEqual({ data: { label: "12" } });
    await done;
    expect(await db.journal.count()).toBe(0);
  });

  test("what a browser that died had under way is made at the next start, on the row as it is by then", async () => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "35", note: "kept" }));
    const row = (await rowAt(id, "capacitor")) as unknown as Record<string, unknown>;
    const entry = {
      id: "dead/station/x",
      tab: "dead",
      kind: "station" as const,
      key: key(id),
      row: { ...row, data: { ...(row.data as object), label: "35 µF", note: "stale" } },
      fields: [["data", "label"]],
      version: PRESENT_VERSIONS.station,
    };
    const plate = { row: { data: { volts: "230" } }, fields: [["data", "volts"]], isSlim: true };
    await db.journal.put({ ...entry, ...plate, id: "dead/station/y", key: stationRecordId(id, "plate") });
    // A slim one of an older program changes its own field only.
    await db.journal.put({
      ...entry,
      id: "dead/station/z",
      row: { data: { kit: "ptc" } },
      fields: [["data", "kit"]],
      isSlim: true,
      version: 1,
    });
    await db.journal.bulkPut([
      entry,
      { ...entry, id: "dead/station/gone", key: "gone/capacitor", row: { ...entry.row, id: "gone/capacitor", travellerId: "gone" } },
    ]);
    expect(await leftOver(db)).toHaveLength(4);
    await makeLeftOver(db);
    expect((await rowAt(id, "capacitor"))?.data).toMatchObject({ label: "35 µF", note: "kept", kit: "ptc" });
    expect((await rowAt(id, "plate"))?.data).toEqual({ ...STATIONS.plate.blank, volts: "230" });
    expect([await db.journal.count(), await db.stations.where("travellerId").equals("gone").count()]).toEqual([0, 0]);
  });
});

describe("a change that was refused and noted", () => {
  const noted = () => db.journal.count();
  const refuse = async (): Promise<TravellerId> => {
    const id = await newCard();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "1" }));
    await db.settings.put({ key: "recordVersions", value: { ...PRESENT_VERSIONS, station: 99 } });
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "12" }));
    await db.settings.put({ key: "recordVersions", value: PRESENT_VERSIONS });
    expect([unsaved().length, await noted()]).toEqual([1, 1]);
    return id;
  };
  test("leaves no note once it went in", async () => {
    await refuse();
    expect(await retryUnsaved()).toBe(true);
    expect(await noted()).toBe(0);
  });
  test("leaves no note once it was let go, and what is kept stands", async () => {
    const id = await refuse();
    await letGo({ kind: "station", key: stationRecordId(id, "capacitor") });
    expect([unsaved().length, await noted()]).toEqual([0, 0]);
    expect((await rowAt(id, "capacitor"))?.data).toMatchObject({ label: "1" });
  });
});

describe("a card that was removed", () => {
  test("takes no more writes: nothing is kept that nobody can see, and it is told", async () => {
    const id = await newCard();
    await removeTraveller(id);
    expect(await updateStation(id, "capacitor", (data) => ({ ...data, label: "late" }))).toBe(false);
    expect(refusedAction()).toEqual({ code: "card-gone" });
    expect([await db.stations.count(), unsaved().length, await db.summaries.count()]).toEqual([0, 0, 0]);
  });

  test("a row without its card, from an older program, stays out of the export", async () => {
    await newCard();
    await db.stations.put({
      ...(await db.stations.toArray())[0]!,
      id: "gone/complaint",
      travellerId: "gone" as TravellerId,
    } as StationRecord);
    expect((await exportFile("everything")).text).not.toContain("gone/complaint");
    expect(await roundTrip()).toEqual({ misfits: 0, faults: 0 });
  });
});

test("an export is of one moment: a card that is removed meanwhile is in it whole or not at all", async () => {
  const ids = await Promise.all(Array.from({ length: 12 }, newCard));
  const [written] = await Promise.all([exportFile("everything"), ...ids.map((id) => removeTraveller(id))]);
  const file = JSON.parse(written.text) as { travellers: { id: string }[]; stations: { travellerId: string }[] };
  expect(file.stations.map(({ travellerId }) => travellerId).sort()).toEqual(file.travellers.map(({ id }) => id).sort());
});

test("once a newer program has stamped the store, an old tab writes nothing, exports nothing, and keeps what was keyed", async () => {
  const id = await newCard();
  await db.settings.put({ key: "recordVersions", value: { ...PRESENT_VERSIONS, station: 99 } });
  expect(await updateStation(id, "capacitor", (data) => ({ ...data, label: "old shape" }))).toBe(false);
  expect(await updateHouse((house) => ({ ...house, technician: "x" }))).toBe(false);
  expect(await createTraveller("dead", [], "")).toBeNull();
  expect(unsaved().map(({ failure }) => failure.code)).toEqual(["storage-newer", "storage-newer"]);
  await expect(exportFile("everything")).rejects.toThrow("newer program");
  expect([await rowAt(id, "capacitor"), await db.house.count(), await db.travellers.count()]).toEqual([undefined, 0, 1]);
  await db.settings.put({ key: "recordVersions", value: PRESENT_VERSIONS });
  expect(await retryUnsaved()).toBe(true);
});

test("a change made here is later than the record it changes, though that came from a clock that was ahead", async () => {
  const id = await newCard();
  await db.travellers.update(id, { updatedAt: "2031-01-01T00:00:00.000Z" });
  await updateTraveller(id, { machine: "Fan" });
  expect((await travellerAt(id)).updatedAt).toBe("2031-01-01T00:00:00.001Z");
});

test("the meter's name and one of its rows, changed in two tabs, are both kept", async () => {
  const meter = { id: "house", name: "old", ranges: { resistance: [], current: [] } };
  await updateHouse((house) => ({ ...house, meter }) as unknown as HouseRecord);
  const range = { upTo: 10, percent: 1, digits: 3, resolution: 0.01 };
  const change = (apply: (kept: typeof meter) => object) =>
    updateHouse((house) => ({ ...house, meter: apply(house.meter as typeof meter) }) as unknown as HouseRecord);
  await Promise.all([
    change((kept) => ({ ...kept, name: "new" })),
    change((kept) => ({ ...kept, ranges: { ...kept.ranges, current: [range] } })),
  ]);
  expect((await db.house.get("house"))?.meter).toMatchObject({ name: "new", ranges: { current: [range] } });
});

describe("a card that comes back", () => {
  const back = async (id: TravellerId) => newVisit(await travellerAt(id), "Sefa Lindqvist", { isCallback: true });

  test("has one open card of its own, pressed twice, in two tabs; a second time only once that one is signed off", async () => {
    const id = await newCard();
    await updateTraveller(id, { finishedAt: new Date().toISOString() });
    const [first, again] = await Promise.all([back(id), back(id)]);
    expect(again).toBe(first);
    expect((await travellerAt(id)).cameBackAt).toHaveLength(1);
    expect((await travellerAt(id)).finishedAt).not.toBeNull();
    await updateTraveller(first as TravellerId, { finishedAt: new Date().toISOString() });
    expect(await back(id)).not.toBe(first);
    expect((await travellerAt(id)).cameBackAt).toHaveLength(2);
  });

  test("has the old one among its earlier visits, though neither has a name, or only one", async () => {
    const id = await newCard();
    await updateStation(id, "look", () => ({ signs: [], nothingFound: true, ruledOut: [], note: "clean" }));
    const visit = (await back(id)) as TravellerId;
    const notes = async () =>
      (await readEarlier(db, await travellerAt(visit))).map(({ records }) => (records.look as { note: string }).note);
    expect(await notes()).toEqual(["clean"]);
    await updateTraveller(visit, { machine: "Fan", site: "Lido" });
    expect(await notes()).toEqual(["clean"]);
    await updateTraveller(id, { machine: "Fan", site: "Lido" });
    expect(await notes()).toEqual(["clean"]);
  });

  test("asks the complaint anew, and takes along what is carried over", async () => {
    const id = await newCard();
    const carried = { plate: { ...STATIONS.plate.blank, volts: "230" } };
    const visit = (await newVisit(await travellerAt(id), "Sefa Lindqvist", { isCallback: true, carried })) as TravellerId;
    const rows = await db.stations.where("travellerId").equals(visit).toArray();
    expect(rows.map(({ stationId }) => stationId)).toEqual(["plate"]);
    expect(await travellerAt(visit)).toMatchObject({ callbackOf: id, technician: "Sefa Lindqvist", finishedAt: null });
  });
});

describe("undo of an import", () => {
  async function taken(): Promise<{ readonly id: TravellerId; readonly undo: Undo; readonly other: TravellerId }> {
    const [id, other] = [await newCard(), await newCard()];
    await updateTraveller(id, { machine: "Extract fan" });
    await updateHouse((house) => ({ ...house, technician: "from the file" }));
    const { text } = await exportFile("everything");
    await wipeEverything();
    const plan = await prepareImport(text);
    if (!plan.ok) throw new Error(plan.failure.code);
    const done = await applyImport(plan.value);
    if (!done.ok) throw new Error(done.failure.code);
    return { id, other, undo: done.value };
  }

  test("leaves what was keyed since, whole, and names it", async () => {
    const { id, other, undo } = await taken();
    await updateStation(id, "capacitor", (data) => ({ ...data, label: "keyed after the import" }));
    expect(await undo()).toEqual({ ok: true, value: { records: 3, keptCards: ["Extract fan"], keptOthers: {} } });
    expect((await rowAt(id, "capacitor"))?.data).toMatchObject({ label: "keyed after the import" });
    expect(await rowAt(id, "complaint")).toBeDefined();
    expect([await db.travellers.get(other), await db.house.get("house")]).toEqual([undefined, undefined]);
  });

  test("a house rule set since stays", async () => {
    const { undo } = await taken();
    await updateHouse((house) => ({ ...house, technician: "set since" }));
    expect(await undo()).toMatchObject({ ok: true, value: { keptCards: [], keptOthers: { house: 1 } } });
    expect((await db.house.get("house"))?.technician).toBe("set since");
  });

  test("that the device refuses says so, and changes nothing", async () => {
    const { id, undo } = await taken();
    await db.settings.put({ key: "recordVersions", value: { ...PRESENT_VERSIONS, station: 99 } });
    expect(await undo()).toMatchObject({ ok: false, failure: { code: "storage-newer" } });
    await db.settings.put({ key: "recordVersions", value: PRESENT_VERSIONS });
    expect(await db.travellers.get(id)).toBeDefined();
  });

  test("puts back what an import replaced", async () => {
    const id = await newCard();
    await updateTraveller(id, { machine: "newer" });
    const { text } = await exportFile("everything");
    await db.travellers.update(id, { machine: "older", updatedAt: "2020-01-01T00:00:00.000Z" });
    const plan = await prepareImport(text);
    const done = plan.ok ? await applyImport(plan.value) : null;
    expect((await travellerAt(id)).machine).toBe("newer");
    if (done?.ok) await done.value();
    expect(await travellerAt(id)).toMatchObject({ machine: "older", updatedAt: "2020-01-01T00:00:00.000Z" });
  });
});

describe("one way to assess a kept card", () => {
  const now = new Date("2026-11-23T18:00:00.000Z");
  const demo = demoRecords(now);
  const cards = joinCards(demo.travellers, demo.stations);

  test("the visits found by the motor's index are those found among all cards, the oldest first", async () => {
    await writing(db, async () => {
      await putTravellers(db, demo.travellers.toReversed());
      await db.stations.bulkPut(demo.stations);
    });
    let most = 0;
    for (const { traveller, earlier } of cards) {
      expect(await readEarlier(db, traveller)).toEqual(earlier);
      expect(earlier.map(({ at }) => at)).toEqual(earlier.map(({ at }) => at).sort());
      most = Math.max(most, earlier.length);
    }
    expect(most).toBeGreaterThanOrEqual(2);
    // Read for many cards at once they are the same, in whatever order the cards are asked for.
    const asked = cards.toReversed();
    expect(
      await readEarlierOfMany(
        db,
        asked.map(({ traveller }) => traveller),
      ),
    ).toEqual(asked.map(({ earlier }) => earlier));
  });

  test("the index follows a card that is named, named anew, or removed", async () => {
    const [first, second] = [await newCard(), await newCard()];
    const before = "2199-01-01T00:00:00.000Z";
    for (const id of [first, second]) await updateTraveller(id, { machine: "Fan", site: "Lido" });
    const count = async () => (await readEarlier(db, { ...(await travellerAt(second)), createdAt: before })).length;
    expect(await count()).toBe(2);
    await updateTraveller(first, { site: "Dairy" });
    expect(await count()).toBe(1);
    await updateTraveller(first, { site: " LIDO " });
    expect(await count()).toBe(2);
    await removeTraveller(first);
    expect(await count()).toBe(1);
  });

  test("a card with a question open is assessed anew when an answer arrives, one without is not", () => {
    const figures = toHouseFigures({});
    const askedOf = (card: (typeof cards)[number]) => {
      let asked = 0;
      assessKept(card, figures, () => {
        asked += 1;
        return null;
      });
      return asked;
    };
    const fresh = () => joinCards(demo.travellers, demo.stations);
    const [asks, quiet] = [fresh().find((card) => askedOf(card) > 0), fresh().find((card) => askedOf(card) === 0)];
    if (!asks || !quiet) throw new Error("the demo has cards of both kinds");
    const open = assessKept(asks, figures, () => null);
    expect(open.isOpen).toBe(true);
    const answered = assessKept(asks, figures, studyNow);
    expect(answered.isOpen).toBe(false);
    expect(answered.assessment).not.toBe(open.assessment);
    expect(assessKept(asks, figures, (...question) => studyNow(...question))).toBe(answered);
    expect(assessKept(quiet, figures, studyNow)).toBe(assessKept(quiet, figures, () => null));
  });

  test("earlier visits change what a card says, so none may be left out", () => {
    const figures = toHouseFigures({});
    const trend = (card: (typeof cards)[number]) => JSON.stringify(assessCard(card, figures, studyNow).stations);
    const changed = cards.filter((card) => card.earlier.length > 0 && trend(card) !== trend({ ...card, earlier: [] }));
    expect(changed.length).toBeGreaterThan(0);
  });
});

test("a screen gets every field that can be read, whatever is stored", () => {
  const traveller = { id: "t", machine: 7, site: "Lido", createdAt: "12026-01-01T00:00:00Z", finishedAt: "never", cameBackAt: null };
  expect(soundRecord("traveller", traveller as never)).toMatchObject({
    id: "t",
    machine: "",
    site: "Lido",
    createdAt: "1970-01-01T00:00:00.000Z",
    finishedAt: null,
    cameBackAt: [],
  });
  const row = (stationId: string, data: unknown) => ({
    id: `t/${stationId}`,
    travellerId: "t",
    stationId,
    skippedReason: 4,
    updatedAt: "x",
    data,
  });
  const sound = soundStations([
    row("decide", { action: "fly", reason: "kept", recheckOn: "12026-11-27" }),
    row("orbit", {}),
    row("plate", null),
  ] as never);
  expect(sound.map(({ stationId }) => stationId)).toEqual(["decide", "plate"]);
  expect(sound[0]).toMatchObject({ skippedReason: null, data: { action: null, reason: "kept", recheckOn: null } });
  expect(sound[1]?.data).toEqual(stationOf("plate").blank);
});

test.each([
  ["traveller", { machine: "x" }],
  ["part", { label: "x" }],
] as const)("a %s that was removed takes no change, and that is told, at once and when it is tried again", async (kind, fields) => {
  expect(await changeRow(kind, "nobody", (row) => ({ ...row, ...fields }))).toBe(false);
  expect(refusedAction()).toEqual({ code: "card-gone" });
  reportRefusal(null);
  addUnsaved(
    { kind, key: "nobody", row: { id: "nobody", ...fields }, fields: [Object.keys(fields)], version: PRESENT_VERSIONS[kind] },
    { code: "storage-full" },
  );
  expect(await retryUnsaved()).toBe(true);
  expect(refusedAction()).toEqual({ code: "card-gone" });
  expect([await db.travellers.count(), await db.parts.count()]).toEqual([0, 0]);
});

test("a change is made once, on the row as this tab has it, with the moment it was made at; the row is there at once", async () => {
  const id = await createTraveller("hums", [], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  await updateStation(id, "look", (look) => ({ ...look, note: "seen once" }));
  const runs: [note: string, at: string][] = [];
  const kept = updateStation(id, "look", (look, at) => {
    runs.push([look.note, at]);
    return { ...look, note: `${look.note}, and again` };
  });
  expect(runs).toHaveLength(1);
  expect(entryInHand(id, "look")?.data.note).toBe("seen once, and again");
  await kept;
  expect(runs).toEqual([["seen once", expect.stringMatching(/^20\d\d-.*Z$/)]]);
  expect((await database().stations.get(stationRecordId(id, "look")))?.data).toMatchObject({ note: "seen once, and again" });
});

test("changes made before the first is written build on one another, however deep the field lies; a late reading takes none back", async () => {
  const id = await createTraveller("hums", [], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  const key = stationRecordId(id, "make-safe");
  const tick = (step: string) =>
    updateStation(id, "make-safe", (safe, at) => ({ ...safe, round: { ...safe.round, steps: { ...safe.round.steps, [step]: at } } }));
  await tick("control-off");
  const early = await database().stations.get(key);
  const steps = ["breaker-locked", "unplugged", "rotor-still"];
  const ticked = steps.map((step) => {
    const kept = tick(step);
    // A live query that began to read before the change brings the row as it was then.
    remember("station", key, early);
    return kept;
  });
  expect(Object.keys(entryInHand(id, "make-safe")?.data.round.steps ?? {})).toEqual(["control-off", ...steps]);
  await Promise.all(ticked);
  remember("station", key, early);
  expect(Object.keys(entryInHand(id, "make-safe")?.data.round.steps ?? {})).toEqual(["control-off", ...steps]);
  const { data } = (await database().stations.get(key)) as { data: { round: { steps: object } } };
  expect(Object.keys(data.round.steps)).toEqual(["control-off", ...steps]);
});

test("a reading of another tab in the same list, that this tab has not seen yet, stays beside what is keyed here", async () => {
  const id = await createTraveller("hums", [], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  const key = stationRecordId(id, "take-apart");
  const wire = (mark: string) =>
    updateStation(id, "take-apart", (now) => ({ ...now, wires: [...now.wires, { mark, post: "", backAt: null }] }));
  await wire("blue");
  const mine = await database().stations.get(key);
  const theirs = mine as unknown as { updatedAt: string; data: { wires: object[] } };
  await database().stations.put({
    ...theirs,
    updatedAt: later(theirs.updatedAt, theirs.updatedAt),
    data: { ...theirs.data, wires: [...theirs.data.wires, { mark: "red", post: "", backAt: null }] },
  } as never);
  await wire("white");
  const { data } = (await database().stations.get(key)) as { data: { wires: { mark: string }[] } };
  expect(data.wires.map(({ mark }) => mark)).toEqual(["blue", "red", "white"]);
});

test("what was refused stays in the row in hand while another of its fields is keyed", async () => {
  const id = await createTraveller("hums", [], "Ivo Marrable");
  if (!id) throw new Error("not kept");
  const key = stationRecordId(id, "look");
  await updateStation(id, "look", (look) => ({ ...look, nothingFound: false }));
  const row = { ...(await database().stations.get(key)) } as unknown as { data: object };
  const refused = { ...row, data: { ...row.data, note: "refused" } };
  addUnsaved(
    { kind: "station", key, row: refused, fields: [["data", "note"]], version: PRESENT_VERSIONS.station },
    { code: "storage-full" },
  );
  const kept = updateStation(id, "look", (look) => ({ ...look, nothingFound: true }));
  expect(entryInHand(id, "look")?.data).toMatchObject({ note: "refused", nothingFound: true });
  await kept;
  expect((await database().stations.get(key))?.data).toMatchObject({ note: "refused", nothingFound: true });
});
