// Figures of a store of any size: fills a profile with it, then measures what a person waits for, beside a native read of the same rows.
import { spawnSync } from "node:child_process";
import { createReadStream, mkdirSync, mkdtempSync, openSync, closeSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createInterface } from "node:readline";
import { bin, ROOT } from "../lib/prepare.mjs";

const ascending = (values) => [...values].sort((a, b) => a - b);
export const median = (values) => ascending(values)[Math.floor(values.length / 2)] ?? Number.NaN;

/** Writes a big store to a file: a JSON line a chunk of rows. */
function writeStore(cards, parts) {
  mkdirSync(join(ROOT, ".artifacts"), { recursive: true });
  const path = join(ROOT, ".artifacts", `big-store-${cards}.jsonl`);
  const file = openSync(path, "w");
  const { status } = spawnSync(
    process.execPath,
    [bin("tsx/dist/cli.mjs"), "scripts/bench/write-big-store.ts", String(cards), String(parts)],
    {
      cwd: ROOT,
      stdio: ["ignore", file, "inherit"],
    },
  );
  closeSync(file);
  if (status !== 0) throw new Error(`the store of ${cards} cards could not be made`);
  return path;
}

/** A context with a store in it, in a profile of its own. */
export async function openStore({ chromium, executablePath, args, home }, { cards, parts }) {
  const profile = mkdtempSync(join(tmpdir(), "vemmick-store-"));
  const context = await chromium.launchPersistentContext(profile, {
    executablePath,
    args: [...args, "--enable-precise-memory-info"],
    serviceWorkers: "block",
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
  });
  const page = await context.newPage();
  await page.goto(home);
  await page.getByRole("link", { name: /Proofing/ }).waitFor();
  // What this build derives by is what it has derived its own demo by.
  await page.waitForFunction(() => !document.body.textContent.includes("Being judged"));
  const path = writeStore(cards, parts);
  await page.goto(`${home}/favicon.svg`);
  const by = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const request = indexedDB.open("vemmick");
        request.onsuccess = () => {
          const db = request.result;
          const transaction = db.transaction(["travellers", "stations", "parts", "summaries", "deeds"], "readwrite");
          transaction.objectStore("summaries").getAll().onsuccess = (event) => {
            const [found] = event.target.result.map(({ derivedBy }) => derivedBy.replace("?", "")).filter(Boolean);
            for (const table of ["travellers", "stations", "parts", "summaries", "deeds"]) transaction.objectStore(table).clear();
            transaction.oncomplete = () => {
              db.close();
              resolve(found);
            };
          };
        };
      }),
  );
  for await (const line of createInterface({ input: createReadStream(path) })) {
    await page.evaluate(
      (text) =>
        new Promise((resolve, reject) => {
          const { table, rows } = JSON.parse(text);
          const request = indexedDB.open("vemmick");
          request.onsuccess = () => {
            const db = request.result;
            const transaction = db.transaction(table, "readwrite");
            for (const row of rows) transaction.objectStore(table).put(row);
            transaction.oncomplete = () => {
              db.close();
              resolve();
            };
            transaction.onabort = () => reject(transaction.error);
          };
        }),
      line.replaceAll("{{derivedBy}}", by),
    );
  }
  rmSync(path);
  await page.close();
  return {
    context,
    close: async () => {
      await context.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

/** From the start of the page to what the selector names being on it [ms], over several loads. */
export async function timeToUsable(context, url, selector, rounds = 9) {
  const page = await context.newPage();
  await page.addInitScript((wanted) => {
    const look = () =>
      document.querySelector(wanted) ? Object.assign(window, { usableMs: performance.now() }) : requestAnimationFrame(look);
    look();
  }, selector);
  const times = [];
  for (let round = 0; round < rounds + 1; round += 1) {
    await page.goto(url);
    const time = await (await page.waitForFunction(() => window.usableMs)).jsonValue();
    // The first one warms the server and the profile.
    if (round > 0) times.push(time);
    await page.waitForTimeout(300);
  }
  await page.close();
  return times;
}

/** From each key in a note on a card to the painted note [ms]: each of them is kept at once. */
export async function keysOnCard(context, url) {
  const page = await context.newPage();
  await page.goto(url);
  const field = page.getByLabel("In the customer's own words");
  await field.focus();
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    const times = [];
    Object.assign(window, { times });
    document.activeElement.addEventListener(
      "keydown",
      ({ timeStamp }) => requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - timeStamp), 0)),
      true,
    );
  });
  for (let key = 0; key < 60; key += 1) {
    await page.keyboard.press(key % 6 === 5 ? " " : "abcdefgh"[key % 8]);
    await page.waitForTimeout(60);
  }
  const times = await page.evaluate(() => window.times);
  await page.close();
  return times;
}

