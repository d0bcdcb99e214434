import { bench, caseOf, expect, goTo, makeSafe, openDemo, startCard, strip, test, leads } from "./support/vemmick";

test("a capacitor too close to call: drawn to scale, with its chance and its sum", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "capacitor");
  await expect(bench(page).getByText("Too close", { exact: true })).toBeVisible();
  await expect(bench(page).getByText("94.6 % of rated (−5.4 %)")).toBeVisible();
  await expect(bench(page).getByText("Chance that it is within limits: 81 %")).toBeVisible();
  await expect(bench(page).getByText("leave it and look again by")).toBeVisible();
  const rule = page.getByRole("img", { name: "Capacitor: allowed from 16.45 to 18.55 µF; meter 16.56 µF" });
  await expect(rule).toBeVisible();
  await page.getByRole("button", { name: "Working" }).click();
  const working = page.getByRole("dialog", { name: "Working" });
  await expect(working.getByText("100 × 16.56 / 17.5")).toBeVisible();
  await expect(working.getByText(/JCGM 106:2012/)).toBeVisible();
  await page.keyboard.press("Escape");

  await page.getByLabel("Meter shows", { exact: true }).fill("17.6");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Holds");
  await page.getByLabel("Meter shows", { exact: true }).fill("12.1");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Out");
});

test("wrong input is refused in words, and stays to be mended", async ({ page }) => {
  await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("good one");
  await expect(bench(page).getByText("No capacitance found in “good one”")).toBeVisible();
  await page.getByLabel("Label, as printed").fill("227-189 mfd");
  await expect(bench(page).getByText("Type the smaller figure first: 189-227 µF")).toBeVisible();
  await page.getByLabel("Label, as printed").fill("189-227 mfd 250 VAC");
  await expect(bench(page).getByText("Start part: a printed range is usual on start parts.")).toBeVisible();
  await page.getByLabel("Meter shows", { exact: true }).fill("12 V");
  await expect(bench(page).getByText("“V” is not a unit of capacitance")).toBeVisible();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("12 V");
  await goTo(page, "Plate");
  await page.getByLabel("Volts").fill("23000");
  await expect(bench(page).getByText("“23000” cannot be a voltage here. Type a figure from 20 to 600 V.")).toBeVisible();
  await page.getByLabel("Hertz").fill("50");
  await page.getByLabel("Speed").fill("3500");
  await expect(bench(page).getByText("faster than any induction motor on 50 Hz")).toBeVisible();
  await page.getByLabel("Speed").fill("1425");
  await expect(bench(page).getByText("4 poles, 1500 rpm synchronous, slip 5 %")).toBeVisible();
});

test("an open common lead on a hot compressor: the protector, and wait", async ({ page }) => {
  await openDemo(page, "lido-dehumidifier", "windings");
  await expect(bench(page).getByText("Only R to S reads (6.8 Ω); C has no path to either.")).toBeVisible();
  await expect(bench(page).getByText(/Common is open, often an internal protector/)).toBeVisible();
  await expect(bench(page).getByText(/wait until it is cool/)).toBeVisible();
  await expect(bench(page).getByText(/a pin can blow out.*at the contactor/)).toBeVisible();
  await leads(page, "Protector");
  await expect(caseOf(page).getByRole("cell", { name: "Wait and retest" })).toBeVisible();
});

test("an open lead without marks has two meanings until the leads are marked", async ({ page }) => {
  await startCard(page, "dead");
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByLabel("1 to 2").fill("OL");
  await page.getByLabel("2 to 3").fill("6.8");
  await page.getByLabel("1 to 3").fill("OL");
  await expect(bench(page).getByText(/Either a winding is open at that lead, or it is common/)).toBeVisible();
  await page.getByText("Board: 3 posts").click();
  // A name is no mark until a person says that the maker made it.
  await page.getByLabel("Lead 1: name or colour").fill("S");
  await expect(bench(page).getByText(/Either a winding is open at that lead/)).toBeVisible();
  await page.getByRole("button", { name: "The maker marked it: S, start" }).click();
  await expect(page.getByLabel("Lead 1: maker's mark")).toHaveValue("S");
  await expect(bench(page).getByText(/The start winding is open/)).toBeVisible();
  await page.getByLabel("S to 3").fill("22");
  await expect(bench(page).getByText(/cannot be open: both other pairs read/)).toBeVisible();
});

