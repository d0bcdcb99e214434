import { STATION_IDS } from "../../src/core/stations/ids";
import type { Page } from "@playwright/test";
import { ceilingMs } from "../../scripts/lib/pace.mjs";
import { bench, expect, goTo, keptAt, makeSafe, openDemo, openRack, startCard, strip, test, reloadKept } from "./support/vemmick";

/** The bench by its two keys, from wherever the page stands. */
async function openBench(page: Page): Promise<void> {
  // Letters work once the house rules are read: a moment after the page.
  await expect(async () => {
    // The open line may take the caret when the page comes alive: letters are keys only outside fields.
    await page.keyboard.press("Escape");
    await page.keyboard.press("b");
    await page.keyboard.press("c");
    await expect(page.getByRole("heading", { name: "Capacitor", level: 1 })).toBeVisible({ timeout: ceilingMs(1000) });
  }).toPass();
}
const meter = (page: Page) => page.getByLabel("Meter shows", { exact: true });
const ruler = (page: Page, name: string) => page.getByRole("img", { name: new RegExp(`^${name}: allowed`) });
const method = (page: Page, name: string) => page.getByRole("tab", { name: new RegExp(`${name}$`) });

test("a quick check from a cold start: two keys, label, reading, stamp", async ({ page }) => {
  await openRack(page);
  await page.keyboard.press("Escape");
  await openBench(page);
  await expect(page.getByLabel("Label, as printed")).toBeFocused();
  await page.keyboard.type("35 uF 6% 440");
  await page.keyboard.press("Enter");
  await expect(meter(page)).toBeFocused();
  await page.keyboard.type("31.2");
  await expect(bench(page).getByText("It reads 1.7 µF below the low limit")).toBeVisible();
  await expect(bench(page).getByText("Out", { exact: true })).toBeVisible();
  await reloadKept(page);
  await expect(meter(page)).toHaveValue("31.2");
});

test("the bench opens by its keys from a card too; the letters of the card do not take the second key", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "frame");
  await openBench(page);
  expect(new URL(page.url()).pathname).toBe("/bench");
});

test("a dual: two rulers, a verdict a section, and which terminals come next", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("C 40 HERM 5 FAN µF ±6% 440V");
  await expect(bench(page).getByText("Meter on C and HERM first.")).toBeVisible();
  await page.getByLabel("Meter shows, C to HERM").fill("39.2");
  await expect(bench(page).getByText("Next: the meter on C and FAN.")).toBeVisible();
  await page.getByLabel("Meter shows, C to FAN").fill("3.1");
  await expect(ruler(page, "HERM")).toHaveAccessibleName(/meter 39.2\sµF/);
  await expect(ruler(page, "FAN")).toHaveAccessibleName(/meter 3.1\sµF/);
  await expect(bench(page).getByText("FAN: It reads 1.6 µF below the low limit")).toBeVisible();
  await expect(bench(page).getByText("HERM: It reads 1.6 µF inside the low limit")).toBeVisible();
  await page.getByLabel("Meter shows, C to HERM").fill("5.02");
  await page.getByLabel("Meter shows, C to FAN").fill("39.8");
  await expect(bench(page).getByText("Each reading fits the other section")).toBeVisible();
});

