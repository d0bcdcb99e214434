import { readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { makeBigStore } from "../../scripts/bench/big-store";
import { howMany } from "../support/how-many";
import { NO_RECORDS, writeVemmickFile } from "../../src/records";
import { ceilingMs } from "../../scripts/lib/pace.mjs";
import { expect, openRack, test, untilDerived } from "./support/vemmick";

/** Most of the time goes into judging every card once; `npm run soak` does it with all of them. */
const CARDS = howMany(2000, 300);
/** The file is long enough that reading it can be stopped. */
const PARTS = 6000;
const NOW = new Date();
const store = makeBigStore({ cards: CARDS, parts: PARTS }, NOW);

/** The store as a file that another device wrote. */
function aFile(): string {
  const { travellers, stations, parts } = store;
  const { text, misfits } = writeVemmickFile({ ...NO_RECORDS, traveller: travellers, station: stations, part: parts }, NOW.toISOString());
  expect(misfits).toEqual([]);
  const path = join(tmpdir(), `vemmick-many-${process.pid}.vemmick.json`);
  writeFileSync(path, text);
  return path;
}

const choose = (page: Page, path: string) => page.getByLabel("Choose a file to take in").setInputFiles(path);
const stop = (page: Page) => page.getByRole("button", { name: "Stop" }).click();
/** How many cards lie in the store, without the program. */
const cardsKept = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const open = indexedDB.open("vemmick");
        open.onsuccess = () => {
          const count = open.result.transaction("travellers").objectStore("travellers").count();
          count.onsuccess = () => {
            open.result.close();
            resolve(count.result);
          };
        };
      }),
  );

test("very many cards: taken in, found, listed to the end, worked on and written out, and what takes long can be stopped", async ({
  page,
}) => {
  await openRack(page);
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  const before = await cardsKept(page);
  const path = aFile();
  await page.goto("/ledger");

  await test.step("stopped while it is read, and while it is written, nothing of it is there", async () => {
    await choose(page, path);
    await expect(page.getByRole("progressbar", { name: "Reading the file" })).toBeVisible();
    await stop(page);
    await expect(page.getByText("Stopped. Nothing of the file was taken in")).toBeVisible();
    await choose(page, path);
    await page.getByRole("button", { name: "Take it in" }).click();
    await expect(page.getByRole("progressbar", { name: "Taking it in" })).toBeVisible();
    await stop(page);
    await expect(page.getByText("Stopped. Nothing of the file was taken in")).toBeVisible();
    expect(await cardsKept(page)).toBe(before);
  });

  await test.step("taken in", async () => {
    await choose(page, path);
    await expect(page.getByText(`${CARDS} new, 0 changed, 0 left as they are`)).toBeVisible();
    await page.getByRole("button", { name: "Take it in" }).click();
    await expect(page.getByText(new RegExp(`^Taken in: ${CARDS} new`))).toBeVisible();
    expect(await cardsKept(page)).toBe(before + CARDS);
  });

  await test.step("the ledger is as long as there are visits, and its end is there", async () => {
    await page.goto("/ledger");
    await expect(page.getByRole("heading", { name: `Visits ${(before + CARDS).toLocaleString("en")}` })).toBeVisible();
    await expect(page.getByRole("listitem").first()).toHaveAttribute("aria-setsize", String(before + CARDS));
    await expect
      .poll(async () => {
        await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
        return page
          .locator(`li[aria-posinset="${before + CARDS}"]`)
          .textContent({ timeout: ceilingMs(125) })
          .catch(() => "");
      })
      .toMatch(/\w+ .*(Nursery|Bakery|Laundrette|Lido|House|Cinema|Dairy)/);
  });

  await test.step("the rack comes to rest", async () => {
    await openRack(page);
    await untilDerived(page);
  });

  await test.step("found by words of the place, by technician and by what was found", async () => {
    const find = page.getByRole("searchbox", { name: "Find" });
    await find.fill("tollg cine");
    const found = page.getByRole("region", { name: /On the rack/ }).getByRole("listitem");
    await expect(found.first()).toContainText("Tollgate Cinema");
    for (const card of await found.all()) await expect(card).toContainText("Tollgate Cinema");
    await page.goto("/ledger");
    await find.fill("lindqvist");
    await page.getByLabel("Stamp").selectOption("out");
    const visits = page.getByRole("listitem").filter({ has: page.getByRole("link") });
    await expect(visits.first()).toContainText("Sefa Lindqvist");
    const count = Number(await visits.first().getAttribute("aria-setsize"));
    expect(count).toBeGreaterThan(5);
    expect(count).toBeLessThan(CARDS / 2);
    await page.getByRole("button", { name: "Show all" }).click();
  });

  await test.step("a card with seven visits before it opens, and takes a note", async () => {
    await page.goto("/traveller?id=big-000000&station=complaint");
    await page.getByLabel("In the customer's own words").fill("hums since the storm");
    await openRack(page);
    await page.getByRole("searchbox", { name: "Find" }).fill("since storm hums");
    await expect(
      page
        .getByRole("region", { name: /On the rack/ })
        .getByRole("link")
        .first(),
    ).toHaveAttribute("href", /big-000000/);
  });

  await test.step("written out, all of it; a second one is stopped", async () => {
    await page.goto("/ledger");
    const button = page.getByRole("button", { name: "Export everything" });
    const [file] = await Promise.all([page.waitForEvent("download"), button.click()]);
    const written = JSON.parse(readFileSync(await file.path(), "utf8")) as { travellers: unknown[]; stations: unknown[] };
    expect(written.travellers).toHaveLength(before + CARDS);
    expect(written.stations.length).toBeGreaterThanOrEqual(store.stations.length);
    await button.click();
    await expect(page.getByRole("progressbar", { name: "Writing the file" })).toBeVisible();
    await stop(page);
    await expect(button).toBeVisible();
  });
});
