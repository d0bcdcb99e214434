import { FAULT_REASONS, type RecordFault } from "@/core/result";
import type { ImportOutline } from "@/records";
import { roomWords, stayWords } from "../house-rules/RoomLeft";
import { faultSentence, shortenedSentence } from "../files/fault-sentences";
import { countWords, futureSentence, undoneSentences } from "./import-words";

const fault = (part: Partial<RecordFault>): RecordFault => ({
  recordType: "traveller",
  name: "Circulation fan, bay 3, the one behind th",
  station: null,
  field: "machine",
  reason: "wrong-kind",
  most: null,
  ...part,
});

test.each(FAULT_REASONS)("a record that is at fault by %s is named shortly, in plain words", (reason) => {
  for (const part of [
    {},
    { recordType: "station", station: "capacitor", field: "running sections amps" },
    { recordType: "station", station: "orbit", field: null },
    { recordType: "part", name: null, field: "label" },
    { recordType: "house", name: "house", field: "figures safeVolts" },
    { recordType: "hologram" },
  ]) {
    const sentence = faultSentence(fault({ ...part, reason, most: 200 }));
    expect(sentence).toMatch(/^[A-Z].*\.$/);
    expect(sentence.length).toBeLessThanOrEqual(120);
    expect(sentence).not.toMatch(/undefined|null|Expected|received|Invalid|Object|!/);
  }
});

test.each([
  [
    fault({ field: "createdAt", reason: "no-moment" }),
    "Card “Circulation fan, bay 3, the one behind th”: the day it was begun is no date or time that can be read.",
  ],
  [
    fault({ recordType: "station", station: "capacitor", name: "Extract fan", field: "label", reason: "missing" }),
    "Capacitor of “Extract fan”: label is missing.",
  ],
  [
    fault({ recordType: "station", station: "plate", name: null, field: null, reason: "no-card" }),
    "Plate: it belongs to a card that is not here.",
  ],
])("%o reads: %s", (each, sentence) => expect(faultSentence(each)).toBe(sentence));

test("a shortened text names its field and what fits", () =>
  expect(shortenedSentence(fault({ recordType: "part", name: "35 µF", field: "label", reason: "too-long", most: 200 }))).toBe(
    "Shelf line “35 µF”: label was longer than 200 signs and is shortened to fit.",
  ));

describe("an import", () => {
  const counts = { traveller: 0, station: 0, house: 0, part: 0, move: 0, meter: 0 };
  const plan: ImportOutline = {
    newCards: 0,
    changedCards: 0,
    keptCards: 3,
    shown: [],
    counts,
    fromFuture: 0,
    shortened: [],
    faults: [],
  };
  test.each([
    [plan, "0 new, 0 changed, 3 left as they are"],
    [{ ...plan, faults: [fault({}), fault({})] }, "0 new, 0 changed, 3 left as they are, 2 not taken"],
    [{ ...plan, counts: { ...counts, part: 2, house: 1 } }, "0 new, 0 changed, 3 left as they are, house rules replaced, 2 shelf lines"],
  ])("in counts", (each, words) => expect(countWords(each)).toBe(words));
  test.each([
    [0, null],
    [1, /^One record carries a time that has not come yet/],
    [7, /^7 records carry a time that has not come yet/],
  ] as const)("with %d records of the future", (fromFuture, said) => {
    const sentence = futureSentence({ ...plan, fromFuture });
    if (said === null) expect(sentence).toBeNull();
    else expect(sentence).toMatch(said);
  });
  test.each([
    [[], {}, ["Undone: everything is as it was before."]],
    [["Fan", " "], {}, [/but for what was changed/, "Cards that stay: Fan, a machine not named."]],
    [
      ["1", "2", "3", "4", "5", "6"],
      { part: 1 },
      [/but for/, "Cards that stay: 1, 2, 3, 4, 5 and 1 more.", "Beside them stays: 1 shelf line."],
    ],
    [[], { part: 3, house: 1 }, [/but for/, "Beside them stays: house rules, 3 shelf lines."]],
  ])("undone, with %j cards and %j left", (keptCards, keptOthers, said) => {
    const sentences = undoneSentences({ records: 1, keptCards, keptOthers });
    expect(sentences).toHaveLength(said.length);
    said.forEach((words, index) => expect(sentences[index]).toMatch(words));
  });
});

const MB = 1024 * 1024;
test.each([
  [1.25 * MB, 10_240 * MB, "1.3 MB of 10 GB used."],
  [640 * MB, 2048 * MB, "640 MB of 2 GB used."],
  [1900 * MB, 2048 * MB, "1.9 GB of 2 GB used: nearly full. Export your data and free some space."],
  [null, 2048 * MB, "This browser does not say how much room there is."],
  [1, 0, "This browser does not say how much room there is."],
])("%d of %d bytes", (usedBytes, roomBytes, words) => expect(roomWords({ isPersistent: null, usedBytes, roomBytes })).toBe(words));

test.each([
  [true, /keeps it until you remove it/],
  [false, /may clear it when the disk runs short.*ask again/],
  [null, /does not say/],
])("kept for good: %s", (isPersistent, words) => expect(stayWords({ isPersistent, usedBytes: null, roomBytes: null })).toMatch(words));
