/** @jest-environment node */
import "fake-indexeddb/auto";
import { rememberStudy } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import { toHouse, UNSET_HOUSE, type Traveller, type TravellerId } from "@/records";
import { createTraveller } from "@/store/create-traveller";
import { database } from "@/store/database";
import { mendSummaries } from "@/store/mend-summaries";
import { deriveAll, deriveSome } from "@/store/derive";
import { createFindIndex, EVERYTHING, type LookedFor } from "@/store/find-cards";
import { afterChange, derivedBy } from "@/store/summary";
import { removeTraveller } from "@/store/write-card";
import { updateHouse } from "@/store/write-house";
import { updateStation, updateTraveller } from "@/store/write";
import { joinCards } from "../../../tests/support/join-cards";
import { until } from "../../../tests/support/until";
import { isSameTile } from "../rack/CardTile";
import { dueRows } from "../due/due";
import { deriveLine } from "./card-line";
import { deriverOf, lineOf } from "./deriver";

const db = database();
const study = rememberStudy(studyNow);
/** Long enough after every change for its card to have come to rest [ms]. */
const LONG_AFTER = (): number => Date.now() + 60_000;
const derive = () => deriveAll(db, () => deriverOf(db, study));
const summary = async (id: string) => {
  const found = await db.summaries.get(id as TravellerId);
  if (!found) throw new Error(`no summary of ${id}`);
  return found;
};
const stale = async () => (await db.summaries.where("derivedBy").anyOf("", "~").primaryKeys()).sort();
/** Found by an index that follows what is written, as a screen has it. */
const index = createFindIndex(db);
async function found(wanted: Partial<LookedFor>): Promise<readonly TravellerId[]> {
  const listed = () => index.find({ ...EVERYTHING, ...wanted }).map(({ id }) => id);
  await until(async () => index.find(EVERYTHING).length === (await db.summaries.count()));
  return listed();
}
/** What is written later is told later: found once the index has heard of it. */
const untilFound = (text: string, ids: readonly string[]): Promise<void> =>
  until(async () => (await found({ text })).join() === ids.join());
const machines = async (wanted: Partial<LookedFor>) =>
  (await db.summaries.bulkGet([...(await found(wanted))])).map((row) => `${row?.machine ?? ""}, ${row?.site ?? ""}`);
/** A card, later than all of the demo, of one motor. */
async function visit(machine: string, site: string, createdAt?: string): Promise<TravellerId> {
  const id = await createTraveller("hums", ["hums-no-start"], "Sefa Lindqvist");
  if (!id) throw new Error("not kept");
  await updateTraveller(id, { machine, site });
  if (createdAt !== undefined) {
    await db.travellers.update(id, { createdAt });
    await db.summaries.update(id, { createdAt });
  }
  return id;
}

beforeAll(async () => {
  await db.open();
  await derive();
});
afterAll(() => db.close());
let stopFollowing = (): void => undefined;
beforeAll(async () => {
  const isRead = new Promise<void>((resolve) => {
    stopFollowing = index.follow(() => resolve());
  });
  expect(index.state()).toBeNull();
  await isRead;
});
afterAll(() => stopFollowing());

test("every card's line says what assessing the card itself says, long questions answered", async () => {
  const cards = joinCards(await db.travellers.toArray(), await db.stations.toArray());
  const { figures } = toHouse(UNSET_HOUSE);
  expect(cards.length).toBeGreaterThan(10);
  for (const card of cards) {
    const { line, derivedBy: by } = await summary(card.traveller.id);
    expect(line).toEqual(deriveLine(card, figures, study).line);
    expect(by).toBe(derivedBy({}));
  }
});

test("the names stand at once; the line of a changed card is marked as old until it is derived", async () => {
  const id = await visit("Pool pump", "Minnow Lido");
  expect(await summary(id)).toMatchObject({ machine: "Pool pump", isOpen: 1, line: null, derivedBy: "" });
  await derive();
  expect(await summary(id)).toMatchObject({ line: { complaint: "Hums, will not start" } });
  await updateStation(id, "complaint", (data) => ({ ...data, complaints: ["squeals"] }));
  expect(await summary(id)).toMatchObject({ line: { complaint: "Hums, will not start" }, derivedBy: "" });
  await derive();
  expect((await summary(id)).line?.complaint).toMatch(/squeal/i);
  await updateTraveller(id, { finishedAt: "2026-11-27T10:00:00.000Z" });
  expect(await summary(id)).toMatchObject({ isOpen: 0, finishedAt: "2026-11-27T10:00:00.000Z" });
  await removeTraveller(id);
  expect(await db.summaries.get(id)).toBeUndefined();
});

