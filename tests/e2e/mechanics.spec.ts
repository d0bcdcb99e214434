import type { Page } from "@playwright/test";
import { begin, FAN } from "./support/work";
import { ceilingMs } from "../../scripts/lib/pace.mjs";
import { bench, expect, goTo, keptAt, makeSafe, openDemo, openRack, reloadKept, strip, test, untilKept } from "./support/vemmick";

const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true });

test("a bearing from its dimensions, with a slip of unit, by keyboard on the bench", async ({ page }) => {
  await openRack(page);
  await expect(async () => {
    await page.getByLabel("What does the motor do?").blur();
    await page.keyboard.press("b");
    await page.keyboard.press("r");
    await expect(page.getByRole("heading", { name: "Bearings", level: 1 })).toBeVisible({ timeout: ceilingMs(1000) });
  }).toPass();
  await page.getByLabel("Bore", { exact: true }).focus();
  await page.keyboard.type("1.7");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Outside", { exact: true })).toBeFocused();
  await page.keyboard.type("4o");
  await expect(
    page.getByText("“o” is not a unit of length. Type the figure in mm, for example 17, 16.98 mm, 0.669 in or 5/8."),
  ).toBeVisible();
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Enter");
  await page.keyboard.type("1.2");
  await expect(bench(page).getByText("With centimetres typed for millimetres it is 6203, 17 × 40 × 12 mm.")).toBeVisible();
  await page.getByRole("button", { name: "Yes, it is 6203: put the figures right" }).press("Enter");
  await expect(page.getByLabel("Bore", { exact: true })).toHaveValue("17 mm");
  await expect(page.getByRole("img", { name: /6203 in its seat, to scale: bore 17, outside 40, width 12 mm/ })).toBeVisible();
  await page.getByLabel("Dusty, lint, flour").check();
  await expect(bench(page).getByText("6203-2RS/C3")).toBeVisible();
  await expect(bench(page).getByText("Sealed, because dust gets past a shield and grinds.")).toBeVisible();

  // Three in one line, in inches, name an inch size.
  await page.getByLabel("Bore", { exact: true }).fill("");
  await page.getByLabel("Bore", { exact: true }).pressSequentially("1/2 x 1 1/8 x 5/16");
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue("5/16");
  await expect(bench(page).getByText(/^R8, 12\.7 × 28\.575 × 7\.938 mm/)).toBeVisible();
  await reloadKept(page);
  await expect(page.getByLabel("Outside", { exact: true })).toHaveValue("1 1/8");

  await tab(page, "Tones").click();
  await page.getByLabel("Speed", { exact: true }).fill("1725");
  await expect(page.getByRole("row", { name: /Outer ring/ })).toContainText("Hz");
  await expect(bench(page).getByText(/estimated from the size/)).toBeVisible();
});

test("a worn designation, settled by one figure more; a loose shaft, mended and paid for", async ({ page }) => {
  await begin(page, "rumbles", FAN);
  await makeSafe(page);
  await goTo(page, "Bearings");
  await page.getByLabel("As stamped").fill("62?3 2R?");
  await expect(bench(page).getByText(/^It can be 2 sizes: 6203 \(17 × 40 × 12 mm\); 6213/)).toBeVisible();
  await expect(bench(page).getByText(/^2R\?: one of: rubbing rubber seals/)).toBeVisible();
  await page.getByLabel("Outside", { exact: true }).fill("39.9");
  await page.getByLabel("Bore", { exact: true }).fill("17.05");
  await expect(bench(page).getByText(/^6203.*17 × 40 × 12 mm, two seals/)).toBeVisible();

  // The wrong text says what to type instead, and nothing is lost.
  await page.getByLabel("As stamped").fill("NU206");
  await expect(
    bench(page)
      .getByText(/No deep-groove size of the table fits “NU206”/)
      .first(),
  ).toBeVisible();
  await expect(page.getByLabel("Bore", { exact: true })).toHaveValue("17.05");
  await page.getByLabel("As stamped").fill("6203ZZ");

  await tab(page, "Fit").click();
  await page.getByLabel("Shaft, measured").fill("16.982");
  await expect(
    bench(page).getByText(/worn 15 µm beyond the limit: the ring would creep\. A new bearing would have 10 to 18 µm of play/),
  ).toBeVisible();
  await expect(page.getByRole("img", { name: /Shaft: j6 allows 16\.997 to 17\.008 mm; measured 16\.982 mm/ }).first()).toBeVisible();
  await page.getByLabel("Raise the metal with punch marks").check();
  await expect(bench(page).getByText(/A stopgap: it holds on a few points/)).toBeVisible();
  await expect(page.getByRole("heading", { name: "Onto the shaft: inner ring only" })).toBeVisible();
  await expect(bench(page).getByText(/Fits between: .*tube 22 × 2 mm/)).toBeVisible();

  await tab(page, "The job").click();
  await expect(
    bench(page).getByText("Both bearings: 24.00 for parts and 85 min, 109.00 in all, 35 % of another motor fitted."),
  ).toBeVisible();
  await expect(bench(page).getByText("punch marks stay")).toBeVisible();
  await page.getByLabel("Only the bad one").check();
  await expect(bench(page).getByText("Only the bad one: it saves the price of one, and the other may bring you back.")).toBeVisible();
  await page.getByLabel("One bearing, as quoted").fill("nine");
  await expect(bench(page).getByText("“nine” is not a figure. Type it as shown, for example 8.80.")).toBeVisible();
  await page.getByLabel("One bearing, as quoted").fill("9.50");
  await expect(bench(page).getByText(/^One bearing: 9\.50 for parts/)).toBeVisible();
});

