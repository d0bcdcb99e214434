import type { Page } from "@playwright/test";
import { begin, capacitor, decideOn, DRUM, FAN, frame, giveBackPower, look, makeSafe, turn, windings } from "./support/work";
import { bench, caseOf, expect, goTo, leads, strip, test, untilKept } from "./support/vemmick";

test("made safe a second time: the first is told in the past, and nothing is ticked from before", async ({ page }) => {
  const id = await begin(page, "hums, will not start", FAN);
  await makeSafe(page);
  await look(page, null);
  await giveBackPower(page);
  const stop = (name: string) => strip(page).getByRole("button", { name: new RegExp(`^${name}`) });
  await expect(stop("Make safe")).toContainText("Was dead");

  await goTo(page, "Make safe");
  await expect(bench(page).getByText(/^Was dead from \d\d:\d\d to \d\d:\d\d: 0\.2\sV on the circuit, 0\.4\sV left/)).toBeVisible();
  await expect(bench(page).getByText("Proven dead")).toHaveCount(0);
  await expect(bench(page).getByText(/^Power on again since \d\d:\d\d$/)).toBeVisible();
  await expect(page.getByLabel("Breaker or disconnect off and locked")).toHaveCount(0);
  await untilKept(page);
  await page.goto(`/print?id=${id}`);
  await expect(page.getByText(/Was dead from \d\d:\d\d to \d\d:\d\d:/)).toBeVisible();
  await expect(page.getByText("Proven dead")).toHaveCount(0);

  await page.goto(`/traveller?id=${id}&station=make-safe`);
  await page.getByRole("button", { name: "Make safe once more" }).click();
  await expect(page.getByLabel("Breaker or disconnect off and locked")).not.toBeChecked();
  await expect(page.getByLabel("The circuit to be worked on")).toHaveValue("");
  await makeSafe(page);
  await expect(bench(page).getByText(/^Was dead from/)).toBeVisible();

  await goTo(page, "Power back on");
  const checks = bench(page).getByRole("checkbox");
  await expect(checks).toHaveCount(3);
  for (const check of await checks.all()) await expect(check).not.toBeChecked();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  for (const check of await checks.all()) await check.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await expect(stop("Power back on")).toContainText("Live");
  await expect(bench(page).getByText(/it was given back before at \d\d:\d\d\./)).toBeVisible();
});

/** What the next move says. */
const nextMove = (page: Page) => caseOf(page).getByRole("region", { name: "Next move" });
const customerPage = async (page: Page, id: string): Promise<void> => {
  await untilKept(page);
  await page.goto(`/print?id=${id}&view=customer`);
  await expect(page.getByRole("heading", { name: "What you told us" })).toBeVisible();
};
const part = (page: Page, heading: string) => page.locator("section").filter({ has: page.getByRole("heading", { name: heading }) });