test("a card that changes while it is derived is not written over, and comes again", async () => {
  const id = await visit("Door motor", "Tollgate Cinema");
  await derive();
  await updateStation(id, "complaint", (data) => ({ ...data, said: "first" }));
  const deriver = await deriverOf(db, study);
  let changed: Promise<unknown> = Promise.resolve();
  const late = {
    ...deriver,
    quick: (card: Parameters<typeof deriver.quick>[0]) => {
      changed = updateStation(id, "complaint", (data) => ({ ...data, complaints: ["dead"] }));
      return deriver.quick(card);
    },
  };
  await deriveSome(db, late, LONG_AFTER());
  await changed;
  expect((await summary(id)).derivedBy).toBe("");
  await derive();
  expect((await summary(id)).line?.complaint).toMatch(/dead/i);
  await removeTraveller(id);
});

describe("visits to one motor", () => {
  const DAY = "2026-11-2";
  test("what one visit found is news to the later ones; what the last asks for stands alone", async () => {
    const oil = { ...(await db.stations.get("demo-cinema-screen/bearing"))! };
    const first = await visit("Roof fan", "Tollgate Cinema", `${DAY}1T08:00:00.000Z`);
    await db.stations.put({ ...oil, id: `${first}/bearing`, travellerId: first } as never);
    await derive();
    const { dueDays, line } = await summary(first);
    expect(dueDays).toEqual(line?.due.map(({ on }) => on));
    expect(dueDays).not.toEqual([]);
    const second = await visit("roof  FAN", "tollgate cinema", `${DAY}4T08:00:00.000Z`);
    await derive();
    expect((await summary(first)).dueDays).toEqual([]);
    await updateStation(first, "complaint", (data) => ({ ...data, said: "rumbles" }));
    expect(await stale()).toEqual([first]);
    await deriveSome(db, await deriverOf(db, study), LONG_AFTER());
    expect(await stale()).toEqual([second]);
    await derive();
    // The later visit goes: what the earlier one asked for stands again.
    await removeTraveller(second);
    expect(await stale()).toEqual([first]);
    await derive();
    expect((await summary(first)).dueDays).toEqual(dueDays);
    // It turns out to be another machine's card: the motor it leaves hears of it.
    const third = await visit("Roof fan", "Tollgate Cinema", `${DAY}5T08:00:00.000Z`);
    await derive();
    await updateTraveller(third, { machine: "Cellar fan" });
    expect(await stale()).toEqual([first, third].sort());
    await derive();
    expect((await summary(first)).dueDays).toEqual(dueDays);
    await removeTraveller(first);
    await removeTraveller(third);
  });
  test("a motor with many visits is derived no oftener than it has visits, whatever the order", async () => {
    const ids: string[] = [];
    for (let day = 10; day < 20; day += 1) ids.push(await visit("Much mended fan", "Osier Dairy", `2026-10-${day}T08:00:00.000Z`));
    const deriver = await deriverOf(db, study);
    const derived: string[] = [];
    const counting = {
      ...deriver,
      quick: (card: Parameters<typeof deriver.quick>[0]) => {
        derived.push(card.traveller.id);
        return deriver.quick(card);
      },
    };
    while ((await deriveSome(db, counting, LONG_AFTER())) !== 0);
    // Each once for itself, and once more for the visits before it.
    expect(derived.length).toBeLessThanOrEqual(2 * ids.length);
    for (const id of ids) await removeTraveller(id as TravellerId);
    await derive();
  });
  test("the due list has oil, bearings and too-close capacitors, the soonest first, each with its card", async () => {
    const rows = dueRows(await db.summaries.where("dueDays").above("").distinct().toArray(), { from: "0", to: "9999" });
    expect(rows.map(({ on }) => on)).toEqual([...rows.map(({ on }) => on)].sort());
    expect(rows.find(({ kind }) => kind === "oil-bearings")).toMatchObject({ station: "bearing", method: "upkeep" });
    expect(rows.some(({ kind }) => kind === "recheck-capacitor")).toBe(true);
    expect(dueRows([rows[0]!.card], { from: "0", to: "2000-01-01" })).toEqual([]);
  });
});

test("a tile is drawn again when an earlier visit took the ground from under its verdict", async () => {
  const [card] = await db.summaries.toArray();
  const now = new Date();
  expect(isSameTile({ card: card!, now }, { card: { ...card! }, now })).toBe(true);
  expect(isSameTile({ card: card!, now }, { card: afterChange(card!), now })).toBe(false);
});

test("a card that breaks what judges it stands in its list, and holds no other up", async () => {
  const ids = [await visit("Broken", "Osier Dairy"), await visit("Whole", "Osier Dairy")] as const;
  const deriver = await deriverOf(db, study);
  const quick = (card: Parameters<typeof deriver.quick>[0]) =>
    lineOf(() => {
      if (card.traveller.machine === "Broken") throw new Error("a bug");
      return deriver.quick(card);
    });
  while ((await deriveSome(db, { ...deriver, quick }, LONG_AFTER())) !== 0);
  expect((await summary(ids[0])).line).toMatchObject({ stampWord: "Not judged" });
  expect((await summary(ids[1])).line).toMatchObject({ complaint: "Hums, will not start" });
  for (const id of ids) await removeTraveller(id);
});

