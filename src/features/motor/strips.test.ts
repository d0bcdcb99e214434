import type { VisitFigure } from "@/core/traveller";
import type { TravellerId } from "@/records";
import type { Summary } from "@/store/summary";
import { trendWords } from "../vocabulary/followed-words";
import { stripsOf, ticksOf } from "./strips";
import { pointWords, visitsTitle } from "./words";

const DAY_MS = 86_400_000;
const uf = (value: number, when: VisitFigure["when"] = "found"): VisitFigure => ({
  of: "capacitor",
  when,
  value,
  standardUncertainty: 0.03,
  low: 5.64,
  high: 6.36,
  isCorrected: true,
});
const visits = (...all: readonly (readonly VisitFigure[])[]): Summary[] =>
  all.map((figures, index) => ({
    id: `card-${index}` as TravellerId,
    createdAt: new Date(Date.UTC(2023, 10, 1) + index * 180 * DAY_MS).toISOString(),
    line: { figures },
  })) as unknown as Summary[];
const only = (...all: readonly (readonly VisitFigure[])[]) => {
  const [strip] = stripsOf(visits(...all));
  if (!strip) throw new Error("no strip");
  return strip;
};
const said = (strip: ReturnType<typeof only>): string => trendWords(strip.of, strip.trended, strip.renewed).replaceAll("\u00a0", " ");

test("a falling capacitor says from what to what, and when its limit is reached", () => {
  const strip = only([uf(6.05)], [uf(5.97)], [uf(5.88)], [uf(5.8)]);
  expect(said(strip)).toBe("6.05 µF → 5.8 µF");
  expect(strip.crossing?.bestDay).toBeGreaterThan(strip.points.at(-1)?.day ?? Infinity);
});
test("one that was renewed says what came out and what went in, and what became of it since", () => {
  expect(said(only([uf(6)], [uf(5.4), uf(6.02, "after")]))).toBe("5.4 µF → 6.02 µF");
  expect(said(only([uf(6)], [uf(5.4), uf(6.02, "after")], [uf(6.0)]))).toBe("5.4 µF → 6.02 µF, steady since");
  const since = only([uf(6)], [uf(5.4), uf(6.02, "after")], [uf(5.7)]);
  expect(said(since)).toBe("5.4 µF → 6.02 µF, now 5.7 µF");
  // Figures of the part that is gone say nothing of the one that is there.
  expect(since.crossing).toBeNull();
  expect(since.points.map(({ isOut }) => isOut)).toEqual([false, true, false, false]);
});
test("a figure that a repair did not move was not renewed", () => {
  expect(only([uf(6)], [uf(6.01), uf(6.0, "after")]).renewed).toBeNull();
});
test("what was read without its temperature is drawn, and says nothing of a change", () => {
  const plain = (value: number, isCorrected: boolean): VisitFigure => ({ ...uf(value), of: "insulation", low: 1, high: null, isCorrected });
  const mixed = only([plain(400, false)], [plain(200, true)], [plain(201, true)]);
  expect([mixed.points.length, mixed.isMixed, mixed.trended.kind]).toEqual([3, true, "steady"]);
  expect(only([plain(400, false)], [plain(100, false)]).trended.kind).toBe("none");
});
test("a point says what it is, when in the visit, and whether it is out", () => {
  const [, found, after] = only([uf(6)], [uf(5.4), uf(6.02, "after")]).points;
  expect(found && pointWords(found).replaceAll("\u00a0", " ")).toBe("Run capacitor 5.4 µF, out");
  expect(after && pointWords(after).replaceAll("\u00a0", " ")).toBe("Run capacitor 6.02 µF, after the repair");
});
test.each([
  ["2023-11-28T10:00:00.000Z", "2026-11-28T10:00:00.000Z", ["2024", "2025", "2026"]],
  ["2026-02-01T10:00:00.000Z", "2026-11-28T10:00:00.000Z", ["Apr 2026", "Jul 2026", "Oct 2026"]],
])("the axis from %s to %s", (from, to, labels) => {
  const ticks = ticksOf({ from: Date.parse(from) / DAY_MS, to: Date.parse(to) / DAY_MS });
  expect(ticks.map(({ label }) => label)).toEqual(labels);
});
test("so many visits, since when", () => {
  expect(visitsTitle(4, "2023-11-28T10:00:00.000Z")).toBe("Four visits since Nov 2023");
  expect(visitsTitle(1, "2026-01-05T10:00:00.000Z")).toBe("One visit since Jan 2026");
  expect(visitsTitle(40, "2016-01-05T10:00:00.000Z")).toBe("40 visits since Jan 2016");
});
