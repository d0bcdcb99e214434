import type { Page } from "@playwright/test";
import { expect, goTo, startCard, strip, test, untilDrawn, untilKept } from "./support/vemmick";

const WORD = "Überlandleitungsmast".repeat(10).slice(0, 199);

/** How far the page reaches beyond its window [px]. */
const overhang = (page: Page): Promise<number> => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test("words without a gap never widen a page, on a phone or a desk", async ({ page }) => {
  const id = await startCard(page, WORD);
  await page.getByRole("button", { name: /name, site, export, print/ }).click();
  const sheet = page.getByRole("dialog");
  for (const label of ["Machine", "Site", "Technician"]) await sheet.getByLabel(label, { exact: true }).fill(WORD);
  await untilKept(page);
  await page.keyboard.press("Escape");
  await goTo(page, "Plate");
  for (const label of ["Volts", "Hertz", "Full-load amps", "Speed", "Capacitor asked for"]) await page.getByLabel(label).fill(WORD);
  await goTo(page, "Decide");
  await page.getByLabel(/Reason/).fill(WORD);
  await untilKept(page);
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill(WORD);
  await untilKept(page);
  await page.goto("/house-rules");
  await page.getByLabel("Technician").fill(WORD.slice(0, 120));
  await page.getByLabel("Name of the meter").fill(WORD.slice(0, 80));
  await untilKept(page);

  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 });
    for (const path of [
      "/",
      "/bench?station=capacitor",
      "/shelf",
      "/ledger",
      "/house-rules",
      `/print?id=${id}`,
      `/print?id=${id}&view=customer`,
    ]) {
      await page.goto(path);
      await untilDrawn(page);
      expect(await overhang(page), `${path} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
  await page.setViewportSize({ width: 1280, height: 844 });
  await page.goto(`/traveller?id=${id}&station=complaint`);
  for (const stop of await strip(page).getByRole("button").all()) {
    await stop.click();
    await untilDrawn(page);
    expect(await overhang(page), `${await stop.innerText()} at 1280`).toBeLessThanOrEqual(0);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  for (const station of ["complaint", "plate", "capacitor", "windings", "decide", "prove"]) {
    await page.goto(`/traveller?id=${id}&station=${station}`);
    await untilDrawn(page);
    expect(await overhang(page), `${station} at 390`).toBeLessThanOrEqual(0);
  }
});
