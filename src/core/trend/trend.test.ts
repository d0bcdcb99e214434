import { trendOf, type TrendPoint } from ".";
import { halvingMonths } from "./trend";

const points = (values: readonly number[], daysApart = 180, sd = 0.01): TrendPoint[] =>
  values.map((value, index) => ({ day: index * daysApart, value, standardUncertainty: sd * value }));

test.each([
  ["nothing", [], { kind: "none" }],
  ["one visit", [6], { kind: "one", value: 6 }],
  ["the same within the meters", [12.1, 12.05, 12.2], { kind: "steady" }],
  ["a change", [6.03, 5.9, 5.61], { kind: "changes", from: 6.03, to: 5.61 }],
  // First and last alike, and something between: not steady.
  ["there and back", [8, 4, 8], { kind: "changes", from: 8, to: 8 }],
])("%s", (_what, values, expected) => expect(trendOf(points(values))).toEqual(expected));
test("insulation that halves in a year says so; two readings are too few to say it", () => {
  // 200 MΩ, halved every 365.25 days.
  const halving = [0, 1, 2, 3].map((step) => 200 * 0.5 ** ((step * 180) / 365.25));
  const found = trendOf(points(halving), true);
  expect(found.kind).toBe("halves");
  expect(found.kind === "halves" && found.months).toBeCloseTo(12, 6);
  expect(trendOf(points(halving.slice(0, 2)), true).kind).toBe("changes");
  expect(trendOf(points([200, 201, 199, 202]), true)).toEqual({ kind: "steady" });
});
test("what rises, or scatters more than it falls, has no halving", () => {
  expect(halvingMonths(points([50, 100, 200]))).toBeNull();
  expect(halvingMonths(points([100, 20, 300, 90]))).toBeNull();
  expect(halvingMonths(points([0, 0, 0]))).toBeNull();
});
test.each([
  // A meter of no uncertainty at all still agrees with itself to a hundredth, over two of them together.
  ["within what meters agree to", [100, 102.8], { kind: "steady" }],
  ["beyond it", [100, 102.9], { kind: "changes", from: 100, to: 102.9 }],
])("figures %s", (_, values, expected) => expect(trendOf(points(values, 180, 0))).toEqual(expected));
test("the greater uncertainty counts: that of the meter, where it is more than a hundredth", () => {
  expect(trendOf(points([100, 110], 180, 0.05))).toEqual({ kind: "steady" });
  expect(trendOf(points([0.01, 0.02], 180, 0))).toEqual({ kind: "changes", from: 0.01, to: 0.02 });
});
test("a figure that falls by halves is told so only where it ages so", () => {
  const halving = [0, 1, 2, 3].map((step) => 200 * 0.5 ** ((step * 180) / 365.25));
  expect(trendOf(points(halving))).toEqual({ kind: "changes", from: 200, to: halving[3] });
});
test("a reading of nothing has no place in a fall by halves", () => {
  const halving = [0, 1, 2, 3].map((step) => 200 * 0.5 ** ((step * 180) / 365.25));
  expect(halvingMonths([{ day: -180, value: 0, standardUncertainty: 0 }, ...points(halving)])).toBeCloseTo(12, 6);
});
