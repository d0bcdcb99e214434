import { bench, caseOf, expect, goTo, makeSafe, openDemo, openRack, reloadKept, strip, test, leads, untilKept } from "./support/vemmick";
import { begin, capacitor, decideOn, DRUM, FAN, frame, giveBackPower, look, turn, windings } from "./support/work";

test("a weak run capacitor, from complaint to sign-off", async ({ page }) => {
  await begin(page, "starts slowly", FAN);
  await expect(caseOf(page).getByRole("list", { name: "What each outcome would mean" })).toBeVisible();
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "7.9");
  await leads(page, "Run capacitor");
  await expect(caseOf(page).getByText(/what failed may have hurt the motor/)).toBeVisible();
  await windings(page, ["13.3", "35.7", "22.6"]);
  await frame(page, "OL", "OL", "OL");
  await decideOn(page, "Replace run capacitor");
  await expect(bench(page).getByText(/12.5 µF run capacitor, 450.V or higher/)).toBeVisible();
  await giveBackPower(page);
  await goTo(page, "Prove");
  await page.getByLabel("Running amps before").fill("2.02");
  await page.getByLabel("Running amps after").fill("1.86");
  await page.getByLabel("Starts by itself").check();
  await page.getByLabel("Quiet").check();
  await caseOf(page).getByRole("button", { name: "Sign off" }).click();
  await expect(caseOf(page).getByText(/If it comes back within 60 days/)).toBeVisible();
});

test("a start switch that is not pressed because its cover sits loose", async ({ page }) => {
  await begin(page, "hums", DRUM);
  await makeSafe(page);
  await look(page, "End cover not seated");
  await turn(page, "Free and silent");
  await capacitor(page, "130-156 µF 125 V", "141");
  await goTo(page, "Start gear");
  await page.getByLabel("Centrifugal switch").check();
  await page.getByRole("group", { name: "Cover and end bell seated all round" }).getByLabel("No").check();
  await page.getByLabel("At rest", { exact: true }).fill("OL");
  await page.getByLabel("Actuated by hand").fill("OL");
  await leads(page, "Start switch");
  await windings(page, ["3.1", "12.6", "9.5"]);
  await decideOn(page, "Service start switch");
  await expect(page.getByText("Loose cover: found.")).toBeVisible();
});

test("a ground fault: the motor is not run again, and the motor goes", async ({ page }) => {
  await begin(page, "trips at once", FAN);
  await makeSafe(page);
  await frame(page, "60", "58", "OL");
  await leads(page, "Ground fault");
  await expect(caseOf(page).getByText(/Running amps|Uncoupled|push/)).toHaveCount(0);
  await caseOf(page).getByRole("button", { name: "another", exact: true }).click();
  await expect(page.getByRole("dialog", { name: "Another move" })).not.toContainText(/Running amps|One push|Run uncoupled|Noise/);
  await page.keyboard.press("Escape");
  await decideOn(page, "Replace motor");
  await expect(bench(page).getByText(/Rotation proven before the machine is closed/)).toBeVisible();
});

test("an open start winding is told from its capacitor", async ({ page }) => {
  await begin(page, "hums, starts with a push", FAN);
  await makeSafe(page);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "12.4");
  await goTo(page, "Windings");
  await page.getByText("Board: 3 posts").click();
  await page.getByLabel("Lead 3: maker's mark").selectOption("S");
  for (const [pair, text] of [
    ["1 to 2", "8.9"],
    ["2 to 3", "OL"],
    ["1 to 3", "OL"],
  ] as const)
    await page.getByLabel(pair).fill(text);
  await leads(page, "Start winding open");
  await decideOn(page, "Replace motor");
});

