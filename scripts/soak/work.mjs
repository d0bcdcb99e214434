// Work in living browsers: two tabs, a full device, texts nobody expects, an old tab under a newer store, a long day on one card.
import { readFileSync } from "node:fs";
import { chromium } from "@playwright/test";
import { pause, randomFrom } from "./browser.mjs";

const CARD = "demo-bakery-proofer";
const at = (home, station) => `${home}/traveller?id=${CARD}&station=${station}`;
const field = (page, label) => page.getByLabel(label, { exact: true });

/** Two tabs key different fields of one card at the same time. */
async function twoTabs({ context, home, rounds, random, tell }) {
  const [first, second] = [await context.newPage(), await context.newPage()];
  await Promise.all([first.goto(at(home, "plate")), second.goto(at(home, "plate"))]);
  const fields = [
    ["Volts", "Full-load amps", "Power"],
    ["Hertz", "Speed", "Capacitor asked for"],
  ];
  await Promise.all([field(first, "Volts").waitFor(), field(second, "Hertz").waitFor()]);
  let edits = 0;
  const wanted = new Map();
  for (let round = 0; round < rounds; round += 1) {
    const each = fields.map((own) => own[Math.floor(random() * own.length)]);
    const texts = each.map(() => String(Math.floor(random() * 1e6)));
    await Promise.all([field(first, each[0]).fill(texts[0]), field(second, each[1]).fill(texts[1])]);
    each.forEach((label, index) => wanted.set(label, texts[index]));
    edits += 2;
  }
  await pause(800);
  await first.reload();
  await field(first, "Volts").waitFor();
  for (const [label, text] of wanted) {
    const found = await field(first, label).inputValue();
    if (found !== text) tell(`two tabs: ${label} had “${text}”, has “${found}”`);
  }
  await Promise.all([first.close(), second.close()]);
  return edits;
}

/** The device is full now and then, while figures are keyed; at the end there is room again. */
async function fullStorage({ context, home, rounds, random, tell }) {
  const page = await context.newPage();
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...parts) {
      if (sessionStorage.getItem("is-full") === "true") throw new DOMException("no room", "QuotaExceededError");
      return put.apply(this, parts);
    };
  });
  page.on("dialog", (dialog) => void dialog.accept());
  const stations = { plate: ["Volts", "Hertz"], capacitor: ["Label, as printed", "Note"], windings: ["Test leads together", "Note"] };
  const wanted = new Map();
  let edits = 0;
  for (let round = 0; round < rounds; round += 1) {
    const station = Object.keys(stations)[Math.floor(random() * 3)];
    await page.goto(at(home, station));
    for (const label of stations[station]) {
      await field(page, label).waitFor();
      await page.evaluate((isFull) => sessionStorage.setItem("is-full", String(isFull)), random() < 0.6);
      const text = String(Math.floor(random() * 1e6));
      await field(page, label).fill(text);
      wanted.set(`${station} ${label}`, [station, label, text]);
      edits += 1;
      await pause(random() * 60);
    }
  }
  await page.evaluate(() => sessionStorage.setItem("is-full", "false"));
  const again = page.getByRole("button", { name: "Try again" });
  for (let tries = 0; tries < 10; tries += 1) {
    await pause(300);
    if (await again.count()) await again.click();
  }
  if (await page.getByText(/^Not kept yet/).count()) tell("full storage: there is room again, and something is not kept");
  for (const [, [station, label, text]] of wanted) {
    await page.goto(at(home, station));
    await field(page, label).waitFor();
    const found = await field(page, label).inputValue();
    if (found !== text) tell(`full storage: ${station} ${label} had “${text}”, has “${found}”`);
  }
  await page.close();
  return edits;
}

const HOSTILE = [
  "\u202etxet desrever\u202c",
  "null undefined NaN [object Object]",
  `"><img src=x onerror=alert(1)>`,
  "😀👩‍🔧ü̈ﷺ",
  "a\u0000b\u0007c",
  "{{constructor.constructor('x')()}}",
  '=HYPERLINK("x")',
  "W".repeat(199),
  "'; DROP TABLE travellers; --",
  "1.2.3,4e5kMµ%",
];

