import type { Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { bench, caseOf, expect, goTo, keptAt, makeSafe, openDemo, startCard, strip, test, reloadKept, leads } from "./support/vemmick";

/** Ohms between the posts of a board, by the names of their ends; everything else reads OL. */
type Truth = Readonly<Record<string, string>>;
const shown = (truth: Truth, pair: string): string => {
  const [a = "", b = ""] = pair.split(" to ");
  return truth[`${a} ${b}`] ?? truth[`${b} ${a}`] ?? "OL";
};

/** Keys what the meter would show for the pair that is asked for, until nothing more is asked. */
async function followAdvice(page: Page, truth: Truth, most: number): Promise<number> {
  const asked = page.locator("label", { hasText: "meter shows" });
  for (let probes = 0; probes <= most; probes += 1) {
    await expect(bench(page).getByText("Working it out")).toHaveCount(0);
    const isDone =
      (
        await strip(page)
          .getByRole("button", { name: /^Windings/ })
          .textContent()
      )?.includes(" of ") === false;
    if (isDone && probes > 0) return probes;
    const pair = ((await asked.textContent()) ?? "").replace(", meter shows", "");
    const field = page.getByLabel(`${pair}, meter shows`);
    await field.fill(shown(truth, pair));
    await expect(bench(page).getByText("Working it out")).toHaveCount(0);
    await field.press("Enter");
  }
  return most + 1;
}

async function takePattern(page: Page, pattern: string): Promise<void> {
  await page.getByText(/^Board: \d+ posts/).click();
  await page.getByRole("button", { name: pattern, exact: true }).click();
  await page.getByText(/^Board: \d+ posts/).click();
}

const press = async (page: Page, figure: string): Promise<void> => {
  for (const sign of figure) await page.getByRole("group", { name: "Key pad" }).getByRole("button", { name: sign, exact: true }).tap();
};

test.describe("by thumb", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test("three leads from blank to the connection sketch with tapping only", async ({ page }) => {
    await page.goto("/bench?station=windings");
    await expect(page.getByRole("heading", { name: "Windings", level: 1 })).toBeVisible();
    for (const [from, to, figure] of [
      ["1", "2", "8.9"],
      ["2", "3", "31.4"],
      ["1", "3", "22.6"],
    ] as const) {
      await page.getByRole("button", { name: new RegExp(`^Post ${from}`) }).tap();
      await page.getByRole("button", { name: new RegExp(`^Post ${to}`) }).tap();
      await expect(page.getByLabel(`${from} to ${to}`)).toBeFocused();
      await press(page, figure);
    }
    await expect(page.getByRole("button", { name: "Post 1, Common" })).toBeVisible();
    await page.getByRole("tab", { name: "Connection" }).tap();
    // Ohms of three leads tell no type: nothing is drawn on a guess.
    await expect(page.getByRole("img", { name: /^L1/ })).toHaveCount(0);
    await page.getByRole("group", { name: "How it gets its start" }).getByLabel("PSC", { exact: true }).check();
    await expect(page.getByRole("img", { name: "L1, 1, main winding, 2, L2. L1, 1, start winding, 3, run capacitor, L2" })).toBeVisible();
    await expect(page.getByText(/direction named looking at the shaft end/)).toBeVisible();
  });
});

test("eight posts, following Next probe only: named, and far fewer than 28 pairs", async ({ page }) => {
  const id = await startCard(page, "hums");
  await goTo(page, "Plate");
  await page.getByLabel("Capacitor-start", { exact: true }).check();
  await makeSafe(page);
  await goTo(page, "Windings");
  await takePattern(page, "8-post box");
  // Main 2–7, start winding 1–6, switch 3–5; 4 and 8 belong to the capacitor.
  const probes = await followAdvice(page, { "2 7": "3.4", "1 6": "9.3", "3 5": "0.3" }, 24);
  expect(probes).toBeLessThanOrEqual(24);
  await expect(page.getByRole("button", { name: "Post 2, Main" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Post 6, Start winding" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Post 3, Switch" })).toBeVisible();
  await expect(bench(page).getByText(/4, 8: no path to any other post/)).toBeVisible();
  expect(((await keptAt(page, id, "windings")) as { pairs: unknown[] }).pairs).toHaveLength(probes);
});