test("contacts cleaned and measured again: both stand, the line-up keeps what was found, and the report tells both", async ({ page }) => {
  const id = await begin(page, "hums, starts with a push", DRUM);
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await capacitor(page, "130-156 µF 125 V", "141");
  await goTo(page, "Start gear");
  await page.getByLabel("Centrifugal switch").check();
  await page.getByRole("group", { name: "Cover and end bell seated all round" }).getByLabel("Yes").check();
  await page.getByLabel("At rest", { exact: true }).fill("OL");
  await page.getByLabel("Actuated by hand").fill("OL");
  await leads(page, "Start switch");
  await windings(page, ["3.1", "12.6", "9.5"]);
  await decideOn(page, "Service start switch");
  // Nothing is in yet: no power before that.
  await expect(nextMove(page)).toContainText("Take it apart");
  await goTo(page, "Out and in");
  await page.getByLabel(/^Contacts cleaned/).check();

  await goTo(page, "Start gear");
  await expect(bench(page).getByText(/^Contacts cleaned at \d\d:\d\d\. What is keyed here next is read after that/)).toBeVisible();
  await page.getByRole("button", { name: "Measure again" }).click();
  await expect(page.getByLabel("At rest", { exact: true })).toHaveValue("");
  await page.getByRole("group", { name: "Cover and end bell seated all round" }).getByLabel("Yes").check();
  await page.getByLabel("At rest", { exact: true }).fill("0.2");
  await page.getByLabel("Actuated by hand").fill("OL");
  await expect(bench(page).getByRole("button", { name: /^As found, before the work; read anew from \d\d:\d\d: / })).toBeVisible();
  // What was found keeps its weight.
  await leads(page, "Start switch");

  await giveBackPower(page);
  await goTo(page, "Prove");
  await page.getByLabel("Running amps after").fill("5.6");
  await page.getByLabel("Starts by itself").check();
  await expect(nextMove(page)).toContainText("Repaired and proved");
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await expect(nextMove(page)).toContainText("Signed off");
  await expect(nextMove(page).getByRole("link", { name: "Report for the customer" })).toBeVisible();

  await customerPage(page, id);
  await expect(part(page, "What we found")).toContainText("The switch that starts the motor does not do what it should.");
  await expect(part(page, "What we did")).toContainText("The contacts of the starting switch were cleaned.");
  await expect(part(page, "What it is now")).toContainText("It works again: it was measured on the machine after the work.");
  // No ways and no chances on a report, and no part that nobody bought.
  await expect(page.getByRole("main")).not.toContainText(/times in 10|Part:/);
  await page.goto(`/print?id=${id}`);
  await expect(page.getByText(/As found, before the work; read anew at \d\d:\d\d: Out/)).toBeVisible();
});

test("a bench motor is proved without load, by what it idles at, and goes to the Shelf", async ({ page }) => {
  const id = await begin(page, "used motor on the bench, is it good as a spare", FAN);
  await expect(strip(page).getByRole("button", { name: /^Complaint/ })).toContainText("Spare on the bench");
  await makeSafe(page);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await goTo(page, "Decide");
  await page.getByRole("group", { name: "Chosen action" }).getByLabel("No repair").check();
  await goTo(page, "Power back on");
  await giveBackPower(page);
  await goTo(page, "Prove");
  await expect(page.getByRole("group", { name: "Proved" }).getByLabel("Without load")).toBeChecked();
  await page.getByLabel("Running amps after").fill("0.3");
  await expect(nextMove(page)).toContainText("less than this motor idles at");
  await page.getByLabel("Running amps after").fill("1.4");
  await page.getByLabel("Starts by itself").check();
  await expect(bench(page).getByText(/After, without load: 1\.40?\sA; .* idles at .*: within it\./)).toBeVisible();
  await expect(nextMove(page)).toContainText("Tested spare");
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await nextMove(page).getByRole("button", { name: "To the Shelf" }).click();
  await expect(nextMove(page).getByRole("button", { name: "Motor" })).toBeVisible();
  await customerPage(page, id);
  await expect(part(page, "What it is now")).toContainText("kept as a spare");
});

test("a condemned motor: made unusable, no proof, no new motor, and the customer reads that", async ({ page }) => {
  const id = await begin(page, "trips at once", FAN);
  await makeSafe(page);
  await frame(page, "60", "58", "OL");
  await decideOn(page, "Replace motor");
  await goTo(page, "How it ends");
  await page.getByRole("group", { name: "How it ends" }).getByLabel("Condemned").check();
  await expect(bench(page).getByText(/Still asked for: it was made unusable/)).toBeVisible();
  await expect(nextMove(page)).toContainText("How it ends");
  await page.getByLabel(/^Made unusable/).check();
  await expect(nextMove(page)).toContainText("Condemned. Made unusable and labelled.");
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await expect(strip(page).getByRole("button", { name: /^How it ends/ })).toContainText("Condemned");
  await customerPage(page, id);
  await expect(part(page, "What we found")).toContainText(/Current can reach the metal of the motor: 58\s/);
  await expect(part(page, "What we did")).toContainText("Nothing was changed at the motor.");
  await expect(part(page, "What it is now")).toContainText("must not be connected again");
  await expect(page.getByRole("main")).not.toContainText(/new motor/i);
});

