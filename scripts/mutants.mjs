// npm run mutants [-- FOLDER...]: each rule of scripts/lib/mutants.mjs made wrong in a copy of the house, all of them or those of files below these folders, and what notices it. A mutant that
// nothing notices is printed with its place, and the command fails. With --tests-only no walk is taken where the tests notice nothing.
// npm run mutants -- FOLDER... --every: every condition and operator below these folders of src/core, held against the tests beside them (lib/every-mutant.mjs).
import { spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { mutateEvery } from "./lib/every-mutant.mjs";
import { MUTANTS } from "./lib/mutants.mjs";

const COPIED = [
  "src",
  "tests",
  "scripts",
  "docs",
  "public",
  "package.json",
  "package-lock.json",
  "tsconfig.json",
  "jest.config.mjs",
  "jest.config.js",
  "jest.config.ts",
  "jest.config.cjs",
  "README.md",
];
const WALKED_JOBS = 150;
const isWalked = !process.argv.includes("--tests-only");
const folders = process.argv.slice(2).filter((word) => !word.startsWith("-"));
if (process.argv.includes("--every")) {
  for (const folder of folders) {
    const found = mutateEvery(folder.replace(/\/$/, ""));
    for (const each of found?.survivors ?? []) console.log(`NOBODY  ${each}`);
    console.log(
      found
        ? `${folder}: ${found.noticed} of ${found.all} noticed, ${((100 * found.noticed) / found.all).toFixed(0)} %`
        : `${folder}: not finished`,
    );
  }
  process.exit();
}
const chosen = folders.length === 0 ? MUTANTS : MUTANTS.filter(({ file }) => folders.some((folder) => file.includes(folder)));

const copy = mkdtempSync(join(tmpdir(), "mutant-"));
for (const each of COPIED) {
  try {
    cpSync(each, join(copy, each), { recursive: true });
  } catch (error) {
    if (error.code !== "ENOENT") throw error;
  }
}
symlinkSync(join(process.cwd(), "node_modules"), join(copy, "node_modules"));
const run = (command, ...args) => spawnSync(command, args, { cwd: copy, encoding: "utf8", maxBuffer: 1e8 });

let survived = 0;
try {
  for (const { kind, file, from, to, tests } of chosen) {
    const path = join(copy, file);
    const text = readFileSync(path, "utf8");
    if (!text.includes(from)) throw new Error(`${file} has no “${from}” any more: mend the table`);
    writeFileSync(path, text.replace(from, to));
    const isNoticedByTests = run(process.execPath, "scripts/unit.mjs", ...tests).status !== 0;
    const isNoticed =
      isNoticedByTests ||
      (isWalked && run(process.execPath, "--import", "tsx", "scripts/walk.ts", String(WALKED_JOBS), "--seed", "1").status !== 0);
    writeFileSync(path, text);
    survived += Number(!isNoticed);
    console.log(`${isNoticed ? (isNoticedByTests ? "tests" : "walk ") : "NOBODY"}  ${kind}: ${file}: ${from} -> ${to || "(gone)"}`);
  }
} finally {
  rmSync(copy, { recursive: true, force: true });
}
console.log(`${chosen.length - survived} noticed, ${survived} not`);
process.exitCode = survived === 0 ? 0 : 1;
