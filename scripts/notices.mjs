// Writes NOTICES.md and public/NOTICES.txt: every package that ships, its licence and its text. With --check: only compares.
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./lib/prepare.mjs";

const readJson = (path) => JSON.parse(readFileSync(path, "utf8"));
const { dependencies } = readJson(join(ROOT, "package.json"));
/** They make what ships and are no part of it. */
const MAKES_ONLY = /^(@types\/|typescript$|esbuild$|tailwindcss$|@tailwindcss\/)/;

/** Where Node would find a package from the folder of the one that asks for it. */
function locate(name, from) {
  for (let folder = from; folder.startsWith(ROOT); folder = join(folder, "..")) {
    const found = join(folder, "node_modules", name);
    if (existsSync(join(found, "package.json"))) return found;
    if (folder === ROOT) break;
  }
  return null;
}

/** Native builds differ from machine to machine and do not reach the browser. */
const isNativeBuild = (manifest) => Boolean(manifest.os ?? manifest.cpu ?? manifest.libc);

const shipped = new Map();
function visit(name, from) {
  const folder = locate(name, from);
  if (!folder || shipped.has(folder)) return;
  const manifest = readJson(join(folder, "package.json"));
  if (isNativeBuild(manifest)) return;
  const file = readdirSync(folder).find((entry) => /^(licen[sc]e|ofl)/i.test(entry));
  const text = file ? readFileSync(join(folder, file), "utf8").trim() : "";
  const licence = typeof manifest.license === "string" ? manifest.license : (manifest.license?.type ?? "see text");
  const author = typeof manifest.author === "string" ? manifest.author : manifest.author?.name;
  shipped.set(folder, { name: manifest.name, version: manifest.version, licence, text, author });
  // A peer that is not optional is part of what runs, whoever asked for it.
  const peers = Object.keys(manifest.peerDependencies ?? {}).filter((peer) => !manifest.peerDependenciesMeta?.[peer]?.optional);
  for (const child of [...Object.keys(manifest.dependencies ?? {}), ...peers]) visit(child, folder);
}
for (const name of Object.keys(dependencies)) if (!MAKES_ONLY.test(name)) visit(name, ROOT);

/** The text of a licence for a package that names it without carrying it. */
function usualText({ name, licence, author }) {
  if (licence === "MIT")
    return readFileSync(join(ROOT, "scripts/lib/mit.txt"), "utf8")
      .trim()
      .replace("HOLDER", author ?? `the authors of ${name}`);
  if (licence === "CC0-1.0") return readFileSync(join(ROOT, "scripts/lib/cc0.txt"), "utf8").trim();
  const other = [...shipped.values()].find((each) => each.licence === licence && each.text !== "");
  if (!other) throw new Error(`${name} names the licence ${licence} without its text, and no other package carries it`);
  return other.text;
}
for (const each of shipped.values()) if (each.text === "") each.text = usualText(each);

const packages = [...shipped.values()].sort((a, b) => (a.name === b.name ? a.version.localeCompare(b.version) : a.name < b.name ? -1 : 1));
const list = [
  "# Notices",
  "",
  "Fonts and packages that Vemmick ships with, and their licences. Written by `npm run notices`; the texts are in public/NOTICES.txt.",
  "",
  "| package | version | licence |",
  "| --- | --- | --- |",
  ...packages.map(({ name, version, licence }) => `| ${name} | ${version} | ${licence} |`),
  "",
].join("\n");
const texts = `${packages.map(({ name, version, licence, text }) => `${name} ${version}\n${licence}\n\n${text}\n`).join(`\n${"=".repeat(72)}\n\n`)}`;

const outputs = [
  [join(ROOT, "NOTICES.md"), list],
  [join(ROOT, "public/NOTICES.txt"), texts],
];
if (process.argv.includes("--check")) {
  const stale = outputs.filter(([path, content]) => !existsSync(path) || readFileSync(path, "utf8") !== content);
  for (const [path] of stale) console.error(`${path} is not current. Run: npm run notices`);
  process.exitCode = stale.length > 0 ? 1 : 0;
} else {
  for (const [path, content] of outputs) writeFileSync(path, content);
  console.log(`${packages.length} packages listed`);
}