test("other house rules make every line old, and it is derived anew", async () => {
  await updateHouse((house) => ({ ...house, figures: { ...house.figures, callbackDays: 61 } }));
  const by = derivedBy({ callbackDays: 61 });
  expect(await db.summaries.where("derivedBy").equals(by).count()).toBe(0);
  await derive();
  expect(await db.summaries.where("derivedBy").notEqual(by).count()).toBe(0);
  await updateHouse((house) => ({ ...house, technician: "Ivo Marrable" }));
  expect(derivedBy((await db.house.get("house"))?.figures)).toBe(by);
});

describe("found", () => {
  test.each([
    ["bakery", /Pell Street Bakery$/],
    ["BAK pell", /Pell Street Bakery$/],
    ["proofing", /^Proofing/],
    ["drum", /^Dryer drum/],
  ])("by the beginning of words of machine or site: “%s”", async (text, expected) => {
    const all = await machines({ text });
    expect(all.length).toBeGreaterThan(0);
    for (const each of all) expect(each).toMatch(expected);
  });
  test("by technician, by what was found, by a part's number and by a note", async () => {
    expect((await found({ text: "lindq" })).length).toBeGreaterThan(0);
    const rows = await db.stations.toArray();
    const bearing = rows.find(({ stationId, data }) => stationId === "bearing" && /\d{4}/.test(JSON.stringify(data)));
    const [number] = /\b6\d{3}\b/.exec(JSON.stringify(bearing?.data)) ?? [""];
    expect(await found({ text: number })).toContain(bearing?.travellerId);
    const noted = rows.find(
      ({ data }) => typeof (data as { note?: unknown }).note === "string" && (data as { note: string }).note.length > 20,
    );
    const words = (noted?.data as { note: string }).note.split(/\W+/).slice(0, 4).join(" ");
    expect(await found({ text: words })).toContain(noted?.travellerId);
    const outs = await found({ marks: ["any:out"] });
    expect(outs.length).toBeGreaterThan(1);
  });
  test("by stamp of a station, by action, by day; all that is asked for must be there", async () => {
    const out = await found({ marks: ["capacitor:out"] });
    expect(out.length).toBeGreaterThan(0);
    const done = await found({ marks: ["do:replace-run-capacitor"] });
    expect(done.length).toBeGreaterThan(0);
    const both = await found({ marks: ["capacitor:out", "do:replace-run-capacitor"] });
    expect(both).toEqual(out.filter((id) => done.includes(id)));
    const all = await found({});
    expect(all).toHaveLength(await db.summaries.count());
    const rows = (await db.summaries.bulkGet([...all])).map((row) => row?.createdAt ?? "");
    expect(rows).toEqual([...rows].sort().reverse());
    const day = (rows[2] ?? "").slice(0, 10);
    const onDay = await found({ since: day, until: day });
    expect(onDay).toEqual(all.filter((_, index) => new Date(rows[index] ?? "").toLocaleDateString("sv") === day));
    expect(await found({ text: "zeppelin" })).toEqual([]);
  });
  test("what was written since the index was read is found, and what was taken away is not", async () => {
    const id = await visit("Zither drive", "Osier Dairy");
    await untilFound("zither", [id]);
    await updateTraveller(id, { machine: "Lute drive" });
    await untilFound("lute dairy", [id]);
    expect(await found({ text: "zither" })).toEqual([]);
    await removeTraveller(id);
    await untilFound("lute", []);
    expect(await found({})).toHaveLength(await db.summaries.count());
  });
  test("a store that was written past the program is brought in line", async () => {
    const [card] = await db.travellers.toArray();
    await db.summaries.delete(card!.id);
    await db.summaries.put({ ...(await summary("demo-bakery-proofer")), id: "nobody" as TravellerId });
    await mendSummaries(db);
    expect(await db.summaries.get("nobody" as TravellerId)).toBeUndefined();
    expect(await summary(card!.id)).toMatchObject({ machine: card!.machine, derivedBy: "" });
    await derive();
  });
  test("a card whose names cannot be read is listed all the same", async () => {
    const id = await visit("Odd", "Osier Dairy");
    await db.travellers.update(id, { machine: 7 as unknown as string } as Partial<Traveller>);
    await updateStation(id, "complaint", (data) => ({ ...data, said: "again" }));
    expect(await summary(id)).toMatchObject({ machine: "", site: "Osier Dairy" });
    await derive();
    expect((await summary(id)).line).not.toBeNull();
    await removeTraveller(id);
  });
});
