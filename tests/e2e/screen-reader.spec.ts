import type { Page } from "@playwright/test";
import { bench, caseOf, expect, goTo, startCard, strip, test } from "./support/vemmick";

/** Gathers what a screen reader would say by itself: every text that comes to stand in a live region. */
async function listen(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const heard: string[] = [];
    Object.assign(window, { heard });
    const LIVE = "[role=status], [role=alert], [aria-live=polite], [aria-live=assertive]";
    new MutationObserver((changes) => {
      const regions = new Set(
        changes.flatMap(({ target }) => (target instanceof Element ? target : target.parentElement)?.closest(LIVE) ?? []),
      );
      for (const region of regions) {
        const text = region.textContent.trim();
        if (text !== "" && text !== heard.at(-1)) heard.push(text);
      }
    }).observe(document, { childList: true, subtree: true, characterData: true });
  });
}
const heardSince = (page: Page, from: number): Promise<string[]> =>
  page.evaluate((at) => (window as unknown as { heard: string[] }).heard.slice(at), from);
const heardSoFar = (page: Page): Promise<number> => page.evaluate(() => (window as unknown as { heard: string[] }).heard.length);

/** What is read in the main part, line by line, as role and name. */
async function readOut(page: Page): Promise<string[]> {
  const tree = await bench(page).ariaSnapshot();
  return tree.split("\n").map((line) =>
    line
      .trim()
      .replace(/^- /, "")
      .replace(/^'(.*)'$/, "$1"),
  );
}

/** These are read, in this order, whatever is between. */
async function readsInOrder(page: Page, parts: readonly string[]): Promise<void> {
  await expect
    .poll(async () => {
      const lines = await readOut(page);
      let at = -1;
      for (const part of parts) {
        const next = lines.findIndex((line, index) => index > at && line.startsWith(part));
        if (next < 0) return `${part} is not read ${at < 0 ? "" : `after ${lines[at] ?? ""}`}`;
        at = next;
      }
      return "in order";
    })
    .toBe("in order");
}

