import { toHouseFigures } from "@/core/house";
import { stationOf } from "@/core/stations";
import { blankStationRow, RECORD_TYPES, UNSET_HOUSE, type DatedRow, type Traveller } from "@/records";
import type { KeptCard } from "@/store/queries";
import type { Disagreement } from "@/store/team/disagreements";
import { lateWords } from "./backup-words";
import { conflictLines, conflictTitle } from "./conflict-words";
import { mergeWords, peerWords, takenBackWords, unsentWords } from "./words";

const NONE = { newCards: 0, changedCards: 0, goneCards: 0, others: 0, conflicts: 0 };
const HOUSE = toHouseFigures({});
const AT = "2026-11-20T10:00:00.000Z";

test.each([
  [NONE, "nothing new"],
  [{ ...NONE, newCards: 1, changedCards: 2 }, "1 new card, 2 changed cards"],
  [{ ...NONE, conflicts: 2 }, "only what both sides changed: 2 fields, to be chosen"],
  [{ ...NONE, goneCards: 1, others: 1 }, "1 card taken away, 1 line of shelf or rules"],
])("%j is %s", (counts, words) => expect(mergeWords(counts)).toBe(words));

test.each([
  [{ records: 3, keptCards: [], keptOthers: 0, keptActs: 0 }, "Taken back: 3 records are as before. The others hear of it."],
  [
    { records: 0, keptCards: [], keptOthers: 0, keptActs: 1 },
    "Nothing was taken back. What became of pieces stays: somebody took, put back or counted them.",
  ],
  [
    { records: 1, keptCards: ["Agitator", ""], keptOthers: 1, keptActs: 0 },
    "Taken back: 1 record is as before. The others hear of it. But what was worked on since stays whole: Agitator, a machine not named; 1 line of shelf or rules changed since stay.",
  ],
])("%j", (back, words) => expect(takenBackWords(back)).toBe(words));

describe("how things stand with another device", () => {
  const now = new Date("2026-11-20T12:00:00.000Z");
  const peer = { id: "k3x9mm02", name: "Sefa's phone", at: AT, read: "x", inStepSince: null };
  test.each([
    [peer, 0, "It has not read yet what is new here."],
    [{ ...peer, inStepSince: AT }, 0, /^In step since today \d\d:00\.$/],
    [{ ...peer, inStepSince: AT }, 2, "2 files of it are on the way here; the rest is taken meanwhile."],
    [{ ...peer, at: "2031-03-12T10:00:00.000Z" }, 0, "It has not read yet what is new here. Its clock is ahead: it says 12 Mar 2031."],
  ])("%j", (of, waiting, words) => {
    const said = peerWords(of, waiting, now);
    if (typeof words === "string") expect(said).toBe(words);
    else expect(said).toMatch(words);
  });
  test("and what of this one is still to be written", () => {
    expect([unsentWords(0), unsentWords(1), unsentWords(3)]).toEqual([
      "Everything of this device is written for the others.",
      "1 change waits to be written for the others.",
      "3 changes wait to be written for the others.",
    ]);
  });
});

test.each([
  [{ rhythm: "weekly", lastAt: null } as const, 3, "There are cards of your own on this device, and no copy of them anywhere else."],
  [{ rhythm: "weekly", lastAt: AT } as const, 5.4, "The last backup is 12 days old."],
  [{ rhythm: "daily", lastAt: AT } as const, 0, "The last backup is 1 day old."],
])("%j", (backup, late, words) => expect(lateWords(backup, late)).toBe(words));

const disagreement = (name: Disagreement["name"], fields: readonly string[][], mine: object, theirs: object): Disagreement => ({
  document: "traveller/c",
  name,
  id: "x",
  fields,
  sides: [mine, theirs].map((row, index) => ({ who: index === 0 ? "A" : "B", isMine: index === 0, texts: {}, row: row as DatedRow })),
});
const card: KeptCard = {
  traveller: { ...(RECORD_TYPES.traveller.blank("c") as Traveller), machine: "Agitator", site: "Osier Dairy", createdAt: AT },
  entries: {},
  earlier: [],
};
const station = (stationId: "complaint" | "look", change: object) =>
  blankStationRow("c", stationId, { ...(stationOf(stationId).blank as object), ...change });

describe("side by side", () => {
  test("of a station what it would say", () => {
    const both = disagreement(
      "station",
      [["data", "said"]],
      station("complaint", { said: "hums" }),
      station("complaint", { said: "dead" }),
    );
    expect(conflictLines(both, card, HOUSE)).toEqual([{ what: "Complaint", said: ["“hums”", "“dead”"] }]);
    expect(conflictTitle(both, card)).toBe("Agitator, Osier Dairy, 20 Nov 2026");
  });
  test("what a station says the same is told by its fields", () => {
    const both = disagreement("station", [["extra"]], { ...station("look", {}), extra: 1 }, { ...station("look", {}), extra: 2 });
    expect(conflictLines(both, card, HOUSE)).toEqual([{ what: "extra", said: ["1", "2"] }]);
  });
  test("of the shelf the fields, with their words", () => {
    const part = { ...RECORD_TYPES.part.blank("x"), label: "5 µF 450 V", price: 3, place: "" };
    const both = disagreement("part", [["place"], ["price"]], part, { ...part, price: 2, place: "truck" });
    expect(conflictLines(both, null, HOUSE)).toEqual([
      { what: "Place", said: ["nothing", "truck"] },
      { what: "Price", said: ["3", "2"] },
    ]);
    expect(conflictTitle(both, null)).toBe("Shelf: 5 µF 450 V");
  });
  test("of the rules those that differ, by name", () => {
    const both = disagreement("house", [["figures", "hourlyRate"]], UNSET_HOUSE, { ...UNSET_HOUSE, figures: { hourlyRate: 72 } });
    expect(conflictLines(both, null, HOUSE)).toMatchObject([{ said: ["default", "72"] }]);
    expect(conflictTitle(both, null)).toBe("House rules");
  });
  test("of a type that nobody thought of here what it is called", () => {
    const both = disagreement("move", [], RECORD_TYPES.move.blank("x"), RECORD_TYPES.move.blank("x"));
    expect(conflictTitle(both, null)).toBe("Move of stock");
    expect(conflictTitle({ ...both, name: "note" as never }, null)).toBe("Record");
  });
});
