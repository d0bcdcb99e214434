import { DEFAULT_METER } from "../../house";
import { takeReading, type Quantity } from "../../quantity";
import { pairQuantity, samePair, setPair } from "./pairs";
import { BLANK_WINDINGS, entryAt } from "./record";

const read = (text: string, quantity: Quantity) => takeReading(text, quantity, DEFAULT_METER, "2026-11-23T12:00:00.000Z").entry;

test.each([
  ["4.7", "resistance"],
  ["1.2k", "resistance"],
  ["OL", "resistance"],
  ["inf", "resistance"],
  ["12u", "capacitance"],
  ["12 µF", "capacitance"],
  ["470n", "capacitance"],
  ["7.5 uF", "capacitance"],
  ["nonsense", "resistance"],
  ["", "resistance"],
] as const)("%s between two posts is %s", (text, quantity) => expect(pairQuantity(text)).toBe(quantity));

test("a pair is the same whichever way round, and an emptied field takes its reading away", () => {
  expect([samePair([0, 1], [1, 0]), samePair([0, 1], [0, 2]), samePair(null, [0, 1]), samePair(null, null)]).toEqual([
    true,
    false,
    false,
    false,
  ]);
  const entry = read("4.7", "resistance");
  const kept = setPair(setPair(BLANK_WINDINGS, [2, 0], read("9", "resistance")), [0, 2], entry);
  expect(kept.pairs).toEqual([{ a: 0, b: 2, entry }]);
  expect(entryAt(kept, 2, 0)).toBe(entry);
  expect(setPair(kept, [2, 0], null).pairs).toEqual([]);
});
