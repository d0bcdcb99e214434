import { searchCombinations } from "@/core/capacitor";
import { bruteCombinations } from "../../tests/support/brute-combinations";
import { partsList } from "../../tests/support/parts-list";

const TARGET = { ratedUf: 47.5, lowUf: 44.65, highUf: 50.35, atLeastV: 370 };

/** Milliseconds of one call. */
function time(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}
const median = (values: readonly number[]): number => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

for (const [name, isOdd] of [
  ["usual values", false],
  ["every value different", true],
] as const) {
  const list = partsList(200, 4, isOdd).map((part) => ({ ...part, quantity: 1 }));
  searchCombinations(list, TARGET);
  const fast = Array.from({ length: 15 }, () => time(() => searchCombinations(list, TARGET)));
  console.log(`Combinations of 2 to 4 from 200 lines, ${name}: ${median(fast).toFixed(1)} ms median, ${Math.max(...fast).toFixed(1)} ms longest (goal 200)`);
  if (process.argv.includes("--quick")) continue;
  const brute = time(() => bruteCombinations(list, TARGET, 12));
  console.log(`  plain brute force of the same job: ${(brute / 1000).toFixed(1)} s, ratio ${(brute / median(fast)).toFixed(0)}`);
}
