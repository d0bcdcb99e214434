import fc from "fast-check";
import { countOf, lastCounting, voidCountings, type StockMove } from ".";

let made = 0;
const move = (
  kind: StockMove["kind"],
  by: number,
  at = "2026-11-01",
  follows: string | null = null,
  id = `m${(made += 1)}`,
): StockMove => ({
  id,
  kind,
  by,
  follows,
  at: `${at}T10:00:00.000Z`,
});

test("two who each take one of five leave three", () => {
  expect(countOf([move("counted", 5), move("taken", -1), move("taken", -1)])).toBe(3);
});

test.each([
  ["nothing", [], 0],
  ["bought and put back", [move("bought", 4), move("taken", -1), move("put-back", 1)], 4],
  ["more taken than was there", [move("counted", 1), move("taken", -1), move("taken", -1)], -1],
] as const)("%s", (_, moves, pieces) => expect(countOf(moves)).toBe(pieces));

describe("two countings that did not know of one another", () => {
  const first = move("counted", 6, "2026-11-01", null, "open");
  const here = move("counted", -1, "2026-11-02", "open", "here");
  const there = move("counted", -1, "2026-11-03", "open", "there");
  test("found the same piece missing: it is missing once", () => {
    expect(countOf([first, here, there])).toBe(5);
    expect(lastCounting([first, here, there])?.id).toBe("there");
    expect(voidCountings([first, here, there]).map(({ id }) => id)).toEqual(["here"]);
  });
  test("the next counting follows the one that holds, whatever its clock says", () => {
    const next = move("counted", 2, "1999-01-01", "there", "next");
    expect(countOf([first, here, there, next])).toBe(7);
  });
  test("a counting that follows one that is not known counts by itself", () => {
    expect(countOf([move("counted", 2, "2026-11-04", "nowhere", "x"), move("taken", -1)])).toBe(1);
  });
});

const moves = fc.uniqueArray(
  fc.record({
    id: fc.string({ minLength: 1, maxLength: 4 }),
    kind: fc.constantFrom(...(["counted", "taken", "put-back", "bought"] as const)),
    by: fc.integer({ min: -20, max: 20 }),
    follows: fc.option(fc.string({ minLength: 1, maxLength: 4 }), { nil: null }),
    at: fc.constantFrom("2026-11-01T10:00:00.000Z", "1965-01-01T10:00:00.000Z", "2250-01-01T10:00:00.000Z"),
  }),
  { selector: ({ id }) => id, maxLength: 12 },
);

test("the order in which moves become known makes no difference, and circles end", () => {
  fc.assert(
    fc.property(moves, fc.infiniteStream(fc.nat()), (all, keys) => {
      const order = all.map((each) => [keys.next().value as number, each] as const).sort(([a], [b]) => a - b);
      expect(countOf(order.map(([, each]) => each))).toBe(countOf(all));
    }),
    { seed: 37 },
  );
});
