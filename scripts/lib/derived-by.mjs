// What the lines of lists are derived by: one short text for one state of every source the derivation reads. Lines that were made by
// another are made anew, on every device; so a screen, an instrument or a style that changes must not be part of it.
import { createHash } from "node:crypto";
import { existsSync, readFileSync, statSync } from "node:fs";
import { dirname, join, relative, resolve } from "node:path";
import { transformSync } from "esbuild";
/** The build and the tests both begin at the root of the house. */
const ROOT = process.cwd();

/** Where a line is made of a card. */
const BEGINS = ["src/features/cards/deriver.ts", "src/store/derive.ts"];
const IMPORT = /^(?:import|export)\s+(?!type\b)([^;"]*?)\s*from\s+"([^"]+)";/gm;
/** `{ type A, type B }`: nothing of it is there when the program runs. */
const isOfTypes = (names) => /^\{\s*(type\s+[\w$]+(\s+as\s+[\w$]+)?\s*,?\s*)+\}$/.test(names.trim());

function resolveImport(from, name) {
  const base = name.startsWith("@/") ? join(ROOT, "src", name.slice(2)) : name.startsWith(".") ? resolve(dirname(from), name) : null;
  if (base === null) return null;
  return [`${base}.ts`, `${base}.tsx`, join(base, "index.ts"), base].find((file) => existsSync(file) && statSync(file).isFile()) ?? null;
}

/** Every source that is reached from where a line is made, by path from the root, in order. */
export function sourcesOfLines() {
  const reached = new Set();
  const open = BEGINS.map((file) => join(ROOT, file));
  for (let file = open.pop(); file !== undefined; file = open.pop()) {
    if (reached.has(file)) continue;
    reached.add(file);
    for (const [, names, name] of readFileSync(file, "utf8").matchAll(IMPORT)) {
      const next = isOfTypes(names) ? null : resolveImport(file, name);
      if (next !== null) open.push(next);
    }
  }
  return [...reached].map((file) => relative(ROOT, file)).sort();
}

/** What of a source runs: a comment, or where a line is broken, makes no line another. */
const running = (file) =>
  transformSync(readFileSync(join(ROOT, file), "utf8"), { loader: file.endsWith("x") ? "tsx" : "ts", minify: true }).code;

/** @returns {string} twelve signs */
export function derivedByState() {
  const state = createHash("sha256");
  for (const file of sourcesOfLines()) state.update(file).update(running(file));
  return state.digest("hex").slice(0, 12);
}
