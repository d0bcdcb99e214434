import type { Page } from "@playwright/test";
import { bench, caseOf, expect, goTo, leads, startCard, strip, test, throughStations, untilKept } from "./support/vemmick";
import { capacitor, decideOn, frame, giveBackPower, look, makeSafe, turn } from "./support/work";

const nextMove = (page: Page) => caseOf(page).getByRole("region", { name: "Next move" });
const lineUp = (page: Page) => caseOf(page).getByRole("region", { name: "Line-up" });

async function plate(page: Page, type: string | null, machine: string, lines: Readonly<Record<string, string>>): Promise<void> {
  await goTo(page, "Plate");
  if (type !== null) await page.getByRole("group", { name: "Motor type" }).getByLabel(type, { exact: true }).check();
  for (const [label, text] of Object.entries(lines)) await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByRole("group", { name: "Machine" }).getByLabel(machine, { exact: true }).check();
}

/** Makes it safe where no charge is asked for. */
async function makeDead(page: Page): Promise<void> {
  await goTo(page, "Make safe");
  await page.getByLabel("Breaker or disconnect off and locked").check();
  await page.getByLabel("Meter on a live source, before").fill("118");
  await page.getByLabel("The circuit to be worked on").fill("0.2");
  await page.getByLabel("Meter on a live source, after").fill("118");
  await expect(bench(page).getByText("Proven dead")).toBeVisible();
}