test("a worn bearing: both are changed, with the reason, and the causes are asked for", async ({ page }) => {
  await begin(page, "squeals and rumbles", FAN);
  await makeSafe(page);
  await turn(page, "Rough, like sand", "radial");
  await capacitor(page, "12.5 µF ±5 % 450 V", "12.4");
  await windings(page, ["13.3", "35.7", "22.6"]);
  await frame(page, "OL", "OL", "OL");
  await leads(page, "Bearing worn");
  await decideOn(page, "Replace bearings");
  await expect(bench(page).getByText(/^Both bearings: the other has run as long/)).toBeVisible();
  await expect(page.getByRole("region", { name: "Why did it fail?" }).getByText("Alignment: not looked at.")).toBeVisible();
  await page.getByRole("group", { name: "Alignment found" }).getByLabel("Yes").check();
  await expect(page.getByText("Alignment: found.")).toBeVisible();
  await page.getByRole("group", { name: "The part is here" }).getByLabel("No").check();
  await page.getByLabel("Oil or grease the bearing").check();
  await expect(bench(page).getByText(/^Temporary\. It quiets a dry bearing/)).toBeVisible();
  await expect(page.getByLabel("Look again by")).not.toHaveValue("");
  await page.getByLabel("Machine still wanted for").fill("soon");
  await expect(bench(page).getByText("“soon” is not a figure. Type it as shown, for example 8.")).toBeVisible();
});

test("a low supply: the motor is not blamed, and the volts are drawn in their band", async ({ page }) => {
  await begin(page, "weak, starts slowly", FAN);
  await goTo(page, "Supply");
  await page.getByLabel("Control calls it").check();
  await page.getByLabel("At the motor, standing").fill("lots");
  await expect(bench(page).getByText(/^“lots” is not a figure/)).toBeVisible();
  await expect(page.getByLabel("At the motor, standing")).toHaveValue("lots");
  await page.getByLabel("At the motor, standing").fill("212");
  await page.getByLabel("While it tries to start").fill("171");
  await expect(
    page.getByRole("img", { name: "Volts at the motor: allowed 207 V to 253 V, standing 212 V, while it tries 171 V" }),
  ).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Supply/ })).toContainText("Sags");
  await leads(page, "Supply");
  await makeSafe(page);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "12.5");
  await decideOn(page, "Repair wiring or supply");
});

test("two faults at once are shown together and mended on one visit", async ({ page }) => {
  await openDemo(page, "dairy-coldstore", "decide");
  const lineUp = caseOf(page).getByRole("region", { name: "Line-up" });
  await expect(lineUp.getByText(/^Two at once: run capacitor and bearing worn/)).toBeVisible();
  await expect(page.getByText("Replace run capacitor, and replace bearings").first()).toBeVisible();
  await page.getByRole("button", { name: "Accept with this reason" }).click();
  await expect(page.getByRole("group", { name: "Chosen action" }).getByLabel("Replace run capacitor")).toBeChecked();
  await expect(page.getByRole("group", { name: "And on the same visit" }).getByLabel("Replace bearings")).toBeChecked();
  await expect(page.getByLabel("Reason")).toHaveValue(
    /^(?:Bearing worn|Run capacitor) \(.*\) and (?:run capacitor|bearing worn) \(.*\): the two works mend both/,
  );
  await page.getByRole("button", { name: "What it hinges on" }).click();
  await expect(page.getByRole("img", { name: /^Cost over/ })).toBeVisible();
  await expect(page.getByRole("region", { name: "What it may cost in all" }).getByRole("listitem")).toHaveCount(3);
});

test("a finding left out shows at once what changes, and is put back; nothing keyed is touched", async ({ page }) => {
  await openDemo(page, "dairy-coldstore", "hand-turn");
  const lineUp = caseOf(page).getByRole("region", { name: "Line-up" });
  await lineUp.getByRole("button", { name: /^Bearing worn/ }).click();
  await expect(lineUp.getByText("For, very strong: radial play")).toBeVisible();
  await expect(lineUp.getByText("There should be no radial play to feel: with it the bearing is worn.")).toBeVisible();
  await lineUp.getByRole("listitem").filter({ hasText: "radial play" }).getByRole("button", { name: "Leave it out" }).first().click();
  await expect(lineUp.getByRole("list", { name: "Left out" })).toContainText("radial play");
  await expect(lineUp.getByRole("button", { name: /^Bearing worn.*→/ })).toBeVisible();
  await expect(page.getByRole("group", { name: "How it turns" }).getByLabel("Rough, like sand")).toBeChecked();
  await lineUp.getByRole("button", { name: "Put it back" }).click();
  await expect(lineUp.getByRole("list", { name: "Left out" })).toHaveCount(0);
});

