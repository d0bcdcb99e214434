// What a person waits for on the screens of the demo: from a key, a step, a press to what they see.
import { once } from "node:events";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { neededScripts, weightKb } from "../lib/first-load.mjs";

export const FIRST_CARD = "a[href^='/traveller?id=']";
const FULL_CARD = "/traveller?id=demo-nursery-fan-weak&station=capacitor";
const ascending = (values) => [...values].sort((a, b) => a - b);

/** Between two keys of a hand that is quick at it. */
const PACE_MS = 120;

/** A page with the demo seeded, and how many times slower its processor is made than it is. */
async function demoPage(browser, home, slower = 1) {
  const context = await browser.newContext({ serviceWorkers: "block", viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  // The demo is seeded on the very first visit only; it is not part of a start.
  await page.goto(home);
  await page.getByRole("link", { name: /Proofing/ }).waitFor();
  // What lists show is derived away from the page; nobody waits for it here.
  await page.waitForTimeout(4000);
  const slow = async () => (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: slower });
  return { page, slow, close: () => context.close() };
}

/** Screens whose first load is measured, each with its goal [kB gzip]. */
const LOADED = [
  ["Rack", "/", 180],
  ["Shelf", "/shelf", 180],
  ["Ledger", "/ledger", 180],
  ["Traveller", FULL_CARD, 220],
  ["Motor", "/motor", 200],
  ["Bench", "/bench?station=capacitor", 250],
  ["House rules", "/house-rules", 250],
  ["Learnt", "/learnt", 250],
  ["Team files", "/team", 250],
  ["Print", "/print", 250],
];

/** First loads of the screens [kB gzip], each with its goal. */
export const firstLoads = (home) =>
  Promise.all(LOADED.map(async ([name, path, goalKb]) => ({ name, goalKb, kb: weightKb(await neededScripts(home, path)) })));

/** Times from each key in the focused element to the painted (or made) change of what the selector names [ms], in window.times. */
async function watchKeys(page, selector, until = "painted") {
  await page.evaluate(
    ([watched, moment]) => {
      const input = document.activeElement;
      const times = [];
      Object.assign(window, { times });
      let pressed = null;
      input.addEventListener("keydown", (event) => (pressed = event.timeStamp), true);
      new MutationObserver(() => {
        if (pressed === null) return;
        const from = pressed;
        pressed = null;
        if (moment === "changed") return times.push(performance.now() - from);
        // The frame after the change is the one a person sees; other tasks that wait do not put it off.
        requestAnimationFrame(
          () => void window.scheduler.postTask(() => times.push(performance.now() - from), { priority: "user-blocking" }),
        );
      }).observe(document.querySelector(watched), { subtree: true, childList: true, characterData: true, attributes: true });
    },
    [selector, until],
  );
}

/** From a step of the capacitance slider to the redrawn torque curves, on a card with two of them [ms]. */
export async function sliderSteps(browser, home, slower) {
  const { page, slow, close } = await demoPage(browser, home, slower);
  await page.goto(`${home}/traveller?id=demo-laundrette-exhaust&station=run-test`);
  await page.getByRole("tab", { name: "What-if" }).click();
  await page.getByRole("img", { name: /^Torque/ }).waitFor();
  await page.getByRole("img", { name: /^Start over time/ }).waitFor();
  await slow();
  await page.getByRole("slider", { name: "Capacitance" }).focus();
  await watchKeys(page, "[role=img][aria-label^=Torque] svg");
  for (let key = 0; key < 120; key += 1) {
    await page.keyboard.press(key % 40 < 20 ? "ArrowLeft" : "ArrowRight");
    await page.waitForTimeout(70);
  }
  const times = await page.evaluate(() => window.times);
  await close();
  return ascending(times);
}

/** Opens the field for the capacitor's reading on a card with all stations filled. */
async function fieldOnFullCard(page, home) {
  await page.goto(`${home}${FULL_CARD}`);
  // A card that was signed off is live again: make it dead, so that the capacitor can be keyed.
  await page
    .getByRole("navigation", { name: "Strip" })
    .getByRole("button", { name: /^Make safe/ })
    .click();
  await page.getByRole("button", { name: "Make safe once more" }).click();
  await page.getByRole("button", { name: "Declare safe without measuring" }).click();
  await page
    .getByRole("navigation", { name: "Strip" })
    .getByRole("button", { name: /^Capacitor/ })
    .click();
  await page.getByLabel("Meter shows", { exact: true }).fill("12.5");
}

/** Keys 120 times in that field; the times that were noted meanwhile [ms], in rising order. */
async function keyFigures(page) {
  for (let key = 0; key < 120; key += 1) {
    await page.keyboard.press(key % 2 === 0 ? "Backspace" : String(1 + (key % 9)));
    await page.waitForTimeout(PACE_MS);
  }
  return ascending(await page.evaluate(() => window.times));
}

/** From the key to the painted stamp, or to line-up and next move as they now stand, on a card with all stations filled [ms]. */
export async function keystrokes(browser, home, watched, until, slower) {
  const { page, slow, close } = await demoPage(browser, home, slower);
  await fieldOnFullCard(page, home);
  await slow();
  await watchKeys(page, watched, until);
  const times = await keyFigures(page);
  await close();
  return times;
}

/** From the key to the end of the transaction that keeps its row [ms]. */
export async function keptTimes(browser, home) {
  const { page, close } = await demoPage(browser, home);
  await fieldOnFullCard(page, home);
  await page.evaluate(() => {
    const times = [];
    Object.assign(window, { times });
    let pressed = null;
    addEventListener("keydown", (event) => (pressed = event.timeStamp), true);
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = function (...parts) {
      if (this.name === "stations" && pressed !== null) {
        const from = pressed;
        pressed = null;
        this.transaction.addEventListener("complete", () => times.push(performance.now() - from));
      }
      return put.apply(this, parts);
    };
  });
  const times = await keyFigures(page);
  await close();
  return times;
}

/** From a letter key to the instrument of the station it opens, painted, over all stations that are open with the power off [ms]. */
export async function stationSwitches(browser, home, slower) {
  const { page, slow, close } = await demoPage(browser, home, slower);
  await page.goto(`${home}/traveller?id=demo-nursery-fan-weak&station=plate`);
  await page.locator("#bench h1").waitFor();
  // Every instrument is here by then.
  await page.waitForTimeout(6000);
  await slow();
  await page.evaluate(() => {
    const times = [];
    Object.assign(window, { times });
    let pressed = null;
    addEventListener("keydown", (event) => (pressed = event.timeStamp), true);
    new MutationObserver(() => {
      if (pressed === null) return;
      const from = pressed;
      pressed = null;
      requestAnimationFrame(
        () => void window.scheduler.postTask(() => times.push(performance.now() - from), { priority: "user-blocking" }),
      );
    }).observe(document.querySelector("#bench"), { subtree: true, childList: true });
  });
  for (let round = 0; round < 10; round += 1)
    for (const letter of ["u", "w", "p", "a", "d", "c", "q", "i"]) {
      await page.keyboard.press(letter);
      await page.waitForTimeout(250);
    }
  const times = await page.evaluate(() => window.times);
  await close();
  return ascending(times);
}

/** From reload to the cards on the screen with the server gone [ms]: as the machine is, and on a slower one. */
export async function offlineReloads({ chromium, executablePath, args, home }, server, slower) {
  const profile = mkdtempSync(join(tmpdir(), "vemmick-bench-"));
  const context = await chromium.launchPersistentContext(profile, { executablePath, args });
  const page = await context.newPage();
  await page.addInitScript(() => {
    const look = () =>
      document.querySelector("a[href^='/traveller?id=']")
        ? Object.assign(window, { usableMs: performance.now() })
        : requestAnimationFrame(look);
    look();
  });
  await page.goto(home);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  server.kill("SIGTERM");
  await once(server, "exit");
  const reloads = async () => {
    const times = [];
    for (let round = 0; round < 9; round += 1) {
      await page.reload();
      times.push(await (await page.waitForFunction(() => window.usableMs)).jsonValue());
    }
    return ascending(times);
  };
  const asItIs = await reloads();
  await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: slower });
  const slowed = await reloads();
  await context.close();
  rmSync(profile, { recursive: true, force: true });
  return { asItIs, slowed };
}
