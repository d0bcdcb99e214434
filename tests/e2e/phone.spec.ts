import type { Page } from "@playwright/test";
import { ceilingMs } from "../../scripts/lib/pace.mjs";
import { bench, expect, openDemo, openRack, test, throughStations, untilDrawn } from "./support/vemmick";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** Keys a figure on the page's own pad. */
async function thumb(page: Page, figure: string): Promise<void> {
  const pad = page.getByRole("group", { name: "Key pad" });
  for (const key of figure === "OL" ? ["OL"] : figure) await pad.getByRole("button", { name: key, exact: true }).tap();
}

/** Opens a station from the progress header. */
async function tapTo(page: Page, station: string): Promise<void> {
  await page.getByRole("button", { name: /station \d+ of \d+/ }).tap();
  await page
    .getByRole("dialog", { name: "Stations" })
    .getByRole("button", { name: new RegExp(`^${station}`) })
    .tap();
  await expect(page.getByRole("heading", { name: station, level: 1 })).toBeVisible();
}

test("a new PSC motor from complaint to decision, with a thumb", async ({ page }) => {
  await openRack(page);
  await page.getByRole("button", { name: "Hums, will not start" }).tap();
  await expect(page.getByLabel("Hums, will not start")).toBeChecked();
  await tapTo(page, "Plate");
  await page.getByText("PSC", { exact: true }).tap();
  await page.getByLabel("Capacitor asked for").fill("17.5 µF 440 V");

  await tapTo(page, "Make safe");
  await page.getByLabel("Unplugged").tap();
  await page.getByLabel("Meter on a live source, before").tap();
  for (const volts of ["231", "0.2", "230", "0.4"]) {
    await thumb(page, volts);
    await page.getByRole("button", { name: /^(Next|Done)$/ }).tap();
  }
  // After the last figure the pad is out of the way.
  await expect(page.getByRole("group", { name: "Key pad" })).toBeHidden();
  await expect(bench(page).getByText("Proven dead")).toBeVisible();

  await tapTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 uF 6% 440");
  await page.getByLabel("Meter shows", { exact: true }).tap();
  await thumb(page, "5.13");
  await page.getByRole("button", { name: "Delete the last sign" }).tap();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("5.1");
  await expect(bench(page).getByText("It is out.")).toBeVisible();
  // Ruler, verdict and figure stand above the pad, all in sight.
  const padTop = (await page.getByRole("group", { name: "Key pad" }).boundingBox())?.y ?? 0;
  for (const seen of [page.getByLabel("Meter shows", { exact: true }), bench(page).getByText("It is out.")]) {
    const box = await seen.boundingBox();
    expect((box?.y ?? Infinity) + (box?.height ?? 0)).toBeLessThanOrEqual(padTop);
  }
  await expect(page.getByRole("img", { name: /allowed from 16.45 to 18.55 µF/ })).toBeInViewport();
  await expect(page.getByLabel("Meter shows", { exact: true })).toBeInViewport();

  await tapTo(page, "Windings");
  await page.getByRole("button", { name: "Post 1" }).tap();
  await page.getByRole("button", { name: "Post 2" }).tap();
  await expect(page.getByLabel("1 to 2")).toBeFocused();
  await thumb(page, "8.9");
  await page.getByRole("button", { name: "Post 3" }).tap();
  await page.getByRole("button", { name: "Post 2" }).tap();
  await thumb(page, "31.4");
  await page.getByRole("button", { name: "Next", exact: true }).tap();
  await thumb(page, "22.6");
  await expect(page.getByRole("button", { name: "Post 1, Common" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Post 2, Run" })).toBeVisible();

  await tapTo(page, "To the frame");
  await page.getByRole("button", { name: "All three read OL" }).tap();
  await expect(bench(page).getByText("OL on all three")).toBeVisible();

  await page.getByRole("button", { name: "Case", exact: true }).tap();
  const sheet = page.getByRole("dialog", { name: "Case" });
  await expect(sheet.getByRole("heading", { name: /Line-up/ })).toBeVisible();
  await expect(sheet.getByRole("cell", { name: "Replace run capacitor" })).toBeVisible();
  await sheet.getByRole("button", { name: "Close" }).tap();
  await tapTo(page, "Decide");
  await page.getByRole("button", { name: "Accept with this reason" }).tap();
  await expect(bench(page).getByText("440 V or higher, never lower")).toBeVisible();
});

/** Nothing reaches beyond the screen, and what is pressed is big enough for a thumb. */
async function fits(page: Page, path: string): Promise<void> {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide, `${path} is wider than the screen`).toBeLessThanOrEqual(0);
  const small = await page.evaluate(() =>
    [
      ...document.querySelectorAll<HTMLElement>(
        "button:not([tabindex='-1']), a.btn, nav a, label:has(.opacity-0), input:not(.opacity-0):not([type=search]):not([type=checkbox]):not([type=file])",
      ),
    ]
      .filter((element) => element.checkVisibility() && element.getBoundingClientRect().height < 43.5)
      .map((element) => element.textContent || element.outerHTML.slice(0, 120)),
  );
  expect(small, `${path} has small targets`).toEqual([]);
}

test("nothing is wider than the phone, and what is pressed is big enough for a thumb", async ({ page }) => {
  const methods = ["running", "swing", "discharge", "start-parts"].map(
    (method) => `/traveller?id=demo-bakery-proofer&station=capacitor&method=${method}`,
  );
  const boards = ["sketch", "pairs", "compare", "connection"].map(
    (method) => `/traveller?id=demo-ventilator-interrupted&station=windings&method=${method}`,
  );
  for (const path of [
    "/",
    ...boards,
    "/bench?station=capacitor",
    "/shelf",
    ...methods,
    "/traveller?id=demo-laundrette-exhaust&station=run-test",
    "/traveller?id=demo-laundrette-exhaust&station=run-test&method=what-if",
    ...["name", "fit", "job", "upkeep", "tones"].map((method) => `/traveller?id=demo-laundrette-folding&station=bearing&method=${method}`),
    ...["off", "back"].map((method) => `/traveller?id=demo-laundrette-folding&station=take-apart&method=${method}`),
    "/ledger",
    "/house-rules",
  ]) {
    await page.goto(path);
    await untilDrawn(page);
    await fits(page, path);
  }
  await openDemo(page, "bakery-proofer", "complaint");
  await throughStations(page, (name) => fits(page, name));
});

test("a capacitor in the hand: label, reading, ruler and verdict in one view above the pad, which can be put away", async ({ page }) => {
  await openRack(page);
  await page.getByRole("navigation", { name: "Quick check" }).getByRole("link", { name: "Capacitor" }).tap();
  await page.getByLabel("Label, as printed").fill("35 µF ±6 % 440 V");
  await page.getByLabel("Meter shows", { exact: true }).tap();
  await thumb(page, "31.2");
  const pad = page.getByRole("group", { name: "Key pad" });
  const order = [
    page.getByLabel("Label, as printed"),
    page.getByLabel("Meter shows", { exact: true }),
    page.getByRole("img", { name: /allowed from 32.9 to 37.1 µF/ }),
    bench(page).getByText(/It is out\./),
  ];
  const foot = (await pad.boundingBox())?.y ?? 0;
  let last = 0;
  for (const each of order) {
    const box = await each.boundingBox();
    expect(box && box.y >= last && box.y + box.height <= foot).toBe(true);
    last = box?.y ?? 0;
  }
  await pad.getByRole("button", { name: "Close the pad" }).tap();
  await expect(pad).toBeHidden();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("31.2");
});

test("a tap beside an open pad presses what lies under the finger, and nothing that moved there", async ({ page }) => {
  await page.goto("/bench?station=capacitor");
  await page.getByLabel("Label, as printed").fill("35 µF ±6 % 440 V");
  await page.getByLabel("Meter shows", { exact: true }).tap();
  await thumb(page, "31.2");
  const settled = page.getByRole("group", { name: "The figure settled" });
  await settled.getByText("Yes", { exact: true }).scrollIntoViewIfNeeded();
  await settled.getByText("Yes", { exact: true }).tap();
  await expect(settled.getByRole("radio", { name: "Yes" })).toBeChecked();
  await expect(page.getByRole("radio", { checked: true })).toHaveCount(1);
});

test("each figure's own signs stand on the pad", async ({ page }) => {
  await page.goto("/bench?station=insulation");
  await page.getByLabel("All windings to frame").tap();
  await thumb(page, ">550M");
  await expect(page.getByLabel("All windings to frame")).toHaveValue(">550M");
  await page.getByLabel("Winding temperature").tap();
  await thumb(page, "-3");
  await expect(page.getByLabel("Winding temperature")).toHaveValue("-3");
});

test("every place is in sight, and there on a card too", async ({ page }) => {
  await openRack(page);
  const places = page.getByRole("navigation", { name: "Places" });
  for (const link of await places.getByRole("link").all()) {
    const box = await link.boundingBox();
    expect(box && box.x >= 0 && box.x + box.width <= 390).toBe(true);
  }
  await page.goto("/traveller?id=demo-nursery-fan-weak");
  await page.getByRole("button", { name: /name, site, export, print/ }).tap();
  await expect(page.getByRole("dialog", { name: "This card" }).getByRole("link", { name: "House" })).toBeVisible();
});

test("capacitors in a row: from the cold in few taps, each kept with its verdict, and in hand again", async ({ page }) => {
  let taps = 0;
  const tap = async (target: ReturnType<Page["getByRole"]>): Promise<void> => {
    taps += 1;
    await target.tap();
  };
  await openRack(page);
  await tap(page.getByRole("navigation", { name: "Quick check" }).getByRole("link").first());
  await tap(page.getByLabel("Label, as printed"));
  await page.keyboard.type("35 µF ±6 %");
  await tap(page.getByLabel("Meter shows", { exact: true }));
  await thumb(page, "31.0");
  await expect(bench(page).getByText("It is out.")).toBeInViewport();
  expect(taps).toBeLessThanOrEqual(5);

  await page.getByRole("button", { name: "Done", exact: true }).tap();
  await page.getByRole("button", { name: "Next part" }).tap();
  await expect(page.getByLabel("Label, as printed")).toBeFocused();
  // At once: nothing of the part before is left in the one after.
  await page.keyboard.type("10 µF ±5 %");
  await expect(page.getByLabel("Label, as printed")).toHaveValue("10 µF ±5 %");
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("");
  await page.getByLabel("Meter shows", { exact: true }).tap();
  await thumb(page, "10.1");
  await expect(bench(page).getByText("Holds", { exact: true }).first()).toBeVisible();
  const before = page.getByRole("region", { name: "Checked before" });
  await expect(before.getByRole("listitem")).toHaveCount(1);
  await expect(before.getByRole("button", { name: /35 µF.*Out/ })).toBeAttached();
  await page.reload();
  await page.getByRole("button", { name: /35 µF.*Out/ }).tap();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("31.0");
  await expect(before.getByRole("button", { name: /10 µF.*Holds/ })).toBeAttached();
});

/** Draws a finger from one point to another. */
async function swipe(page: Page, from: readonly [number, number], to: readonly [number, number]): Promise<void> {
  const touch = await page.context().newCDPSession(page);
  const at = (x: number, y: number) => [{ x, y }];
  await touch.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: at(...from) });
  for (const part of [0.25, 0.5, 0.75, 1])
    await touch.send("Input.dispatchTouchEvent", {
      type: "touchMove",
      touchPoints: at(from[0] + (to[0] - from[0]) * part, from[1] + (to[1] - from[1]) * part),
    });
  await touch.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
}

