import type { LabelSaid } from "./label-square";
import { LABEL_SHEETS, labelsDocument } from "./labels-pdf";

const MM = 72 / 25.4;
const labels = (count: number): LabelSaid[] =>
  Array.from({ length: count }, (_, index) => ({
    id: `card-${index}`,
    heading: "Scrap, no good",
    lines: ["6203", "rough", "", "Agitator"],
  }));
type Placed = { readonly absolutePosition?: { readonly x: number; readonly y: number }; readonly pageBreak?: string };
const placed = (count: number, sheet: keyof typeof LABEL_SHEETS): Placed[] => labelsDocument(labels(count), sheet).content as Placed[];

test.each(["a4", "letter"] as const)("on %s no label reaches over the edge of its sheet, and none lies on another", (sheet) => {
  const { columns, rows } = LABEL_SHEETS[sheet];
  const [width, height] = sheet === "a4" ? [210, 297] : [215.9, 279.4];
  const corners = placed(columns * rows, sheet)
    .filter((each) => "svg" in each)
    .map(({ absolutePosition: at }) => [(at?.x ?? 0) / MM - 1.5, (at?.y ?? 0) / MM - 2] as const);
  expect(corners).toHaveLength(columns * rows);
  for (const [x, y] of corners) {
    expect(x).toBeGreaterThanOrEqual(3);
    expect(x + 62).toBeLessThanOrEqual(width - 3);
    expect(y + 29).toBeLessThanOrEqual(height - 3);
  }
  const apart = corners.every(([x, y], index) =>
    corners.slice(index + 1).every(([a, b]) => Math.abs(a - x) >= 62 || Math.abs(b - y) >= 29),
  );
  expect(apart).toBe(true);
});
test("one a page of the label printer; a sheet that is full begins another", () => {
  expect(placed(3, "roll").filter(({ pageBreak }) => pageBreak === "before")).toHaveLength(2);
  expect(placed(27, "a4").filter(({ pageBreak }) => pageBreak)).toHaveLength(0);
  expect(placed(28, "a4").filter(({ pageBreak }) => pageBreak)).toHaveLength(1);
});
