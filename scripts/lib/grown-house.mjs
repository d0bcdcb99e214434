// One more of everything (tests/dry-run/additions.ts) in a copy of the house, which must then still be whole.
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { GROWN, ROOT, run } from "./prepare.mjs";

/** The additions, as they stand in their own file. */
async function readAdditions() {
  const { outputFiles } = await build({
    entryPoints: [join(ROOT, "tests/dry-run/additions.ts")],
    bundle: true,
    write: false,
    format: "esm",
    platform: "node",
  });
  const { ADDITIONS } = await import(`data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString("base64")}`);
  return Object.values(ADDITIONS);
}

/** Every file that additions make or change, by its path from the root of the house: its text once all of them are in. */
function grownTexts(additions) {
  const texts = new Map();
  const textOf = (path) => texts.get(path) ?? readFileSync(join(ROOT, path), "utf8");
  for (const { files, lines } of additions) {
    for (const [path, text] of Object.entries(files)) {
      if (existsSync(join(ROOT, path))) throw new Error(`${path} is there already`);
      texts.set(path, text);
    }
    for (const { file, after, line, isInstead } of lines) {
      const before = textOf(file);
      if (!before.includes(`${after}\n`)) throw new Error(`${file} has no line “${after}”`);
      // The layers of the grown house stand for those of the house itself: nothing that is imported may be taken away.
      if (isInstead && /\bimport\b/.test(after)) throw new Error(`${file}: an addition takes the import “${after}” away`);
      texts.set(file, before.replace(`${after}\n`, isInstead ? `${line}\n` : `${after}\n${line}\n`));
    }
  }
  return texts;
}

/** Lays the grown house out beside the real one. */
export async function layOutGrownHouse() {
  rmSync(GROWN, { recursive: true, force: true });
  cpSync(join(ROOT, "src"), join(GROWN, "src"), { recursive: true, filter: (path) => !/\.test\.tsx?$/.test(path) });
  for (const folder of ["tests/fixtures", "tests/support", "tests/dry-run", "scripts"])
    cpSync(join(ROOT, folder), join(GROWN, folder), { recursive: true });
  for (const [path, text] of grownTexts(await readAdditions())) {
    mkdirSync(dirname(join(GROWN, path)), { recursive: true });
    writeFileSync(join(GROWN, path), text);
  }
  const tsconfig = {
    extends: "../../tsconfig.json",
    compilerOptions: { incremental: false, paths: { "@/*": ["./src/*"] } },
    include: ["../../next-env.d.ts", "src/**/*.ts", "src/**/*.tsx", "tests/dry-run/*.ts", "scripts/freeze.ts"],
  };
  writeFileSync(join(GROWN, "tsconfig.json"), JSON.stringify(tsconfig));
  // What is new is frozen by itself.
  const frozen = run(process.execPath, ["--import", "tsx", "scripts/freeze.ts"], { cwd: GROWN });
  if (frozen !== 0) throw new Error("What is new in the grown house could not be frozen.");
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? "").href) await layOutGrownHouse();
