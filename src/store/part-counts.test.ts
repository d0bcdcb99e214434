import "fake-indexeddb/auto";
import fc from "fast-check";
import { database } from "./database";
import { putPieceBack, takePiece } from "./part-counts";
import { addPart } from "./parts";

const db = database();
beforeAll(() => db.open());
afterAll(() => db.close());

const line = async (quantity: number): Promise<string> => {
  const id = await addPart({ kind: "bearing", label: "6203-2RS", quantity });
  if (id === null) throw new Error("not kept");
  return id;
};
const left = async (id: string): Promise<number | undefined> => (await db.parts.get(id))?.quantity;

test("one piece after another, then none; what is put back can be taken again", async () => {
  const id = await line(1);
  expect(await takePiece(id)).toBe("taken");
  expect(await takePiece(id)).toBe("none-left");
  expect(await left(id)).toBe(0);
  expect(await putPieceBack(id)).toBe("taken");
  expect(await takePiece(id)).toBe("taken");
});

test("a line that another tab took off is said to be gone", async () => {
  const id = await line(3);
  await db.parts.delete(id);
  expect(await takePiece(id)).toBe("line-gone");
  expect(await putPieceBack(id)).toBe("line-gone");
});

test("however many take and put back at once, the count is what was there less what was taken, and never below zero", async () => {
  await fc.assert(
    fc.asyncProperty(fc.integer({ min: 0, max: 4 }), fc.array(fc.boolean(), { minLength: 1, maxLength: 10 }), async (quantity, takes) => {
      const id = await line(quantity);
      const outcomes = await Promise.all(takes.map(async (isTake) => [isTake, await (isTake ? takePiece(id) : putPieceBack(id))] as const));
      const taken = outcomes.filter(([isTake, outcome]) => isTake && outcome === "taken").length;
      const back = outcomes.filter(([isTake, outcome]) => !isTake && outcome === "taken").length;
      const now = (await left(id)) ?? NaN;
      expect(now).toBe(quantity - taken + back);
      expect(now).toBeGreaterThanOrEqual(0);
    }),
    { seed: 12, numRuns: 40 },
  );
});
