import { gzipSync } from "node:zlib";

/**
 * Script a screen asks for before it can be used, each file compressed on its own [kB gzip]. The page itself notes that
 * moment: what it asks for after it is not part of its first load.
 * @param {import("@playwright/test").BrowserContext} context without a service worker
 * @param {string} url
 * @param {string} usable selector of what makes it usable
 * @returns {Promise<number>}
 */
export async function firstLoadKb(context, url, usable) {
  const page = await context.newPage();
  /** @type {Promise<readonly [string, Buffer]>[]} */
  const bodies = [];
  page.on("response", (response) => {
    if (response.request().resourceType() !== "script") return;
    // A body that cannot be read (a response of a worker, a page that is leaving) counts for nothing and breaks nothing.
    const none = Buffer.alloc(0);
    bodies.push(
      response.body().then(
        (body) => [response.url(), body],
        () => [response.url(), none],
      ),
    );
  });
  await page.addInitScript((selector) => {
    const watch = new MutationObserver(() => {
      if (document.querySelector(selector) === null) return;
      watch.disconnect();
      Object.assign(window, { usableMs: performance.now() });
    });
    watch.observe(document, { childList: true, subtree: true });
  }, usable);
  await page.goto(url);
  await page.waitForFunction(() => "usableMs" in window);
  const asked = await page.evaluate(() =>
    performance
      .getEntriesByType("resource")
      .filter(({ startTime }) => startTime < window["usableMs"])
      .map(({ name }) => name),
  );
  const needed = new Set(asked);
  const scripts = new Map((await Promise.all(bodies)).filter(([url]) => needed.has(url)));
  await page.close();
  return [...scripts.values()].reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
}
