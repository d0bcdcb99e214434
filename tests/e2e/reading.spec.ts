import { bench, caseOf, expect, goTo, keptAt, leads, makeSafe, openRack, startCard, strip, test } from "./support/vemmick";

test("won't start: heard; looked at and measured to the frame before its first power, or, where that cannot be, switched on once to listen", async ({
  page,
}) => {
  await openRack(page);
  await page.getByLabel("What does the motor do?").fill("Won’t start, no burning smell, lights dim");
  await expect(page.getByRole("button", { name: "Strike Does not run" })).toBeVisible();
  await expect(page.getByText("not: burning smell")).toBeVisible();
  await expect(page.getByText("Not understood, kept in your words:")).toContainText("lights dim");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  await goTo(page, "Plate");
  await page.getByLabel("PSC", { exact: true }).check();
  await page.getByLabel("Fan", { exact: true }).check();
  const move = caseOf(page).getByRole("region", { name: "Next move" });
  await expect(move.getByRole("heading")).toHaveText("Look and smell");
  await expect(move).toContainText("Before it gets its first power");
  for (const station of ["Look and smell", "To the frame"]) {
    await goTo(page, station);
    await page.getByRole("button", { name: "Skip this station" }).click();
    await page.getByLabel("Why it is skipped").fill("up on the roof");
    await page.getByRole("button", { name: "Skip with this reason" }).click();
    await expect(strip(page).getByRole("button", { name: new RegExp(`^${station}`) })).toContainText("Skipped");
  }
  await expect(move.getByRole("heading")).toHaveText("Switch on once and listen");
  await expect(move).toContainText("two seconds with the power on");
  await move.getByRole("button", { name: "Go to run test" }).click();
  await page.getByLabel(/^Hums/).check();
  await leads(page, "Run capacitor");
  await expect(move.getByRole("heading")).not.toHaveText("Switch on once and listen");
});

test("won't start and trips: it is not switched on to listen", async ({ page }) => {
  await startCard(page, "won't start, trips the breaker at once");
  await goTo(page, "Plate");
  await page.getByLabel("PSC", { exact: true }).check();
  const move = caseOf(page).getByRole("region", { name: "Next move" });
  await expect(move.getByRole("heading")).toHaveText("Look before it gets power");
  await expect(move.getByRole("button", { name: "Make safe first" })).toBeVisible();
});

test("the open line: chips are struck, brought back and added; an open question is asked", async ({ page }) => {
  await openRack(page);
  const line = page.getByLabel("What does the motor do?");
  await line.fill("trips the breaker, gets hot");
  await page.getByRole("button", { name: "Strike Runs hot" }).click();
  await page.getByRole("button", { name: "Bring back Runs hot" }).click();
  await expect(page.getByRole("button", { name: "Strike Runs hot" })).toBeVisible();
  await page.getByRole("group", { name: "Trips when?" }).getByRole("button", { name: "Trips while running" }).click();
  await expect(page.getByRole("group", { name: "Trips when?" })).toHaveCount(0);
  await page.getByRole("group", { name: "Add to what was heard" }).getByRole("button", { name: "Squeals" }).click();
  // Wherever the last press was, Enter starts the card.
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  const id = new URL(page.url()).searchParams.get("id") ?? "";
  expect(await keptAt(page, id, "complaint")).toMatchObject({
    complaints: ["runs-hot", "trips-running", "squeals"],
    said: "trips the breaker, gets hot",
  });
});

