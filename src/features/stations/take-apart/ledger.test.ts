import { STATIONS } from "@/core/stations";
import { MOST_STEPS } from "@/core/stations/take-apart";
import { broughtBack, moved, withBack, withDetails, without, withStep } from "./ledger";

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
test("the list ends where its file format ends", () => {
  const full = Array.from({ length: MOST_STEPS + 5 }).reduce<typeof three>(
    (record, _, index) => withStep(record, "washer", `w${index}`),
    STATIONS["take-apart"].blank,
  );
  expect(full.steps).toHaveLength(MOST_STEPS);
});
