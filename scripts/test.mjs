// npm test: everything, from a fresh clone. Closes with the time of each part and "N passed, N failed".
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { measurePace } from "./lib/pace.mjs";
import { bin, findChromium, GROWN, installPackages, ROOT, runBeside } from "./lib/prepare.mjs";

const ARTIFACTS = join(ROOT, ".artifacts");
const UNIT = join(ARTIFACTS, "unit.json");
const startedMs = performance.now();
const parts = [];
let passed = 0;
let failed = 0;

const secondsSince = (fromMs) => (performance.now() - fromMs) / 1000;
/** Notes how long a part took. */
async function timed(title, act) {
  const fromMs = performance.now();
  const result = await act();
  parts.push({ title, seconds: secondsSince(fromMs) });
  return result;
}

await timed("Packages and browser", async () => installPackages());
const chromium = findChromium("headless");
rmSync(ARTIFACTS, { recursive: true, force: true });
mkdirSync(ARTIFACTS, { recursive: true });
const pace = measurePace();
console.log(`This machine is ${pace.toFixed(1)} times as slow as the usual one; ceilings go with that.`);

const env = { CHROMIUM_PATH: chromium, VEMMICK_PACE: pace.toFixed(2) };
const readJson = (name) => (existsSync(join(ARTIFACTS, name)) ? JSON.parse(readFileSync(join(ARTIFACTS, name), "utf8")) : null);
/** Runs node with its output kept, and shows it when it is done: parts that run beside one another do not mix their lines. */
async function node(name, args, more = {}, cwd = ROOT) {
  const log = join(ARTIFACTS, `${name}.log`);
  const code = await runBeside(process.execPath, args, log, { env: { ...env, ...more }, cwd });
  return { code, said: readFileSync(log, "utf8") };
}

/** A check that either holds or does not. */
async function check(title, args, more, cwd) {
  const { code, said } = await timed(title, () => node(title.toLowerCase().replaceAll(" ", "-"), args, more, cwd));
  console.log(`\n— ${title}\n${said.trim()}`);
  if (code !== 0) console.error(`  ${title}: failed`);
  if (code === 0) passed += 1;
  else failed += 1;
  return code === 0;
}

/** A runner that counts its own tests; a run that counted none or broke otherwise is one failure. */
function suite(title, code, found) {
  if (!found || found.passed + found.failed === 0 || (code !== 0 && found.failed === 0)) {
    console.error(`  ${title}: the run itself failed (exit ${code})`);
    failed += 1;
  }
  passed += found?.passed ?? 0;
  failed += found?.failed ?? 0;
}

/** The runner's own last lines, where it left before it wrote its report. */
function unitSummary(log) {
  const of = (name, word) => Number(new RegExp(`^${name}:.*?(\\d+) ${word}`, "m").exec(log)?.[1] ?? 0);
  if (!/^Tests:/m.test(log) || !/^Ran all test suites/m.test(log)) return null;
  return { passed: of("Tests", "passed"), failed: of("Tests", "failed") + of("Test Suites", "failed") };
}

async function unitTests() {
  const { code, said } = await timed("Unit tests", () => node("unit", ["scripts/unit.mjs", "--report", UNIT], { GROWN_IS_THERE: "1" }));
  console.log(`\n— Unit tests\n${said.trim()}`);
  const report = readJson("unit.json");
  // The summary is printed once every suite has ended: a runner that falls over while it leaves has lost no result. It is told.
  const isAllIn = report?.success === true || (report === null && unitSummary(said)?.failed === 0);
  if (code !== 0 && isAllIn)
    console.error(`  Unit tests: flaky; the runner left with exit ${code} after its last test, every result is in`);
  const found = report
    ? { passed: report.numPassedTests, failed: report.numFailedTests + report.numRuntimeErrorTestSuites }
    : unitSummary(said);
  suite("Unit tests", isAllIn ? 0 : code, found);
}

// The other sets are among the unit tests; these simulate for seconds a case.
const SLOW_SETS = /^(lead_pairs_needed|nameplate_estimation|motor_dynamic)/;
const caseFiles = readdirSync(join(ROOT, "tests/reference/cases"))
  .filter((name) => SLOW_SETS.test(name))
  .map((name) => join("tests/reference/cases", name));

const TSC = bin("typescript-native/bin/tsc");
const DEPCRUISE = [bin("dependency-cruiser/bin/dependency-cruise.mjs"), "src", "--config", join(ROOT, "dependency-cruiser.config.cjs")];

/** Types, and what the browser tests are made on. */
async function build() {
  await check("Route types", [bin("next/dist/bin/next"), "typegen"]);
  const areTypesGood = await check("Types", [TSC, "--noEmit"]);
  return check("Build", [bin("next/dist/bin/next"), "build", "--webpack"], { TYPES_ARE_CHECKED: areTypesGood ? "1" : "0" });
}

/** What reads the sources, one after the other. */
async function sources() {
  await check("Lint", ["scripts/lint.mjs"]);
  await check("Types with one more of each", [TSC, "--noEmit", "-p", GROWN]);
  // The house with one more of each imports all that the house imports.
  await check("Layers with one more of each", DEPCRUISE, {}, GROWN);
  await check("Formatting", [bin("prettier/bin/prettier.cjs"), "--check", "--log-level", "warn", "."]);
  await check("Reference cases that take long", [bin("tsx/dist/cli.mjs"), "scripts/reference.ts", ...caseFiles]);
  await check("Eight photos", [bin("tsx/dist/cli.mjs"), "scripts/reference.ts", "tests/reference/photos/eight.json"]);
  await check("Published schema is current", [bin("tsx/dist/cli.mjs"), "scripts/schema.ts", "--check"]);
  await check("Notices are current", ["scripts/notices.mjs", "--check"]);
}

/** Tests of a browser report that passed only when they were tried again. */
const flakyTitles = (suites) =>
  suites.flatMap(({ specs = [], suites: inner = [] }) => [
    ...specs.filter(({ tests }) => tests.some(({ status }) => status === "flaky")).map(({ file, title }) => `${file}: ${title}`),
    ...flakyTitles(inner),
  ]);

async function browserTests() {
  const { code, said } = await timed("Browser tests", () => node("browser-run", [bin("@playwright/test/cli.js"), "test"]));
  console.log(`\n— Browser tests\n${said.trim()}`);
  const report = readJson("browser.json");
  for (const title of flakyTitles(report?.suites ?? [])) console.error(`  Browser tests: flaky, passed at the second try: ${title}`);
  suite(
    "Browser tests",
    code,
    report && { passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected, flaky: report.stats.flaky },
  );
}

await check("One more of each laid out", ["scripts/lib/grown-house.mjs"]);
const [isBuilt] = await timed("All but the browser tests", () => Promise.all([build(), sources(), unitTests()]));
if (isBuilt) await browserTests();

console.log("\n— Where the time went");
for (const { title, seconds } of parts) console.log(`  ${title.padEnd(32)} ${seconds.toFixed(0).padStart(5)} s`);
console.log(
  `  ${"In all".padEnd(32)} ${secondsSince(startedMs).toFixed(0).padStart(5)} s, on a machine ${pace.toFixed(1)} times as slow as usual`,
);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