test("the case comes up by a swipe from the foot, and goes by one down its head", async ({ page }) => {
  await page.goto("/traveller?id=demo-nursery-fan-weak&station=capacitor");
  await expect(page.getByRole("button", { name: "Case", exact: true })).toBeVisible();
  const sheet = page.getByRole("dialog", { name: "Case" });
  await expect(async () => {
    await swipe(page, [200, 815], [200, 500]);
    await expect(sheet).toBeVisible({ timeout: ceilingMs(500) });
  }).toPass();
  const head = await sheet.getByRole("heading", { name: "Case" }).boundingBox();
  if (!head) throw new Error("no head");
  await swipe(page, [head.x + 20, head.y + 10], [head.x + 20, head.y + 300]);
  await expect(sheet).toHaveCount(0);
});

test("what is done most in each view lies in the lower half, under the thumb", async ({ page }) => {
  const MAIN = [
    ["/", "New card"],
    ["/", "Find a card"],
    ["/bench?station=capacitor", "Next part"],
    ["/bench?station=windings", "Clip to a card"],
    ["/shelf", "New part"],
    ["/ledger", "Find a visit"],
    ["/print?id=demo-nursery-fan-weak", "Print"],
    ["/traveller?id=demo-nursery-fan-weak&station=capacitor", "Case"],
  ] as const;
  for (const [url, name] of MAIN) {
    await page.goto(url);
    const button = page.getByRole("button", { name, exact: true }).last();
    await expect(button, `${url}: ${name}`).toBeInViewport();
    expect((await button.boundingBox())?.y, `${url}: ${name}`).toBeGreaterThan(422);
  }
  await page.goto("/");
  await page.getByRole("button", { name: "New card" }).tap();
  await expect(page.getByLabel("What does the motor do?")).toBeFocused();
  await page.goto("/ledger");
  await page.getByRole("button", { name: "Find a visit" }).tap();
  await expect(page.getByLabel("Find", { exact: true })).toBeFocused();
});

