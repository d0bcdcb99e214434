import { measureOfSymbol } from "../measure";
import { formatNumber, formatPercent, formatProbability, formatQuantity } from "./format";
import { formatMoney } from "./money";
import type { Quantity } from "./units";

const GAP = "\u00a0";

test.each<[Quantity, number, number | undefined, string]>([
  ["capacitance", 16.5612, 0.22, `16.56${GAP}µF`],
  ["capacitance", 189, 3, `189${GAP}µF`],
  ["resistance", 4700, undefined, `4700${GAP}Ω`],
  ["resistance", 12_500, undefined, `12.5${GAP}kΩ`],
  ["resistance", 550e6, undefined, `550${GAP}MΩ`],
  ["resistance", 2.2e9, undefined, `2.2${GAP}GΩ`],
  ["current", 2.4, undefined, `2.4${GAP}A`],
  ["voltage", 0.4, undefined, `0.4${GAP}V`],
])("%s %d with %s is %s", (quantity, value, uncertainty, text) => {
  expect(formatQuantity(quantity, value, uncertainty)).toBe(text);
});

test.each([
  [0.0001, `<${GAP}1${GAP}%`],
  [0.9999, `>${GAP}99${GAP}%`],
  [0.5, `50${GAP}%`],
])("a probability of %d never claims certainty", (probability, text) => {
  expect(formatProbability(probability)).toBe(text);
});

test("plain numbers lose needless zeros", () => {
  expect(formatNumber(20, 2)).toBe("20");
  expect(formatNumber(16.45, 1)).toBe("16.4");
  expect(formatPercent(0.946, 1)).toBe(`94.6${GAP}%`);
  expect(formatMoney(38)).toBe("38.00");
});

test.each([
  [0.9456, "94.6 %"],
  [9.99, "999 %"],
  [90.8, "> 999 %"],
  [-12, "< −999 %"],
])("%d as a percentage is bounded: %s", (fraction, words) => {
  expect(formatPercent(fraction, 1).replace(/\u00a0/g, " ")).toBe(words);
});

test.each([
  ["Ω", "resistance"],
  ["MΩ", "insulation"],
  ["s", "duration"],
  ["× U", "plain"],
  ["", "plain"],
] as const)("a figure in %s is read as %s", (symbol, measure) => {
  expect(measureOfSymbol(symbol)).toBe(measure);
});