/** From each key in the line to find to the list that shows what it finds [ms]. */
export async function findTimes(context, url, list, words) {
  const page = await context.newPage();
  await page.goto(url);
  await page.locator("a[href^='/traveller?id=']").first().waitFor();
  await page.waitForTimeout(500);
  await page.getByRole("searchbox", { name: "Find" }).focus();
  await page.evaluate((watched) => {
    const times = [];
    Object.assign(window, { times });
    let pressed = null;
    document.activeElement.addEventListener("keydown", (event) => (pressed = event.timeStamp), true);
    new MutationObserver(() => {
      if (pressed === null) return;
      times.push(performance.now() - pressed);
      pressed = null;
    }).observe(document.querySelector(watched), { subtree: true, childList: true, characterData: true });
  }, list);
  for (const word of words) {
    for (const key of word) {
      await page.keyboard.press(key);
      await page.waitForTimeout(250);
    }
    await page.keyboard.press("Control+a");
    await page.keyboard.press("Delete");
    await page.waitForTimeout(300);
  }
  const times = await page.evaluate(() => window.times);
  await page.close();
  return times;
}

/** When the last task that held a page up ended, after it was opened; looked at for a few seconds [ms]. */
export async function quietMs(context, url) {
  const page = await context.newPage();
  await page.addInitScript(() => {
    const longTasks = [];
    Object.assign(window, { longTasks });
    new PerformanceObserver((list) => longTasks.push(...list.getEntries().map(({ startTime, duration }) => startTime + duration))).observe({
      type: "longtask",
      buffered: true,
    });
  });
  await page.goto(url);
  await page.locator("a[href^='/traveller?id=']").first().waitFor();
  await page.waitForTimeout(4000);
  const ended = await page.evaluate(() => Math.max(0, ...window.longTasks));
  await page.close();
  return ended;
}

/** Frames a second while the page is scrolled, and the longest frame [ms]. */
export async function scrollFrames(context, url, forMs = 3000) {
  const page = await context.newPage();
  await page.goto(url);
  await page.locator("a[href^='/traveller?id=']").first().waitFor();
  await page.waitForTimeout(500);
  const figures = await page.evaluate(
    (lasting) =>
      new Promise((resolve) => {
        const frames = [];
        const start = performance.now();
        let last = start;
        const step = (now) => {
          frames.push(now - last);
          last = now;
          window.scrollBy(0, 60);
          if (now - start < lasting) requestAnimationFrame(step);
          else resolve({ perSecond: (frames.length - 1) / ((last - start) / 1000), longestMs: Math.max(...frames.slice(2)) });
        };
        requestAnimationFrame(step);
      }),
    forMs,
  );
  await page.close();
  return figures;
}

/** Heap of a page that has come to rest, collected first [MB]. */
export async function heapMb(context, url, selector) {
  const page = await context.newPage();
  await page.goto(url);
  await page.locator(selector).first().waitFor();
  await page.waitForTimeout(1500);
  const session = await context.newCDPSession(page);
  await session.send("HeapProfiler.enable");
  await session.send("HeapProfiler.collectGarbage");
  const { usedSize } = await session.send("Runtime.getHeapUsage");
  await page.close();
  return usedSize / 1e6;
}

/** An export of everything: time [s] and size [MB]. */
export async function exportFigures(context, home) {
  const page = await context.newPage();
  await page.goto(`${home}/ledger`);
  await page.locator("a[href^='/traveller?id=']").first().waitFor();
  const start = performance.now();
  const [download] = await Promise.all([
    page.waitForEvent("download", { timeout: 300_000 }),
    page.getByRole("button", { name: "Export everything" }).click(),
  ]);
  const seconds = (performance.now() - start) / 1000;
  const { size } = statSync(await download.path());
  await page.close();
  return { seconds, mb: size / 1e6 };
}

/** Reads of the same rows without the program, in the same browser: medians of several [ms]. */
export async function nativeReads(context, home, card) {
  const page = await context.newPage();
  await page.goto(`${home}/favicon.svg`);
  const figures = await page.evaluate(async (id) => {
    const db = await new Promise((resolve) => {
      const request = indexedDB.open("vemmick");
      request.onsuccess = () => resolve(request.result);
    });
    const ask = (request) =>
      new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
      });
    const table = (name) => db.transaction(name).objectStore(name);
    const newest = () =>
      new Promise((resolve) => {
        const rows = [];
        const range = IDBKeyRange.bound([1, ""], [1, "\uffff"]);
        table("summaries").index("[isOpen+updatedAt]").openCursor(range, "prev").onsuccess = ({ target: { result } }) => {
          if (!result || rows.length === 60) return resolve(rows);
          rows.push(result.value);
          result.continue();
        };
      });
    const reads = {
      rack: newest,
      keys: () => ask(table("summaries").index("createdAt").getAllKeys()),
      card: () => ask(table("stations").index("travellerId").getAll(id)),
    };
    const figures = {};
    for (const [name, read] of Object.entries(reads)) {
      const times = [];
      for (let round = 0; round < 15; round += 1) {
        const start = performance.now();
        await read();
        times.push(performance.now() - start);
      }
      figures[name] = times.sort((a, b) => a - b)[7];
    }
    const start = performance.now();
    for (let last = ""; ;) {
      const rows = await ask(table("stations").getAll(IDBKeyRange.lowerBound(last, true), 1000));
      if (rows.length === 0) break;
      last = rows.at(-1).id;
    }
    figures.all = performance.now() - start;
    db.close();
    return figures;
  }, card);
  await page.close();
  return figures;
}
