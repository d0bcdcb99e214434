// Unit tests compiled once: the files of a folder become one script, so that the house is read a few times instead of once a file.
// A test that puts something in a module's place needs its modules apart and is left to the ordinary runner.
import { readdirSync, readFileSync, rmSync } from "node:fs";
import { dirname, join } from "node:path";
import { build } from "esbuild";
import { GROWN, ROOT } from "./prepare.mjs";

export const BUNDLES = join(ROOT, ".artifacts", "unit");
const FOLDERS = ["src", "tests/unit", "tests/reference"];
const NEEDS_PAGE = /@jest-environment jsdom/;
/** A store, a page or a clock of its own: nothing of it may be found by the next file. */
const NEEDS_ITSELF = /fake-indexeddb|useFakeTimers|@jest-environment/;
/** Whole jobs, drawn evidence and their kind take long each: as scripts of their own they run beside one another. */
const TAKES_LONG = /^tests\/unit\//;
const PUTS_IN_PLACE = /\bjest\.mock\(/;

/** Every unit test of the house, by path from its root. */
export function unitTests() {
  return FOLDERS.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: "utf8" }).flatMap((file) =>
      /\.test\.tsx?$/.test(file) ? [join(folder, file)] : [],
    ),
  ).sort();
}

/** Which files run in one script: the name of the script, and what is in it; `apart` are those that cannot be compiled so. */
export function groupTests(files) {
  const groups = new Map();
  const apart = [];
  for (const file of files) {
    const text = readFileSync(join(ROOT, file), "utf8");
    if (PUTS_IN_PLACE.test(text)) {
      apart.push(file);
      continue;
    }
    const name = NEEDS_ITSELF.test(text) || TAKES_LONG.test(file) ? file.replace(/\.test\.tsx?$/, "") : dirname(file);
    const group = groups.get(name) ?? { files: [], needsPage: false };
    groups.set(name, { files: [...group.files, file], needsPage: group.needsPage || NEEDS_PAGE.test(text) });
  }
  return { groups, apart };
}

/** A script whose parts bear the names of their files, each with its own hooks. */
const entryOf = ({ files, needsPage }) =>
  [
    needsPage ? `require("./tests/support/patient");` : "",
    ...files.map((file) => `describe(${JSON.stringify(file)}, () => { require(${JSON.stringify(`./${file}`)}); });`),
  ].join("\n");

/** What every script of tests is made with. */
const USUAL = {
  bundle: true,
  platform: "node",
  format: "cjs",
  target: "node20",
  jsx: "automatic",
  mainFields: ["module", "main"],
  sourcemap: "linked",
  logLevel: "error",
  // A worker is started by none of the tests that are compiled so: they hand in a stand-in.
  define: { "import.meta.url": '"file:///"' },
};
/** Packages are looked up when they run, but for those that are modules only: the runner cannot take them up by itself. */
const MODULES_ONLY = new Set(["image-js"]);
const { dependencies, devDependencies } = JSON.parse(readFileSync(join(ROOT, "package.json"), "utf8"));
const LOOKED_UP = Object.keys({ ...dependencies, ...devDependencies })
  .filter((name) => !MODULES_ONLY.has(name))
  .flatMap((name) => [name, `${name}/*`]);
const PAGE = { js: "/** @jest-environment jsdom */" };
/** The runner's own world looks every global up anew, each time: those that figures are made with are looked up once. */
const AT_HAND = {
  js: "var { Math, Number, Object, Array, Map, Set, JSON, String, Boolean, Float64Array, Float32Array, Uint8Array } = globalThis;",
};

/** Writes the scripts of these tests, by the names of their groups. */
export async function bundleTests(files, out = BUNDLES) {
  rmSync(out, { recursive: true, force: true });
  const { groups } = groupTests(files);
  const write = (needsPage) =>
    build({
      ...USUAL,
      entryPoints: [...groups]
        .filter(([, group]) => group.needsPage === needsPage)
        .map(([name]) => ({ in: `group:${name}`, out: `${name}.test` })),
      outdir: out,
      absWorkingDir: ROOT,
      // A page's packages are compiled in too: React and its kind are hundreds of files that each test would look up one by one.
      external: needsPage ? [] : LOOKED_UP,
      banner: needsPage ? PAGE : AT_HAND,
      plugins: [
        {
          name: "groups",
          setup({ onResolve, onLoad }) {
            onResolve({ filter: /^group:/ }, ({ path }) => ({ path: path.slice("group:".length), namespace: "group" }));
            onLoad({ filter: /.*/, namespace: "group" }, ({ path }) => ({ contents: entryOf(groups.get(path)), resolveDir: ROOT }));
          },
        },
      ],
    });
  await Promise.all([write(false), write(true)]);
}

/** Writes the test of the house with one more of everything, from its copy. */
export const bundleGrown = (out = BUNDLES) =>
  build({
    ...USUAL,
    entryPoints: [join(GROWN, "tests/dry-run/grown.ts")],
    outfile: join(out, "tests/dry-run/grown.test.js"),
    external: LOOKED_UP,
    tsconfig: join(GROWN, "tsconfig.json"),
    define: { ...USUAL.define, "process.env.GROWN_HOUSE": JSON.stringify(GROWN) },
  });
