import { bench, expect, openDemo, openRack, startCard, test, reloadKept, untilKept } from "./support/vemmick";

test("demo data is cleared and brought back; own cards are not touched", async ({ page }) => {
  await startCard(page, "squeals since monday");
  await page.goto("/house-rules");
  await page.getByRole("button", { name: "Clear demo data" }).click();
  await expect(page.getByText("Demo data cleared.")).toBeVisible();
  await openRack(page);
  await expect(page.getByRole("region", { name: /On the rack/ }).getByRole("listitem")).toHaveCount(1);
  await reloadKept(page);
  await expect(page.getByRole("region", { name: /On the rack/ }).getByRole("listitem")).toHaveCount(1);
  await page.goto("/house-rules");
  await page.getByRole("button", { name: "Bring demo data back" }).click();
  await expect(page.getByText("Demo data is back.")).toBeVisible();
  await openRack(page);
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /Machine not named yet.*Squeals/ })).toBeVisible();
});

test("a house rule changes the verdict and says that it did; nonsense is refused", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 µF 440 V");
  await expect(bench(page).getByText("No tolerance on the label: the house rule sets the limits.")).toBeVisible();
  await page.goto("/house-rules");
  const low = page.getByLabel("Run capacitor without tolerance on the label: low limit");
  await low.fill("banana");
  await expect(page.getByText("“banana” cannot be used. Type a number from −50 to 0 %, or leave it empty for −6.")).toBeVisible();
  await low.fill("-10");
  await expect(page.getByText(/^House figure, set by .*; default −6/)).toBeVisible();
  await openDemo(page, "bakery-proofer", "capacitor");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
  await page.goto("/house-rules");
  await low.fill("");
  await expect(page.getByText(/^House figure, set by .*; default −6/)).toHaveCount(0);
});

test("a better meter makes the same reading sure, from then on", async ({ page }) => {
  await page.goto("/house-rules");
  const sheet = page.getByLabel(/^Capacitance: each range/);
  await sheet.fill("100 about 1%");
  await expect(page.getByText("“100 about 1%” cannot be read. Type each range as")).toBeVisible();
  await sheet.fill("100: 0.1% + 1 x 0.01");
  await page.getByLabel("Technician").fill("Sefa Lindqvist");
  await expect(page.getByRole("button", { name: "Back to the usual meter" })).toBeVisible();
  await openDemo(page, "bakery-proofer", "capacitor");
  // The reading of the old meter keeps the old meter's uncertainty.
  await expect(bench(page).getByText("Too close", { exact: true })).toBeVisible();
  await page.getByLabel("Meter shows", { exact: true }).fill("16.55");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
});

test("a row of the meter and its name, changed in two tabs, are both kept", async ({ page, context }) => {
  const other = await context.newPage();
  await Promise.all([page.goto("/house-rules"), other.goto("/house-rules")]);
  await expect(other.getByLabel(/^Resistance: each range/)).toBeVisible();
  await page.getByLabel("Name of the meter").fill("Bench meter");
  await other.getByLabel(/^Resistance: each range/).fill("600: 0.5% + 2 x 0.1");
  await expect(page.getByLabel(/^Resistance: each range/)).toHaveValue("600: 0.5% + 2 x 0.1");
  await expect(other.getByLabel("Name of the meter")).toHaveValue("Bench meter");
  await page.getByLabel(/^Current: each range/).fill("10: 1% + 3 x 0.01");
  await untilKept(page);
  await page.reload();
  await expect(page.getByLabel("Name of the meter")).toHaveValue("Bench meter");
  await expect(page.getByLabel(/^Resistance: each range/)).toHaveValue("600: 0.5% + 2 x 0.1");
  await expect(page.getByLabel(/^Current: each range/)).toHaveValue("10: 1% + 3 x 0.01");
});

test("House rules say how full the device is and whether what is kept stays, and can ask for it", async ({ page }) => {
  await page.goto("/house-rules");
  const device = page.getByRole("region", { name: "Data on this device" });
  await expect(device.getByText(/ of .* used/)).toBeVisible();
  await expect(device.getByText(/The browser (keeps it|may clear it)/)).toBeVisible();
  const ask = device.getByRole("button", { name: "Ask to keep it" });
  if (await ask.count()) {
    await ask.click();
    await expect(device.getByText(/The browser (keeps it|said no for now)/)).toBeVisible();
  }
});

test("the browser's offer to install waits for the button; without one, what to press is said", async ({ page }) => {
  await page.goto("/house-rules");
  const device = page.getByRole("region", { name: "Install on this device" });
  await expect(device.getByText(/look for Install/)).toBeVisible();
  await expect(device.getByText(/This version was built on .*, (today|yesterday)/)).toBeVisible();
  await page.evaluate(() => {
    const offer = Object.assign(new Event("beforeinstallprompt", { cancelable: true }), {
      prompt: () => {
        document.title = "asked";
        return Promise.resolve({ outcome: "accepted" });
      },
    });
    window.dispatchEvent(offer);
  });
  await device.getByRole("button", { name: "Install on this device" }).click();
  await expect(page).toHaveTitle("asked");
  await page.evaluate(() => window.dispatchEvent(new Event("appinstalled")));
  await expect(device.getByText("It is installed here")).toBeVisible();
});

test("a figure's house rule is two presses away, and comes back to the figure", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("35 µF");
  await page.getByLabel("Meter shows", { exact: true }).fill("32.0");
  await expect(bench(page).getByText("Out", { exact: true }).first()).toBeVisible();
  await untilKept(page);
  await page.getByRole("button", { name: "Working" }).click();
  await page
    .getByRole("region", { name: "House rules behind it" })
    .getByRole("link", { name: /^Run capacitor without tolerance on the label: low limit/ })
    .click();
  const rule = page.getByLabel("Run capacitor without tolerance on the label: low limit");
  await expect(rule).toBeFocused();
  await expect(rule).toBeInViewport();
  await rule.fill("-15");
  await untilKept(page);
  await page.getByRole("link", { name: "Back to where you were" }).click();
  await expect(page).toHaveURL(/\/bench\?station=capacitor/);
  await expect(bench(page).getByText("Holds", { exact: true }).first()).toBeVisible();
});

test("the way back leads to the program's own pages only", async ({ page }) => {
  for (const from of ["https://example.test/", "//example.test", "/\\example.test", "javascript:alert(1)"]) {
    await page.goto(`/house-rules?${new URLSearchParams({ rule: "nearZeroOhm", from }).toString()}`);
    await expect(page.getByLabel("Near zero: at or below")).toBeFocused();
    await expect(page.getByRole("link", { name: "Back to where you were" })).toHaveCount(0);
  }
});
