// What a screen needs before it can be used, read from the build: which scripts its page names, and which of those that are
// fetched later the station in hand is made of. No browser and no clock has a part in it.
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { ROOT } from "./prepare.mjs";

/** Not those for browsers without modules: no browser that runs the program asks for them. */
const SCRIPT = /<script(?![^>]*nomodule)[^>]* src="\/_next\/(static\/chunks\/[^"]+\.js)"/gi;
const textOf = (script) => readFileSync(join(ROOT, ".next", script), "utf8");

/**
 * Scripts that a station's instrument is fetched with, as the page's own scripts name them.
 * @errors throws where the bundler writes it otherwise: then this is to be read anew
 */
function scriptsOfStation(station, pageScripts) {
  const texts = pageScripts.map(textOf);
  const find = (pattern, what) => {
    const found = texts.map((text) => pattern.exec(text)).find((each) => each !== null);
    if (!found)
      throw new Error(`The build names no ${what}: see src/features/stations/hands.ts and what became of it in .next/static/chunks.`);
    return found[1];
  };
  const id = find(new RegExp(`["{,]${station}"?:\\(\\)=>\\w+\\.A\\((\\d+)\\)`), `module for ${station}`);
  const list = find(
    new RegExp(`(?:^|[\\[,])${id},\\w+=>\\{\\w+\\.v\\(\\w+=>Promise\\.all\\(\\[([^\\]]*)\\]`),
    `scripts of the module ${id}`,
  );
  return JSON.parse(`[${list}]`);
}

/**
 * The scripts of the build without which a screen cannot be used, by path below `_next/`; those of workers are no part of them.
 * @param {string} home address of a server of the build
 * @param {string} path of the screen; a card with the station in hand
 * @returns {Promise<readonly string[]>}
 */
export async function neededScripts(home, path) {
  const { pathname, searchParams } = new URL(path, home);
  const page = await (await fetch(new URL(pathname, home))).text();
  const own = [...new Set([...page.matchAll(SCRIPT)].map(([, script]) => script))];
  const station = searchParams.get("station");
  return station === null ? own : [...new Set([...own, ...scriptsOfStation(station, own)])];
}

/** Weight of scripts, each compressed on its own [kB gzip]. */
export const weightKb = (scripts) => scripts.reduce((sum, script) => sum + gzipSync(textOf(script)).length, 0) / 1000;