/** Texts nobody expects, in every line of a few stations: they come back as they were typed, and go through a file. */
async function hostileTexts({ context, home, random, tell }) {
  const page = await context.newPage();
  const broken = [];
  page.on("pageerror", (error) => broken.push(error.message));
  let texts = 0;
  for (const station of ["complaint", "plate", "make-safe", "capacitor", "windings", "bearing", "decide"]) {
    await page.goto(at(home, station));
    await page.getByRole("navigation", { name: "Strip" }).waitFor();
    await page.getByRole("heading", { level: 1 }).waitFor();
    await pause(200);
    const lines = page.locator(
      "main input:not([type=checkbox]):not([type=radio]):not([type=file]):not([type=date]):not([type=range]):enabled, main textarea:enabled",
    );
    const typed = [];
    for (const [index, line] of (await lines.all()).entries()) {
      if (!(await line.isVisible())) continue;
      const text = HOSTILE[Math.floor(random() * HOSTILE.length)];
      await line.fill(text);
      typed.push([index, await line.inputValue()]);
      texts += 1;
    }
    await pause(500);
    await page.reload();
    await page.getByRole("heading", { level: 1 }).waitFor();
    await pause(200);
    const now = await lines.all();
    for (const [index, text] of typed) {
      const found = now[index] ? await now[index].inputValue() : null;
      if (found !== null && found !== text && found !== text.slice(0, found.length))
        tell(`hostile texts: line ${index} of ${station} had “${text}”, has “${found}”`);
    }
  }
  await page.goto(`${home}/ledger`);
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export everything" }).click()]);
  await page
    .getByLabel("Choose a file to take in")
    .setInputFiles({ name: "all.vemmick.json", mimeType: "application/json", buffer: readFileSync(await file.path()) });
  await page
    .getByText("Everything in it is here already, as new or newer.")
    .waitFor({ timeout: 15_000 })
    .catch(() => tell("hostile texts: the export does not come in again as it is"));
  broken.forEach((message) => tell(`hostile texts: ${message}`));
  await page.close();
  return texts;
}

const stamp = (page, versions) =>
  page.evaluate(
    (value) =>
      new Promise((resolve) => {
        const open = indexedDB.open("vemmick");
        open.onsuccess = () => {
          const settings = open.result.transaction("settings", "readwrite").objectStore("settings");
          const get = settings.get("recordVersions");
          get.onsuccess = () => {
            settings.put({ key: "recordVersions", value: value ?? { traveller: 99, station: 99, house: 99, part: 99 } }).onsuccess = () => {
              open.result.close();
              resolve(get.result.value);
            };
          };
        };
      }),
    versions,
  );

/** A newer program stamps the store under an open page; later it is taken back, as after a restore. */
async function oldTab({ context, home, rounds, random, tell }) {
  const page = await context.newPage();
  await page.goto(at(home, "plate"));
  let edits = 0;
  for (let round = 0; round < rounds; round += 1) {
    await field(page, "Volts").waitFor();
    const before = await stamp(page, null);
    const text = String(Math.floor(random() * 1e6));
    await field(page, "Volts").fill(text);
    await page
      .getByText(/^Not kept yet: Plate/)
      .waitFor({ timeout: 10_000 })
      .catch(() => tell("old tab: it did not say that nothing is kept"));
    await stamp(page, before);
    await page.getByRole("button", { name: "Try again" }).click();
    await page
      .getByText(/^Not kept yet/)
      .waitFor({ state: "detached", timeout: 10_000 })
      .catch(() => tell("old tab: not kept after all"));
    await pause(200);
    await page.reload();
    await field(page, "Volts").waitFor();
    if ((await field(page, "Volts").inputValue()) !== text)
      tell(`old tab: Volts had “${text}”, has “${await field(page, "Volts").inputValue()}”`);
    edits += 1;
  }
  await page.close();
  return edits;
}

/** A long day on one card: the last keys are as quick as the first, and all of them are kept. */
async function longWork({ context, home, rounds, random, tell }) {
  const page = await context.newPage();
  await page.goto(at(home, "capacitor"));
  const line = field(page, "Label, as printed");
  await line.waitFor();
  const times = [];
  let text = "";
  for (let round = 0; round < rounds; round += 1) {
    text = `${(1 + random() * 90).toFixed(1)} µF ±6 % 440 V`;
    const start = performance.now();
    await line.fill(text);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => resolve(null))));
    times.push(performance.now() - start);
  }
  const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
  const part = Math.max(1, Math.floor(rounds / 5));
  const slower = median(times.slice(-part)) / median(times.slice(0, part));
  if (slower > 2) tell(`long work: the last keys take ${slower.toFixed(1)} times as long as the first`);
  await pause(500);
  await page.reload();
  await line.waitFor();
  if ((await line.inputValue()) !== text) tell(`long work: had “${text}”, has “${await line.inputValue()}”`);
  await page.close();
  return rounds;
}

/** Runs all of it in one browser; returns how much was done of each, and what went wrong. */
export async function soakWork({ rounds, seed, deadline, executable, home }) {
  const trouble = [];
  const counts = {};
  const browser = await chromium.launch({ executablePath: executable, args: ["--no-sandbox", "--disable-gpu"] });
  const random = randomFrom(seed);
  const parts = {
    "two tabs, edits": twoTabs,
    "full storage, edits": fullStorage,
    "hostile texts": hostileTexts,
    "old tab, edits": oldTab,
    "long work, edits": longWork,
  };
  try {
    for (const [name, run] of Object.entries(parts)) {
      if (Date.now() > deadline) break;
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: "block" });
      context.setDefaultTimeout(20_000);
      try {
        counts[name] = await run({
          context,
          home,
          rounds: name === "old tab, edits" ? Math.ceil(rounds / 5) : rounds,
          random,
          tell: (line) => trouble.push(line),
        });
      } catch (error) {
        trouble.push(`${name}: ${error instanceof Error ? error.message.split("\n")[0] : "?"}`);
      } finally {
        await context.close();
      }
    }
  } finally {
    await browser.close();
  }
  return { counts, trouble };
}
