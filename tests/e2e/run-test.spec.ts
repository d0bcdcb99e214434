import type { Page } from "@playwright/test";
import { bench, caseOf, expect, goTo, keptAt, openDemo, startCard, test, reloadKept } from "./support/vemmick";

interface Plate {
  readonly volts?: string;
  readonly hertz?: string;
  readonly power?: string;
  readonly amps?: string;
  readonly rpm?: string;
  readonly capacitor?: string;
}
const FIELDS = {
  volts: "Volts",
  hertz: "Hertz",
  power: "Power",
  amps: "Full-load amps",
  rpm: "Speed",
  capacitor: "Capacitor asked for",
} as const;

/** A card of a PSC fan with this on its plate, at the run test. */
async function fanAt(page: Page, plate: Plate): Promise<string> {
  const id = await startCard(page, "weak and hot");
  await goTo(page, "Plate");
  await page.getByLabel("PSC", { exact: true }).check();
  await page.getByLabel("Fan", { exact: true }).check();
  for (const [field, text] of Object.entries(plate)) await page.getByLabel(FIELDS[field as keyof Plate], { exact: true }).fill(text);
  await goTo(page, "Run test");
  return id;
}
const FAN: Plate = { volts: "230", hertz: "50", amps: "1.9", rpm: "1380", capacitor: "12.5 µF 450 V" };
const bars = (page: Page) => page.getByRole("img", { name: /^Run figures/ });
const field = (page: Page, name: string) => page.getByRole("textbox", { name, exact: true });
const explained = (page: Page) => page.getByRole("region", { name: "What would make these figures" }).getByRole("listitem");

test("a wrong capacitor is seen from the run figures alone, and wrong input loses nothing", async ({ page }) => {
  const id = await fanAt(page, FAN);
  await expect(bench(page).getByText("what a sound motor of this plate would show")).toBeVisible();
  await expect(bars(page)).toHaveAttribute("aria-label", /Line amps not measured, 1\.\d+–[12](\.\d)?\sA expected/);
  await page.getByLabel("Starts by itself").check();
  await field(page, "Line amps").fill("quick");
  await expect(bench(page).getByText("“quick” is not a figure. Type it as shown, for example 2.4 or 880mA.")).toBeVisible();
  await field(page, "Line amps").fill("2.6");
  await field(page, "Start-winding amps").fill("2.5");
  await field(page, "Capacitor volts").fill("402");
  await field(page, "Supply volts").fill("231");
  await expect(
    bench(page).getByText(/Explains it best: run capacitor near 150\s% too large|Explains it best: run capacitor near 150\s%: too large/),
  ).toBeVisible();
  await expect(explained(page).first()).toContainText(/Fits.*Run capacitor near 150\s%.*expected: .*A line/);
  await expect(bars(page)).toHaveAttribute("aria-label", /Line amps 2\.6\sA, 137\s% of the plate/);
  await expect(caseOf(page).getByText("Run capacitor").first()).toBeVisible();
  await reloadKept(page);
  await expect(field(page, "Start-winding amps")).toHaveValue("2.5");
  await expect(explained(page).first()).toContainText("Run capacitor");
  expect(await keptAt(page, id, "run-test")).toMatchObject({ behaviour: "starts", capacitorVolts: { text: "402" } });
});

test("a motor that hums is told as one, with the caution at the step", async ({ page }) => {
  await fanAt(page, FAN);
  await expect(bench(page).getByText("switch off after 2 to 3 seconds")).toBeVisible();
  await page.getByLabel("Hums, does not start").check();
  await field(page, "Line amps").fill("5.2");
  await field(page, "Start-winding amps").fill("0");
  await expect(bench(page).getByText("It hums and does not start.")).toBeVisible();
  await expect(explained(page).first()).toContainText(/Start winding or its lead open|Run capacitor open/);
  await expect(page.getByRole("status").getByText("Out", { exact: true })).toBeVisible();
});

