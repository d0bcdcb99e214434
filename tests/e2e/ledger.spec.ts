import { readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { NO_RECORDS, parseVemmickFile, writeVemmickFile } from "../../src/records";
import { demoRecords } from "../../src/records/demo";
import { townRecords } from "../support/town";
import { expect, test, untilDerived } from "./support/vemmick";

const NOW = new Date();
const town = townRecords(3, 7, NOW);

/** Three years of the town, taken in as a file of another device. */
async function takeTownIn(page: Page): Promise<void> {
  const { text, misfits } = writeVemmickFile({ ...NO_RECORDS, traveller: town.travellers, station: town.stations }, NOW.toISOString());
  expect(misfits).toEqual([]);
  const path = join(tmpdir(), `vemmick-town-${process.pid}.vemmick.json`);
  writeFileSync(path, text);
  await page.goto("/ledger");
  await page.getByLabel("Choose a file to take in").setInputFiles(path);
  await page.getByRole("button", { name: /^Take/ }).click();
  await expect(page.getByText(/taken in/i).first()).toBeVisible();
  await untilDerived(page);
}

const visits = (page: Page) => page.getByRole("heading", { name: /^Visits/ });
const count = async (page: Page): Promise<number> => Number(((await visits(page).textContent()) ?? "").replace(/\D/g, ""));

test("three years of the town: found, a motor's page, and what the house has learnt", async ({ page }) => {
  await takeTownIn(page);
  await test.step("three years of the town: found by what it was, by whom and how it ended, with counts; the address asks for the same again", async () => {
    await page.goto("/ledger");
    await page.getByRole("searchbox", { name: "Find" }).fill("brackwater");
    await page.getByLabel("Machine").selectOption("fan");
    await page.getByLabel("Technician").selectOption("Sefa Lindqvist");
    const option = page.getByLabel("Ended").locator("option[value='proved']");
    await expect(option).toHaveText(/^Signed off, proved · \d+$/);
    const promised = Number(((await option.textContent()) ?? "").replace(/.*· /, ""));
    await page.getByLabel("Ended").selectOption("proved");
    await expect(visits(page)).toHaveText(`Visits ${promised}`);
    expect(page.url()).toContain("find=brackwater");
    expect(page.url()).toContain("ended=proved");
    await page.reload();
    await expect(visits(page)).toHaveText(`Visits ${promised}`);
    await expect(page.getByLabel("Technician")).toHaveValue("Sefa Lindqvist");
    // What was found goes out as a file, without the names of customers.
    const out = page.getByRole("group", { name: "These visits as a file" });
    await out.getByLabel("Sites numbered, not named").check();
    await expect(out.getByText(/stay as they were written/)).toBeVisible();
    const [file] = await Promise.all([page.waitForEvent("download"), out.getByRole("button", { name: /^Export/ }).click()]);
    expect(file.suggestedFilename()).toMatch(/^found-\d{4}-\d\d-\d\d\.vemmick\.json$/);
    const written = parseVemmickFile(readFileSync(await file.path(), "utf8"));
    expect(written.ok && written.value.records.traveller.map(({ site }) => site)).toEqual(Array.from({ length: promised }, () => "Site 1"));
    await page.getByRole("button", { name: "Show all" }).click();
    await expect.poll(() => count(page)).toBeGreaterThan(50);
    // What came back is told by the card that says so.
    await page.getByLabel("Ended").selectOption("came-back");
    // The demo's own are among them.
    const all = [...town.travellers, ...demoRecords(NOW).travellers];
    const back = new Set(all.flatMap(({ callbackOf }) => callbackOf ?? [])).size;
    await expect(visits(page)).toHaveText(`Visits ${back}`);
    // An address that somebody changed by hand asks for nothing that is not there, and says so.
    await page.goto("/ledger?machine=submarine");
    await expect(page.getByText("No visit has all of that. Take a word or a choice away.")).toBeVisible();
    await page.getByRole("button", { name: "Show all" }).click();
    await expect.poll(() => count(page)).toBeGreaterThan(50);
  });
  await test.step("a motor's page: every figure over its visits with limits, parts out and in, money, what is due; a point opens its card", async () => {
    const renewed = town.stations.find(({ stationId }) => stationId === "out-in");
    await page.goto(`/traveller?id=${renewed?.travellerId ?? ""}`);
    await page.getByRole("button", { name: /name, site, export, print/ }).click();
    await page.getByRole("link", { name: "All visits of this motor" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(/visits since/);
    for (const name of ["Run capacitor", "Main winding", "Start winding", "Insulation", "Line amps", "Coast-down"])
      await expect(page.getByRole("region", { name, exact: true })).toBeVisible();
    await expect(page.getByRole("region", { name: "Main winding" })).toContainText("steady");
    const parts = page.getByRole("table", { name: /Parts out and in/ });
    await expect(parts.getByRole("row").nth(1)).toContainText(/Run capacitor.*scrap.*(Kelvane|Dosbrook)/i);
    await expect(page.getByText(/^Parts so far 9.60|Parts so far \d/)).toBeVisible();
    await page.getByRole("button", { name: "As a table" }).click();
    await expect(page.getByRole("table", { name: "Figures of every visit" })).toContainText("→");
    await page.getByRole("button", { name: "As lines" }).click();
    const point = page.getByRole("region", { name: "Run capacitor" }).getByRole("link", { name: /after the repair/ });
    await point.last().click();
    await expect(page).toHaveURL(/\/traveller\?id=town-/);
    // What is due goes into a calendar, as a file with entries of its own ids.
    await page.goto("/motor?card=demo-lido-fan-4");
    const due = page.getByRole("region", { name: "Due" });
    const [calendar] = await Promise.all([page.waitForEvent("download"), due.getByRole("button", { name: "Into my calendar" }).click()]);
    expect(readFileSync(await calendar.path(), "utf8")).toMatch(/UID:[a-z0-9-]+@vemmick[\s\S]*SUMMARY:Recheck capacitor: Pool-hall fan/);
    await page.goto("/motor?card=nobody-at-all");
    await expect(page.getByText("This visit is not on this device.")).toBeVisible();
    await page.goto("/motor");
    await expect(page.getByText(/No motor is named in this address/)).toBeVisible();
  });
  await test.step("what this house has learnt: counted with its interval, taken by a press, shown as taken, and taken back", async () => {
    await page.goto("/learnt");
    const byWork = page.getByRole("region", { name: "By work" });
    await expect(byWork).toContainText(/\d+ done, \d+ came back: \d+–\d+ % at 90 %/);
    await expect(page.getByRole("region", { name: "By maker of the part" })).toContainText("Kelvane");
    await expect(page.getByRole("region", { name: "What complaints turned out to be" })).toContainText(/Starts slowly → Run capacitor/);
    await expect(page.getByRole("region", { name: "Minutes really taken" })).toContainText(/\d+ min/);
    await expect(page.getByText(/of the demo/)).toHaveCount(0);
    const offers = page.getByRole("region", { name: "What would change in House rules" });
    const offer = offers.getByRole("listitem", { name: "Run capacitor replaced" });
    await expect(offer).toContainText(/2 → \d[\d.]* %/);
    await offer.getByRole("button", { name: "Take Run capacitor replaced" }).click();
    await expect(offer).toContainText("as learnt");
    await page.reload();
    await expect(offer).toContainText("as learnt");
    await page.goto("/house-rules?rule=returnsRunCapacitor");
    await expect(page.getByLabel(/Run capacitor replaced: comes back/)).not.toHaveValue("2");
    await page.goto("/learnt");
    await offer.getByRole("button", { name: /^Back to 2/ }).click();
    await expect(offer.getByRole("button", { name: "Take Run capacitor replaced" })).toBeVisible();
  });
});
