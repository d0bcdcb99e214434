// Each condition, operator and text of a folder of the core made wrong by a kept engine, one at a time in a copy, and held against the tests beside it: the share of them that some test notices.
// Tests of other folders would notice more; what only they notice is far from the rule, so it does not count.
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { bin, ROOT } from "./prepare.mjs";

const WORK = join(ROOT, ".artifacts", "mutants");
/** What a folder may take before it is stopped. */
const LONGEST_MINUTES = 25;
const NOTICED = ["Killed", "Timeout"];
const UNNOTICED = ["Survived", "NoCoverage"];

/**
 * @param {string} folder path from the root
 * @returns {{folder: string, noticed: number, all: number, survivors: string[]} | null} null: stopped, or the tests failed without any mutant
 */
export function mutateEvery(folder) {
  mkdirSync(WORK, { recursive: true });
  const report = join(WORK, "report.json");
  rmSync(report, { force: true });
  const settings = join(WORK, "settings.json");
  writeFileSync(
    settings,
    JSON.stringify({
      testRunner: "jest",
      jest: { projectType: "custom", configFile: "jest.mutants.config.mjs" },
      coverageAnalysis: "perTest",
      ignoreStatic: true,
      // Names of codes and words are held by types and by the texts' own tests.
      mutator: { excludedMutations: ["StringLiteral"] },
      mutate: [`${folder}/**/*.ts`, "!**/*.test.ts"],
      reporters: ["json"],
      jsonReporter: { fileName: report },
      concurrency: 2,
      tempDirName: join(".artifacts", "mutants", "sandbox"),
    }),
  );
  spawnSync(process.execPath, [bin("@stryker-mutator/core/bin/stryker.js"), "run", settings], {
    cwd: ROOT,
    stdio: process.env.LOUD ? "inherit" : "ignore",
    timeout: LONGEST_MINUTES * 60_000,
    env: { ...process.env, VEMMICK_TESTS: folder },
  });
  if (!existsSync(report)) return null;
  const { files } = JSON.parse(readFileSync(report, "utf8"));
  const mutants = Object.entries(files).flatMap(([file, { source, mutants: own }]) =>
    own.map((each) => ({ file, line: source.split("\n")[each.location.start.line - 1].trim(), ...each })),
  );
  const noticed = mutants.filter(({ status }) => NOTICED.includes(status)).length;
  const survivors = mutants
    .filter(({ status }) => UNNOTICED.includes(status))
    .map(
      ({ file, location, mutatorName, replacement, line }) =>
        `${file}:${location.start.line}:${location.start.column} ${mutatorName} -> ${replacement ?? ""}\n    ${line}`,
    );
  return { folder, noticed, all: noticed + survivors.length, survivors };
}