test("shaded pole, dead after a storm: an open coil stands at once, and nothing asks for what it has not", async ({ page }) => {
  await startCard(page, "fan dead after a storm");
  await plate(page, "Shaded-pole", "Fan", { Volts: "115", Hertz: "60", "Full-load amps": "0.6", Speed: "1550" });
  await makeDead(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await goTo(page, "Windings");
  await page.getByRole("button", { name: "Two leads: this type has one coil" }).click();
  await page.getByLabel("1 to 2").fill("OL");
  await leads(page, "Main winding open");
  await expect(lineUp(page).getByRole("listitem").first()).not.toContainText("against: no signs of life");

  // What the screens say of it, station by station, is of one coil.
  const said: string[] = [];
  await throughStations(page, async (name) => {
    const text = await bench(page).innerText();
    if (/start(ing)? winding|start switch|centrifugal|start capacitor|run capacitor/i.test(text)) said.push(name);
  });
  expect(said.filter((name) => !["Capacitor", "Start gear", "Complaint"].includes(name))).toEqual([]);
  await goTo(page, "Decide");
  const actions = page.getByRole("group", { name: "Chosen action" });
  await expect(actions.getByLabel("Replace motor")).toBeVisible();
  for (const none of ["Replace run capacitor", "Replace start capacitor", "Service start switch", "Replace start relay or PTC"])
    await expect(actions.getByLabel(none)).toHaveCount(0);
  await goTo(page, "Out and in");
  await expect(page.getByLabel(/^Rotor put in end for end/)).toHaveCount(1);
  await expect(page.getByLabel(/^Way of turning changed by its leads/)).toHaveCount(0);
});

test("split phase that trips: a burnt start winding is told by its ohms against the run winding", async ({ page }) => {
  await startCard(page, "dryer trips the breaker when it starts");
  await plate(page, "Split-phase", "Drum", { Volts: "115", Hertz: "60", "Full-load amps": "6.0", Speed: "1725", Power: "1/3 hp" });
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await goTo(page, "Windings");
  for (const [pair, text] of [
    ["1 to 2", "1.8"],
    ["1 to 3", "2.3"],
    ["2 to 3", "3.9"],
  ] as const)
    await page.getByLabel(pair).fill(text);
  await expect(
    bench(page).getByText(/^Start winding 2\.1\sΩ against 1\.6\sΩ of the run winding: a split-phase motor has two to six times/),
  ).toBeVisible();
  await expect(lineUp(page)).toContainText("Start winding");
  await expect(bench(page).getByText(/look at the plate again/i)).toHaveCount(0);
  await goTo(page, "Run test");
  await expect(page.getByLabel("Capacitor volts")).toHaveCount(0);
});

test("two capacitors: each by every method, whichever label came first; running figures go to the run part", async ({ page }) => {
  await startCard(page, "pump starts slowly");
  await plate(page, "Capacitor-start and run", "Pump", {
    Volts: "230",
    Hertz: "60",
    "Full-load amps": "9.8",
    Speed: "3450",
    "Capacitor asked for": "5 µF 440 V / 130 µF 250 V",
  });
  await makeSafe(page);
  // The start part's label is keyed first.
  await capacitor(page, "124-149 µF 250 V", "131");
  const part = page.getByRole("group", { name: "Part in hand" });
  await expect(part.getByLabel("Start part")).toBeChecked();
  await page.getByRole("tab", { name: /Ohmmeter swing$/ }).click();
  await page.getByLabel("Dips, climbs to OL").check();
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await giveBackPower(page);
  await goTo(page, "Capacitor");
  await page.getByRole("tab", { name: /Running$/ }).click();
  await part.getByLabel("Run part").check();
  await page.getByLabel("Amps in its lead").fill("0.53");
  await page.getByLabel("Volts across it").fill("352");
  await page.getByLabel("Label, as printed").fill("5 µF ±6 % 440 V");
  await expect(bench(page).getByText(/out of the circuit|start part is out/i)).toHaveCount(0);
  await expect(bench(page).getByText(/^79\.9\s% of rated/)).toBeVisible();
  await leads(page, "Run capacitor");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Out");
});

test("readings of two capacitors at the wrong part are asked about, and exchanged by one press", async ({ page }) => {
  await startCard(page, "pump starts slowly");
  await plate(page, "Capacitor-start and run", "Pump", { Volts: "230", "Capacitor asked for": "20 µF 440 V / 130 µF 250 V" });
  await makeSafe(page);
  await capacitor(page, "20 µF ±6 % 440 V", "131");
  await page.getByRole("group", { name: "Part in hand" }).getByLabel("Start part").check();
  await page.getByLabel("Label, as printed").fill("124-149 µF 250 V");
  await page.getByLabel("Meter shows", { exact: true }).fill("19.9");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Not sure");
  // Told from the part in hand.
  await expect(bench(page).getByText(/19\.9\sµF here and 131\sµF at the other one/)).toBeVisible();
  await page.getByRole("button", { name: "Exchange the readings" }).click();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("131");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Holds");
});

test("dual voltage, wired for the other: looked at before any part, connected anew, and proved against that connection", async ({
  page,
}) => {
  const id = await startCard(page, "pump runs weak and slow");
  await plate(page, "Capacitor-start", "Pump", {
    Volts: "115/230",
    Hertz: "60",
    "Full-load amps": "13.4/6.7",
    Speed: "3450",
    Power: "1 hp",
    "Capacitor asked for": "130-156 µF 125 V",
  });
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await giveBackPower(page);
  await goTo(page, "Supply");
  await page.getByLabel("Standing", { exact: false }).first().fill("117");
  await goTo(page, "Run test");
  await page.getByLabel("Starts by itself").check();
  await page.getByRole("textbox", { name: "Line amps" }).fill("3.6");
  await expect(nextMove(page)).toContainText("Look how it is connected");
  await leads(page, "Wiring");
  await goTo(page, "Plate");
  await page.getByRole("group", { name: "Connected for" }).getByLabel(/^230/).check();
  await expect(nextMove(page)).not.toContainText("Look how it is connected");
  await goTo(page, "Supply");
  await expect(bench(page).getByText(/good for the plate's other connection: the supply is right/)).toBeVisible();
  await goTo(page, "Decide");
  await expect(
    page.getByRole("region", { name: "Proposed" }).getByText("Connect anew, or turn it round", { exact: true }).first(),
  ).toBeVisible();
  await page.getByRole("button", { name: "Accept with this reason" }).click();
  await goTo(page, "Make safe");
  await page.getByRole("button", { name: "Make safe once more" }).click();
  await makeSafe(page);
  await goTo(page, "Out and in");
  await page.getByLabel(/^Connected for the volts that are there/).check();
  await expect(nextMove(page)).toContainText("To the frame");
  await giveBackPower(page);
  await goTo(page, "Run test");
  await page.getByLabel("Starts by itself").check();
  await page.getByRole("textbox", { name: "Line amps" }).fill("12.6");
  await expect(bench(page).getByText(/^Line amps 12\.6\sA; 94\s% of the plate/)).toBeVisible();
  await goTo(page, "Prove");
  await expect(bench(page).getByText(/^Before: 3\.6\sA, while it was wired for other volts\.$/)).toBeVisible();
  await expect(nextMove(page)).toContainText("Repaired and proved");
  await expect(caseOf(page).getByRole("region", { name: /If you stopped now/ })).toHaveCount(0);
  await untilKept(page);
  await page.goto(`/print?id=${id}`);
  await expect(page.getByText(/^Taken while it is wired for other volts than arrive/)).toBeVisible();
  await page.goto(`/print?id=${id}&view=customer`);
  await expect(page.getByText("The motor is connected for other volts than those that arrive.")).toBeVisible();
  await expect(page.getByText("The motor was connected for the volts that are there.")).toBeVisible();
});

test("a wet pump is dried: power waits for a figure that counts, and another motor is no offer once that is done", async ({ page }) => {
  const id = await startCard(page, "pump trips at once");
  await plate(page, "Capacitor-start", "Pump", {
    Volts: "230",
    Hertz: "60",
    "Full-load amps": "6.8",
    "Capacitor asked for": "130-156 µF 250 V",
  });
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "OL", "OL", "OL");
  await goTo(page, "Insulation");
  const megohm = page.getByLabel("All windings to frame");
  await megohm.fill("0.4");
  await expect(
    bench(page).getByText(/^All windings to frame: 0\.4\sMΩ, limit 1\sMΩ\. .*No power until it is dried and above 1\sMΩ\.$/),
  ).toBeVisible();
  await goTo(page, "Power back on");
  await expect(bench(page).getByText(/^A path to the frame was found\. No power until/)).toBeVisible();
  await decideOn(page, "Dry out");
  await goTo(page, "Out and in");
  await page.getByLabel(/^Dried out/).check();
  await goTo(page, "Insulation");
  await megohm.fill("38");
  await expect(nextMove(page)).toContainText("the figure counts once the tester is proven");
  await goTo(page, "Power back on");
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  await expect(bench(page).getByText(/^A path to the frame was found\. No power until/)).toBeVisible();
  await untilKept(page);
  await page.goto(`/print?id=${id}&view=customer`);
  await expect(page.getByText("The motor was dried out.")).toBeVisible();
  await expect(page.getByText("Fit a new motor")).toHaveCount(0);
  await page.goto(`/traveller?id=${id}&station=insulation`);
  await page.getByRole("group", { name: "Electronics and capacitors disconnected" }).getByLabel("Yes").check();
  await page.getByLabel("Tester leads together").fill("0");
  await page.getByLabel("Tester leads apart").fill("OL");
  await expect(nextMove(page)).toContainText("Prove");
  await giveBackPower(page);
});

const NOT_OURS =
  /^This is (.*), (.*): the limits, the line-up and the next move here are for induction motors on one phase, and accuse nothing on it\.$/;

test("not ours, from its first word: a three-phase motor", async ({ page }) => {
  await startCard(page, "three-phase motor trips at start");
  await expect(bench(page).getByText(NOT_OURS)).toBeVisible();
  await expect(lineUp(page)).toContainText("Nothing is weighed");
  await expect(lineUp(page).getByRole("listitem")).toHaveCount(0);
  await plate(page, null, "Pump", { Volts: "400", "Full-load amps": "3.4", Power: "1.5 kW" });
  await makeSafe(page);
  await expect(nextMove(page)).toContainText("Not ours to judge: look and smell");
  await goTo(page, "Windings");
  for (const [pair, text] of [
    ["1 to 2", "24.1"],
    ["1 to 3", "24.0"],
    ["2 to 3", "24.2"],
  ] as const)
    await page.getByLabel(pair).fill(text);
  await expect(bench(page).getByText(/^This is a three-phase motor, by three equal ohms/)).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Windings/ })).toContainText("Noted");
  // A person who knows better has the last word.
  await goTo(page, "Plate");
  await page.getByRole("group", { name: "Sort of motor" }).getByLabel("Induction, one phase").check();
  await expect(lineUp(page).getByRole("listitem").first()).toBeVisible();
});

