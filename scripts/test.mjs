// npm test: everything, from a fresh clone. Closes with "N passed, N failed".
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { bin, findChromium, installPackages, ROOT, run, runBeside } from "./lib/prepare.mjs";

installPackages();
const chromium = findChromium();
const ARTIFACTS = join(ROOT, ".artifacts");
rmSync(ARTIFACTS, { recursive: true, force: true });
mkdirSync(ARTIFACTS, { recursive: true });

let passed = 0;
let failed = 0;
const count = (isGood) => (isGood ? (passed += 1) : (failed += 1));
const nodeWith = (env, path, ...args) => run(process.execPath, [bin(path), ...args], { env: { CHROMIUM_PATH: chromium, ...env } });
const node = (path, ...args) => nodeWith({}, path, ...args);
const readJson = (name) => (existsSync(join(ARTIFACTS, name)) ? JSON.parse(readFileSync(join(ARTIFACTS, name), "utf8")) : null);

/** A check that either holds or does not. */
function check(title, act) {
  console.log(`\n— ${title}`);
  const isGood = act() === 0;
  if (!isGood) console.error(`  ${title}: failed`);
  count(isGood);
  return isGood;
}

/** Tests of a browser report that passed only when they were tried again. */
function flakyTitles(suites) {
  return suites.flatMap(({ specs = [], suites: inner = [] }) => [
    ...specs.filter(({ tests }) => tests.some(({ status }) => status === "flaky")).map(({ file, title }) => `${file}: ${title}`),
    ...flakyTitles(inner),
  ]);
}

/** A runner that counts its own tests; a run that counted none or broke otherwise is one failure. */
function suite(title, act, totals) {
  console.log(`\n— ${title}`);
  const code = act();
  const found = totals();
  if (!found || found.passed + found.failed === 0 || (code !== 0 && found.failed === 0)) {
    console.error(`  ${title}: the run itself failed (exit ${code})`);
    failed += 1;
  }
  passed += found?.passed ?? 0;
  failed += found?.failed ?? 0;
}

check("Route types", () => node("next/dist/bin/next", "typegen"));
// Unit tests and the checks of the sources each keep one core busy: they run beside one another.
const unitLog = join(ARTIFACTS, "unit.log");
const unitTests = runBeside(process.execPath, [bin("jest/bin/jest.js"), "--json", "--outputFile", join(ARTIFACTS, "unit.json")], unitLog);
// The other sets are among the unit tests; these simulate for seconds a case.
const SLOW_SETS = /^(lead_pairs_needed|nameplate_estimation|motor_dynamic)/;
const caseFiles = readdirSync(join(ROOT, "tests/reference/cases"))
  .filter((name) => SLOW_SETS.test(name))
  .map((name) => join("tests/reference/cases", name));
const areTypesGood = check("Types", () => node("typescript/bin/tsc", "--noEmit"));
check("Lint", () => node("eslint/bin/eslint.js", ".", "--max-warnings", "0"));
check("Layers", () => node("dependency-cruiser/bin/dependency-cruise.mjs", "src", "--config", "dependency-cruiser.config.cjs"));
check("Formatting", () => node("prettier/bin/prettier.cjs", "--check", "--log-level", "warn", "."));
check("Reference cases that take long", () => node("tsx/dist/cli.mjs", "scripts/reference.ts", ...caseFiles));
check("Published schema is current", () => node("tsx/dist/cli.mjs", "scripts/schema.ts", "--check"));
check("Notices are current", () => run(process.execPath, [join(ROOT, "scripts/notices.mjs"), "--check"]));
const unitCode = await unitTests;
/** The runner's own last lines, where it left before it wrote its report. */
function unitSummary() {
  const log = readFileSync(unitLog, "utf8");
  const of = (name, word) => Number(new RegExp(`^${name}:.*?(\\d+) ${word}`, "m").exec(log)?.[1] ?? 0);
  if (!/^Tests:/m.test(log) || !/^Ran all test suites/m.test(log)) return null;
  return { passed: of("Tests", "passed"), failed: of("Tests", "failed") + of("Test Suites", "failed") };
}
suite(
  "Unit tests",
  () => {
    process.stdout.write(readFileSync(unitLog, "utf8"));
    // The summary is printed once every suite has ended: a runner that falls over while it leaves has lost no result. It is told.
    const isAllIn = readJson("unit.json")?.success === true || (readJson("unit.json") === null && unitSummary()?.failed === 0);
    if (unitCode !== 0 && isAllIn) {
      console.error(`  Unit tests: flaky; the runner left with exit ${unitCode} after its last test, every result is in`);
      return 0;
    }
    return unitCode;
  },
  () => {
    const report = readJson("unit.json");
    return report ? { passed: report.numPassedTests, failed: report.numFailedTests + report.numRuntimeErrorTestSuites } : unitSummary();
  },
);
if (check("Build", () => nodeWith({ TYPES_ARE_CHECKED: areTypesGood ? "1" : "0" }, "next/dist/bin/next", "build"))) {
  suite(
    "Browser tests",
    () => node("@playwright/test/cli.js", "test"),
    () => {
      const report = readJson("browser.json");
      for (const title of flakyTitles(report?.suites ?? [])) console.error(`  Browser tests: flaky, passed at the second try: ${title}`);
      return report && { passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected };
    },
  );
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
