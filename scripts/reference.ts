import { readFileSync } from "node:fs";
import { casesOf, type CaseFile } from "./reference/case-file";
import { checkCase, REPORTS, SUMMARIES } from "./reference/checkers";
import { checkSounds } from "./reference/sound-checker";
import { tallyOf } from "./reference/reading-tally";

type Checked = ReturnType<typeof checkSounds>;
/** Sets whose cases are files beside them, and whose goals are shares of all. What reads pictures is loaded where it is needed. */
const WHOLE_SETS: Readonly<Record<string, (path: string, file: CaseFile) => Checked | Promise<Checked>>> = {
  photo_texts: async (path, file) => (await import("./reference/photo-checker")).checkPhotos(path, file),
  motor_sounds: checkSounds,
};

/** Usage: npm run reference -- FILE... ; checks reference case files against the core. */
const files = process.argv.slice(2);
if (files.length === 0) {
  console.log("Name at least one case file: npm run reference -- tests/reference/cases/*.json");
  process.exit(2);
}

let passed = 0;
let failed = 0;
for (const path of files) {
  const file = readCaseFile(path);
  if (file === null) {
    failed += 1;
    continue;
  }
  const checkWhole = WHOLE_SETS[file.set];
  if (checkWhole) {
    const checked = await checkWhole(path, file);
    for (const line of checked.lines) console.log(line);
    passed += checked.passed;
    failed += checked.failed;
    continue;
  }
  for (const reference of casesOf(file)) {
    const misses = checkCase(file.set, reference, file.tolerance);
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
  const tally = tallyOf(file.set, file.cases, file.tolerance);
  if (tally) console.log(`${file.set}  ${tally.read} read rightly, ${tally.asked} asked, ${tally.refused} refused, ${tally.wrong} wrong`);
  for (const line of SUMMARIES[file.set]?.() ?? []) console.log(`${file.set}  ${line}`);
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;

/** A file that cannot be read as cases counts as one failure; the others go on. */
function readCaseFile(path: string): CaseFile | null {
  try {
    const file = JSON.parse(readFileSync(path, "utf8")) as CaseFile;
    if (typeof file.set !== "string" || !Array.isArray(file.cases)) throw new Error("no set, or no cases in it");
    return { ...file, tolerance: file.tolerance ?? {} };
  } catch (error) {
    console.log(`${path}  cannot be read: ${error instanceof Error ? error.message : String(error)}`);
    return null;
  }
}
