import { readFileSync } from "node:fs";
import type { CaseFile } from "./reference/case-file";
import { CHECKERS, REPORTS, SUMMARIES } from "./reference/checkers";

/** Usage: npm run reference -- FILE... ; checks reference case files against the core. */
const files = process.argv.slice(2);
if (files.length === 0) {
  console.log("Name at least one case file: npm run reference -- tests/reference/cases/*.json");
  process.exit(2);
}

let passed = 0;
let failed = 0;
let withoutChecker = 0;
for (const path of files) {
  const file = JSON.parse(readFileSync(path, "utf8")) as CaseFile;
  const checker = CHECKERS[file.set];
  if (!checker) {
    withoutChecker += file.cases.length;
    console.log(`${file.set}: no quantity of this set is computed yet; ${file.cases.length} cases not checked`);
    continue;
  }
  for (const reference of file.cases) {
    const misses = checker(reference, file.tolerance);
    const report = REPORTS[file.set]?.(reference);
    if (report) console.log(`${reference.id}  ${report}`);
    const isJudged = reference.quantitative !== false && reference.certain !== false;
    for (const miss of misses) {
      console.log(
        `${reference.id}  ${miss.field}: expected ${JSON.stringify(miss.expected)}, got ${JSON.stringify(miss.got)}${isJudged ? "" : " (shown, not judged)"}`,
      );
    }
    if (!isJudged) continue;
    if (misses.length === 0) passed += 1;
    else failed += 1;
  }
  for (const line of SUMMARIES[file.set]?.() ?? []) console.log(`${file.set}  ${line}`);
}
if (withoutChecker > 0) console.log(`${withoutChecker} cases belong to sets that are not computed yet`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
