import type { Page } from "@playwright/test";
import { HandMeter, linkPanel } from "./support/meter";
import { bench, expect, expectKept, goTo, keptAt, makeSafe, startCard, test, untilKept } from "./support/vemmick";

// The page's clock is the test's.
test.use({ ownProfile: true });

type Truth = Readonly<Record<string, string>>;
const between = (truth: Truth, pair: string): string | null => {
  const [a = "", b = ""] = pair.split(" to ");
  return truth[`${a} ${b}`] ?? truth[`${b} ${a}`] ?? null;
};

const asked = (page: Page) => linkPanel(page).getByText(/^goes to/);

test("a board of eight posts is named and its leads read to the frame without a touch of the screen", async ({ page }) => {
  const meter = await HandMeter.at(page);
  const id = await startCard(page, "hums");
  await goTo(page, "Plate");
  await page.getByLabel("Capacitor-start", { exact: true }).check();
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByText(/^Board: \d+ posts/).click();
  await page.getByRole("button", { name: "8-post box", exact: true }).click();
  await meter.open();
  await meter.lift();
  const truth: Truth = { "2 7": "3.4", "1 6": "9.3", "3 5": "0.7" };
  let probes = 0;
  for (; probes <= 24; probes += 1) {
    await meter.show("OL kohm", 200);
    await expect(bench(page).getByText("being worked out")).toHaveCount(0);
    const isOver = page.getByText("Nothing more needs measuring");
    await expect(asked(page).or(isOver)).toBeVisible();
    if ((await isOver.count()) > 0) break;
    const pair = ((await asked(page).textContent()) ?? "").replace(/^goes to /, "");
    await meter.touch(between(truth, pair));
    await expect(linkPanel(page).getByRole("status")).toHaveText(new RegExp(`^Taken: .*, ${pair}\\.$`));
  }
  expect(probes).toBeLessThanOrEqual(24);
  await expect(page.getByRole("button", { name: "Post 2, Main" })).toBeVisible();
  const kept = (await keptAt(page, id, "windings")) as { pairs: { entry: { text: string; reading: Record<string, unknown> } }[] };
  expect(kept.pairs).toHaveLength(probes);
  for (const { entry } of kept.pairs) expect(entry.reading).toMatchObject({ origin: "meter", line: expect.any(String) });
  // Tips together, where nothing is asked for: on to what comes next.
  await meter.touch(null);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("To the frame");
  const leads = await bench(page)
    .getByLabel(/ to frame$/)
    .count();
  for (let lead = 0; lead < leads; lead += 1) await meter.touch(null);
  const frame = (await keptAt(page, id, "frame")) as { readings: { reading: { kind: string; origin: string } }[] };
  expect(frame.readings).toHaveLength(leads);
  for (const entry of frame.readings) expect(entry.reading).toMatchObject({ kind: "over-limit", origin: "meter" });
});

test("a figure is taken once, taken back by one key, and taken anew; a slide and a brush take nothing", async ({ page }) => {
  const meter = await HandMeter.at(page);
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await meter.open();
  await expect(asked(page)).toHaveText("goes to 1 to 2");
  await meter.touch("8.9");
  await expect(linkPanel(page).getByText("Taken: 8.9 Ω, 1 to 2.")).toBeVisible();
  await expect(bench(page).getByText("by meter")).toHaveCount(1);
  await expect(asked(page)).toHaveText(/goes to 2 to 3|goes to 1 to 3/);
  // A brush over something, and a figure that never stands still.
  await meter.show("31.4 ohm", 300);
  for (const ohm of ["28.0", "30.5", "33.1", "29.4", "35.0", "31.9", "27.2", "36.3"]) await meter.show(`${ohm} ohm`, 160);
  await meter.lift();
  await expect.poll(async () => ((await keptAt(page, id, "windings")) as { pairs: unknown[] }).pairs.length).toBe(1);
  await page.keyboard.press("Escape");
  await expect(linkPanel(page).getByText("Taken back: 1 to 2.")).toBeVisible();
  await expect(page.getByLabel("1 to 2", { exact: true })).toHaveValue("");
  await meter.touch("9.1");
  await expect(page.getByLabel("1 to 2", { exact: true })).toHaveValue("9.1");
});

test("volts where it was proven dead, a wrong setting, a lost line: told at once, nothing taken", async ({ page }) => {
  const meter = await HandMeter.at(page);
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "To the frame");
  await meter.open();
  await meter.show("118.2 V", 300);
  await expect(linkPanel(page).getByRole("alert")).toHaveText(/^118\.2 V where it was proven dead\. Take the tips off\./);
  await meter.show("118.2 V", 1500);
  await meter.show("16.5 uF", 1600);
  await expect(linkPanel(page).getByText("Set the meter to ohms (Ω).")).toBeVisible();
  await meter.show("-3.1 ohm", 800);
  await expect(linkPanel(page).getByRole("alert")).toHaveText(/^Below zero ohms: something drives a current/);
  await meter.show("this is no meter", 600);
  await expect(linkPanel(page).getByText(/“this is no meter” is not read: it is built another way/)).toBeVisible();
  await meter.show("12.4 ohm", 400);
  await meter.hangUp();
  await expect(linkPanel(page).getByRole("alert")).toHaveText(/^The line is lost\. What was taken stands\./);
  expect(((await keptAt(page, id, "frame")) as { readings: unknown[] } | null)?.readings ?? []).toEqual([]);
});

