import { diceOf } from "../../../tests/relations/dice";
import { drawStamp } from "../../../tests/relations/stamp-texts";
import { howMany } from "../../../tests/support/how-many";
import { parseDesignation } from "./designation";

test("a stamp says what its parts say, in any spelling and beside any size of its own", () => {
  const count = howMany(100_000, 1, 50);
  for (let seed = 1; seed <= count; seed += 1) {
    const { text, truth } = drawStamp(diceOf(seed));
    const read = parseDesignation(text);
    if (!read.ok) throw new Error(`${text}: ${read.failure.code}`);
    const { candidates, closure, clearance } = read.value;
    const [size] = candidates.map((each) => each.size);
    expect({ text, outsideMm: size?.outsideMm, closure, clearance }).toEqual({
      text,
      outsideMm: truth.outsideMm,
      closure: truth.closure,
      clearance: truth.clearance,
    });
    expect(size?.boreMm).toBeCloseTo(truth.boreMm, 2);
  }
});

test.each([
  ["6202/16-2RS", 16],
  ["6204/19.05", 19.05],
  ["6202-16", 16],
  ["6203/17", 17],
  ["6203-10", 15.875],
])("%s has a bore of its own", (text, boreMm) => {
  const read = parseDesignation(text);
  expect(read.ok && read.value.candidates[0]?.size.boreMm).toBeCloseTo(boreMm, 2);
});

test.each([
  ["6203-2RS 6202-2RS", ["6203-2RS", "6202-2RS"]],
  ["6203 and 6202 ZZ", ["6203", "6202 ZZ"]],
  ["6203-2RS / 6203-ZZ", ["6203-2RS", "6203-ZZ"]],
])("%s names two bearings and is asked", (text, numbers) => {
  expect(parseDesignation(text)).toMatchObject({ ok: false, failure: { code: "bearing-two", numbers } });
});

test("the same one twice is a pair of one kind", () => {
  expect(parseDesignation("6203-2RS, 6203 2RS")).toMatchObject({ ok: true, value: { closure: "seals-both" } });
});

test.each(["6203 15x35x11", "6203-2RS (17 x 40 x 14 mm)", "15 × 35 6203"])("%s: the size is another's, and is asked about", (text) => {
  expect(parseDesignation(text)).toMatchObject({ ok: false, failure: { code: "bearing-size-misfit", number: "6203", boreMm: 17 } });
});
