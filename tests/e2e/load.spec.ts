import { gzipSync } from "node:zlib";
import type { Page, Response } from "@playwright/test";
import { expect, openRack, test, untilDerived } from "./support/vemmick";

/** What a first load may weigh: scripts until the screen can be used, each compressed on its own [kB]. A tenth more fails. */
const SCREENS = [
  { name: "Rack", path: "/", usable: "a[href^='/traveller?id=']", mostKb: 190 },
  { name: "Shelf", path: "/shelf", usable: "[data-usable] li", mostKb: 190 },
  { name: "Ledger", path: "/ledger", usable: "a[href^='/traveller?id=']", mostKb: 190 },
  { name: "Traveller", path: "/traveller?id=demo-nursery-fan-weak&station=capacitor", usable: "[data-instrument]", mostKb: 230 },
] as const;

/** Notes when the screen can be used, in the page itself: what was asked for after that moment is not part of the first load. */
const noteUsable = (page: Page, usable: string) =>
  page.addInitScript((selector) => {
    const look = () => {
      if (document.querySelector(selector) === null) return;
      watch.disconnect();
      Object.assign(window, { usableMs: performance.now() });
    };
    const watch = new MutationObserver(look);
    watch.observe(document, { childList: true, subtree: true });
  }, usable);

/** Scripts of the page that were asked for before it could be used. */
const askedBefore = (page: Page) =>
  page.evaluate(() => {
    const { usableMs } = window as unknown as { usableMs: number };
    return performance
      .getEntriesByType("resource")
      .filter(({ startTime }) => startTime < usableMs)
      .map(({ name }) => name);
  });

test("no screen loads more script before it can be used than its budget says", async ({ page, context }) => {
  await openRack(page);
  await untilDerived(page);
  const weights: string[] = [];
  for (const { name, path, usable, mostKb } of SCREENS) {
    const fresh = await context.newPage();
    const bodies: Promise<readonly [string, Buffer]>[] = [];
    fresh.on("response", (response: Response) => {
      if (response.request().resourceType() !== "script") return;
      bodies.push(
        response.body().then(
          (body) => [response.url(), body],
          () => [response.url(), Buffer.alloc(0)],
        ),
      );
    });
    await noteUsable(fresh, usable);
    await fresh.goto(path);
    await fresh.locator(usable).first().waitFor();
    const needed = new Set(await askedBefore(fresh));
    const scripts = new Map((await Promise.all(bodies)).filter(([url]) => needed.has(url)));
    await fresh.close();
    const kb = [...scripts.values()].reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
    weights.push(`${name} ${kb.toFixed(0)} kB`);
    expect(kb, `${weights.join(", ")}; a budget of ${mostKb} kB`).toBeLessThan(mostKb * 1.1);
    // Nothing was measured at all: the framework alone weighs more.
    expect(kb).toBeGreaterThan(100);
  }
  console.info(weights.join(", "));
});