test("what the display shows is taken by a key, settled or not; a figure that is out asks to be looked at", async ({ page }) => {
  const meter = await HandMeter.at(page);
  const id = await startCard(page, "hums");
  await goTo(page, "Make safe");
  await page.getByLabel("Breaker or disconnect off and locked").check();
  await meter.open();
  await meter.show("231.4 V", 1300);
  await expect(page.getByLabel("Meter on a live source, before")).toHaveValue("231.4");
  await expect(asked(page)).toHaveText("goes to The circuit to be worked on");
  // Dead is taken by a key: an untouched meter shows the same.
  await meter.show("0.1 V", 1600);
  await expect(page.getByLabel("The circuit to be worked on")).toHaveValue("");
  await page.getByLabel("The circuit to be worked on").press("Enter");
  await expect(page.getByLabel("The circuit to be worked on")).toHaveValue("0.1");
  await expectKept(page, id, "make-safe", { round: { circuitDead: { reading: { value: 0.1, origin: "meter", line: "0.1 V" } } } });
  // The tester is proved once more: volts are no danger there.
  await meter.show("230.8 V", 1300);
  await expect(page.getByLabel("Meter on a live source, after")).toHaveValue("230.8");
  await page.getByLabel("Left on the capacitor").fill("0.4");
  await expect(bench(page).getByText("Proven dead")).toBeVisible();
  await meter.show("0.0 V", 300);
  await meter.show("231.0 V", 1500);
  await expect(linkPanel(page).getByRole("alert")).toHaveCount(0);
});

test("no meter there: each way says what to do, and figures are keyed as before", async ({ page }) => {
  await page.goto("/bench?station=windings");
  await page.getByRole("button", { name: "Meter link" }).click();
  await page.getByRole("listitem").filter({ hasText: "Plain line from a bridge" }).getByRole("button", { name: "Open" }).click();
  await expect(linkPanel(page).getByText(/Nothing answers at ws:\/\/localhost:8765/)).toBeVisible();
  await page.getByLabel("1 to 2", { exact: true }).fill("8.9");
  await page.getByRole("button", { name: "Choose a meter" }).click();
  const played = page.getByLabel("Play a file");
  await played.setInputFiles({ name: "empty.txt", mimeType: "text/plain", buffer: Buffer.from(" \n") });
  await expect(page.getByText("There is nothing in it to play.")).toBeVisible();
  const lines = Array.from({ length: 12 }, () => "31.4 ohm").join("\n");
  await played.setInputFiles({ name: "drum.txt", mimeType: "text/plain", buffer: Buffer.from(lines) });
  await expect(linkPanel(page).getByText(/Taken: 31\.4 Ω/)).toBeVisible();
  await expect(linkPanel(page).getByRole("alert")).toHaveText(/^The line is lost/);
  await expect(page.getByLabel("1 to 2", { exact: true })).toHaveValue("8.9");
});

test("a meter is taught from lines that were pasted, what is wrong is said, and it reads a board", async ({ page }) => {
  const meter = await HandMeter.at(page);
  await page.goto("/house-rules");
  await page.getByRole("button", { name: "Teach another meter" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Workshop meter");
  await page.getByLabel("Lines of this meter, as it sends them").fill("#1|RES|4.712|kohm\n#2|VAC|118.2|V\n#3|RES|OL|kohm");
  const read = page.getByRole("table", { name: "What is read of each line" });
  await expect(read.getByRole("row").first()).toContainText("Not read: it is built another way.");
  await page.getByRole("button", { name: "Guess it from the lines above" }).click();
  // The number of the line would have to be the same each time.
  const built = page.getByLabel(/^How a line is built/);
  await built.fill("<unit>");
  await expect(page.getByText("Nothing says where the figure stands. Write <value> in its place")).toBeVisible();
  await built.fill("<any>|<function>|<value>|<unit>");
  await expect(read.getByRole("row")).toHaveText([/Ohms: 4\.712 kΩ/, /Volts: 118\.2 V/, /Ohms: OL/]);
  await page.getByRole("radio", { name: "A bridge on this machine" }).check();
  await page.getByLabel("Address on this machine").fill("ws://meters.example/");
  await expect(page.getByText("Type an address of this machine")).toBeVisible();
  await page.getByLabel("Address on this machine").fill("ws://localhost:8765/");
  await untilKept(page);
  await page.goto("/bench?station=windings");
  await page.getByRole("button", { name: "Meter link" }).click();
  await page.getByRole("listitem").filter({ hasText: "Workshop meter" }).getByRole("button", { name: "Open" }).click();
  await expect(asked(page)).toHaveText("goes to 1 to 2");
  await meter.show("#9|RES|8.9|ohm", 1300);
  await expect(page.getByLabel("1 to 2", { exact: true })).toHaveValue("8.9");
});