test("three methods that disagree leave their pointers on one ruler, and the running figure counts", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
  await meter(page).fill("17.4");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
  await method(page, "Running").click();
  // A live test is never a continuation of a dead one.
  await expect(page.getByLabel("Amps in its lead")).toHaveCount(0);
  await page.getByRole("button", { name: "Power is on, go to the live test" }).click();
  await page.getByLabel("Amps in its lead").fill("1.62");
  await page.getByLabel("Volts across it").fill("338");
  await expect(bench(page).getByText("The sum needs the hertz of the supply")).toBeVisible();
  await page.getByText("60 Hz", { exact: true }).click();
  await expect(bench(page).getByText("The methods disagree: 17.4 µF cold by the meter, 12.71 µF while running")).toBeVisible();
  await expect(bench(page).getByText("Out", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Working" }).click();
  await expect(page.getByRole("dialog").getByText("2652.6 × A / V")).toBeVisible();
  await page.keyboard.press("Escape");
  await method(page, "Ohmmeter swing").click();
  await page.getByLabel("Dips, climbs to OL").check();
  await page.getByLabel("Climb to OL took (optional)").fill("0.6");
  await expect(bench(page).getByText("an order of magnitude only")).toBeVisible();
  await expect(ruler(page, "Capacitor")).toHaveAccessibleName(/meter 17.4\sµF; running 12.71\sµF; swing about 15\sµF/);
  // Back at the meter, the live test has to be opened anew.
  await method(page, "Running").click();
  await expect(page.getByRole("button", { name: "Power is on, go to the live test" })).toBeVisible();
});

test("on a card the running method waits for power, the meter for its absence", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "capacitor");
  await expect(page.getByRole("complementary", { name: "Case" }).getByRole("heading", { name: "Supply voltage" })).toBeVisible();
  await method(page, "Running").click();
  await expect(bench(page).getByText("This is done with power on.")).toBeVisible();
  await expect(page.getByLabel("Amps in its lead")).toBeDisabled();
  // What was measured may be read at any time.
  await page.getByRole("button", { name: "Working" }).press("Enter");
  await expect(page.getByRole("dialog", { name: "Working" })).toBeVisible();
  await page.keyboard.press("Escape");
  await bench(page).getByRole("button", { name: "Power back on first" }).click();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  await expect(bench(page).getByRole("checkbox").first()).toBeVisible();
  for (const step of await bench(page).getByRole("checkbox").all()) await step.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await goTo(page, "Capacitor");
  await expect(bench(page).getByText("This is done with the circuit dead.")).toBeVisible();
  await method(page, "Running").click();
  await page.getByLabel("Amps in its lead").fill("2.30");
  await page.getByLabel("Volts across it").fill("352");
  // Both see one value; two clamps' worth of doubt still leaves it too close, and nothing more is proposed here.
  await expect(bench(page).getByText("Both methods agree")).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Too close");
  await expect(page.getByRole("complementary", { name: "Case" }).getByText("Capacitor while running")).toHaveCount(0);
});

test("readings that went wrong are told with what to type or do, and stay", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
  await meter(page).fill("17350");
  await expect(bench(page).getByRole("group", { name: "Not sure of a figure" })).toBeVisible();
  await expect(bench(page).getByRole("status").getByText("Not sure of this figure", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: /^17\.35\sµF is meant$/ }).click();
  await expect(meter(page)).toHaveValue("17350n");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
  await meter(page).fill("-17");
  await expect(bench(page).getByText(/cannot be negative|negative/)).toBeVisible();
  await expect(meter(page)).toHaveValue("-17");
  await meter(page).fill("OL");
  await expect(bench(page).getByText("beyond this meter's range, or shorted? Nothing is concluded until you say which.")).toBeVisible();
  await page.getByLabel("Beyond this meter's range").check();
  await expect(bench(page).getByText("Larger than this meter can measure")).toBeVisible();
  await page.getByLabel("Shorted: near zero on ohms").check();
  await expect(bench(page).getByText("Out", { exact: true })).toBeVisible();
  await meter(page).fill("17.4");
  const answer = async (question: string, word: string) =>
    page.getByRole("group", { name: question }).getByText(word, { exact: true }).click();
  await answer("The figure settled", "No");
  await expect(bench(page).getByText("A figure that does not come to rest is no reading")).toBeVisible();
  await answer("The figure settled", "Yes");
  await answer("Disconnected on at least one side", "No");
  await expect(bench(page).getByText("Another path lies across the part")).toBeVisible();
  await expect(ruler(page, "Capacitor")).toHaveAccessibleName(/meter, in doubt,? 17.4\sµF/);
  await answer("Disconnected on at least one side", "Yes");
  await method(page, "Running").click();
  await page.getByRole("button", { name: "Power is on, go to the live test" }).click();
  await page.getByText("50 Hz", { exact: true }).click();
  await page.getByLabel("Amps in its lead").fill("338");
  await page.getByLabel("Volts across it").fill("1.9");
  await expect(bench(page).getByText("this looks like volts")).toBeVisible();
  await expect(bench(page).getByText("this looks like amps")).toBeVisible();
  await page.getByLabel("Amps in its lead").fill("1.9");
  await page.getByLabel("Volts across it").fill("0");
  await expect(bench(page).getByText("0 V across the capacitor")).toBeVisible();
  await page.getByLabel("Volts across it").fill("465");
  await expect(bench(page).getByText("It bears 465 V while running; its label allows 440 V.")).toBeVisible();
});

