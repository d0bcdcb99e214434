import { recent, recentBy } from ".";

test("a text is worked out once, and again when it was pushed out", () => {
  const asked: string[] = [];
  const read = recent((text) => {
    asked.push(text);
    return { text };
  }, 2);
  expect(read("a")).toBe(read("a"));
  read("b");
  read("c");
  expect(read("a")).toEqual({ text: "a" });
  expect(asked).toEqual(["a", "b", "c", "a"]);
});

test("what has one key has one answer; none is remembered too, and the oldest goes first", () => {
  let asked = 0;
  const sum = recentBy(
    (a: number, b: number) => `${a + b}`,
    (a: number, b: number) => {
      asked += 1;
      return a + b > 2 ? a + b : null;
    },
    2,
  );
  expect([sum(1, 1), sum(0, 2), sum(2, 0)]).toEqual([null, null, null]);
  expect(asked).toBe(1);
  expect([sum(3, 0), sum(1, 1)]).toEqual([3, null]);
  expect(asked).toBe(2);
  sum(4, 0);
  expect(sum(1, 1)).toBeNull();
  expect(asked).toBe(4);
});
