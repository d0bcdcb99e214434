import "fake-indexeddb/auto";
import fc from "fast-check";
import { BLANK_EXCHANGE, BLANK_PIECE } from "@/core/stations/out-in";
import { stationRecordId, type TravellerId } from "@/records";
import { createTraveller } from "./create-traveller";
import { database } from "./database";
import { putPieceBack, shelvePart, takePiece, type OnCard } from "./part-counts";
import { addPart, addSpare } from "./parts";
import { removeTraveller } from "./write-card";
import { howMany } from "../../tests/support/how-many";

const db = database();
beforeAll(() => db.open());
afterAll(() => db.close());

const line = async (quantity: number): Promise<string> => {
  const id = await addPart({ kind: "bearing", label: "6203-2RS", quantity });
  if (id === null) throw new Error("not kept");
  return id;
};
const left = async (id: string): Promise<number | undefined> => (await db.parts.get(id))?.quantity;
const card = async (): Promise<TravellerId> => {
  const id = await createTraveller("rumbles", [], "Ivo Marrable");
  if (id === null) throw new Error("not kept");
  return id;
};
/** Notes so many pieces on the card. */
const noting = (travellerId: TravellerId, by: number): OnCard => ({
  travellerId,
  change: (record) => ({ ...record, note: "x".repeat(record.note.length + by) }),
});
const noted = async (id: TravellerId): Promise<number> =>
  ((await db.stations.get(stationRecordId(id, "out-in")))?.data as { note: string } | undefined)?.note.length ?? 0;

test("one piece after another, then none; what is put back can be taken again", async () => {
  const [id, on] = [await line(1), await card()];
  expect(await takePiece(id, noting(on, 1))).toBe("taken");
  expect(await takePiece(id, noting(on, 1))).toBe("none-left");
  expect([await left(id), await noted(on)]).toEqual([0, 1]);
  expect(await putPieceBack(id, noting(on, -1))).toBe("taken");
  expect([await left(id), await noted(on)]).toEqual([1, 0]);
});

test("a line that another tab took off is said to be gone, and the card stays as it was", async () => {
  const [id, on] = [await line(3), await card()];
  await db.parts.delete(id);
  expect(await takePiece(id, noting(on, 1))).toBe("line-gone");
  expect(await putPieceBack(id, noting(on, 1))).toBe("line-gone");
  expect(await noted(on)).toBe(0);
});

test("a piece that is taken for another puts that one back; of a line that is gone nothing comes back", async () => {
  const [first, second, gone, on] = [await line(2), await line(1), await line(1), await card()];
  await takePiece(first, noting(on, 1));
  await db.parts.delete(gone);
  expect(await takePiece(second, noting(on, 1), [first, gone])).toBe("taken");
  expect([await left(first), await left(second)]).toEqual([2, 0]);
  // The last piece of a line for itself: it was there all the time.
  expect(await takePiece(second, noting(on, 1), [second])).toBe("taken");
  expect(await left(second)).toBe(0);
  // None left of the other: what was to go back stays on the card.
  expect(await takePiece(second, noting(on, 1), [first])).toBe("none-left");
  expect([await left(first), await noted(on)]).toEqual([2, 3]);
});

test("where the card cannot be kept the piece stays on the Shelf, and nothing is put there", async () => {
  const [id, on] = [await line(2), await card()];
  const tooLong: OnCard = {
    travellerId: on,
    change: (record) => ({
      ...record,
      works: { "replace-motor": { ...BLANK_EXCHANGE, pieces: Array.from({ length: 9 }, () => BLANK_PIECE) } },
    }),
  };
  expect(await takePiece(id, tooLong)).toBe("not-kept");
  await removeTraveller(on);
  expect(await takePiece(id, noting(on, 1))).toBe("not-kept");
  const before = await db.parts.count();
  expect(await shelvePart({ kind: "other", label: "Rotor" }, noting(on, 1))).toBe(false);
  expect([await left(id), await db.parts.count()]).toEqual([2, before]);
});

test("a part of a card goes on the Shelf once, and the card says so", async () => {
  const on = await card();
  expect(await shelvePart({ kind: "other", label: "Rotor of an agitator", state: "for-parts" }, noting(on, 1))).toBe(true);
  const lines = (await db.parts.toArray()).filter(({ label }) => label === "Rotor of an agitator");
  expect(lines).toMatchObject([{ quantity: 1, state: "for-parts" }]);
  expect(await noted(on)).toBe(1);
});

test("a spare of a card is put on the Shelf once, however often it is pressed at once; another card's is another", async () => {
  const spare = (cardId: string, label = "Tessky 0.37 kW") =>
    addSpare({ kind: "motor", label, tested: { at: "2026-11-28T10:00:00.000Z", cardId, donor: "fan", readings: [] } });
  expect((await Promise.all([spare("card-a"), spare("card-a"), spare("card-a", "by another name")])).sort()).toEqual([
    "put",
    "there-already",
    "there-already",
  ]);
  expect(await spare("card-b")).toBe("put");
});

test("however many take and put back at once, the count is what was there less what was taken, and never below zero", async () => {
  const on = await card();
  await fc.assert(
    fc.asyncProperty(fc.integer({ min: 0, max: 4 }), fc.array(fc.boolean(), { minLength: 1, maxLength: 10 }), async (quantity, takes) => {
      const id = await line(quantity);
      const others = await Promise.all(takes.map(() => card()));
      const outcomes = await Promise.all(
        takes.map(async (isTake, index) => {
          const own = noting(others[index] ?? on, 1);
          return [isTake, await (isTake ? takePiece(id, own) : putPieceBack(id, own))] as const;
        }),
      );
      const taken = outcomes.filter(([isTake, outcome]) => isTake && outcome === "taken").length;
      const back = outcomes.filter(([isTake, outcome]) => !isTake && outcome === "taken").length;
      const now = (await left(id)) ?? NaN;
      expect(now).toBe(quantity - taken + back);
      expect(now).toBeGreaterThanOrEqual(0);
      // Each card says just what was taken for it.
      const said = (await Promise.all(others.map(noted))).reduce((sum, each) => sum + each, 0);
      expect(said).toBe(taken + back);
    }),
    { seed: 12, numRuns: howMany(20, 4) },
  );
});