test("a grounded winding condemns the motor, and no run test is offered", async ({ page }) => {
  await startCard(page, "trips at once");
  await goTo(page, "Plate");
  await page.getByText("PSC", { exact: true }).click();
  await makeSafe(page);
  await goTo(page, "To the frame");
  await page.getByLabel("1 to frame").fill("62");
  await expect(bench(page).getByText("Ground fault", { exact: true })).toBeVisible();
  await expect(bench(page).getByText("1 reads 62 Ω to the frame: a ground fault")).toBeVisible();
  await leads(page, "Ground fault");
  await expect(caseOf(page).getByRole("region", { name: "Next move" })).not.toContainText("Running amps");
  await expect(caseOf(page).getByRole("row").nth(1)).toContainText("Replace motor");
});

test("what trips gets no power before look, hand and frame; over a ground fault only once its part is out", async ({ page }) => {
  await startCard(page, "trips at once since the wash-down");
  await page.getByLabel("After water or wash-down").check();
  await leads(page, "Ground fault");
  await goTo(page, "Plate");
  await page.getByText("PSC", { exact: true }).click();
  await makeSafe(page);
  await goTo(page, "Power back on");
  await expect(
    bench(page).getByText("It trips. Before it gets power again: look and smell; turn it by hand; measure it to the frame."),
  ).toBeVisible();
  await goTo(page, "Look and smell");
  await page.getByLabel("Looked and smelt: nothing found").check();
  await page.getByLabel("Rule out").selectOption({ label: "Driven load" });
  await expect(bench(page).getByText("Counts once a reason stands here", { exact: false })).toBeVisible();
  await page.getByLabel("Driven load: what was heard or seen").fill("Wheel spins free in its housing");
  await goTo(page, "Turn by hand");
  await page.getByRole("group", { name: "How it turns" }).getByLabel("Tight").check();
  await page.getByRole("group", { name: "With belt, wheel or pump off" }).getByLabel("Free and silent").check();
  await expect(bench(page).getByText("Free with its load off", { exact: false })).toBeVisible();
  await goTo(page, "To the frame");
  await page.getByLabel("1 to frame").fill("62");
  await goTo(page, "Power back on");
  await expect(bench(page).getByText("A path to the frame was found. No power until", { exact: false })).toBeVisible();
  for (const step of ["Leads as marked", "Everyone clear", "Own lock and tag"]) await page.getByLabel(step, { exact: false }).check();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  await goTo(page, "To the frame");
  await page.getByLabel("What was faulty is out of the circuit").check();
  await page.getByLabel("Every lead to the frame again, the lowest").fill("OL");
  await goTo(page, "Power back on");
  await page.getByRole("button", { name: "Power is back on" }).click();
  await expect(bench(page).getByText("Power back on since", { exact: false })).toBeVisible();
});

test("the dead stretch stays shut until it is proven; a declaration opens it and is told for ever", async ({ page }) => {
  await startCard(page, "hums");
  await goTo(page, "Windings");
  await expect(bench(page).getByText("Isolate it, prove it dead and measure the capacitor first")).toBeVisible();
  await expect(page.getByLabel("1 to 2")).toHaveCount(0);
  await bench(page).getByRole("button", { name: "Make safe first" }).click();
  await page.getByLabel("The circuit to be worked on").fill("118");
  await expect(bench(page).getByText("118 V on the circuit: it is live")).toBeVisible();
  await page.getByLabel("The circuit to be worked on").fill("");
  await page.getByRole("button", { name: "Declare safe without measuring" }).click();
  await expect(strip(page).getByText("Declared only")).toBeVisible();
  await goTo(page, "Windings");
  await expect(page.getByLabel("1 to 2")).toBeEnabled();
  await makeSafe(page);
  await expect(bench(page).getByText(/Declared safe without measuring at .* This stays on the traveller/)).toBeVisible();
});

test("a station is skipped with a reason, and done after all", async ({ page }) => {
  await openDemo(page, "ventilator-interrupted", "frame");
  await page.getByRole("button", { name: "Skip this station" }).click();
  await page.getByLabel("Why it is skipped").fill("paint cannot be scratched");
  await page.getByRole("button", { name: "Skip with this reason" }).click();
  await expect(strip(page).getByRole("button", { name: /^To the frame/ })).toContainText("Skipped");
  await page.getByRole("button", { name: "Do it after all" }).click();
  await expect(strip(page).getByRole("button", { name: /^To the frame/ })).toContainText("Not done");
});
