import type { Summary } from "@/store/summary";
import { changeWords, countedVisits, motorsOf } from "./one-or-two";

const card = (motor: string, machine: string, createdAt: string, motorChange: Summary["motorChange"] = null): Summary =>
  ({ motor, machine, site: "Osier Dairy", createdAt, motorChange }) as Summary;
const AT = "2026-11-20T10:00:00.000Z";

test("motors go by the names of their last visit, with their visits counted", () => {
  const motors = motorsOf([
    card("a", "Agitator", "2026-01-01T08:00:00.000Z"),
    card("b", "", "2026-02-01T08:00:00.000Z"),
    card("a", "Milk-tank agitator", "2026-03-01T08:00:00.000Z"),
  ]);
  expect(motors).toEqual([
    { motor: "a", name: "Milk-tank agitator, Osier Dairy", visits: "2 visits", last: "2026-03-01T08:00:00.000Z" },
    { motor: "b", name: "Machine not named, Osier Dairy", visits: "1 visit", last: "2026-02-01T08:00:00.000Z" },
  ]);
});
test("what was said at one moment is one line, those that followed with it", () => {
  const said = changeWords([
    card("m", "Agitator", AT, { at: AT, how: "made-one" }),
    card("m", "Tank motor", AT, { at: AT, how: "made-one" }),
    card("m", "Tank motor", AT, { at: AT, how: "followed" }),
    card("m", "Yard fan", AT),
  ]);
  expect(said).toEqual([{ at: AT, words: "Made one on 20 Nov 2026: Agitator and Tank motor, 3 visits." }]);
});
test("the last said stands first", () => {
  const later = "2026-11-21T10:00:00.000Z";
  const said = changeWords([card("m", "A", AT, { at: AT, how: "made-one" }), card("m", "A", AT, { at: later, how: "parted" })]);
  expect(said.map(({ words }) => words.slice(0, 10))).toEqual(["Parted off", "Made one o"]);
});
test.each([
  [1, "1 visit"],
  [2, "2 visits"],
])("%i is %s", (count, words) => expect(countedVisits(count)).toBe(words));