test("nothing wrong is a result too", async ({ page }) => {
  await begin(page, "comes and goes", FAN);
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await capacitor(page, "12.5 µF ±5 % 450 V", "12.6");
  await windings(page, ["13.3", "35.7", "22.6"]);
  await frame(page, "OL", "OL", "OL");
  await giveBackPower(page);
  await goTo(page, "Supply");
  await page.getByLabel("At the motor, standing").fill("231");
  await page.getByLabel("While it tries to start").fill("226");
  await goTo(page, "Run test");
  await page.getByLabel("Starts by itself").check();
  await page.getByRole("textbox", { name: "Line amps" }).fill("1.84");
  await goTo(page, "Decide");
  await page.getByRole("group", { name: "Chosen action" }).getByLabel("No repair").check();
  await expect(bench(page).getByText(/Nothing was found to repair/)).toBeVisible();
  await expect(bench(page).getByText(/No reason yet/)).toBeVisible();
});

test.describe("with a clock of its own", () => {
  test.use({ ownProfile: true });
  test("interrupted, and resumed on another day where it stood", async ({ page }) => {
    await page.clock.setFixedTime(new Date("2026-11-23T15:40:00.000Z"));
    const id = await begin(page, "hums", FAN);
    await makeSafe(page);
    await turn(page, "Free and silent");
    await goTo(page, "Capacitor");
    await page.getByLabel("Label, as printed").fill("12.5 µF ±5 % 450 V");
    await reloadKept(page);
    await page.clock.setFixedTime(new Date("2026-11-25T08:05:00.000Z"));
    await openRack(page);
    await page.getByRole("link", { name: /Machine not named yet/ }).click();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    expect(new URL(page.url()).searchParams.get("id")).toBe(id);
    await expect(strip(page).getByRole("button", { name: /^Turn by hand/ })).toContainText("Holds");
    await goTo(page, "Capacitor");
    await expect(page.getByLabel("Label, as printed")).toHaveValue("12.5 µF ±5 % 450 V");
    await page.getByLabel("Meter shows", { exact: true }).fill("3.2");
    await leads(page, "Run capacitor");
  });
});

test("another move than the proposed one, and a station skipped with its reason", async ({ page }) => {
  await begin(page, "hums", FAN);
  await makeSafe(page);
  await caseOf(page).getByRole("button", { name: "another", exact: true }).click();
  await page
    .getByRole("dialog", { name: "Another move" })
    .getByRole("button", { name: /^Leads to the frame/ })
    .click();
  await expect(page.getByRole("heading", { name: "To the frame", level: 1 })).toBeVisible();
  await page.getByRole("button", { name: "Skip this station" }).click();
  await expect(page.getByRole("button", { name: "Skip with this reason" })).toBeDisabled();
  await page.getByLabel("Why it is skipped").fill("Frame is painted, no bare metal in reach");
  await page.getByRole("button", { name: "Skip with this reason" }).click();
  await expect(strip(page).getByRole("button", { name: /^To the frame/ })).toContainText("Skipped");
  await caseOf(page).getByRole("button", { name: "another", exact: true }).click();
  await expect(page.getByRole("dialog", { name: "Another move" })).not.toContainText("Leads to the frame");
});

test("a push is there for an open fan behind its check, and never for a compressor", async ({ page }) => {
  await openDemo(page, "dairy-coldstore", "uncoupled-run");
  await page.getByRole("tab", { name: "One push" }).click();
  await expect(bench(page).getByText(/with a dry stick of wood, never a hand/)).toBeVisible();
  await expect(page.getByLabel("Goes on running")).toBeDisabled();
  await page.getByLabel(/^Open wheel, turned free by hand before/).check();
  await page.getByLabel("Goes on running").check();
  await openDemo(page, "lido-dehumidifier", "uncoupled-run&method=push");
  await expect(strip(page).getByRole("button", { name: /^Uncoupled run/ })).toContainText("Welded shell");
  await expect(page.getByRole("heading", { name: "Uncoupled run", level: 1 })).toBeVisible();
  await expect(page.getByRole("tab", { name: "One push" })).toHaveCount(0);
  await expect(page.getByLabel("Goes on running")).toHaveCount(0);
});

