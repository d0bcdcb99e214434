import fc from "fast-check";
import * as v from "valibot";
import { compareMoments, cutText, DaySchema, fitText, isDay, MomentSchema, TEXT_LENGTHS, toMoment } from ".";

test.each([
  ["2026-11-23T18:00:00.000Z", "2026-11-23T18:00:00.000Z"],
  ["2026-11-23T18:00:00+01:00", "2026-11-23T17:00:00.000Z"],
  ["2026-11-23T18:00:00-0530", "2026-11-23T23:30:00.000Z"],
  ["2026-11-23T18:00:00+23", "2026-11-22T19:00:00.000Z"],
  ["2026-11-23 18:00Z", "2026-11-23T18:00:00.000Z"],
  ["2026-11-23T18:00:00,25Z", "2026-11-23T18:00:00.250Z"],
  ["2024-02-29T00:00:00Z", "2024-02-29T00:00:00.000Z"],
])("the moment %s is kept as %s", (text, moment) => {
  expect(toMoment(text)).toBe(moment);
});

test.each([
  "12026-11-23T18:00:00Z",
  "+012026-11-23T18:00:00Z",
  "0026-11-23T18:00:00Z",
  "1969-12-31T23:59:59Z",
  "1970-01-01T00:00:00+01:00",
  "2200-01-01T00:00:00Z",
  "2026-02-30T18:00:00Z",
  "2026-11-23T24:00:00Z",
  "2026-11-23T18:00:00",
  "2026-11-23T18:00:00+99:00",
  "yesterday",
  "",
])("%s is no moment, and refused without an exception", (text) => {
  expect(toMoment(text)).toBeNull();
  expect(v.safeParse(MomentSchema, text).success).toBe(false);
});

test.each([
  ["2026-11-27", true],
  ["2024-02-29", true],
  ["2026-02-29", false],
  ["12026-11-27", false],
  ["0002-11-27", false],
  ["2026-13-01", false],
  ["", false],
])("%s is a day: %s", (text, isGood) => {
  expect(isDay(text)).toBe(isGood);
  expect(v.safeParse(DaySchema, text).success).toBe(isGood);
});

test("any moment of any zone comes back as the same instant, in one form", () => {
  const millis = fc.integer({ min: Date.UTC(1970, 0, 2), max: Date.UTC(2199, 11, 30) });
  fc.assert(
    fc.property(millis, fc.integer({ min: -840, max: 840 }), (ms, zoneMin) => {
      const local = new Date(ms + zoneMin * 60_000).toISOString().slice(0, -1);
      const zone = `${zoneMin < 0 ? "-" : "+"}${String(Math.floor(Math.abs(zoneMin) / 60)).padStart(2, "0")}:${String(Math.abs(zoneMin) % 60).padStart(2, "0")}`;
      expect(toMoment(`${local}${zone}`)).toBe(new Date(ms).toISOString());
      expect(compareMoments(`${local}${zone}`, new Date(ms).toISOString())).toBe(0);
    }),
    { seed: 15 },
  );
});

test("instants are compared, not texts", () => {
  expect(compareMoments("2026-11-23T18:00:00+05:00", "2026-11-23T17:00:00Z")).toBeLessThan(0);
  expect(compareMoments("nonsense", "1970-01-01T00:00:00Z")).toBeLessThan(0);
});

test("a text is cut to what its kind takes, never through a character of two units", () => {
  expect(fitText("x".repeat(300), "printed")).toHaveLength(TEXT_LENGTHS.printed);
  expect(fitText("short", "lead")).toBe("short");
  expect(cutText("ab😀cd", 3)).toBe("ab");
  expect(cutText("ab😀cd", 4)).toBe("ab😀");
});
