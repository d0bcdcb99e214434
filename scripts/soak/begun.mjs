// Starts cards and kills the browser right after Enter: the words must be on a card when it starts again, on a device that is full
// in between too; and kills it while a team's files are written and folded: no head may list what does not lie there.
import { newProfile, pause, randomFrom, startBrowser } from "./browser.mjs";

/** Longest wait between Enter and the end [ms]. */
const LONGEST_MS = 200;
const SAID = "In the customer's own words";

/** Words of every card, as they lie in the browser's tables. */
const wordsIn = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const request = indexedDB.open("vemmick");
        request.onerror = () => reject(request.error);
        request.onsuccess = () => {
          const all = request.result.transaction("stations").objectStore("stations").getAll();
          all.onsuccess = () => {
            request.result.close();
            resolve(all.result.map(({ data }) => data?.said).filter(Boolean));
          };
        };
      }),
  );

/** The tables take nothing: a full disk as the program sees it. */
const FULL = () => {
  if (sessionStorage.getItem("is-full") !== "true") return;
  for (const method of ["put", "add"])
    IDBObjectStore.prototype[method] = () => {
      throw new DOMException("no room", "QuotaExceededError");
    };
};

export async function soakBegun({ count, seed, deadline, executable, home }) {
  const random = randomFrom(seed + 1);
  const profile = newProfile();
  const counts = { "cards begun": 0, kept: 0, lost: 0, "with a full device between": 0 };
  const trouble = [];
  try {
    let last = null;
    for (let index = 0; index <= count; index += 1) {
      if (last && index % 5 === 0) {
        // Started once while nothing can be kept: what was noted must outlast that.
        const full = await startBrowser(executable, profile.path);
        await full.context.addInitScript(() => sessionStorage.setItem("is-full", "true"));
        await full.context.addInitScript(FULL);
        await full.page.goto(home).catch(() => undefined);
        await pause(500 + random() * 1500);
        full.kill();
        await full.gone;
        counts["with a full device between"] += 1;
      }
      const browser = await startBrowser(executable, profile.path);
      const { page } = browser;
      try {
        page.setDefaultTimeout(20_000);
        await page.goto(home);
        const line = page.getByLabel("What does the motor do?");
        await line.waitFor();
        await page.waitForFunction(() => document.querySelector("[href*='traveller?id=']") !== null);
        if (last) {
          counts["cards begun"] += 1;
          if ((await wordsIn(page)).includes(last)) counts.kept += 1;
          else {
            counts.lost += 1;
            trouble.push(`card ${index}: “${last}” is on no card`);
          }
        }
        if (index === count || Date.now() > deadline) break;
        last = `hums, and counts to ${Math.floor(random() * 1e9)}`;
        await line.fill(last);
        await page.keyboard.press("Enter");
        await pause(5 + random() * LONGEST_MS);
      } finally {
        browser.kill();
        await browser.gone;
      }
    }
  } catch (error) {
    trouble.push(`stopped after ${counts["cards begun"]} cards: ${error instanceof Error ? error.message.split("\n")[0] : "?"}`);
  } finally {
    profile.remove();
  }
  return { counts, trouble };
}

/** A folder of the browser's own in the place of one on the disk. */
const FOLDER = () =>
  Object.assign(window, {
    showDirectoryPicker: async () => (await navigator.storage.getDirectory()).getDirectoryHandle("team", { create: true }),
  });

/** What heads list that does not lie there as it should. */
const missingFiles = (page) =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("team", { create: true });
    const sizes = new Map();
    const heads = [];
    for await (const entry of folder.values()) {
      const file = await entry.getFile();
      sizes.set(entry.name, file.size);
      if (entry.name.endsWith(".head.json")) heads.push(JSON.parse(await file.text()));
    }
    return heads.flatMap(({ segments }) => segments.filter(({ file, bytes }) => sizes.get(file) !== bytes).map(({ file }) => file));
  });

export async function soakTeam({ count, seed, deadline, executable, home }) {
  const random = randomFrom(seed + 2);
  const profile = newProfile();
  const counts = { "kills while files were written": 0, kept: 0, lost: 0, "files missing": 0 };
  const trouble = [];
  let last = null;
  try {
    for (let index = 0; index <= count; index += 1) {
      const browser = await startBrowser(executable, profile.path);
      const { page, context } = browser;
      try {
        page.setDefaultTimeout(30_000);
        await context.addInitScript(FOLDER);
        await page.goto(home);
        if (index === 0) {
          await page.getByLabel("What does the motor do?").fill("a card of the team");
          await page.keyboard.press("Enter");
          await page.getByLabel(SAID).waitFor();
        } else {
          await page.getByText("a card of the team").first().waitFor();
          await page.goto(last.card);
          const found = await page.getByLabel(SAID).inputValue();
          counts["kills while files were written"] += 1;
          if (found === last.text) counts.kept += 1;
          else {
            counts.lost += 1;
            trouble.push(`kill ${index}: “${last.text}” is “${found}”`);
          }
          const missing = await missingFiles(page);
          counts["files missing"] += missing.length;
          if (missing.length > 0) trouble.push(`kill ${index}: a head lists ${missing[0]}, which is not there`);
        }
        if (index === count || Date.now() > deadline) break;
        const text = `a card of the team ${index}`;
        await page.getByLabel(SAID).fill(text);
        await pause(400);
        last = { card: page.url(), text };
        await page.goto(`${home}/team`);
        await page
          .getByRole("button", { name: /Choose a folder|Read now|Open the folder again/ })
          .first()
          .click();
        await pause(random() * 900);
      } finally {
        browser.kill();
        await browser.gone;
      }
    }
  } catch (error) {
    trouble.push(`stopped: ${error instanceof Error ? error.message.split("\n")[0] : "?"}`);
  } finally {
    profile.remove();
  }
  return { counts, trouble };
}
