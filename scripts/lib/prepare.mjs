// What a fresh clone needs before anything runs: packages and a browser. Node only, nothing installed yet.
import { spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { closeSync, existsSync, mkdirSync, openSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), "..", "..");
/** Where a copy of the house with one more of everything is laid out (scripts/lib/grown-house.mjs). */
export const GROWN = join(ROOT, ".artifacts", "grown");
const STAMP = join(ROOT, "node_modules", ".vemmick-stamp");

/** Environment of every child: no telemetry, and development packages are installed whatever the caller set. */
export function childEnvironment(extra = {}) {
  const environment = { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...extra };
  delete environment.NODE_ENV;
  return environment;
}

/** Runs a command in the project; returns its exit code. */
export function run(command, args, options = {}) {
  const { env, ...rest } = options;
  const done = spawnSync(command, args, { cwd: ROOT, stdio: "inherit", ...rest, env: childEnvironment(env) });
  if (done.error) console.error(`${command}: ${done.error.message}`);
  return done.status ?? 1;
}

/** Starts a command beside others, its output kept in a file; resolves to its exit code. */
export function runBeside(command, args, logPath, options = {}) {
  const log = openSync(logPath, "w");
  const child = spawn(command, args, { cwd: options.cwd ?? ROOT, stdio: ["ignore", log, log], env: childEnvironment(options.env) });
  return new Promise((resolve) => {
    child.once("error", (error) => {
      console.error(`${command}: ${error.message}`);
      resolve(1);
    });
    child.once("exit", (code) => {
      closeSync(log);
      resolve(code ?? 1);
    });
  });
}

/**
 * Installs the packages when they are missing or package.json, the lock or Node changed.
 * @param {"all" | "to-run"} which the tools of tests and checks are not needed to build and to serve; all serve for that too
 */
export function installPackages(which = "all") {
  const hash = createHash("sha256").update(process.version);
  for (const file of ["package.json", "package-lock.json"]) {
    const path = join(ROOT, file);
    if (existsSync(path)) hash.update(readFileSync(path));
  }
  const state = hash.digest("hex");
  const there = existsSync(STAMP) ? readFileSync(STAMP, "utf8") : "";
  if (there === `${state} all` || there === `${state} ${which}`) return;
  console.log("Installing packages …");
  const kind = which === "all" ? "--include=dev" : "--omit=dev";
  const code = run("npm", ["install", "--no-save", kind, "--no-audit", "--no-fund"]);
  if (code !== 0) {
    console.error("Packages could not be installed. Check the connection to the npm registry and run this again.");
    process.exit(code);
  }
  mkdirSync(dirname(STAMP), { recursive: true });
  writeFileSync(STAMP, `${state} ${which}`);
}

const onPath = (name) => {
  const found = spawnSync("sh", ["-c", `command -v ${name}`], { encoding: "utf8" });
  return found.status === 0 ? found.stdout.trim() : null;
};

/** Debian's packages of the browser: the whole one, and the same without anything a desktop needs, which starts and draws faster. */
const BROWSERS = { whole: ["chromium", "chromium-browser"], headless: ["chromium-headless-shell"] };

/** Installs one of Debian's packages. */
function installDebian(name) {
  const isRoot = process.getuid?.() === 0;
  const apt = (args) =>
    run(isRoot ? "apt-get" : "sudo", [...(isRoot ? [] : ["-n", "apt-get"]), "-o", "DPkg::Lock::Timeout=300", ...args], {
      env: { DEBIAN_FRONTEND: "noninteractive" },
    });
  console.log(`Installing ${name} from Debian's packages …`);
  apt(["update"]);
  apt(["install", "-y", "--no-install-recommends", name]);
}

/**
 * Path of a Chromium: named, on the PATH, or installed from Debian's packages.
 * @param {"whole" | "headless"} kind which is wanted; where it is not to be had the other one serves
 */
export function findChromium(kind = "whole") {
  const named = process.env.CHROMIUM_PATH;
  if (named && existsSync(named)) return named;
  const present = (names) => names.map(onPath).find((path) => path !== null) ?? null;
  const wanted = present(BROWSERS[kind]);
  if (wanted) return wanted;
  installDebian(BROWSERS[kind][0]);
  const found = present([...BROWSERS[kind], ...Object.values(BROWSERS).flat()]);
  if (!found) {
    console.error("No Chromium found. Install the package chromium (apt-get install chromium), or set CHROMIUM_PATH.");
    process.exit(1);
  }
  return found;
}

/** Path of a package's command, run with this Node. */
export const bin = (path) => join(ROOT, "node_modules", path);