test("with nothing on the plate it says so; with little, which entry helps most", async ({ page }) => {
  await fanAt(page, {});
  await field(page, "Line amps").fill("1.9");
  await expect(bench(page).getByText("Too little is known of this motor to say what it should draw.")).toBeVisible();
  await goTo(page, "Plate");
  await page.getByLabel("Capacitor asked for").fill("12.5 µF");
  await goTo(page, "Run test");
  await expect(
    bench(page).getByText(/The ranges are wide because much is unknown; the plate's \w+ would narrow them most\./),
  ).toBeVisible();
  await expect(bars(page)).toHaveAttribute("aria-label", /Line amps 1\.9\sA, .*expected/);
});

test("an impossible plate is told in words, and the other stations go on", async ({ page }) => {
  await fanAt(page, { ...FAN, power: "1 hp" });
  await field(page, "Line amps").fill("1.9");
  await expect(bench(page).getByText(/The plate's 1\.9 A cannot bring 746 W to the shaft: that takes 3\.6 A at least\./)).toBeVisible();
  await expect(bench(page).getByText(/NaN|undefined/)).toHaveCount(0);
  await page.getByRole("tab", { name: "What-if" }).click();
  await expect(bench(page).getByText(/cannot bring 746 W/)).toBeVisible();
  await goTo(page, "Complaint");
  await page.getByLabel("Squeals").check();
  await goTo(page, "Decide");
  await expect(page.getByRole("button", { name: "Accept with this reason" })).toBeVisible();
  await goTo(page, "Plate");
  await page.getByLabel("Power", { exact: true }).fill("0.25 kW");
  await goTo(page, "Run test");
  await expect(bench(page).getByText(/cannot bring/)).toHaveCount(0);
  await expect(bars(page)).toHaveAttribute("aria-label", /expected/);
});

test("What-if by keyboard: the figures follow the slider, a fault is put in words, the table has the same figures", async ({ page }) => {
  await openDemo(page, "laundrette-exhaust", "run-test");
  await page.getByRole("tab", { name: "What-if" }).click();
  const figures = page.getByLabel(/^Figures: /);
  await expect(figures).toContainText(/Line\s*1\.9/);
  await expect(
    page.getByRole("img", { name: /^Torque.*As proposed, 12\.5\sµF 1\.\d+ N m at 13\d\d rpm; As found, 20\.1\sµF/ }),
  ).toBeVisible();
  const noticed = page.getByRole("region", { name: "What the customer would notice" });
  await expect(noticed).toContainText("Nobody would notice a difference.");
  await expect(noticed).toContainText(/more heat: a warmer shell/);
  const slider = page.getByRole("slider", { name: "Capacitance" });
  await slider.focus();
  for (let step = 0; step < 5; step += 1) await page.keyboard.press("PageDown");
  await expect(slider).toHaveAttribute("aria-valuetext", "7.5 µF");
  await expect(figures).toHaveAttribute("aria-label", /7\.5\sµF/);
  await expect(figures).not.toContainText(/Line\s*1\.9\s/);
  await expect(noticed).toContainText(/rpm slower/);
  await page.keyboard.press("Home");
  await expect(figures).toContainText("only once it turns");
  await expect(noticed).toContainText(/It hums and stands/);
  await page.getByRole("button", { name: "Back to the plate" }).click();
  await page.getByLabel("With a fault").selectOption({ label: "Tight bearings: 50\u00a0% of the rated torque lost" });
  await expect(noticed.locator("div").filter({ hasText: "Tight bearings" }).last()).toContainText(/rpm slower/);
  await expect(page.getByRole("img", { name: /^Start over time: About/ })).toBeVisible();
  await page.getByLabel("Table", { exact: true }).check();
  const row = page.getByRole("row", { name: /^Line amps/ });
  await expect(row.getByRole("cell").first()).toHaveText(/1\.9/);
  await expect(page.getByRole("columnheader", { name: /Tight bearings/ }).first()).toBeVisible();
});

test("the capacitor's own station says what its value does to this motor", async ({ page }) => {
  await openDemo(page, "nursery-fan-weak", "capacitor");
  const told = page.getByRole("region", { name: "What this value does" });
  await expect(told).toContainText(/In this motor: line .* instead of .*, start winding .* instead of/);
  await expect(told).toContainText(/rpm slower/);
});

test.describe("on the phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test("a run is keyed with the pad, and What-if is worked with a thumb", async ({ page }) => {
    await openDemo(page, "bakery-proofer", "power-back");
    await expect(bench(page).getByRole("checkbox").first()).toBeVisible();
    for (const step of await bench(page).getByRole("checkbox").all()) await step.tap();
    await page.getByRole("button", { name: "Power is back on" }).tap();
    await page.goto("/traveller?id=demo-bakery-proofer&station=run-test");
    await page.getByText("Starts by itself").tap();
    const pad = page.getByRole("group", { name: "Key pad" });
    await field(page, "Line amps").tap();
    for (const key of ["2", ".", "3"]) await pad.getByRole("button", { name: key, exact: true }).tap();
    await page.getByRole("button", { name: "Next", exact: true }).tap();
    await expect(field(page, "Start-winding amps")).toBeFocused();
    await expect(field(page, "Line amps")).toHaveValue("2.3");
    await expect(bars(page)).toHaveAttribute("aria-label", /Line amps 2\.3\sA, 96\s% of the plate/);
    await page.getByRole("tab", { name: "What-if" }).tap();
    const thumb = page.getByRole("slider", { name: "Supply volts" });
    const box = await thumb.boundingBox();
    if (!box) throw new Error("the slider has no place");
    const before = await thumb.getAttribute("aria-valuetext");
    await page.touchscreen.tap(box.x - 60, box.y + box.height / 2);
    await expect(thumb).not.toHaveAttribute("aria-valuetext", before ?? "");
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
    await page.getByText("Table", { exact: true }).tap();
    await expect(page.getByRole("row", { name: /^Speed/ })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  });
});