test("each part of the label can be put right, and the start ranges are offered", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("35 µF ±6 % 440 V made in Quillhaven");
  await expect(bench(page).getByText("Kept as a note: made in quillhaven.")).toBeVisible();
  await page.getByRole("button", { name: "Correct it" }).click();
  await page.getByLabel("Volts", { exact: true }).fill("370");
  await expect(page.getByRole("img", { name: /370 V/ })).toBeVisible();
  await page.getByLabel("Tolerance, %").fill("10");
  await expect(ruler(page, "Capacitor")).toHaveAccessibleName(/allowed from 31.5 to 38.5/);
  await page.getByLabel("Capacitance, µF").fill("lots");
  await expect(page.getByRole("alert").filter({ hasText: "The label stands as it was read." })).toBeVisible();
  await page.getByLabel("Capacitance, µF").fill("35 µF");
  await page.getByText("Start part", { exact: true }).click();
  await expect(bench(page).getByText("Start part: chosen by hand.")).toBeVisible();
  await page.getByLabel("Label, as printed").fill("189");
  await page.getByRole("button", { name: "189–227" }).click();
  await expect(page.getByLabel("Label, as printed")).toHaveValue("189-227 µF");
});

test("what would fit: from the shelf, refused with reasons, made from parts, series behind its warning", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "capacitor");
  await page.getByRole("button", { name: "What would fit" }).click();
  const sheet = page.getByRole("dialog", { name: "What would fit" });
  await expect(sheet.getByText("Wanted: run part, 17.5 µF, 440 V or more, 60 Hz (by the plate).")).toBeVisible();
  const made = sheet
    .getByRole("region", { name: /Make it/ })
    .getByRole("listitem")
    .first();
  await expect(made).toContainText("12.5 µF + 5 µF");
  await expect(made).toContainText("within the limits whatever the parts are");
  await expect(
    sheet
      .getByRole("region", { name: /Does not fit/ })
      .getByRole("listitem")
      .first(),
  ).toContainText("370 V for 440 V: never lower");
  await expect(sheet.getByText("share the volts by their values")).toHaveCount(0);
  await sheet.getByRole("button", { name: "Parts in series, with care" }).click();
  await expect(sheet.getByText("share the volts by their values")).toBeVisible();
  await expect(sheet.getByText(/of 440 V they bear/).first()).toBeVisible();
});

test("the shelf: a line is put on, changed, refused in words, taken off and put back; it is found at the capacitor", async ({ page }) => {
  await page.goto("/shelf");
  const form = page.getByRole("form", { name: "New line" });
  await form.getByLabel("Label, as printed").fill("no idea");
  await page.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(form.getByText("No capacitance found")).toBeVisible();
  await form.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V 60 Hz");
  await form.getByLabel("Price each").fill("dear");
  await page.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(form.getByText("A price, for example 8.80.")).toBeVisible();
  await form.getByLabel("Price each").fill("9,90");
  await page.getByRole("button", { name: "Put on the shelf" }).click();
  const line = page.getByRole("listitem").filter({ hasText: "17.5 µF ±6 % 440 V 60 Hz" });
  await expect(line).toContainText("1 × 9.90");
  await line.getByRole("button", { name: /^Change/ }).click();
  await line.getByLabel("Diameter, mm").fill("wide");
  await expect(line.getByText("Type millimetres, for example 40.")).toBeVisible();
  await line.getByLabel("Diameter, mm").fill("48");
  await expect(line).toContainText("⌀ 48");
  await page.goto("/traveller?id=demo-bakery-proofer&station=capacitor");
  await page.getByRole("button", { name: "What would fit" }).click();
  const sheet = page.getByRole("dialog", { name: "What would fit" });
  await expect(sheet.getByRole("region", { name: /^Fits/ }).getByRole("listitem")).toContainText("17.5 µF ±6 % 440 V 60 Hz");
  await sheet.getByLabel("Strap, diameter").fill("40");
  await expect(sheet.getByRole("region", { name: /Does not fit/ })).toContainText("48 mm wide, the strap takes 40 mm");
  await page.goto("/shelf");
  await line.getByRole("button", { name: /^Take off/ }).click();
  await expect(line).toHaveCount(0);
  await page.getByRole("button", { name: "Put it back" }).click();
  await expect(line).toHaveCount(1);
});

