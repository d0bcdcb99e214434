import { execFile } from "node:child_process";
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join, resolve } from "node:path";
import { promisify } from "node:util";
import { ADDITIONS, type Addition } from "../dry-run/additions";

/* One more of everything is added to a copy of the house, which must then still be whole; afterwards the copy goes. */

const COPY = resolve(".artifacts/dry-run");
const run = promisify(execFile);

function add({ files, lines }: Addition): void {
  for (const [path, text] of Object.entries(files)) {
    const target = join(COPY, path);
    if (existsSync(target)) throw new Error(`${path} is there already`);
    mkdirSync(dirname(target), { recursive: true });
    writeFileSync(target, text);
  }
  for (const { file, after, line, isInstead } of lines) {
    const before = readFileSync(join(COPY, file), "utf8");
    if (!before.includes(`${after}\n`)) throw new Error(`${file} has no line “${after}”`);
    writeFileSync(join(COPY, file), before.replace(`${after}\n`, isInstead ? `${line}\n` : `${after}\n${line}\n`));
  }
}

/** Runs node in the copy; what it says comes with its failure. */
async function inCopy(...args: string[]): Promise<string> {
  try {
    const { stdout } = await run(process.execPath, args, { cwd: COPY, maxBuffer: 1 << 26 });
    return stdout;
  } catch (error) {
    const { stdout = "", stderr = "" } = error as { stdout?: string; stderr?: string };
    throw new Error(`${args.join(" ")}\n${stdout.slice(-4000)}\n${stderr.slice(-4000)}`, { cause: error });
  }
}

beforeAll(() => {
  rmSync(COPY, { recursive: true, force: true });
  cpSync("src", join(COPY, "src"), { recursive: true, filter: (path) => !/\.test\.tsx?$/.test(path) });
  for (const folder of ["tests/fixtures", "tests/support", "tests/dry-run", "scripts"])
    cpSync(folder, join(COPY, folder), { recursive: true });
  cpSync("tests/dry-run/grown.ts", join(COPY, "tests/unit/grown.test.ts"));
  const tsconfig = {
    extends: "../../tsconfig.json",
    compilerOptions: { incremental: false, paths: { "@/*": ["./src/*"] } },
    include: ["../../next-env.d.ts", "src/**/*.ts", "src/**/*.tsx", "tests/dry-run/*.ts", "scripts/freeze.ts"],
  };
  writeFileSync(join(COPY, "tsconfig.json"), JSON.stringify(tsconfig));
  Object.values(ADDITIONS).forEach(add);
});
afterAll(() => rmSync(COPY, { recursive: true, force: true }));

const touched = ({ lines }: Addition): string[] => [...new Set(lines.map(({ file }) => file))];
const folders = ({ files }: Addition): string[] => [...new Set(Object.keys(files).map(dirname))];

describe("what one addition touches", () => {
  test("a record type: one file, and its row in two tables", () => {
    expect(Object.keys(ADDITIONS.record.files)).toHaveLength(1);
    expect(touched(ADDITIONS.record)).toEqual(["src/records/record-types.ts", "src/records/record-kinds.ts"]);
  });
  test("a station: two folders, its place, its label, its line in two registries, where it is fetched, how it is done, and the records' next version", () => {
    expect(folders(ADDITIONS.station)).toEqual(["src/core/stations/smell", "src/features/stations/smell"]);
    expect(touched(ADDITIONS.station)).toEqual([
      "src/core/stations/ids.ts",
      "src/records/record-kinds.ts",
      "src/core/stations/registry.ts",
      "src/features/stations/registry.ts",
      "src/features/stations/hands.ts",
      "src/features/stations/hows.ts",
      "src/features/stations/labels.ts",
    ]);
  });
  test("a sort of start gear: its row, and its drawing", () => {
    expect(ADDITIONS.gear.files).toEqual({});
    expect(ADDITIONS.gear.lines).toHaveLength(2);
  });
  test("a device: one folder, and where its kind hands it out", () => {
    expect(folders(ADDITIONS.device)).toEqual(["src/devices/meter/replay"]);
    expect(ADDITIONS.device.lines).toHaveLength(1);
  });
});

describe("a house with one more of each", () => {
  test("is whole to the type checker", async () => {
    expect(await inCopy(resolve("node_modules/typescript/bin/tsc"), "--noEmit", "-p", ".")).toBe("");
  }, 240_000);
  test("keeps its layers", async () => {
    await inCopy(
      resolve("node_modules/dependency-cruiser/bin/dependency-cruise.mjs"),
      "src",
      "--config",
      resolve("dependency-cruiser.config.cjs"),
    );
  }, 120_000);
  test("freezes what is new by itself, and keeps, files, judges, weighs, says and reads it", async () => {
    await inCopy("--import", "tsx", "scripts/freeze.ts");
    await inCopy(resolve("node_modules/jest/bin/jest.js"), "--config", resolve("jest.config.mjs"), "--rootDir", ".", "-i", "grown");
  }, 120_000);
});
