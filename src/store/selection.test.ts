/** @jest-environment node */
import "fake-indexeddb/auto";
import type { TravellerId } from "@/records";
import { parseVemmickFile } from "@/records";
import { database } from "./database";
import { exportFile } from "./export-file";

const db = database();
beforeAll(() => db.open());
afterAll(() => db.close());

async function taken(of: Parameters<typeof exportFile>[0]) {
  const { text, misfits } = await exportFile(of);
  expect(misfits).toEqual([]);
  const read = parseVemmickFile(text);
  if (!read.ok) throw new Error(JSON.stringify(read.failure));
  return { text, records: read.value.records };
}
const idsAt = async (site: string): Promise<TravellerId[]> =>
  (await db.travellers.toArray()).filter((card) => card.site === site).map(({ id }) => id);

test("one site is its cards with what belongs to them, and nothing else", async () => {
  const cards = await idsAt("Minnow Lido");
  expect(cards.length).toBeGreaterThan(3);
  const { records } = await taken({ cards, isNameless: false });
  expect(records.traveller.map(({ id }) => id).sort()).toEqual([...cards].sort());
  const kept = await db.stations.where("travellerId").anyOf(cards).primaryKeys();
  expect(records.station.map(({ id }) => id).sort()).toEqual([...(kept as string[])].sort());
  expect([records.part, records.house]).toEqual([[], []]);
});
test("without names sites are numbered: cards of one site stay together, and no name of a site is left on a card", async () => {
  const cards = [...(await idsAt("Minnow Lido")), ...(await idsAt("Tollgate Cinema"))];
  const { records } = await taken({ cards, isNameless: true });
  const site = (of: string) => new Set(records.traveller.filter(({ id }) => of.includes(id)).map((card) => card.site));
  const [lido, cinema] = [site((await idsAt("Minnow Lido")).join()), site((await idsAt("Tollgate Cinema")).join())];
  expect([lido.size, cinema.size]).toEqual([1, 1]);
  expect([...lido, ...cinema].sort()).toEqual(["Site 1", "Site 2"]);
  // What is kept here keeps its names.
  expect((await idsAt("Minnow Lido")).length).toBeGreaterThan(3);
});
test("no card is an empty file that can be read", async () => {
  const { records } = await taken({ cards: [], isNameless: false });
  expect(records.traveller).toEqual([]);
});
