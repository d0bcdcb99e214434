// Which unit tests are nearest to some files: by the imports that lead from a test to them.
import { build } from "esbuild";
import { ROOT } from "./prepare.mjs";
import { unitTests } from "./unit-bundles.mjs";

/** A test that imports a file itself, or by one other (its folder's index), is near. */
const NEAR = 2;
/** So many are run at the most: the others are for the whole run. */
const MOST = 20;

/** Who imports whom, by path from the root of the house. */
async function importersOf(tests) {
  const { metafile } = await build({
    entryPoints: tests,
    absWorkingDir: ROOT,
    bundle: true,
    write: false,
    metafile: true,
    packages: "external",
    platform: "node",
    outdir: "out",
    logLevel: "silent",
  });
  const importers = new Map();
  for (const [path, { imports }] of Object.entries(metafile.inputs))
    for (const { path: imported } of imports) importers.set(imported, [...(importers.get(imported) ?? []), path]);
  return importers;
}

/**
 * The tests to run for changed files, the nearest first, and how many more reach them by longer ways.
 * @param {readonly string[]} changed paths from the root of the house
 */
export async function nearestTests(changed) {
  const tests = unitTests();
  const importers = await importersOf(tests);
  const distance = new Map(changed.map((file) => [file, 0]));
  for (const file of distance.keys())
    for (const importer of importers.get(file) ?? []) if (!distance.has(importer)) distance.set(importer, (distance.get(file) ?? 0) + 1);
  const reached = tests.filter((test) => distance.has(test)).sort((a, b) => distance.get(a) - distance.get(b));
  const near = reached.filter((test) => distance.get(test) <= NEAR).slice(0, MOST);
  return { near, far: reached.length - near.length };
}
