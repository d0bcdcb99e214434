import { recent } from ".";

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
