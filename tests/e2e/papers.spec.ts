import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { readPdf, type ReadPdf } from "./support/pdf";
import { bench, expect, goTo, makeSafe, startCard, test, untilKept } from "./support/vemmick";

/** Saves what is on the page as PDF and reads it with another program. */
async function savedPdf(page: Page): Promise<ReadPdf & { readonly name: string }> {
  const button = page.getByRole("button", { name: "Save as PDF" });
  const [saved] = await Promise.all([page.waitForEvent("download"), button.click()]);
  return { name: saved.suggestedFilename(), ...(await readPdf(saved)) };
}
/** Lines may break elsewhere: the words count. */
const flat = (text: string): string => text.replace(/\s+/g, " ");

test("a visit as PDF says what the page says, with sketch, curves, pairs and signs of the trade, on A4 and Letter", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-weak");
  await expect(bench(page).getByText("Line current, A, over rpm")).toBeVisible();
  await page.getByRole("radio", { name: "A4" }).check();
  const a4 = await savedPdf(page);
  expect(a4.name).toMatch(/^Brackwater-Nursery_Circulation-fan-bay-3_\d{4}-\d\d-\d\d\.pdf$/);
  expect(a4.title).toBe("Circulation fan, bay 3");
  expect(a4.size.map(Math.round)).toEqual([595, 842]);
  const said = flat(a4.text).normalize("NFKC");
  for (const words of [
    "8.91 µF, 71.3 % of rated",
    "Common is C, run is R",
    "Ω",
    "before after",
    "Line-up",
    "Working",
    "signed off",
    "Torque, and what the load asks",
  ])
    expect(said).toContain(words.normalize("NFKC"));
  // Every sentence of the page is in the file, whatever is added to the page.
  const sentences = await bench(page).locator("p").allInnerTexts();
  const squeezed = said.replace(/\s/g, "");
  const missing = sentences.filter((sentence) => !squeezed.includes(sentence.normalize("NFKC").replace(/\s/g, "")));
  expect(missing).toEqual([]);
  await page.getByRole("radio", { name: "Letter" }).check();
  const letter = await savedPdf(page);
  expect(letter.size.map(Math.round)).toEqual([612, 792]);
});

test("photos go along, and names in Greek letters are set as they were written; in the dark theme paper stays light", async ({ page }) => {
  await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByText("Board: 3 posts").click();
  const photo = await page.screenshot();
  await page.getByLabel("Photo under the sketch").setInputFiles({ name: "board.png", mimeType: "image/png", buffer: photo });
  await expect(page.getByRole("button", { name: "Take the photo away" })).toBeVisible();
  await page.getByRole("button", { name: /name, site, export, print/ }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Machine").fill("Ανεμιστήρας φ ≥ 2");
  await sheet.getByLabel("Site").fill("Насосная Ω");
  await untilKept(page);
  const id = new URL(page.url()).searchParams.get("id") ?? "";
  await page.evaluate(() => localStorage.setItem("vemmick-theme", "low-light"));
  await page.goto(`/print?id=${id}`);
  await expect(bench(page).getByRole("heading", { name: "Photos" })).toBeVisible();
  const pdf = await savedPdf(page);
  expect(pdf.name).toMatch(/^Насосная-Ω_Ανεμιστήρας-φ-2_/);
  expect(flat(pdf.text)).toContain("Ανεμιστήρας φ ≥ 2");
  expect(flat(pdf.text)).toContain("Насосная Ω");
  expect(pdf.pictures).toBeGreaterThanOrEqual(1);
});

test("the customer's page, labels of both sheets, and a month's list", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-weak&view=customer");
  await expect(bench(page).getByRole("heading", { name: "What it is now" })).toBeVisible();
  const report = await savedPdf(page);
  expect(report.name).toMatch(/_customer\.pdf$/);
  expect(flat(report.text)).toContain("What we did");
  expect(flat(report.text)).not.toContain("times in 10");
  await page.goto("/print?id=demo-laundrette-exhaust&view=customer");
  await expect(bench(page).getByRole("heading", { name: "What can be done" })).toBeVisible();
  expect(flat((await savedPdf(page)).text)).toContain("times in 10");

  await page.goto("/print?id=demo-nursery-fan-bearing&view=label");
  await expect(page.getByRole("article").first()).toBeVisible();
  const labels = await page.getByRole("article").count();
  const roll = await savedPdf(page);
  expect(roll.pages).toHaveLength(labels);
  expect(roll.size.map(Math.round)).toEqual([176, 82]);
  const code = ((await page.getByRole("article").first().getAttribute("aria-label")) ?? "").replace("Label ", "");
  for (const said of roll.pages) expect(flat(said)).toContain(code);
  await page.getByRole("radio", { name: "A4 sheet" }).check();
  expect((await savedPdf(page)).pages).toHaveLength(1);

  await page.goto("/ledger");
  await page.getByRole("link", { name: "List of the month" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Visits of \w+ \d{4}$/);
  await page.getByRole("link", { name: "Month before" }).click();
  await expect(page).toHaveURL(/month=\d{4}-\d\d/);
  await page.getByRole("link", { name: "Month after" }).click();
  const isEmpty = bench(page).getByText("No visit in this month.");
  await expect(bench(page).getByRole("row").nth(1).or(isEmpty)).toBeVisible();
  // On the first days of a month most of the demo's visits are of the one before.
  if ((await bench(page).getByRole("row").count()) < 3) {
    const address = page.url();
    await page.getByRole("link", { name: "Month before" }).click();
    await expect(page).not.toHaveURL(address);
    await expect(bench(page).getByRole("row").nth(2)).toBeVisible();
  }
  const rows = await bench(page).getByRole("row").count();
  const month = await savedPdf(page);
  expect(month.name).toMatch(/^Visits_\d{4}-\d\d\.pdf$/);
  for (const row of await bench(page).getByRole("row").all())
    expect(month.text.replace(/\s/g, "")).toContain(
      ((await row.getByRole("cell").nth(1).or(row.getByRole("columnheader").nth(1)).textContent()) ?? "").replace(/\s/g, ""),
    );
  expect(rows).toBeGreaterThan(2);
  // Made on a phone it is the same, and the page itself is no wider than the phone.
  await page.setViewportSize({ width: 390, height: 844 });
  expect(flat((await savedPdf(page)).text)).toBe(flat(month.text));
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});

test("parts of what was found go out as CSV", async ({ page }) => {
  await page.goto("/ledger");
  await page.getByRole("searchbox", { name: "Find" }).fill("nursery");
  const out = page.getByRole("group", { name: "These visits as a file" });
  const [file] = await Promise.all([page.waitForEvent("download"), out.getByRole("button", { name: "Parts as CSV" }).click()]);
  expect(file.suggestedFilename()).toMatch(/^found-parts-.*\.csv$/);
  expect(readFileSync(await file.path(), "utf8")).toMatch(
    /^visit,visited_at,site,machine,technician,work,part_out,fate,part_in,source,price\r\n/,
  );
});
