import type { Page } from "@playwright/test";
import { bench, expect, goTo, makeSafe, startCard, strip } from "./vemmick";

interface Plate {
  readonly type: "PSC" | "Capacitor-start";
  readonly machine: string;
  readonly volts?: string;
  readonly hertz?: string;
  readonly amps?: string;
  readonly rpm?: string;
  readonly capacitor: string;
}

/** A fan as most of these flows have it. */
export const FAN: Plate = { type: "PSC", machine: "Fan", volts: "230", hertz: "50", amps: "1.9", rpm: "1380", capacitor: "12.5 µF 450 V" };
export const DRUM: Plate = {
  type: "Capacitor-start",
  machine: "Drum",
  volts: "120",
  hertz: "60",
  amps: "6.2",
  rpm: "1725",
  capacitor: "130-156 µF 125 V",
};

/** A card from its complaint, with the plate read. */
export async function begin(page: Page, said: string, plate: Plate): Promise<string> {
  const id = await startCard(page, said);
  await goTo(page, "Plate");
  await page.getByLabel(plate.type, { exact: true }).check();
  for (const [label, text] of [
    ["Volts", plate.volts],
    ["Hertz", plate.hertz],
    ["Full-load amps", plate.amps],
    ["Speed", plate.rpm],
    ["Capacitor asked for", plate.capacitor],
  ] as const)
    if (text) await page.getByLabel(label).fill(text);
  await page.getByRole("group", { name: "Machine" }).getByLabel(plate.machine, { exact: true }).check();
  return id;
}

export async function look(page: Page, sign: string | null): Promise<void> {
  await goTo(page, "Look and smell");
  await page.getByLabel(sign ?? "Looked and smelt: nothing found").check();
}

export async function turn(page: Page, how: string, play?: "radial"): Promise<void> {
  await goTo(page, "Turn by hand");
  await page.getByLabel(how).check();
  if (play) await page.getByRole("group", { name: "Radial play felt" }).getByLabel("Yes").check();
}

export async function capacitor(page: Page, label: string, reading: string): Promise<void> {
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill(label);
  await page.getByLabel("Meter shows", { exact: true }).fill(reading);
}

/** Three leads, 1 common: 1 to 2, 2 to 3, 1 to 3. */
export async function windings(page: Page, readings: readonly [string, string, string]): Promise<void> {
  await goTo(page, "Windings");
  for (const [pair, text] of [
    ["1 to 2", readings[0]],
    ["2 to 3", readings[1]],
    ["1 to 3", readings[2]],
  ] as const)
    await page.getByLabel(pair).fill(text);
}

export async function frame(page: Page, ...readings: readonly [string, string, string]): Promise<void> {
  await goTo(page, "To the frame");
  for (const [index, text] of readings.entries()) await page.getByLabel(`${index + 1} to frame`).fill(text);
}

export async function giveBackPower(page: Page): Promise<void> {
  await goTo(page, "Power back on");
  await expect(bench(page).getByRole("checkbox").first()).toBeVisible();
  for (const step of await bench(page).getByRole("checkbox").all()) await step.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await expect(strip(page).getByRole("button", { name: /^Power back on/ })).toContainText("Live");
}

/** Takes the proposal over, which must be this. */
export async function decideOn(page: Page, action: string): Promise<void> {
  await goTo(page, "Decide");
  await expect(page.getByRole("region", { name: "Proposed" }).getByText(action, { exact: true }).first()).toBeVisible();
  await page.getByRole("button", { name: "Accept with this reason" }).click();
  await expect(strip(page).getByRole("button", { name: /^Decide/ })).toContainText("Decided");
}

export { makeSafe };