test("a proof that contradicts the decision is not signed off; one that comes back has a new card beside the old one", async ({ page }) => {
  await openDemo(page, "nursery-fan-weak", "prove");
  await caseOf(page).getByRole("button", { name: "Put back on the rack" }).click();
  await page.getByLabel("Running amps after").fill("2.6");
  await expect(caseOf(page).getByText("The proof contradicts the decision")).toBeVisible();
  await expect(caseOf(page).getByRole("button", { name: "Sign off" })).toHaveCount(0);
  await page.getByLabel("Running amps after").fill("1.84");
  await caseOf(page).getByRole("button", { name: "Sign off" }).click();
  await caseOf(page).getByRole("button", { name: "It came back" }).click();
  // A card of its own, at the complaint, which is asked anew.
  await expect(caseOf(page).getByText(/^It came back/)).toBeVisible();
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  await expect(bench(page).getByLabel("In the customer's own words")).toHaveValue("");
  const then = bench(page).getByRole("complementary", { name: /^Visit of/ });
  await expect(then.getByText(/^It came back from .*Replace run capacitor/)).toBeVisible();
  // The evidence of then is read beside what is keyed now, and is no part of it.
  await goTo(page, "Capacitor");
  await then.getByRole("button", { name: /^Capacitor on .*: Out/ }).click();
  await expect(then.getByText(/8.91/).first()).toBeVisible();
  await expect(then.getByRole("button", { name: /over$/ })).toHaveCount(0);
  await goTo(page, "Plate");
  await expect(page.getByLabel("Volts", { exact: true })).not.toHaveValue("");
  // Pressed once more on the old card, it is the same new one; the old one stays as it was signed off.
  const fresh = page.url().match(/id=([^&]+)/)?.[1];
  await caseOf(page).getByRole("link", { name: "The card of that visit" }).click();
  await expect(caseOf(page).getByText("Signed off", { exact: true })).toBeVisible();
  await caseOf(page).getByRole("button", { name: "It came back" }).click();
  await expect(page).toHaveURL(new RegExp(`id=${fresh}`));
});

test("a motor that was seen before: its names are offered while typing, plate and board in one tap", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("What does the motor do?").fill("hums, will not start");
  await page.keyboard.press("Enter");
  const machine = bench(page).getByLabel("Machine");
  await machine.fill("circ");
  await bench(page).getByRole("button", { name: "Circulation fan, bay 3 · Brackwater Nursery" }).click();
  await expect(machine).toHaveValue("Circulation fan, bay 3");
  const then = bench(page).getByRole("complementary", { name: /^Visit of/ });
  await expect(then.getByText(/^You were here on/)).toBeVisible();
  await goTo(page, "Plate");
  await then.getByRole("button", { name: "Take the plate over" }).click();
  await expect(page.getByLabel("Volts", { exact: true })).toHaveValue(/230/);
  await expect(then.getByRole("button", { name: "Take the plate over" })).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("Volts", { exact: true })).toHaveValue(/230/);
});

test("a shaded-pole fan: what it has not is out of the way, says why, and is one tap away", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("What does the motor do?").fill("dead");
  await page.keyboard.press("Enter");
  await goTo(page, "Plate");
  await page.getByLabel("Shaded-pole").check();
  await page.getByLabel("Fan", { exact: true }).check();
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toHaveCount(0);
  await goTo(page, "Make safe");
  await expect(bench(page).getByText("A motor of this type has no capacitor: no charge to measure.")).toBeVisible();
  await bench(page).getByRole("button", { name: "There is one all the same" }).click();
  await expect(page.getByLabel("Left on the capacitor")).toBeVisible();
  // Said once, it stays said, and nothing is safe before its charge is measured.
  await untilKept(page);
  await page.reload();
  await expect(page.getByLabel("Left on the capacitor")).toBeVisible();
  await expect(bench(page).getByText(/Still to do:.*capacitor volts measured/)).toBeVisible();
  await strip(page).getByRole("button", { name: "More: 2 not on this motor" }).click();
  await strip(page)
    .getByRole("button", { name: /^Capacitor/ })
    .click();
  await expect(bench(page).getByText("A shaded-pole motor has no capacitor. If there is one all the same, key it here.")).toBeVisible();
});
