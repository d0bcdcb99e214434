// What a screen needs before it can be used, read from the build: which scripts its page names, and which of those that are
// fetched later the station in hand is made of. No browser and no clock has a part in it.
import { readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { ROOT } from "./prepare.mjs";
import { SCRIPT_LIST } from "./shared-scripts.mjs";

/** Not those for browsers without modules: no browser that runs the program asks for them. */
const SCRIPT = /<script(?![^>]*nomodule)[^>]* src="\/_next\/(static\/chunks\/[^"]+\.js)"/gi;
const HANDS = "src/features/stations/hands.ts";

/** What the build wrote of its scripts: those of each screen, of each part that is fetched later, of each worker. */
export const builtScripts = () => JSON.parse(readFileSync(join(ROOT, ".next", SCRIPT_LIST), "utf8"));

/**
 * Scripts that a station's instrument is fetched with.
 * @errors throws where the build knows no such part
 */
function scriptsOfStation(station) {
  const scripts = builtScripts().parts[`${HANDS} ./${station}/in-hand`];
  if (!scripts) throw new Error(`The build has no part for ${station}: see ${HANDS} and .next/${SCRIPT_LIST}.`);
  return scripts;
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
  return station === null ? own : [...new Set([...own, ...scriptsOfStation(station)])];
}

const kbOf = (path) => gzipSync(readFileSync(path)).length / 1000;
/** Pictures and fonts travel as they are. */
const IS_PACKED = /\.(woff2?|png)$/;

/** What is stored at the first visit, so that all goes on without a server: files, what they weigh on the wire [MB], and how often a script is stored. */
export function storedFiles() {
  const list = readFileSync(join(ROOT, ".next", "server", "app", "serwist", "sw.js.body"), "utf8");
  const urls = [...new Set([...list.matchAll(/url:"([^"]+)"/g)].map(([, url]) => decodeURIComponent(url)))];
  const onDisk = urls
    .map((url) => (url.startsWith("/_next/") ? join(ROOT, ".next", url.slice("/_next/".length)) : join(ROOT, "public", url)))
    .filter((path) => statSync(path, { throwIfNoEntry: false })?.isFile());
  const { bytes, distinctBytes } = builtScripts();
  const mb = onDisk.reduce((sum, path) => sum + (IS_PACKED.test(path) ? statSync(path).size / 1000 : kbOf(path)), 0) / 1000;
  return { files: urls.length, mb, copies: bytes / distinctBytes };
}

/** Weight of scripts, each compressed on its own [kB gzip]. */
export const weightKb = (scripts) => scripts.reduce((sum, script) => sum + kbOf(join(ROOT, ".next", decodeURIComponent(script))), 0);
