import { bench, caseOf, expect, goTo, openRack, strip, test, leads, untilKept } from "./support/vemmick";

test("a new PSC motor from complaint to decision, by keyboard alone", async ({ page }) => {
  const key = async (...keys: string[]) => {
    for (const each of keys) await page.keyboard.press(each);
  };
  const type = (text: string) => page.keyboard.type(text);
  await openRack(page);
  await type("hums, starts with a push");
  await expect(page.getByRole("button", { name: "Strike Starts with a push" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Strike Hums, will not start" })).toBeVisible();
  await key("Enter");
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();

  // A page that has just opened may not hear its keys yet.
  await expect(async () => {
    await key("p");
    await expect(page.getByRole("heading", { name: "Plate", level: 1 })).toBeFocused({ timeout: 1500 });
  }).toPass();
  await expect(page.getByLabel("Volts")).toBeVisible();
  await key("Tab", "ArrowRight", "Tab");
  await expect(page.getByLabel("PSC", { exact: true })).toBeChecked();
  await type("230");
  await key("Enter");
  await type("60");
  await key("Enter");
  await type("2.4");
  await key("Enter");
  await type("1075");
  await expect(page.getByText("6 poles, 1200 rpm synchronous, slip 10.4")).toBeVisible();
  await key("Enter", "Enter");
  await type("17.5 µF 440 V");
  await key("Escape", "s");

  await expect(page.getByRole("heading", { name: "Make safe", level: 1 })).toBeFocused();
  await expect(page.getByLabel("Breaker or disconnect off and locked")).toBeVisible();
  await key("Tab", "Tab", "Space", "Tab", "Tab", "Tab", "Tab");
  for (const volts of ["231", "0.2", "230", "0.4"]) {
    await type(volts);
    await key("Enter");
  }
  await expect(bench(page).getByText("Proven dead")).toBeVisible();

  await key("Escape", "l");
  await expect(page.getByLabel("Looked and smelt: nothing found")).toBeVisible();
  await key("Tab", "Space");
  await expect(strip(page).getByText("Clean")).toBeVisible();
  await key("t");
  await expect(page.getByLabel("Free and silent")).toBeVisible();
  await key("Tab", "Space");
  await expect(page.getByLabel("Free and silent")).toBeChecked();

  await key("u");
  await expect(page.getByLabel("Label, as printed")).toBeFocused();
  await type("17.5 µF ±6 % 440 V");
  await key("Enter");
  await type("4.1");
  await expect(bench(page).getByText("It is out.")).toBeVisible();
  await leads(page, "Run capacitor");

  await key("Escape", "w");
  await expect(page.getByLabel("1 to 2")).toBeFocused();
  for (const ohms of ["8.9", "31.4", "22.6"]) {
    await type(ohms);
    await key("Enter");
  }
  await expect(bench(page).getByText("Common is 1, run is 2")).toBeVisible();
  await key("Escape", "f");
  await expect(page.getByLabel("1 to frame")).toBeFocused();
  for (let lead = 0; lead < 3; lead += 1) {
    await type("OL");
    await key("Enter");
  }
  await expect(bench(page).getByText("OL on all three")).toBeVisible();

  await key("Escape", "n");
  await expect(page.getByRole("heading", { name: "Decide", level: 1 })).toBeFocused();
  await expect(page.getByRole("button", { name: "Accept with this reason" })).toBeVisible();
  await key("Tab", "Enter");
  await expect(page.getByLabel("Replace run capacitor")).toBeChecked();
  await expect(page.getByLabel("Reason")).toHaveValue(/Run capacitor \(.*\); for it: capacitor far out/);
  await expect(bench(page).getByText("17.5 µF run capacitor, 440 V or higher, never lower")).toBeVisible();
});

test("power comes back by its own station before the proof, then the card is signed off", async ({ page }) => {
  await page.goto("/traveller?id=demo-laundrette-exhaust&station=decide");
  await page.getByRole("button", { name: "Accept with this reason" }).click();
  await goTo(page, "Prove");
  await expect(bench(page).getByText("Restoring power is a step of its own")).toBeVisible();
  await expect(page.getByLabel("Running amps after")).toHaveCount(0);
  await bench(page).getByRole("button", { name: "Power back on first" }).click();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  await expect(bench(page).getByRole("checkbox").first()).toBeVisible();
  for (const step of await bench(page).getByRole("checkbox").all()) await step.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await goTo(page, "Prove");
  await page.getByLabel("Running amps after").fill("1.82");
  await expect(bench(page).getByText("After: 1.82 A, 96 % of the plate; within the limit.")).toBeVisible();
  await expect(bench(page).getByRole("img", { name: /Running amps: before 2.61 A.*after 1.82 A/ })).toBeVisible();
  await caseOf(page).getByRole("button", { name: "Sign off" }).click();
  await expect(caseOf(page).getByText("It is in the ledger")).toBeVisible();
  await openRack(page);
  await expect(page.getByRole("region", { name: /Signed off/ }).getByText("Exhaust blower")).toBeVisible();
});

test("one complaint button starts a card in one step; names come later; the card can be found and removed", async ({ page }) => {
  await openRack(page);
  await page.getByRole("button", { name: "Squeals" }).click();
  await expect(page.getByLabel("Squeals")).toBeChecked();
  await page.getByLabel("Rumbles").check();
  await page.getByRole("button", { name: /Machine not named yet/ }).click();
  await page.getByLabel("Machine", { exact: true }).fill("Shop window fan");
  await page.getByLabel("Site", { exact: true }).fill("Quillhaven Chandlery");
  await untilKept(page);
  await page.keyboard.press("Escape");
  await page.keyboard.press("/");
  await expect(page.getByLabel("Find", { exact: true })).toBeFocused();
  await page.keyboard.type("chandlery rumbles");
  await expect(page.getByRole("region", { name: /On the rack/ }).getByRole("listitem")).toHaveCount(1);
  await page.getByRole("link", { name: /Shop window fan/ }).click();
  await page.getByRole("button", { name: /Shop window fan/ }).click();
  await page.getByRole("button", { name: "Remove this card" }).click();
  await page.getByRole("button", { name: "Remove for good" }).click();
  await expect(page.getByLabel("What does the motor do?")).toBeVisible();
  await expect(page.getByText("Shop window fan")).toHaveCount(0);
});

test("an empty open line says what to type", async ({ page }) => {
  await openRack(page);
  await page.getByLabel("What does the motor do?").focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText("Type what the motor does, for example")).toBeVisible();
});

test("all keys are shown by ?, and can be switched off", async ({ page }) => {
  await openRack(page);
  // Keys work once the page is alive and the caret is out of the open line.
  await expect(async () => {
    await page.keyboard.press("Escape");
    await page.keyboard.press("?");
    await expect(page.getByRole("dialog", { name: "Keys" }).getByText("Windings")).toBeVisible({ timeout: 3000 });
  }).toPass();
  await page.keyboard.press("Escape");
  await page.keyboard.press("h");
  await page.getByLabel("One-letter keys outside fields").uncheck();
  await page.getByRole("heading", { name: "House rules", level: 1 }).click();
  await page.keyboard.press("r");
  await page.waitForTimeout(300);
  await expect(page.getByRole("heading", { name: "House rules", level: 1 })).toBeVisible();
});
