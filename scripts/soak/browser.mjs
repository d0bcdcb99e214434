// A browser of its own for the soak: started, killed and started again on one profile.
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { BROWSER_FLAGS } from "../lib/browser-flags.mjs";

const FLAGS = ["--headless=new", ...BROWSER_FLAGS, "--remote-debugging-port=0"];

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A profile folder that goes when it is no longer needed. */
export function newProfile() {
  const path = mkdtempSync(join(tmpdir(), "vemmick-soak-"));
  return { path, remove: () => rmSync(path, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 }) };
}

/** How long a busy machine may take to start one [ms], and how often it is tried. */
const START_MS = 30_000;
const TRIES = 3;

/** Starts a browser on a profile; `kill` ends it and everything it started, at once and without a word. */
export async function startBrowser(executable, profile) {
  for (let tries = 1; ; tries += 1) {
    const started = await tryToStart(executable, profile);
    if (started) return started;
    if (tries === TRIES) throw new Error("the browser did not start");
  }
}

async function tryToStart(executable, profile) {
  rmSync(join(profile, "DevToolsActivePort"), { force: true });
  const child = spawn(executable, [...FLAGS, `--user-data-dir=${profile}`, "about:blank"], { stdio: "ignore", detached: true });
  const kill = () => {
    try {
      process.kill(-child.pid, "SIGKILL");
    } catch {
      // It has gone by itself.
    }
  };
  const gone = new Promise((resolve) => child.once("exit", resolve));
  const end = Date.now() + START_MS;
  let port = null;
  while (port === null && Date.now() < end) {
    await pause(25);
    try {
      [port] = readFileSync(join(profile, "DevToolsActivePort"), "utf8").split("\n");
    } catch {
      port = null;
    }
  }
  if (!port) {
    kill();
    await gone;
    return null;
  }
  const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
  const context = browser.contexts()[0];
  return { context, page: context.pages()[0] ?? (await context.newPage()), kill, gone };
}

/** A number from 0 up to, not including, 1; the same row each time (mulberry32). */
export function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