test("what came off goes back: with a photo, and not closed over a key", async ({ page }) => {
  const id = await begin(page, "rumbles", FAN);
  await makeSafe(page);
  await goTo(page, "Windings");
  for (const [pair, ohms] of [
    ["1 to 2", "8.9"],
    ["2 to 3", "31.4"],
    ["1 to 3", "22.6"],
  ] as const)
    await page.getByLabel(pair, { exact: true }).fill(ohms);
  await goTo(page, "Take apart");
  await page.getByRole("button", { name: "Wheel", exact: true }).click();
  await expect(page.getByRole("list", { name: "Before it comes off" })).toContainText("left-hand thread");
  await page.getByLabel("Which way round").fill("open side out");
  // What the camera would hand over.
  const photo = { name: "wheel.png", mimeType: "image/png", buffer: await page.screenshot() };
  await page.getByLabel("Photo", { exact: true }).setInputFiles({ ...photo, buffer: Buffer.from("no picture") });
  await expect(bench(page).getByText(/This file is not a picture/)).toBeVisible();
  await page.getByLabel("Photo", { exact: true }).setInputFiles(photo);
  await expect(page.getByRole("img", { name: /^Photo: Wheel/ }).first()).toBeVisible();
  await page.getByRole("button", { name: "Key", exact: true }).click();
  await page.getByRole("group", { name: "Details: Key" }).getByLabel("Shaft", { exact: true }).check();
  await page.getByRole("button", { name: "Screw", exact: true }).click();
  for (let more = 0; more < 3; more += 1) await page.getByRole("button", { name: "One more" }).click();
  await expect(page.getByRole("button", { name: /^3 Screw × 4/ })).toBeVisible();
  await page.getByRole("button", { name: "Take the 3 leads from Windings" }).click();
  await expect(page.getByRole("group", { name: "Wire 1" }).getByLabel("Belongs to")).toHaveValue("Common");
  await reloadKept(page);
  await expect(page.getByRole("img", { name: /^Photo: Wheel/ })).toBeVisible();

  // No power while it lies open.
  await goTo(page, "Power back on");
  await expect(bench(page).getByText(/The motor lies open: what came off is not all back/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();

  await goTo(page, "Take apart");
  await tab(page, "Put back").click();
  const next = page.getByRole("region", { name: "Goes back next" });
  await expect(next).toContainText("Screw × 4");
  await next.getByRole("button", { name: "All 4 are back in" }).click();
  await expect(next).toContainText("Key, shaft");
  // The wheel goes on in its turn's stead; the key stays on the bench.
  await page
    .getByRole("group", { name: "Back, last off first" })
    .getByLabel(/^Wheel/)
    .check();
  for (const wire of ["1 → Common", "2 → Run", "3 → Start"]) await page.getByLabel(wire).check();
  for (const seen of [/^Key is in its way/, /^Set screw tight/, /^Wires clear/, /^Ground wire/]) await page.getByLabel(seen).check();
  await page.getByRole("group", { name: "How it turns" }).getByLabel("Free and silent").check();
  await page.getByRole("button", { name: "Close it: nothing is left over" }).click();
  const refused = bench(page).getByRole("alert");
  await expect(refused).toContainText("It does not close yet:");
  await expect(refused).toContainText("Key, shaft is left over");
  expect(await keptAt(page, id, "take-apart")).toMatchObject({ closedAt: null });

  await next.getByRole("button", { name: "It is back in" }).click();
  await expect(refused).toBeHidden();
  await page.getByRole("button", { name: "Close it: nothing is left over" }).click();
  await expect(bench(page).getByText("Closed: all back, nothing left over, turns free.")).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Take apart.*Closed/ })).toBeVisible();
  await goTo(page, "Power back on");
  await expect(bench(page).getByText(/The motor lies open/)).toBeHidden();
});