test("a makeshift has what it is, what ends it and a day; without the day it is not signed off", async ({ page }) => {
  const id = await begin(page, "squeals", FAN);
  await makeSafe(page);
  await turn(page, "Rough");
  await goTo(page, "Decide");
  await page.getByRole("group", { name: "Chosen action" }).getByLabel("Seat and fasten").check();
  await goTo(page, "Out and in");
  await page.getByLabel(/^Cover, bracket or foot seated/).check();
  await goTo(page, "How it ends");
  await page.getByRole("group", { name: "How it ends" }).getByLabel("Makeshift").check();
  await page.getByLabel("What the makeshift is").fill("A strap round the bracket");
  await page.getByLabel("What ends it").fill("the new bracket");
  await expect(bench(page).getByText(/Still asked for: a day/)).toBeVisible();
  await expect(nextMove(page).getByRole("button", { name: "Sign off" })).toHaveCount(0);
  await page.getByLabel("Day", { exact: true }).fill("2027-01-15");
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await customerPage(page, id);
  await expect(part(page, "What it is now")).toContainText("It runs by a makeshift. That is not a repair.");
  await expect(part(page, "What it is now")).toContainText("It ends with: the new bracket.");
  await expect(part(page, "What to watch")).toContainText(/15 Jan/);
});

test("a part that waits: its day, in use or off, and the price that was agreed reaches the customer", async ({ page }) => {
  const id = await begin(page, "starts slowly", FAN);
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "7.9");
  await windings(page, ["13.3", "35.7", "22.6"]);
  await frame(page, "OL", "OL", "OL");
  await decideOn(page, "Replace run capacitor");
  await goTo(page, "Out and in");
  await page.getByRole("tab", { name: "Quotes" }).click();
  await page.getByRole("group", { name: "Another price, of" }).getByLabel("Run capacitor").check();
  await page.getByRole("button", { name: "Add a price" }).click();
  const quote = page.getByRole("listitem", { name: /^Run capacitor/ });
  await quote.getByLabel("Run capacitor, from").fill("Pennock Electrical");
  await quote.getByLabel("Price").fill("21.50 + 4");
  await quote.getByRole("button", { name: /^Take/ }).click();
  await page.getByRole("tab", { name: "Out and in" }).click();
  await expect(page.getByLabel("From").first()).toHaveValue("Pennock Electrical");
  await expect(page.getByLabel("Price").first()).toHaveValue("21.50 + 4");
  await customerPage(page, id);
  await expect(page.getByRole("listitem").filter({ hasText: "1. Replace the part that helps the motor run" })).toContainText("45.50");
  await page.goto(`/traveller?id=${id}&station=out-in`);
  await page.getByLabel("Keep the old one until the new one is here").check();
  await page.getByLabel("New one expected on").fill("2026-12-18");
  await expect(nextMove(page)).toContainText("How it ends");
  await goTo(page, "How it ends");
  await expect(bench(page).getByText(/on its way to: waits for a part/)).toBeVisible();
  await page.getByRole("group", { name: "The machine is in use meanwhile" }).getByLabel("No").check();
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await customerPage(page, id);
  await expect(part(page, "What it is now")).toContainText("It waits for a part.");
  await expect(part(page, "What it is now")).toContainText("It stays switched off meanwhile.");
  await expect(part(page, "What to watch")).toContainText(/18 Dec/);
  // What is not in yet is neither done nor paid.
  await expect(page.getByRole("heading", { name: "What it cost" })).toHaveCount(0);
});

test("a yearly check asks for no complaint, and ends with what was measured", async ({ page }) => {
  const id = await begin(page, "yearly check of the fan", FAN);
  await expect(strip(page).getByRole("button", { name: /^Complaint/ })).toContainText("Yearly check");
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "12.4");
  await goTo(page, "How it ends");
  await page.getByRole("group", { name: "How it ends" }).getByLabel("Nothing found").check();
  await nextMove(page).getByRole("button", { name: "Sign off" }).click();
  await expect(nextMove(page)).toContainText("Signed off");
  await customerPage(page, id);
  await expect(part(page, "What we found")).toContainText("Nothing was found that is out of order.");
  await expect(part(page, "What we found")).toContainText(/Measured and in order: the part that helps the motor run/);
  await expect(part(page, "What we did")).toContainText("Nothing was changed at the motor.");
});