test("the five-lead blower that was left half measured: the advice names it, the connection is drawn and saved", async ({ page }) => {
  await openDemo(page, "ventilator-interrupted", "windings");
  await expect(caseOf(page).getByRole("heading", { name: /^Probe brown to/ })).toBeVisible();
  const truth = {
    "brown black": "31.3",
    "brown blue": "43.0",
    "brown red": "48.2",
    "brown white": "53.6",
    "white blue": "10.6",
    "white red": "5.4",
  };
  await followAdvice(page, truth, 6);
  for (const role of ["black, Common", "blue, High", "red, Medium", "white, Low", "brown, Capacitor lead"])
    await expect(page.getByRole("button", { name: `Post ${role}` })).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Windings/ })).toContainText("Holds");
  await page.getByRole("tab", { name: "Connection" }).click();
  await expect(page.getByText(/one speed lead at a time/)).toBeVisible();
  for (const [button, suffix, mark] of [
    ["Save as SVG", "svg", "<svg"],
    ["Save as PNG", "png", "PNG"],
  ] as const) {
    const [download] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: button }).click()]);
    expect(download.suggestedFilename()).toBe(`connection-brown-blue-white-red-black.${suffix}`);
    const body = readFileSync(await download.path()).toString("latin1");
    expect(body).toContain(mark);
    expect(body).not.toContain("var(--");
  }
});

test("a washer's five leads: protector in the main winding, nothing condemned, the protector's side told as open", async ({ page }) => {
  await startCard(page, "hums");
  await goTo(page, "Plate");
  await page.getByLabel("Split-phase", { exact: true }).check();
  await makeSafe(page);
  await goTo(page, "Windings");
  await takePattern(page, "Blower harness, 5");
  const probes = await followAdvice(page, { "1 2": "0.2", "2 3": "1.5", "1 3": "1.7", "4 5": "4.1" }, 8);
  expect(probes).toBeLessThanOrEqual(8);
  await expect(bench(page).getByText(/^Protector in one end of the main winding, start winding apart: main/)).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Windings/ })).toContainText("Holds");
  await expect(caseOf(page).getByText(/winding open/)).toHaveCount(0);
  await page.getByRole("tab", { name: "Connection" }).click();
  await expect(page.getByText(/The two posts of the protector read alike/)).toBeVisible();
});

test("a whole board by keyboard alone: figure, Enter, the next pair has the caret", async ({ page }) => {
  await startCard(page, "hums");
  await makeSafe(page);
  await page.keyboard.press("Escape");
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: "Windings", level: 1 })).toBeVisible();
  await page.getByText(/^Board: \d+ posts/).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "4 posts", exact: true }).focus();
  await page.keyboard.press("Enter");
  await page.getByLabel(/meter shows$/).focus();
  for (let probes = 0; probes < 6; probes += 1) {
    const caret = page.locator("input[data-figure]:focus");
    await expect(caret).toHaveValue("");
    const pair = ((await page.locator("label", { hasText: "meter shows" }).textContent()) ?? "").replace(", meter shows", "");
    await page.keyboard.type(shown({ "1 2": "3.4", "3 4": "9.3" }, pair));
    await page.keyboard.press("Enter");
    await expect(bench(page).getByText("being worked out")).toHaveCount(0);
    if ((await page.getByText("Nothing more needs measuring").count()) > 0) break;
  }
  await expect(page.getByRole("button", { name: "Post 1, Main" })).toBeVisible();
  await expect(bench(page).getByText(/^Main and start winding on posts of their own: main 1 and 2, start winding 3 and 4/)).toBeVisible();
});

test("a contradictory reading is marked, and corrected where it stands", async ({ page }) => {
  await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await takePattern(page, "Blower harness, 5");
  await page.getByRole("tab", { name: "Pairs" }).click();
  const truth: Truth = {
    "1 2": "12.0",
    "1 3": "17.2",
    "1 4": "22.4",
    "1 5": "31.2",
    "2 3": "5.4",
    "2 4": "10.6",
    "2 5": "23.1",
    "3 4": "5.4",
    "3 5": "48.2",
    "4 5": "53.5",
  };
  for (const [pair, text] of Object.entries(truth)) await page.getByLabel(pair.replace(" ", " to "), { exact: true }).fill(text);
  await expect(bench(page).getByText(/The one that does not belong: 2 to 5/)).toBeVisible();
  await expect(page.getByRole("row", { name: /^2 to 5/ }).getByText("does not belong")).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Windings/ })).toContainText("Not sure");
  await page.getByLabel("2 to 5", { exact: true }).fill("43.1");
  await expect(bench(page).getByText(/Three speeds, start winding from common/)).toBeVisible();
  await expect(page.getByText("does not belong")).toHaveCount(0);
  // A slip of a thousand, and figures that cannot be read: a sentence each, nothing lost.
  await page.getByLabel("1 to 2", { exact: true }).fill("12k");
  await expect(bench(page).getByText(/Probably a k too many/)).toBeVisible();
  await page.getByLabel("1 to 2", { exact: true }).fill("12.0.1");
  await expect(page.getByText("Type it with one, for example 1.23.")).toBeVisible();
  await reloadKept(page);
  await expect(page.getByLabel("1 to 2", { exact: true })).toHaveValue("12.0.1");
});