test("discharge: a countdown, then the volts that are left decide", async ({ page }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("50 µF ±5 % 440 V");
  await method(page, "Discharge").click();
  await expect(bench(page).getByText("15 kΩ brings it to 30 V in 2.4 s; hold it 3.9 s.")).toBeVisible();
  await page.getByLabel("Its rating").fill("2");
  await expect(bench(page).getByText("A resistor of 2 W is too small for that")).toBeVisible();
  await page.getByLabel("Its rating").fill("");
  await page.getByLabel("Resistor", { exact: true }).fill("fifteen");
  await expect(bench(page).getByText("“fifteen” is not a figure. Type it as shown, for example 8.9, 4.7k or OL.")).toBeVisible();
  await page.getByLabel("Resistor", { exact: true }).fill("15k");
  await page.getByRole("button", { name: "Resistor on: start the count" }).click();
  await expect(bench(page).getByText("Hold the resistor on both terminals.")).toBeVisible();
  // The count goes on over a reload.
  await reloadKept(page);
  await expect(bench(page).getByText("Time is up. Measure across its terminals before hands go in.")).toBeVisible();
  await page.getByLabel("Volts left on it, measured").fill("45");
  await expect(bench(page).getByText(/45\sV left: not discharged/)).toBeVisible();
  await page.getByLabel("Volts left on it, measured").fill("1.2");
  await expect(bench(page).getByText(/1.2\sV left: at or below 30\sV/)).toBeVisible();
  await expect.poll(() => keptAt(page, id, "capacitor")).toMatchObject({ discharge: { remaining: { text: "1.2" } } });
  await page.getByText("Screwdriver, then measure").click();
  await expect(bench(page).getByText(/a short arcs/)).toBeVisible();
  await method(page, "By meter").click();
  await page.getByLabel("Label, as printed").fill("189-227 µF 250 V");
  await method(page, "Discharge").click();
  await expect(bench(page).getByText("Never short a start part")).toBeVisible();
});

test("starts are counted against the allowance; a kit is drawn, and called a crutch where it is one", async ({ page }) => {
  await openDemo(page, "lido-dehumidifier", "capacitor");
  await method(page, "Starts and kits").click();
  await page.getByRole("button", { name: "Count a start" }).click();
  await page.getByRole("button", { name: "Count a start" }).click();
  await expect(bench(page).getByText("2 of 20")).toBeVisible();
  await expect(bench(page).getByText("Off now: it must have started")).toBeVisible();
  await page.getByRole("button", { name: "Take the last one back" }).click();
  await expect(bench(page).getByText("1 of 20")).toBeVisible();
  await page.getByText("PTC kit").click();
  await expect(page.getByRole("img", { name: /PTC kit drawn across the run capacitor/ })).toBeVisible();
  await page.getByLabel("Label, as printed").count();
  await method(page, "By meter").click();
  await page.getByLabel("Label, as printed").fill("30 µF ±5 % 440 V");
  await method(page, "Starts and kits").click();
  await expect(bench(page).getByText("On this motor a kit would be a crutch")).toBeVisible();
  await expect(bench(page).getByText("It cuts out and returns")).toBeVisible();
});

test("a motor followed over four visits: earlier readings on the ruler, and when it crosses its limit", async ({ page }) => {
  await openDemo(page, "lido-fan-4", "capacitor");
  await expect(bench(page).getByText(/It loses 0.14 ± 0.05 µF a year. It reaches the limit of 5.64 µF about/)).toBeVisible();
  await expect(page.getByRole("img", { name: /Capacitance over the visits: .*limit 5.64 µF/ })).toBeVisible();
  await openDemo(page, "bakery-proofer", "capacitor");
  await expect(bench(page).getByText("Over the visits")).toHaveCount(0);
});

test("a quick check is clipped to a card, or thrown away and fetched back", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await expect(page.getByRole("button", { name: "Clip to a card" })).toBeDisabled();
  await page.getByLabel("Label, as printed").fill("12.5 µF ±5 % 450 V");
  await meter(page).fill("12.4");
  await page.getByRole("button", { name: "Throw away" }).click();
  await expect(page.getByLabel("Label, as printed")).toHaveValue("");
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(page.getByLabel("Label, as printed")).toHaveValue("12.5 µF ±5 % 450 V");
  await page.getByRole("button", { name: "Clip to a card" }).click();
  const sheet = page.getByRole("dialog", { name: "Clip to a card" });
  await sheet.getByRole("button", { name: /Exhaust blower/ }).click();
  await expect(sheet.getByRole("alert")).toContainText("This takes the place of what the card has there.");
  await sheet.getByRole("button", { name: /Exhaust blower/ }).click();
  await page.waitForURL(/traveller\?id=demo-laundrette-exhaust/);
  await expect(meter(page)).toHaveValue("12.4");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Holds");
  await page.goto("/bench?station=capacitor");
  await expect(page.getByLabel("Label, as printed")).toHaveValue("");
});

