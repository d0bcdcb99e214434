import { searchCombinations } from "@/core/capacitor";
import { bruteCombinations } from "../../tests/support/brute-combinations";
import { partsList } from "../../tests/support/parts-list";

/** Prints how long the search over 200 lines takes, beside a plain brute force of the same job. */
const TARGET = { ratedUf: 47.5, lowUf: 44.65, highUf: 50.35, atLeastV: 370 };
const LINES = 200;

/** Milliseconds of one call. */
function time(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

const rows = [
  { list: "usual values", isOdd: false },
  { list: "every value another", isOdd: true },
].map(({ list, isOdd }) => {
  const parts = partsList(LINES, 4, isOdd).map((part) => ({ ...part, quantity: 1 }));
  searchCombinations(parts, TARGET);
  const times = Array.from({ length: 15 }, () => time(() => searchCombinations(parts, TARGET))).sort((a, b) => a - b);
  return { list, medianMs: times[7], longestMs: times.at(-1), bruteMs: time(() => bruteCombinations(parts, TARGET, 12)) };
});
console.log(JSON.stringify(rows));
