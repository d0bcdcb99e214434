/** @jest-environment node */
import "fake-indexeddb/auto";
import { RECORD_TYPES, type Traveller, type TravellerId } from "@/records";
import { database } from "./database";
import { makeOneMotor, partMotor, undoMotorChange } from "./motors";
import { putTravellers, writing } from "./vemmick-database";
import { updateTraveller } from "./write";
import { newVisit } from "./write-card";

const db = database();
beforeAll(() => db.open());
afterAll(() => db.close());
beforeEach(() => writing(db, async () => Promise.all([db.travellers.clear(), db.summaries.clear()]).then(() => undefined)));

let day = 0;
const ID = (id: string) => id as TravellerId;
async function visit(id: string, machine: string): Promise<void> {
  const at = new Date(Date.UTC(2026, 0, (day += 1))).toISOString();
  const card: Traveller = {
    ...(RECORD_TYPES.traveller.blank(id) as Traveller),
    machine,
    site: "Osier Dairy",
    createdAt: at,
    updatedAt: at,
  };
  await writing(db, () => putTravellers(db, [card]));
}
const motor = async (id: string): Promise<string> => (await db.summaries.get(ID(id)))?.motor ?? "gone";
const motors = (...ids: string[]): Promise<string[]> => Promise.all(ids.map(motor));
const changedAt = async (id: string): Promise<string> => (await db.summaries.get(ID(id)))?.motorChange?.at ?? "";

beforeEach(async () => {
  for (const [id, machine] of [
    ["a1", "Agitator"],
    ["b1", "Tank motor"],
    ["a2", "agitator"],
    ["b2", "Tank motor"],
    ["c1", "Yard fan"],
  ] as const)
    await visit(id, machine);
});

test("two that are one become one, a third stays, and the undo puts each back", async () => {
  const before = await motors("a1", "a2", "b1", "b2", "c1");
  expect(new Set(before).size).toBe(3);
  expect(await makeOneMotor(await motor("a1"), await motor("b1"))).toBe(true);
  const [a1, a2, b1, b2, c1] = await motors("a1", "a2", "b1", "b2", "c1");
  expect(new Set([a1, a2, b1, b2]).size).toBe(1);
  expect(c1).toBe(before[4]);
  await undoMotorChange(await changedAt("a1"));
  expect(await motors("a1", "a2", "b1", "b2", "c1")).toEqual(before);
  expect((await db.travellers.get(ID("a1")))?.motor).toBeNull();
});

test("what comes later under either name belongs to the one motor, and leaves it with the undo", async () => {
  await makeOneMotor(await motor("a1"), await motor("b1"));
  await visit("new", "");
  await updateTraveller(ID("new"), { machine: "Tank motor", site: "Osier Dairy" });
  expect(await motor("new")).toBe(await motor("a1"));
  // Named otherwise, it is of that one.
  await updateTraveller(ID("new"), { machine: "Yard fan" });
  expect(await motor("new")).toBe(await motor("c1"));
  await updateTraveller(ID("new"), { machine: "Agitator" });
  expect(await motor("new")).toBe(await motor("b1"));
  await undoMotorChange(await changedAt("a1"));
  expect(await motor("new")).toBe(await motor("a1"));
  expect(await motor("new")).not.toBe(await motor("b1"));
});

test("one that was two is parted by its visits; a new visit under the name stays with those whose names hold", async () => {
  await partMotor([ID("a2")]);
  const [a1, a2] = await motors("a1", "a2");
  expect(a1).not.toBe(a2);
  await visit("a3", "");
  await updateTraveller(ID("a3"), { machine: "Agitator", site: "Osier Dairy" });
  expect(await motor("a3")).toBe(a1);
  const card = await db.travellers.get(ID("a2"));
  if (!card) throw new Error("gone");
  const next = await newVisit(card, "Ivo Marrable");
  expect(await motor(next ?? "")).toBe(a2);
  await undoMotorChange(await changedAt("a2"));
  expect(await motor("a2")).toBe(a1);
});

test("parted out of what was made one, and undone: it is one again, and that can still be undone", async () => {
  await makeOneMotor(await motor("a1"), await motor("b1"));
  const one = await motor("a1");
  await partMotor([ID("b1"), ID("b2")]);
  expect(await motor("b1")).not.toBe(one);
  await undoMotorChange(await changedAt("b1"));
  expect(await motors("a1", "b1", "b2")).toEqual([one, one, one]);
  await undoMotorChange(await changedAt("b1"));
  expect(new Set(await motors("a1", "b1")).size).toBe(2);
});
