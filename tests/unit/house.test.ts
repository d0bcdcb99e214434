import { existsSync, readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import packageJson from "../../package.json";

/* What the architecture page says of the shape of the house, held against the house. */

const filesBelow = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((each) =>
    each.isDirectory()
      ? filesBelow(join(folder, each.name))
      : /\.tsx?$/.test(each.name) && !/\.test\.tsx?$/.test(each.name)
        ? [join(folder, each.name)]
        : [],
  );
const FILES = filesBelow("src");
const textOf = (file: string): string => readFileSync(file, "utf8");
const linesOf = (file: string): number => textOf(file).split("\n").length - 1;

/** Rows of data: as long as the trade is wide. */
const TABLES = [
  "src/core/diagnosis/test-table.ts",
  "src/core/hearing/complaint-words.ts",
  "src/core/measure/measures.ts",
  "src/core/bearing/dimension-table.ts",
  "src/core/simulation/fault-kinds.ts",
  "src/records/demo/stories.ts",
];

test("files are small: the median below 120 lines, none above 300 but tables", () => {
  const lengths = FILES.map(linesOf).sort((a, b) => a - b);
  expect(lengths[Math.floor(lengths.length / 2)]).toBeLessThan(120);
  expect(FILES.filter((file) => linesOf(file) > 300).sort()).toEqual([...TABLES].sort());
});

test("a name means one thing: no type of core, records, store, workers or devices shares its name with another", () => {
  const named = FILES.filter((file) => /^src\/(core|records|store|workers|devices)\//.test(file)).flatMap((file) =>
    [...textOf(file).matchAll(/^export (?:interface|type) (\w+)/gm)].map(([, name = ""]) => ({ name, file })),
  );
  const byName = Map.groupBy ? Map.groupBy(named, ({ name }) => name) : group(named);
  const shared = [...byName.values()]
    .filter((each) => each.length > 1)
    .map((each) => each.map(({ name, file }) => `${name} in ${file}`).join(", "));
  expect(shared).toEqual([]);
});

function group<T extends { readonly name: string }>(all: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const each of all) groups.set(each.name, [...(groups.get(each.name) ?? []), each]);
  return groups;
}

test("every folder of the core has an index that exports by name", () => {
  const folders = readdirSync("src/core", { withFileTypes: true }).filter((each) => each.isDirectory());
  for (const { name } of folders) expect(existsSync(join("src/core", name, "index.ts")) ? name : `${name} has none`).toBe(name);
  for (const { name } of folders) expect(textOf(join("src/core", name, "index.ts"))).not.toMatch(/export \*/);
});

const PAGES = [
  "README.md",
  "docs/architecture.md",
  "docs/file-format.md",
  "docs/reading.md",
  "docs/photo.md",
  "docs/commands.md",
  "docs/how-do-i.md",
  "docs/testing.md",
  "docs/what-is-there.md",
  ...readdirSync("docs/decisions").map((file) => `docs/decisions/${file}`),
];

/** Folders that a path on a page may be meant from. */
const FROM = (page: string): string[] => ["", "src/", "docs/", `${dirname(page)}/`];

test.each(PAGES)("every file, folder and command that %s names is there", (page) => {
  const text = textOf(page);
  const named = [
    ...text.matchAll(/`((?:src|core|features|records|store|workers|devices|components|app|tests|scripts|docs|public)\/[\w@./<>-]+)`/g),
  ];
  const paths = named.map(([, path = ""]) => path).filter((path) => !path.includes("<"));
  const linked = [...text.matchAll(/\]\((?!https?:|#)([^)#]+)/g)].map(([, path = ""]) => path);
  const isThere = (path: string): boolean => FROM(page).some((from) => existsSync(from + path) || existsSync(`${from}${path}.ts`));
  expect([...paths, ...linked].filter((path) => !isThere(path))).toEqual([]);
  const commands = [...text.matchAll(/`npm (?:run )?([a-z:]+)/g)].map(([, name = ""]) => name);
  expect(commands.filter((name) => !(name in packageJson.scripts) && name !== "install")).toEqual([]);
});

test.each(["README.md", "docs/how-do-i.md"])("what %s calls by its name on the screen is called so there", (page) => {
  const screens = readdirSync("src/features", { recursive: true, encoding: "utf8" })
    .filter((file) => /(?<!\.test)\.tsx?$/.test(file))
    .map((file) => textOf(join("src/features", file)))
    .join("\n");
  const demo = ["stories", "part-stories"].map((file) => textOf(`src/records/demo/${file}.ts`)).join("\n");
  const named = [...textOf(page).matchAll(/(?<![\w_])_([A-Z][^_]+)_(?![\w_])/g)].map(([, name = ""]) => name);
  expect(named.length).toBeGreaterThan(2);
  expect(named.filter((name) => !screens.includes(name) && !demo.includes(name))).toEqual([]);
});

test("no test is decided by how fast a machine is: none waits for a time, reads a clock or names a ceiling in figures of its own", () => {
  const isTest = (file: string): boolean => /\.(test|spec)\.tsx?$|^tests\/(e2e\/support|support)\//.test(file);
  const all = ["src", "tests"].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" }).map((file) => join(folder, file)),
  );
  const signs = /waitForTimeout\(|performance\.now\(|timeout: [1-9]|test\.slow\(|\.setTimeout\(|^ {0,2}\}, [\d_]{4,}\)/m;
  // The last one is timed for `npm run bench`.
  const own = ["tests/unit/house.test.ts", "tests/support/board-truth.ts"];
  expect(all.filter((file) => !own.includes(file) && isTest(file) && signs.test(textOf(file)))).toEqual([]);
});
