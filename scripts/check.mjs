// npm run check: for between two thoughts. Types of all, lint of what changed, layers, and the unit tests nearest to what changed.
// What it leaves to `npm test` is said at its end. `npm run check -- FILE...` takes these files for what changed.
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { bin, installPackages, ROOT, runBeside } from "./lib/prepare.mjs";

installPackages();
const startMs = performance.now();
const ARTIFACTS = join(ROOT, ".artifacts");
mkdirSync(ARTIFACTS, { recursive: true });

const git = (...args) => spawnSync("git", args, { cwd: ROOT, encoding: "utf8" }).stdout.split("\n").filter(Boolean);
/** What is not committed; on a clean tree what the last commit changed. */
function changedFiles() {
  const named = process.argv.slice(2);
  if (named.length > 0) return named;
  const open = [...git("diff", "--name-only", "HEAD"), ...git("ls-files", "--others", "--exclude-standard")];
  return open.length > 0 ? open : git("diff", "--name-only", "HEAD~1", "HEAD");
}
const changed = changedFiles().filter((file) => /\.(ts|tsx|mjs)$/.test(file) && existsSync(join(ROOT, file)));

let isGood = true;
async function part(title, args) {
  const log = join(ARTIFACTS, `check-${title.replaceAll(" ", "-")}.log`);
  const fromMs = performance.now();
  const code = await runBeside(process.execPath, args, log);
  const seconds = ((performance.now() - fromMs) / 1000).toFixed(0);
  console.log(`${code === 0 ? "holds" : "FAILS"}  ${title}, ${seconds} s`);
  if (code === 0) return;
  isGood = false;
  console.log(readFileSync(log, "utf8").trim());
}

const { nearestTests } = await import("./lib/nearest-tests.mjs");
const { near, far } = await nearestTests(changed);
await Promise.all([
  (async () => {
    await part("types", [bin("typescript-native/bin/tsc"), "--noEmit"]);
    if (changed.length > 0) await part("lint and form of what changed", ["scripts/lint.mjs", ...changed]);
  })(),
  (async () => {
    if (near.length > 0) await part(`unit tests of ${near.length} files`, ["scripts/unit.mjs", ...near]);
    await part("layers", [bin("dependency-cruiser/bin/dependency-cruise.mjs"), "src", "--config", "dependency-cruiser.config.cjs"]);
  })(),
]);
console.log(
  `${isGood ? "All holds" : "Something fails"}, ${((performance.now() - startMs) / 1000).toFixed(0)} s, by ${changed.length} changed files. ` +
    `Left to npm test: ${far} files of unit tests that reach what changed by longer ways, the browser tests, and the house with one more of everything.`,
);
process.exit(isGood ? 0 : 1);
