import { toHouseFigures } from "@/core/house";
import { stationOf } from "@/core/stations";
import { blankStationRow, RECORD_TYPES, UNSET_HOUSE, type Conflict, type DatedRow, type Traveller } from "@/records";
import type { KeptCard } from "@/store/queries";
import { lateWords } from "./backup-words";
import { conflictLines, conflictTitle } from "./conflict-words";
import { mergeWords, takenBackWords } from "./words";

const NONE = { newCards: 0, changedCards: 0, goneCards: 0, others: 0, conflicts: 0 };
const HOUSE = toHouseFigures({});
const AT = "2026-11-20T10:00:00.000Z";

test.each([
  [NONE, "nothing new"],
  [{ ...NONE, newCards: 1, changedCards: 2 }, "1 new card, 2 changed cards"],
  [{ ...NONE, goneCards: 1, others: 1 }, "1 card taken away, 1 line of shelf or rules"],
])("%j is %s", (counts, words) => expect(mergeWords(counts)).toBe(words));

test.each([
  [{ records: 3, keptCards: [], keptOthers: 0 }, "Taken back: 3 records are as before."],
  [
    { records: 1, keptCards: ["Agitator", ""], keptOthers: 1 },
    "Taken back: 1 record is as before. But what was worked on since stays whole: Agitator, a machine not named; 1 line of shelf or rules changed since stay.",
  ],
])("%j", (back, words) => expect(takenBackWords(back)).toBe(words));

test.each([
  [{ rhythm: "weekly", lastAt: null } as const, 3, "There are cards of your own on this device, and no copy of them anywhere else."],
  [{ rhythm: "weekly", lastAt: AT } as const, 5.4, "The last backup is 12 days old."],
  [{ rhythm: "daily", lastAt: AT } as const, 0, "The last backup is 1 day old."],
])("%j", (backup, late, words) => expect(lateWords(backup, late)).toBe(words));

const conflict = (name: Conflict["name"], mine: object | null, theirs: object | null): Conflict => {
  const side = (row: object | null) => ({
    row: row as DatedRow | null,
    version: { key: `${name}/x`, of: {}, at: AT, isGone: row === null },
  });
  return { name, id: "x", mine: side(mine), theirs: side(theirs) };
};
const card: KeptCard = {
  traveller: { ...(RECORD_TYPES.traveller.blank("c") as Traveller), machine: "Agitator", site: "Osier Dairy", createdAt: AT },
  entries: {},
  earlier: [],
};
const station = (stationId: "complaint" | "look", change: object) =>
  blankStationRow("c", stationId, { ...(stationOf(stationId).blank as object), ...change });

describe("side by side", () => {
  test("of a station what it would say", () => {
    const both = conflict("station", station("complaint", { said: "hums" }), station("complaint", { said: "dead" }));
    expect(conflictLines(both, card, HOUSE)).toEqual([{ what: "Complaint", mine: "“hums”", theirs: "“dead”" }]);
    expect(conflictTitle(both, card)).toBe("Agitator, Osier Dairy, 20 Nov 2026");
  });
  test("what a station says the same is told by its fields", () => {
    const both = conflict(
      "station",
      { ...station("look", {}), skippedReason: null, extra: 1 },
      { ...station("look", {}), skippedReason: null, extra: 2 },
    );
    expect(conflictLines(both, card, HOUSE)).toEqual([{ what: "extra", mine: "1", theirs: "2" }]);
  });
  test("of the shelf the fields that differ, with their words", () => {
    const part = { ...RECORD_TYPES.part.blank("x"), label: "5 µF 450 V", quantity: 3, place: "" };
    const both = conflict("part", part, { ...part, quantity: 2, place: "truck", updatedAt: AT });
    expect(conflictLines(both, null, HOUSE)).toEqual([
      { what: "Place", mine: "nothing", theirs: "truck" },
      { what: "Pieces", mine: "3", theirs: "2" },
    ]);
    expect(conflictTitle(both, null)).toBe("Shelf: 5 µF 450 V");
  });
  test("of the rules those that differ, by name", () => {
    const both = conflict("house", UNSET_HOUSE, { ...UNSET_HOUSE, figures: { hourlyRate: 72 } });
    const [line] = conflictLines(both, null, HOUSE);
    expect(line).toMatchObject({ mine: "default", theirs: "72" });
    expect(conflictTitle(both, null)).toBe("House rules");
  });
  test("taken away on one side", () => {
    expect(conflictLines(conflict("part", null, RECORD_TYPES.part.blank("x")), null, HOUSE)).toEqual([
      { what: "Record", mine: "taken away", theirs: "there" },
    ]);
  });
});
