import { derivedByState, sourcesOfLines } from "../../scripts/lib/derived-by.mjs";

const sources = sourcesOfLines();

test.each([
  "src/core/diagnosis/index.ts",
  "src/core/stations/windings/index.ts",
  "src/features/stations/windings/sentences.ts",
  "src/features/cards/card-line.ts",
  "src/store/summary.ts",
])("%s has a part in what lists say of a card", (file) => expect(sources).toContain(file));

test("a screen, an instrument or a style that changes makes no card's line anew", () => {
  expect(sources.filter((file) => /^src\/(app|components|workers)\//.test(file))).toEqual([]);
  expect(sources.filter((file) => /^src\/features\/(rack|shelf|ledger|traveller|motor|print|bench|shell|team)\//.test(file))).toEqual([]);
  expect(sources.filter((file) => /(Instrument|Panel|Screen|Sheet)\.tsx$|in-hand\.ts$/.test(file))).toEqual([]);
});

test("the state is the same for the same sources", () => {
  expect(derivedByState()).toMatch(/^[0-9a-f]{12}$/);
  expect(derivedByState()).toBe(derivedByState());
});