test("a photo lies under the sketch, scaled down, and comes back after a reload", async ({ page }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByText("Board: 3 posts").click();
  const photo = await page.screenshot();
  await page.getByLabel("Photo under the sketch").setInputFiles({ name: "board.png", mimeType: "image/png", buffer: photo });
  await expect(page.getByRole("button", { name: "Take the photo away" })).toBeVisible();
  const kept = (await keptAt(page, id, "windings")) as { photo: string };
  // It lies apart from what is keyed.
  expect(kept.photo).toMatch(/^photo:/);
  await reloadKept(page);
  const picture = (await page.locator("image").first().getAttribute("href")) ?? "";
  expect(picture).toMatch(/^data:image\/jpeg;base64,/);
  expect(picture.length).toBeLessThan(400_000);
  await page.getByText("Board: 3 posts").click();
  await page
    .getByLabel("Photo under the sketch")
    .setInputFiles({ name: "notes.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert").filter({ hasText: "not a picture" })).toBeVisible();
  await expect(page.locator("image").first()).toHaveAttribute("href", picture);
});

test("a post is dragged to where it sits, and stays there", async ({ page }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  const box = await page.getByRole("button", { name: /^Post 1/ }).boundingBox();
  if (!box) throw new Error("no post");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height - 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + 120, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => ((await keptAt(page, id, "windings")) as { posts: { x: number }[] } | null)?.posts[0]?.x).not.toBe(0.25);
  // A drag is no tap: no post waits for a second one.
  await expect(page.getByRole("button", { name: /^Post 1/ })).toHaveAttribute("aria-pressed", "false");
});

test("the lattice with one bad cell: tester proven first, the cell named, the motor not run", async ({ page }) => {
  await startCard(page, "trips at once");
  await goTo(page, "Plate");
  await page.getByLabel("Split-phase", { exact: true }).check();
  await makeSafe(page);
  await goTo(page, "Windings");
  await takePattern(page, "4 posts");
  await followAdvice(page, { "1 2": "3.4", "3 4": "9.3" }, 6);
  await goTo(page, "Insulation");
  await page.getByLabel("Main winding to start winding").fill(">550");
  await expect(bench(page).getByText(/Prove the tester/)).toBeVisible();
  await page.getByLabel("Tester leads together").fill("0");
  await page.getByLabel("Tester leads apart").fill("OL");
  await page.getByRole("group", { name: "Electronics and capacitors disconnected" }).getByLabel("Yes").check();
  await page.getByLabel("Main winding to frame").fill("OL");
  await page.getByLabel("Start winding to frame").fill("0.12M");
  await expect(bench(page).getByText(/^Start winding to frame: 0.12\sMΩ, limit 1\sMΩ/)).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Insulation/ })).toContainText("Out");
  await leads(page, "Ground fault");
  await expect(caseOf(page).getByText("Running amps")).toHaveCount(0);
});

test("start gear by keyboard only: a switch under a loose cover is not pressed, not broken", async ({ page }) => {
  await openDemo(page, "laundrette-dryer", "start-gear");
  await page.getByLabel("Centrifugal switch").focus();
  await page.keyboard.press("Space");
  await page.getByRole("group", { name: "Cover and end bell seated all round" }).getByLabel("No").focus();
  await page.keyboard.press("Space");
  await page.getByLabel("At rest", { exact: true }).focus();
  await page.keyboard.type("OL");
  await page.keyboard.press("Enter");
  await page.keyboard.type("OL");
  await expect(bench(page).getByText(/Seat the cover or end bell fully/)).toBeVisible();
  await expect(strip(page).getByRole("button", { name: /^Start gear/ })).toContainText("Not pressed");
  await leads(page, "Start switch");
});
