import { monthOf } from "./month";

const NOW = new Date(2026, 10, 28);
test.each([
  ["2026-11", "November 2026", "2026-10", "2026-12"],
  ["2026-01", "January 2026", "2025-12", "2026-02"],
  ["2025-12", "December 2025", "2025-11", "2026-01"],
  [null, "November 2026", "2026-10", "2026-12"],
  ["2026-13", "November 2026", "2026-10", "2026-12"],
  ["soon", "November 2026", "2026-10", "2026-12"],
])("%s is %s", (id, name, before, after) => expect(monthOf(id, NOW)).toMatchObject({ name, before, after }));
test("its moments are those of the device's own zone, and months leave no gap", () => {
  const [november, december] = [monthOf("2026-11", NOW), monthOf("2026-12", NOW)];
  expect(november.from).toBe(new Date(2026, 10, 1).toISOString());
  expect(november.to).toBe(december.from);
});