test("play by an indicator, noise by its word, heat at one end: each with what it means", async ({ page }) => {
  await begin(page, "rumbles", FAN);
  await makeSafe(page);
  await goTo(page, "Turn by hand");
  await page.getByLabel("Free and silent").check();
  await page.getByLabel("Radial play by indicator").fill("0,062");
  await expect(bench(page).getByText(/Radial play 0\.062 mm by indicator, limit 0\.06 mm: too close to call/)).toBeVisible();
  await expect(bench(page).getByText("Too close", { exact: true })).toBeVisible();
  await page.getByLabel("Radial play by indicator").fill("0.14");
  await expect(bench(page).getByText(/limit 0\.06 mm: beyond what may be/)).toBeVisible();
  await page.getByRole("group", { name: "Felt at" }).getByLabel("Drive end").check();
  await goTo(page, "Power back on");
  for (const step of [/^Leads as marked/, /^Everyone clear/, /^Own lock/]) await page.getByLabel(step).check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await goTo(page, "Run test");
  await page.getByLabel("Starts by itself").check();
  await page.getByLabel("Coast-down time").fill("0.9");
  await page.getByLabel("Scrape", { exact: true }).check();
  await page.getByRole("group", { name: "Hottest at" }).getByLabel("Drive end").check();
  await expect(bench(page).getByText(/Coast-down time 0\.9\ss: it stops sooner than a free wheel does/)).toBeVisible();
  await expect(bench(page).getByText(/A scrape is something that touches/)).toBeVisible();
  await expect(bench(page).getByText(/The drive end is hotter than the middle/)).toBeVisible();
});

test("what is due stands on the Rack, and is kept when it was seen to", async ({ page }) => {
  await openRack(page);
  const due = page.getByRole("region", { name: /^Due/ });
  await expect(due.getByRole("link", { name: /Oil sleeve bearings, Screen two extract fan/ })).toBeVisible();
  await due.getByRole("button", { name: /later$/ }).click();
  await expect(due.getByRole("link", { name: /Recheck capacitor/ }).first()).toBeVisible();
  await due.getByRole("link", { name: /Oil sleeve bearings, Screen two extract fan/ }).click();
  await expect(bench(page).getByText("Drive end: about 3 drops of turbine oil ISO VG 32", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "Seen to today" }).click();
  await expect(bench(page).getByText(/^Next by/)).not.toContainText("counted from this visit");
  await untilKept(page);
  await openRack(page);
  await expect(due.getByText("Nothing is due.")).toBeVisible();
});

test("the proof sets hand, ear and coast-down beside what was found", async ({ page }) => {
  await openDemo(page, "nursery-fan-bearing", "prove");
  await expect(bench(page).getByText(/By hand: before rough, like sand, radial play 0\.11 mm.*; after free and silent/)).toBeVisible();
  await expect(bench(page).getByText(/Coast-down time: 3\.1\ss before, 9\.4\ss after/)).toBeVisible();
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("a bearing and a ledger with a thumb", async ({ page }) => {
    await openRack(page);
    await page.getByRole("link", { name: "Due in the next 14 days: 1" }).tap();
    await expect(page.getByRole("link", { name: /Oil sleeve bearings/ })).toBeInViewport();
    await page.goto("/bench?station=bearing");
    await page.getByLabel("Bore", { exact: true }).tap();
    const pad = page.getByRole("group", { name: "Key pad" });
    for (const figure of ["20", "47", "14"]) {
      for (const key of figure) await pad.getByRole("button", { name: key, exact: true }).tap();
      await pad.getByRole("button", { name: /^(Next|Done)$/ }).tap();
    }
    await expect(bench(page).getByText(/^6204, 20 × 47 × 14 mm/)).toBeVisible();
    await page.goto("/bench?station=take-apart");
    await page.getByRole("button", { name: "Retaining ring", exact: true }).tap();
    await expect(page.getByRole("list", { name: "Before it comes off" })).toContainText("a cloth over the pliers");
    await tab(page, "Put back").tap();
    await page.getByRole("button", { name: "It is back in" }).tap();
    await page.getByRole("button", { name: "Close it: nothing is left over" }).tap();
    await expect(bench(page).getByRole("alert")).toContainText("Retaining rings sit in their grooves".toLowerCase());
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  });
});
