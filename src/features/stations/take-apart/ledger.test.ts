import { STATIONS } from "@/core/stations";
import { MOST_STEPS } from "@/core/stations/take-apart";
import { broughtBack, moved, toldApart, withBack, withCount, withCountBack, withDetails, without, withStep } from "./ledger";

const AT = "2026-11-25T10:00:00.000Z";
const three = (["wheel", "key", "screw"] as const).reduce(
  (record, part, index) => withStep(record, part, `s${index}`),
  STATIONS["take-apart"].blank,
);
const ids = ({ steps }: typeof three): string => steps.map(({ id }) => id).join(" ");

test("a part goes to the end of the list, and opens what was closed", () => {
  expect(ids(three)).toBe("s0 s1 s2");
  expect(withStep({ ...three, closedAt: AT }, "nut", "s3")).toMatchObject({ closedAt: null, steps: { length: 4 } });
});
test.each([
  ["s1", -1, "s1 s0 s2"],
  ["s1", 1, "s0 s2 s1"],
  ["s0", -1, "s0 s1 s2"],
  ["s2", 1, "s0 s1 s2"],
  ["gone", 1, "s0 s1 s2"],
] as const)("%s moved by %d: %s", (id, by, order) => expect(ids(moved(three, id, by))).toBe(order));
test("a struck line comes back where it stood, with all that was on it, and only once", () => {
  const noted = withDetails(three, "s1", { way: "round end in", count: 2 });
  const [, key] = noted.steps;
  if (!key) throw new Error("no key");
  const back = broughtBack(without(noted, "s1"), key, 1);
  expect(back).toEqual(noted);
  expect(broughtBack(back, key, 1)).toEqual(back);
});
test("what comes out again opens it again", () => {
  const closed = { ...withBack(three, "s0", AT), closedAt: AT };
  expect(withBack(closed, "s1", AT).closedAt).toBe(AT);
  expect(withBack(closed, "s0", null)).toMatchObject({ closedAt: null, steps: [{ backAt: null }, {}, {}] });
});
test("three of four screws are back: the line is not, and says how many", () => {
  const four = withCount(three, "s2", 4, AT);
  const some = withCountBack(four, "s2", 3, AT);
  expect(some.steps[2]).toMatchObject({ count: 4, countBack: 3, backAt: null });
  expect(withCountBack(some, "s2", 4, AT).steps[2]).toMatchObject({ countBack: 4, backAt: AT });
  expect(withCountBack(some, "s2", 9, AT).steps[2]).toMatchObject({ countBack: 4 });
  expect(withBack(some, "s2", AT).steps[2]).toMatchObject({ countBack: 4, backAt: AT });
  // One more is found to have come off, when the line was closed already.
  const closed = { ...withBack(four, "s2", AT), closedAt: AT };
  expect(withCount(closed, "s2", 5, AT)).toMatchObject({ closedAt: null, steps: [{}, {}, { count: 5, countBack: 4, backAt: null }] });
  expect(withCount(some, "s2", 3, AT).steps[2]).toMatchObject({ count: 3, countBack: 3, backAt: AT });
});
test("wires of one name get a number each, and no name that another has", () => {
  const wires = ["red", "Red ", "blue", "red 1"].map((mark) => ({ mark, post: "", backAt: null }));
  expect(toldApart({ ...three, wires }, "red").wires.map(({ mark }) => mark)).toEqual(["red 2", "red 3", "blue", "red 1"]);
});
test("the list ends where its file format ends", () => {
  const full = Array.from({ length: MOST_STEPS + 5 }).reduce<typeof three>(
    (record, _, index) => withStep(record, "washer", `w${index}`),
    STATIONS["take-apart"].blank,
  );
  expect(full.steps).toHaveLength(MOST_STEPS);
});
