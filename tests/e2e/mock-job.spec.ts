import type { Page } from "@playwright/test";
import { linkPanel } from "./support/meter";
import { bench, caseOf, expect, openDemo, test } from "./support/vemmick";

const mock = (page: Page) => page.getByRole("region", { name: "Mock bench" });
const put = (page: Page, name: string) => mock(page).getByRole("button", { name, exact: true }).click();

/** Puts the instrument somewhere, keys what it shows, and lifts it. */
async function read(page: Page, place: string, label: string): Promise<void> {
  await put(page, place);
  const shows = page.getByLabel("The simulated meter shows");
  await expect(shows).not.toHaveText("–");
  const text = ((await shows.textContent()) ?? "").replace(/ [µ]?[VFAΩ]$/, "");
  await page.getByLabel(label, { exact: true }).first().fill(text);
  await put(page, place);
}

/** What is done at each station of a plain job, as the Next move opens it. */
const WORK: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  "Make safe": async (page) => {
    await read(page, "A live source", "Meter on a live source, before");
    await put(page, "Switch off and lock");
    await page.getByLabel("Breaker or disconnect off and locked").check();
    await read(page, "The circuit", "The circuit to be worked on");
    await read(page, "A live source", "Meter on a live source, after");
    await read(page, "The capacitor", "Left on the capacitor");
    await expect(bench(page).getByText("Proven dead")).toBeVisible();
  },
  "Look and smell": async (page) => {
    await put(page, "Look and smell");
    await expect(mock(page).getByText("Nothing to see or smell.")).toBeVisible();
    await page.getByLabel("Looked and smelt: nothing found").check();
  },
  "Turn by hand": async (page) => {
    await put(page, "Turn the shaft");
    await expect(mock(page).getByText("It turns free.")).toBeVisible();
    await page.getByLabel("Free and silent").check();
    await page
      .getByRole("group", { name: /Radial play felt/ })
      .getByLabel("No")
      .check();
  },
  Capacitor: async (page) => {
    await put(page, "The capacitor");
    const label = (
      (await mock(page)
        .getByText(/^Its label: /)
        .textContent()) ?? ""
    ).replace(/^Its label: |\.$/g, "");
    await put(page, "The capacitor");
    await page
      .getByLabel(/^Label/)
      .first()
      .fill(label);
    await read(page, "The capacitor", "Meter shows");
    await page
      .getByRole("group", { name: /Disconnected on at least one side/ })
      .getByLabel("Yes")
      .check();
  },
  Windings: async (page) => {
    for (const pair of ["1 to 2", "2 to 3", "1 to 3"]) await read(page, pair, pair);
  },
  "To the frame": async (page) => page.getByText("All three read OL", { exact: true }).click(),
  Decide: async (page) => page.getByRole("button", { name: "Accept with this reason" }).click(),
  "Out and in": async (page) => {
    await page.getByRole("radio", { name: "Scrap" }).first().check();
    // What was read says why.
    await expect(page.getByLabel("Why", { exact: true })).toHaveValue(/^Read 0\.02 µF; .* would hold$/);
    await page.getByLabel("Part that goes in, as its label says").fill("2 µF ±6 % 440 V run");
    await page.getByLabel("Part that goes in, as its label says").blur();
    await read(page, "The new part", "Reads before it goes in");
    await page.getByLabel("It is in").check();
    await page.getByLabel("Strap holds the capacitor").check();
    await page.getByLabel("Terminals covered").check();
  },
  "Power back on": async (page) => {
    for (const step of await bench(page).getByRole("checkbox").all()) await step.check();
    await put(page, "Everyone clear: switch on");
    await page.getByRole("button", { name: "Power is back on" }).click();
  },
  Prove: async (page) => {
    await put(page, "Switch on, watch and listen");
    await expect(mock(page).getByText("Starts by itself.")).toBeVisible();
    await read(page, "Clamp on the line", "Running amps after");
    await page.getByLabel("Starts by itself").first().check();
    await page.getByLabel("Quiet").first().check();
  },
};
const MOST_STEPS = 16;

test("a case by the Next move, from a square to the proof: right, safe, quick and proven; the part is measured before it is changed", async ({
  page,
}) => {
  await page.goto("/mock-bench?case=0003-503R&story=It%20hums%20%26%20stands");
  await page.getByRole("button", { name: "Begin this case" }).click();
  await expect(mock(page)).toBeVisible();
  const gone: string[] = [];
  const signOff = caseOf(page).getByRole("button", { name: "Sign off" });
  const onward = caseOf(page).getByRole("button", { name: /^Go to |first$/ });
  for (let step = 0; step < MOST_STEPS; step += 1) {
    await expect(signOff.or(onward).first()).toBeVisible();
    if (await signOff.isVisible()) break;
    const advice = (await caseOf(page).getByRole("heading", { level: 2 }).first().textContent()) ?? "";
    await onward.first().click();
    const title = (await page.locator("#bench-title").textContent()) ?? "";
    gone.push(title);
    await WORK[title]?.(page);
    // The next advice is of what was just done.
    await expect(async () => {
      const now = (await caseOf(page).getByRole("heading", { level: 2 }).first().textContent()) ?? "";
      const isDone = (await signOff.isVisible()) || now !== advice || title === "Make safe" || title === "Power back on";
      expect(isDone).toBe(true);
    }).toPass();
  }
  expect(gone.indexOf("Capacitor")).toBeGreaterThan(-1);
  expect(gone.indexOf("Capacitor")).toBeLessThan(gone.indexOf("Decide"));
  expect(gone.indexOf("Decide")).toBeLessThan(gone.indexOf("Out and in"));
  expect(gone.at(-1)).toBe("Prove");
  await mock(page).getByRole("link", { name: "Finish and see what it was" }).click();
  await page.getByRole("button", { name: "See what it was" }).click();
  await expect(page.getByRole("heading", { name: "What each step told" })).toBeVisible();
  for (const mark of ["Right", "Safe", "Quick", "Proven"]) await expect(page.getByText(mark, { exact: true })).toBeVisible();
  await expect(page.getByRole("img", { name: "Square to read with a camera" })).toBeVisible();
});

test("a square that is damaged begins nothing and says what to do", async ({ page }) => {
  await page.goto("/mock-bench?case=0003-503Q");
  await expect(page.getByText(/is the code of no case\. Type its eight signs again/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Begin this case" })).toHaveCount(0);
});

test("a simulated motor of the card's plate fills the fields where no meter is, marked on the card and on its papers", async ({ page }) => {
  await openDemo(page, "ventilator-interrupted", "windings");
  await page.getByRole("button", { name: "Meter link" }).click();
  await page.getByRole("listitem").filter({ hasText: "No meter: a simulated motor" }).getByRole("button", { name: "Open" }).click();
  const panel = page.getByRole("region", { name: "Simulated motor" });
  await expect(panel.getByLabel("What is wrong with it")).toHaveValue("nothing");
  await panel.getByRole("button", { name: "brown to blue", exact: true }).click();
  await expect(linkPanel(page).getByText(/^Taken: /)).toBeVisible();
  await page.goto("/print?id=demo-ventilator-interrupted");
  await expect(page.getByText(/^Simulated: figures under Windings were given by a simulated motor/)).toBeVisible();
});
