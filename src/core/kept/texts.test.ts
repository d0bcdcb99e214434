import { compareMoments, isLoose, toMoment } from ".";
import { cutText, fitText, TEXT_LENGTHS } from "./lengths";
import { isDay } from "./moment";
import { signOf } from "./sign";

test.each<[unknown, boolean]>([
  [{}, true],
  [{ a: 1 }, true],
  [[], false],
  [null, false],
  [undefined, false],
  ["text", false],
  [7, false],
])("%j as a record of any shape: %s", (value, expected) => expect(isLoose(value)).toBe(expected));

test("a sign is told by length and by even and odd characters", () => {
  // The published offset basis, twice: nothing was mixed in.
  expect(signOf("")).toBe(`0-${(0x811c9dc5).toString(36)}-${(0x811c9dc5).toString(36)}`);
  // FNV-1a of "a", as published: 0xe40c292c.
  expect(signOf("a")).toBe(`1-${(0xe40c292c).toString(36)}-${(0x811c9dc5).toString(36)}`);
  expect(signOf("aa")).toBe(`2-${(0xe40c292c).toString(36)}-${(0xe40c292c).toString(36)}`);
  expect(new Set(["ab", "ba", "abc", "abd", "acb", "ab "].map(signOf)).size).toBe(6);
});

test.each<[string, string | null]>([
  ["2026-11-23T18:00:00.000Z", "2026-11-23T18:00:00.000Z"],
  ["2026-11-23T18:00:00+01:00", "2026-11-23T17:00:00.000Z"],
  ["2026-11-23 18:00-05:30", "2026-11-23T23:30:00.000Z"],
  ["2026-11-23T18:59:59,5Z", "2026-11-23T18:59:59.500Z"],
  ["2026-11-23T18:00:00.123456789Z", "2026-11-23T18:00:00.123Z"],
  ["2026-11-23T23:59:59Z", "2026-11-23T23:59:59.000Z"],
  ["2026-11-23T18:00:00+23:59", "2026-11-22T18:01:00.000Z"],
  ["2026-02-29T12:00:00.000Z", null],
  ["2026-02-29T12:00:00Z", null],
  ["2026-11-23T24:00:00Z", null],
  ["2026-11-23T18:60:00Z", null],
  ["2026-11-23T18:00:60Z", null],
  ["2026-11-23T18:00:00+24:00", null],
  ["2026-11-23T18:00:00+01:60", null],
  ["2026-11-23T18:00:00.000X", null],
  // As long as a moment, and none.
  ["2026-13-23T18:00:00.000Z", null],
  ["not a moment at all ....Z", null],
  ["1969-12-31T23:59:59.999Z", null],
  ["2200-01-01T00:00:00.000Z", null],
  // In its own zone it is a year too early, in ours it is not, and the other way round.
  ["2199-12-31T23:30:00-01:00", null],
])("the moment %s is %s", (text, expected) => expect(toMoment(text)).toBe(expected));

test.each([
  ["2026-11-23T18:00:00Z", "2026-11-23T19:00:00+01:00", 0],
  ["2026-11-23T18:00:00Z", "2026-11-23T18:30:00Z", -1],
  ["2026-11-23T18:30:00Z", "2026-11-23T18:00:00Z", 1],
  ["no moment", "1970-01-01T00:00:00Z", -1],
  ["no moment", "nor this", 0],
])("%s against %s: %d", (a, b, expected) => expect(compareMoments(a, b)).toBe(expected));

test.each([
  ["2028-02-29", true],
  ["2027-02-29", false],
  ["2026-04-31", false],
  ["1970-01-01", true],
  ["1969-12-31", false],
  ["2199-12-31", true],
  ["2200-01-01", false],
  ["2026-00-10", false],
  ["26-11-23", false],
])("%s as a day: %s", (text, expected) => expect(isDay(text)).toBe(expected));

test("a text is cut to what its kind takes, and no character is halved", () => {
  const full = "x".repeat(TEXT_LENGTHS.lead);
  expect(fitText(full, "lead")).toBe(full);
  expect(fitText(`${full}y`, "lead")).toBe(full);
  expect(cutText("ab😀", 3)).toBe("ab");
  expect(cutText("ab😀", 4)).toBe("ab😀");
  expect(cutText("a😀b", 3)).toBe("a😀");
  // The first and the last of the code units that begin such a character, and the first that ends one.
  expect(cutText("a\ud800b", 2)).toBe("a");
  expect(cutText("a\udbffb", 2)).toBe("a");
  expect(cutText("a\udc00b", 2)).toBe("a\udc00");
});