test("one sentence: complaint, how it came about, what came before, machine, drive and place; each can be struck", async ({ page }) => {
  await openRack(page);
  const line = page.getByLabel("What does the motor do?");
  await line.fill("trips the breaker at start, for months now and then, now always, since the new cover");
  for (const chip of ["Trips at start", "First sometimes, then always", "After somebody's repair"])
    await expect(page.getByRole("button", { name: `Strike ${chip}` })).toBeVisible();
  await expect(page.getByRole("button", { name: /Trips at once|Sometimes/ })).toHaveCount(1);
  await line.fill(
    "belt driven compressor at Brackwater Nursery trips at start, used to squeal, quiet now, since the new cover; pump seized",
  );
  await expect(page.getByText("no longer: squeals")).toBeVisible();
  await expect(page.getByText(/Told: the shaft does not turn/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Strike Brackwater Nursery" })).toBeVisible();
  await line.fill("belt driven compressor at Brackwater Nursery trips at start since the new cover, after a storm");
  await page.getByRole("button", { name: "Strike After a storm or power cut" }).click();
  await expect(page.getByRole("button", { name: "Bring back After a storm or power cut" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Strike Brackwater Nursery" })).toBeVisible();
  await line.press("Enter");
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  const id = new URL(page.url()).searchParams.get("id") ?? "";
  expect(await keptAt(page, id, "complaint")).toMatchObject({ complaints: ["trips-at-start"], course: [], after: ["repair"] });
  expect(await keptAt(page, id, "plate")).toMatchObject({ machineKind: "belt-compressor", drive: "belt" });
  await expect(page.getByText("Brackwater Nursery").first()).toBeVisible();
  await expect(page.getByLabel("After somebody's repair")).toBeChecked();
  await goTo(page, "Plate");
  await expect(page.getByLabel("Belt compressor", { exact: true })).toBeChecked();
});

test("a label says the same in any order; what could be two things is asked, and nothing is lost", async ({ page }) => {
  await startCard(page, "hums, will not start");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  const label = page.getByLabel("Label, as printed");
  const said = bench(page).getByRole("img", { name: /35 µF/ });
  const read: string[] = [];
  for (const text of [
    "35 µF ±5% 440 V 50/60Hz RH 95% 0521",
    "VOLTS 440 0521 RH 95% TOL. ±5% MFD 35 50/60Hz",
    "50/60Hz · 95% RH · µF: 35 · AC440V · 3% ED · 5%",
  ]) {
    await label.fill(text);
    await expect(said).toBeVisible();
    // Notes stay in the order of the label.
    read.push(((await said.getAttribute("aria-label")) ?? "").replace(/ · kept as a note.*/, ""));
  }
  expect(new Set(read).size, read.join("\n")).toBe(1);
  await expect(bench(page).getByText("±5 %")).toBeVisible();
  await label.fill("35 µF ±5% ±10% 440 V");
  await expect(page.getByText("could be ±5% or ±10%")).toBeVisible();
  await expect(label).toHaveValue("35 µF ±5% ±10% 440 V");
});

test("a dual-voltage plate: asked once, or told by the supply; its limits and amps follow the connection", async ({ page }) => {
  await startCard(page, "weak, starts slowly");
  await goTo(page, "Plate");
  await page.getByLabel("Capacitor-start", { exact: true }).check();
  await page.getByLabel("Volts").fill("115/208-230");
  await page.getByLabel("Hertz").fill("60");
  await page.getByLabel("Full-load amps").fill("13.4/6.7");
  await page.getByLabel("Speed").fill("1,725");
  await page.getByLabel("Power").fill("1-1/2 HP");
  await expect(bench(page).getByText("Not said how it is connected")).toBeVisible();
  await expect(bench(page).getByText("1119 W at the shaft")).toBeVisible();
  await goTo(page, "Supply");
  await page.getByLabel("At the motor, standing").fill("160");
  await expect(bench(page).getByText(/belongs to no connection of the plate/)).toBeVisible();
  await page.getByLabel("At the motor, standing").fill("118");
  await expect(bench(page).getByText(/taken as the 115\sV one/)).toBeVisible();
  await goTo(page, "Plate");
  await page.getByLabel("208–230 V, 6.7 A").check();
  await goTo(page, "Supply");
  await expect(bench(page).getByText(/good for the plate's other connection: the supply is right/)).toBeVisible();
  await page.getByLabel("At the motor, standing").fill("160");
  await expect(bench(page).getByText(/[Bb]elow the band of 187\.2\sV to 253\sV/)).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Supply/ })).toContainText("Out");
  // The amps of the connection in hand are those the run is held against.
  await goTo(page, "Run test");
  await page.getByLabel("Starts by itself").check();
  await page.getByRole("textbox", { name: "Line amps" }).fill("6.9");
  await expect(page.getByRole("img", { name: /Line amps 6\.9\sA, 103\s% of the plate/ })).toBeVisible();
});

test("a plate of a motor with two capacitors: both are understood, and each has its place", async ({ page }) => {
  await startCard(page, "hums, does not start");
  await goTo(page, "Plate");
  await page.getByLabel("Capacitor-start and run", { exact: true }).check();
  await page.getByLabel("Capacitor asked for").fill("20 µF 450 V / 130 µF 250 V");
  await expect(bench(page).getByText("Run part 20 µF 450 V; Start part 130 µF 250 V")).toBeVisible();
  await expect(page.getByLabel("Second capacitor")).toBeVisible();
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("20 µF 450 V / 130 µF 250 V");
  await expect(bench(page).getByText(/tells of two capacitors/)).toBeVisible();
  await page.getByRole("button", { name: "Part them" }).click();
  await expect(page.getByLabel("Label, as printed", { exact: true })).toHaveValue("20 µF 450 V");
  const part = page.getByRole("group", { name: "Part in hand" });
  await part.getByLabel("Start part").check();
  await expect(page.getByLabel("Label, as printed", { exact: true })).toHaveValue("130 µF 250 V");
  // Both are the right part for this plate: nothing is called wrong.
  await page.getByLabel("Meter shows", { exact: true }).fill("134");
  await part.getByLabel("Run part").check();
  await page.getByLabel("Meter shows", { exact: true }).fill("20.1");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Holds");
});

test("a slip is asked: one press takes the other figure, one press says it stands", async ({ page }) => {
  await startCard(page, "weak");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("35 µF ±6 % 440 V");
  const meter = page.getByLabel("Meter shows", { exact: true });
  await meter.fill("3.52");
  const asked = page.getByRole("group", { name: "Not sure of a figure" });
  await expect(asked).toContainText("3.52 does not go with the label; 35.2 µF would");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Not sure");
  await asked.getByRole("button", { name: "35.2 µF is meant" }).click();
  await expect(meter).toHaveValue("35.2");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Holds");
  await meter.fill("3.52");
  await asked.getByRole("button", { name: "3.52 is right" }).click();
  await expect(asked).toHaveCount(0);
  await expect(meter).toHaveValue("3.52");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Out");
  await leads(page, "Run capacitor");
});

test("the shelf refuses what is no capacitor, and asks for volts", async ({ page }) => {
  await page.goto("/shelf");
  const form = page.getByRole("form", { name: "New line" });
  const label = form.getByLabel("Label, as printed");
  await label.fill("Motor 0.75 kW 230 V tested good");
  await form.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(form.getByText("This reads as a motor, not as a capacitor.")).toBeVisible();
  await expect(label).toHaveValue("Motor 0.75 kW 230 V tested good");
  await label.fill("14 µF");
  await expect(form.getByText(/does not say its volts/)).toBeVisible();
  await label.fill("14 µF 450 V");
  await form.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "14 µF 450 V" })).toBeVisible();
});