test("not ours, by its plate: direct volts, and beyond any induction motor's speed", async ({ page }) => {
  const id = await startCard(page, "blower dead");
  await plate(page, null, "Blower", { Volts: "310 VDC" });
  await expect(
    bench(page).getByText(/^This is a motor for direct volts, with electronics or with brushes, by the volts of its plate/),
  ).toBeVisible();
  await page.getByLabel("Speed", { exact: true }).fill("22,000");
  await expect(bench(page).getByText(/^This is a motor with brushes, by the volts of its plate/)).toBeVisible();
  // What stands on the plate is kept as it stands there.
  await expect(bench(page).getByText(/22,000 .*between/)).toHaveCount(0);
  await untilKept(page);
  await page.goto(`/print?id=${id}`);
  await expect(page.getByText(/^This is a motor with brushes/)).toBeVisible();
});

test("not ours, by the eye: electronics in the shell", async ({ page }) => {
  await startCard(page, "fan does not run");
  await plate(page, null, "Fan", { Volts: "230" });
  await makeSafe(page);
  await look(page, "Electronics in the shell, a plug of many pins");
  await expect(bench(page).getByText(/^This is an electronically commutated motor, by what was seen/)).toBeVisible();
  await expect(nextMove(page)).toContainText("Its electronics keep a charge for minutes");
  await expect(lineUp(page).getByRole("listitem")).toHaveCount(0);
});

test("a capacitor that was taken out is a finding by itself, heard in the first sentence", async ({ page }) => {
  await startCard(page, "fan hums, somebody took out the capacitor");
  await expect(bench(page).getByText(/^Noted of the capacitor: it was taken out/)).toBeVisible();
  await plate(page, "PSC", "Fan", { Volts: "230", "Capacitor asked for": "5 µF 440 V" });
  await leads(page, "Run capacitor");
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Taken out");
});