test.describe("lying on its side", () => {
  test.use({ viewport: { width: 844, height: 390 } });
  test("nothing is wider than the screen, and figure and verdict stand beside the pad", async ({ page }) => {
    for (const url of ["/", "/shelf", "/ledger", "/house-rules"]) {
      await page.goto(url);
      await untilDrawn(page);
      await fits(page, url);
    }
    await openDemo(page, "bakery-proofer", "complaint");
    await throughStations(page, (name) => fits(page, name));
    await page.goto("/bench?station=capacitor");
    await page.getByLabel("Label, as printed").fill("35 µF ±6 %");
    await page.getByLabel("Meter shows", { exact: true }).tap();
    await thumb(page, "31.0");
    const pad = await page.getByRole("group", { name: "Key pad" }).boundingBox();
    for (const seen of [page.getByLabel("Meter shows", { exact: true }), bench(page).getByText("Out", { exact: true }).first()]) {
      await expect(seen).toBeInViewport();
      const box = await seen.boundingBox();
      expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(pad?.x ?? 0);
      // Nothing lies over it.
      expect(
        await seen.evaluate((node) => {
          const { x, y, width, height } = node.getBoundingClientRect();
          return node.contains(document.elementFromPoint(x + width / 2, y + height / 2));
        }),
      ).toBe(true);
    }
    for (const key of ["7", "0", "Delete the last sign"])
      await expect(page.getByRole("group", { name: "Key pad" }).getByRole("button", { name: key, exact: true })).toBeInViewport({
        ratio: 1,
      });
  });
});
