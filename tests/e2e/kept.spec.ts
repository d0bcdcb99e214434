import { bench, expect, goTo, keptAt, makeSafe, openDemo, openRack, startCard, strip, test } from "./support/vemmick";

test("a figure is kept within 300 ms of the key that completes it, and survives a reload in mid-entry", async ({ page }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
  await page.getByLabel("Meter shows", { exact: true }).pressSequentially("16.5");
  await page.waitForTimeout(300);
  expect(await keptAt(page, id, "capacitor")).toMatchObject({
    label: "17.5 µF ±6 % 440 V",
    readings: [{ text: "16.5", reading: { kind: "value", value: 16.5, unit: "uf", quantity: "capacitance" } }],
  });
  await page.reload();
  await expect(page.getByRole("heading", { name: "Capacitor", level: 1 })).toBeVisible();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("16.5");
  await expect(bench(page).getByText("Too close", { exact: true })).toBeVisible();
});

test("a half-keyed figure is still there after the tab was closed without a word", async ({ page, context }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByLabel("1 to 2").pressSequentially("4.7k");
  await page.getByLabel("2 to 3").pressSequentially("1.2.");
  await page.waitForTimeout(300);
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(`/traveller?id=${id}&station=windings`);
  await expect(again.getByLabel("1 to 2")).toHaveValue("4.7k");
  await expect(again.getByLabel("2 to 3")).toHaveValue("1.2.");
  await expect(bench(again).getByText("Type it with one, for example 1.23.")).toBeVisible();
});

test("two tabs on one card agree, also when both key at one station", async ({ page, context }) => {
  await openDemo(page, "bakery-proofer", "windings");
  const other = await context.newPage();
  await openDemo(other, "bakery-proofer", "windings");
  await page.getByLabel("white to black").fill("12.4");
  await expect(other.getByLabel("white to black")).toHaveValue("12.4");
  await expect(strip(other).getByRole("button", { name: /^Windings/ })).toContainText("Not sure");
  await page.getByLabel("white to black").fill("22.5");
  await expect(strip(other).getByRole("button", { name: /^Windings/ })).toContainText("Holds");
  await Promise.all([page.getByLabel("Test leads together").fill("0.3"), other.getByLabel("Note").fill("from the other tab")]);
  await expect(page.getByLabel("Note")).toHaveValue("from the other tab");
  await expect(other.getByLabel("Test leads together")).toHaveValue("0.3");
  await page.reload();
  await expect(page.getByLabel("Note")).toHaveValue("from the other tab");
  await expect(page.getByLabel("Test leads together")).toHaveValue("0.3");
});

test("the interrupted visit opens where it stood", async ({ page }) => {
  await openRack(page);
  await page.getByRole("link", { name: /Heat-recovery ventilator/ }).click();
  await expect(page.getByRole("heading", { name: "Windings", level: 1 })).toBeVisible();
  await expect(bench(page).getByText(/^Probe brown to \w+ next\. 4 of 10 pairs measured\.$/)).toBeVisible();
});

test("a card that is not on this device is told in words", async ({ page }) => {
  for (const id of ["no-such-card", "<script>", ""]) {
    await page.goto(`/traveller?id=${encodeURIComponent(id)}`);
    await expect(page.getByRole("heading", { name: "This card is not on this device" })).toBeVisible();
  }
});

test("storage that is refused is told in plain words, with the export beside it", async ({ page }) => {
  await page.addInitScript(() => {
    const add = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...parts: Parameters<typeof add>) {
      if ((window as { isFull?: boolean }).isFull) throw new DOMException("no room", "QuotaExceededError");
      return add.apply(this, parts);
    };
  });
  await openDemo(page, "bakery-proofer", "windings");
  await page.evaluate(() => Object.assign(window, { isFull: true }));
  await page.getByLabel("white to black").fill("23.4");
  await expect(page.getByRole("alert").filter({ hasText: "The device is full" })).toBeVisible();
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");
  await expect(page.getByRole("button", { name: "Export everything" })).toBeVisible();
  await page.evaluate(() => Object.assign(window, { isFull: false }));
  await page.getByLabel("white to black").fill("23.5");
  await expect(page.getByText("The device is full")).toHaveCount(0);
});

test("a browser without storage says so instead of an empty rack", async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, "indexedDB", { value: undefined }));
  await page.goto("/");
  await expect(page.getByRole("alert").filter({ hasText: "This browser does not let Vemmick keep data here" })).toBeVisible();
});
