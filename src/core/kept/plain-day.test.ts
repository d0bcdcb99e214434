import fc from "fast-check";
import { dayAfter } from ".";

test.each([
  ["2026-10-24", 7, "2026-10-31"],
  ["2026-02-27", 2, "2026-03-01"],
  ["2028-02-28", 1, "2028-02-29"],
  ["2026-01-01", -1, "2025-12-31"],
])("%s and %i days is %s", (day, days, after) => expect(dayAfter(day, days)).toBe(after));

test("there and back, and one day after another", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 80_000 }), fc.integer({ min: -4000, max: 4000 }), (start, days) => {
      const day = dayAfter("1970-06-01", start % 70_000);
      expect(dayAfter(dayAfter(day, days), -days)).toBe(day);
      expect(dayAfter(day, 1) > day).toBe(true);
    }),
    { seed: 37 },
  );
});