/** Whatever can be worked has a name; a figure says what it is of. */
async function everythingNamed(page: Page): Promise<void> {
  const nameless = (await readOut(page)).filter((line) =>
    /^(button|textbox|checkbox|radio|link|tab|combobox|slider|img)( \[|:|$)/.test(line),
  );
  expect(nameless).toEqual([]);
}

test("a whole PSC job as a screen reader meets it: places, names, their order, and what is said by itself", async ({ page }) => {
  await listen(page);
  await startCard(page, "hums, will not start");
  for (const [role, name] of [
    ["banner", undefined],
    ["navigation", "Strip"],
    ["main", undefined],
    ["complementary", "Case"],
  ] as const)
    await expect(page.getByRole(role, name ? { name } : {})).toHaveCount(1);
  await expect(page.getByRole("heading", { level: 1 })).toHaveCount(1);
  await readsInOrder(page, ['heading "Complaint" [level=1]', 'checkbox "Hums, will not start" [checked]', 'textbox "In the customer']);
  await everythingNamed(page);

  await goTo(page, "Plate");
  await expect(strip(page).getByRole("button", { name: /^Plate/ })).toHaveAttribute("aria-current", "step");
  await readsInOrder(page, [
    'heading "Plate" [level=1]',
    'group "Motor type"',
    'radio "PSC"',
    'textbox "Volts"',
    'textbox "Full-load amps',
    'group "Machine"',
  ]);
  await everythingNamed(page);
  await page.getByLabel("PSC", { exact: true }).check();
  await page.getByLabel("Volts", { exact: true }).fill("twelve");
  // What is wrong with a field is part of it.
  await expect(page.getByLabel("Volts", { exact: true })).toHaveAttribute("aria-invalid", "true");
  await expect(page.getByLabel("Volts", { exact: true })).toHaveAccessibleDescription(/\S/);
  await page.getByLabel("Volts", { exact: true }).fill("230");

  await goTo(page, "Make safe");
  await readsInOrder(page, [
    'heading "Make safe" [level=1]',
    'list "Caution"',
    'group "Isolate"',
    'checkbox "Breaker or disconnect off and locked"',
    'textbox "Meter on a live source, before"',
    'textbox "The circuit to be worked on"',
    'textbox "Meter on a live source, after"',
    'textbox "Left on the capacitor"',
    "status",
  ]);
  await everythingNamed(page);
  await page.getByLabel("Breaker or disconnect off and locked").check();
  const beforeSafe = await heardSoFar(page);
  for (const [label, volts] of [
    ["Meter on a live source, before", "231"],
    ["The circuit to be worked on", "0.2"],
    ["Meter on a live source, after", "230"],
    ["Left on the capacitor", "0.4"],
  ] as const)
    await page.getByLabel(label).fill(volts);
  await expect.poll(async () => (await heardSince(page, beforeSafe)).at(-1)).toMatch(/^Proven dead.*0\.2\sV on the circuit/);

  await goTo(page, "Capacitor");
  await readsInOrder(page, [
    'heading "Capacitor" [level=1]',
    'tablist "Method"',
    'tab "By meter" [selected]',
    "tabpanel",
    'list "Caution"',
    'textbox "Label, as printed"',
    'textbox "Meter shows"',
    "status",
    'button "How it is done"',
  ]);
  await everythingNamed(page);
  await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
  const beforeCapacitor = await heardSoFar(page);
  await page.getByLabel("Meter shows", { exact: true }).pressSequentially("4.1");
  await expect.poll(async () => (await heardSince(page, beforeCapacitor)).at(-1)).toMatch(/^Out.*It is out\./);
  // Three keys are not read out as a dozen verdicts.
  expect((await heardSince(page, beforeCapacitor)).length).toBeLessThanOrEqual(4);
  // The ruler is told in words, and the strip says the new stamp.
  await expect(bench(page).getByRole("img", { name: /4.1/ }).first()).toBeAttached();
  await expect(strip(page).getByRole("button", { name: "Capacitor Out" })).toBeVisible();

  await goTo(page, "Windings");
  await readsInOrder(page, ['heading "Windings" [level=1]', 'tablist "Method"', 'list "Caution"']);
  await everythingNamed(page);
  for (const [pair, ohms] of [
    ["1 to 2", "8.9"],
    ["1 to 3", "22.6"],
    ["2 to 3", "31.4"],
  ] as const)
    await page.getByLabel(pair, { exact: true }).fill(ohms);
  await expect(bench(page).getByRole("status").filter({ hasText: "Common is 1, run is 2" }).first()).toBeVisible();

  await goTo(page, "Decide");
  await everythingNamed(page);
  await page.getByRole("button", { name: "Accept with this reason" }).click();
  await expect(page.getByRole("radio", { name: "Replace run capacitor" })).toBeChecked();
  await readsInOrder(page, ['heading "Decide" [level=1]', 'radio "Replace run capacitor" [checked]', 'textbox "Reason"']);

  await goTo(page, "Power back on");
  await readsInOrder(page, [
    'heading "Power back on" [level=1]',
    'list "Caution"',
    'group "Before power returns"',
    "status",
    'button "Power is back on"',
  ]);
  await everythingNamed(page);
  for (const step of await bench(page).getByRole("checkbox").all()) await step.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await goTo(page, "Prove");
  await readsInOrder(page, [
    'heading "Prove" [level=1]',
    'list "Caution"',
    'textbox "Running amps before"',
    'textbox "Running amps after"',
  ]);
  await everythingNamed(page);
  await page.getByLabel("Running amps after").fill("2.3");

  // The case: what to do now is a region of its own with its heading; a suspect tells its evidence with its name.
  const next = caseOf(page).getByRole("region", { name: "Next move" });
  await expect(next.getByRole("heading", { level: 2, name: "Sign off" })).toBeVisible();
  await expect(
    caseOf(page)
      .getByRole("listitem")
      .first()
      .getByRole("button", { name: /^Run capacitor .*for: capacitor far out/ }),
  ).toBeVisible();
  await next.getByRole("button", { name: "Sign off" }).click();
  await expect(caseOf(page).getByRole("heading", { level: 2, name: "Signed off" })).toBeVisible();
});