test("the bench by keyboard alone: methods, fields, sheet", async ({ page }) => {
  await openRack(page);
  await page.keyboard.press("Escape");
  await openBench(page);
  await expect(page.getByLabel("Label, as printed")).toBeFocused();
  await page.keyboard.type("20 µF ±5 % 450 V");
  await page.keyboard.press("Enter");
  await page.keyboard.type("19.9");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
  await method(page, "By meter").focus();
  // The focus follows an arrow a moment later; the next key belongs to where it has arrived.
  for (const next of ["Running", "Ohmmeter swing"]) {
    await page.keyboard.press("ArrowRight");
    await expect(method(page, next)).toBeFocused();
  }
  await page.keyboard.press("Enter");
  await expect(method(page, "Ohmmeter swing")).toHaveAttribute("aria-selected", "true");
  await page.getByLabel("Dips, climbs to OL").focus();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByLabel("Dips, climbs, stops")).toBeChecked();
  await page.getByRole("button", { name: "What would fit" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog").getByRole("region", { name: /^Fits/ })).toContainText("20 µF ±5 % 450 V");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "What would fit" })).toBeFocused();
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("the quick check works with a thumb: verdict and figure stand above the pad", async ({ page }) => {
    await page.goto("/");
    await page.getByRole("navigation", { name: "Quick check" }).getByRole("link", { name: "Capacitor" }).tap();
    await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
    await meter(page).tap();
    const pad = page.getByRole("group", { name: "Key pad" });
    for (const key of "16.5") await pad.getByRole("button", { name: key, exact: true }).tap();
    await expect(bench(page).getByText("Too close", { exact: true })).toBeInViewport();
    await expect(meter(page)).toBeInViewport();
    await expect(ruler(page, "Capacitor").last()).toBeInViewport();
    await method(page, "Ohmmeter swing").tap();
    await page.getByText("Stays near zero").tap();
    await expect(bench(page).getByText("Stays near zero: shorted.")).toBeVisible();
  });
});

test("another label over a reading: asked whether it is another part, whose readings start anew; nothing is lost", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("35 µF ±6 % 440 V");
  await meter(page).fill("27.1");
  await expect(bench(page).getByText("It is out.")).toBeVisible();
  await page.getByLabel("Label, as printed").fill("40 µF ±6 % 440 V");
  const asked = page.getByRole("group", { name: "Not sure of a figure" });
  await expect(asked).toContainText("were taken with the label 35 µF ±6 % 440 V");
  await expect(bench(page).getByText("It is out.")).toHaveCount(0);
  await asked.getByRole("button", { name: "Another part: its readings start anew" }).click();
  await expect(meter(page)).toHaveValue("");
  await expect(page.getByRole("list", { name: "Parts before this one" })).toHaveText("Before: 35 µF ±6 % 440 V, 27.1 µF by the meter.");
  await meter(page).fill("40.2");
  await expect(bench(page).getByText("Holds", { exact: true }).first()).toBeVisible();
  await reloadKept(page);
  await expect(page.getByRole("list", { name: "Parts before this one" })).toContainText("27.1");
});

test("how it is done is one tap away at every method, with a drawing, and comes back to where it was; all of it prints", async ({
  page,
}) => {
  await page.goto("/bench?station=capacitor&method=swing");
  await page.getByRole("button", { name: "How it is done" }).click();
  const sheet = page.getByRole("dialog", { name: "How it is done" });
  await expect(sheet.getByRole("radio", { name: "Capacitor by ohmmeter swing" })).toBeChecked();
  await expect(sheet.getByRole("img", { name: /dips toward zero and climbs/ })).toBeVisible();
  await expect(sheet.getByText("Usual mistake")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "How it is done" })).toBeFocused();
  await page.getByRole("tab", { name: "By meter" }).click();
  await page.getByRole("button", { name: "How it is done" }).click();
  await expect(sheet.getByRole("radio", { name: "Capacitor by meter" })).toBeChecked();
  await sheet.getByRole("link", { name: "All of it as a booklet" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "How it is done" })).toBeVisible();
  await expect(page.getByRole("heading", { level: 2 })).toHaveCount(STATION_IDS.length);
});
