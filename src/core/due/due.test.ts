import { isDoneFor, isDueBy } from ".";

test.each<[string, string | null, readonly string[], boolean, boolean]>([
  ["open", null, [], false, false],
  ["signed off", "2026-11-23T12:00:00.000Z", [], false, true],
  ["signed off, due tomorrow", "2026-11-23T12:00:00.000Z", ["2026-11-25"], false, true],
  ["signed off, due today", "2026-11-23T12:00:00.000Z", ["2026-11-24"], true, false],
  ["signed off, overdue", "2026-11-01T12:00:00.000Z", ["2027-01-01", "2026-11-20"], true, false],
])("a card of the day: %s", (_, finishedAt, dueDays, isDue, isDone) => {
  expect(isDueBy({ dueDays }, "2026-11-24")).toBe(isDue);
  expect(isDoneFor({ finishedAt, dueDays }, "2026-11-24")).toBe(isDone);
});
