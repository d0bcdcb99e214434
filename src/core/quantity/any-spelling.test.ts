import { diceOf } from "../../../tests/relations/dice";
import { drawReading } from "../../../tests/relations/reading-texts";
import { howMany } from "../../../tests/support/how-many";
import { parseReading } from "./parse-reading";

test("a figure is the same in every spelling of its unit, with point or comma, with blanks or without", () => {
  const count = howMany(100_000, 1, 33);
  for (let seed = 1; seed <= count; seed += 1) {
    const { quantity, text, value } = drawReading(diceOf(seed));
    const read = parseReading(text, quantity);
    if (!read.ok || read.value.kind !== "value") throw new Error(`${quantity} ${text}`);
    expect(read.value.value / value).toBeCloseTo(1, 9);
  }
});
