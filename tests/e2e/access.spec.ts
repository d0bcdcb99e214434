import axe from "axe-core";
import type { Page } from "@playwright/test";
import { expect, openDemo, test, throughStations, untilDrawn } from "./support/vemmick";

const VIEWS = [
  "/",
  "/bench?station=capacitor",
  "/shelf",
  "/ledger",
  "/motor?card=demo-lido-fan-4",
  "/learnt",
  "/team",
  "/house-rules",
  "/print?id=demo-nursery-fan-weak",
  ...["running", "swing", "discharge", "start-parts"].map(
    (method) => `/traveller?id=demo-bakery-proofer&station=capacitor&method=${method}`,
  ),
  ...["pairs", "compare"].map((method) => `/traveller?id=demo-ventilator-interrupted&station=windings&method=${method}`),
  "/traveller?id=demo-bakery-proofer&station=windings&method=connection",
  "/traveller?id=demo-lido-dehumidifier&station=insulation",
  "/traveller?id=demo-dairy-agitator&station=start-gear",
  "/traveller?id=demo-lido-fan-4&station=capacitor",
  "/traveller?id=demo-nursery-fan-weak&station=prove",
  "/traveller?id=demo-cinema-extract&station=frame",
  ...["name", "fit", "job", "tones"].map((method) => `/traveller?id=demo-laundrette-folding&station=bearing&method=${method}`),
  "/traveller?id=demo-cinema-screen&station=bearing&method=upkeep",
  ...["off", "back"].map((method) => `/traveller?id=demo-laundrette-folding&station=take-apart&method=${method}`),
];

const THEMES = ["paper", "low", "glare"] as const;
/** The pairs of colours are held in every theme by tests/unit/contrast.test.ts; these show that they are the ones in use. */
const IN_ALL_THEMES = [
  "/",
  "/ledger",
  "/traveller?id=demo-bakery-proofer&station=capacitor",
  "/traveller?id=demo-laundrette-exhaust&station=run-test",
  "/traveller?id=demo-nursery-fan-weak&station=prove",
];
const PARTS = [0, 1].map((part) => VIEWS.filter((_, index) => index % 2 === part));
const LEVELS = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];

/** What an audit of the page, or of a part of it, finds: a line each. */
async function audit(page: Page, { rules, part = "html" }: { readonly rules: object; readonly part?: string }): Promise<string[]> {
  // Once a document, not once an audit: it is half a megabyte.
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(axe.source);
  return page.evaluate(
    async ([where, options]) => {
      const { axe: auditor } = window as unknown as { axe: typeof axe };
      const { violations } = await auditor.run(where, { ...options, resultTypes: ["violations"], iframes: false });
      return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(" | ")}`);
    },
    [part, rules] as const,
  );
}
/** Everything but colours, which are held apart. */
const MARKUP = { runOnly: { type: "tag", values: LEVELS }, rules: { "color-contrast": { enabled: false } } };
const COLOURS = { runOnly: { type: "rule", values: ["color-contrast"] } };

PARTS.forEach((views, part) =>
  test(`every main view meets WCAG 2.2 AA (${part + 1} of ${PARTS.length})`, async ({ page }) => {
    for (const view of views) {
      await page.goto(view);
      await untilDrawn(page);
      expect(await audit(page, { rules: MARKUP }), view).toEqual([]);
    }
  }),
);

test("every station meets it too", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "complaint");
  await untilDrawn(page);
  // Strip, header and case are the same at every station.
  expect(await audit(page, { rules: MARKUP })).toEqual([]);
  await throughStations(page, async (name) => expect(await audit(page, { rules: MARKUP, part: "main" }), name).toEqual([]));
});

test("colours meet it in every theme", async ({ page }) => {
  for (const view of IN_ALL_THEMES) {
    await page.goto(view);
    await untilDrawn(page);
    for (const theme of THEMES) {
      await page.evaluate((name) => (document.documentElement.dataset.theme = name), theme);
      expect(await audit(page, { rules: COLOURS }), `${view} in ${theme}`).toEqual([]);
    }
  }
});

test("the theme that was picked stands before the first paint", async ({ page }) => {
  for (const theme of THEMES) {
    await page.addInitScript((name) => localStorage.setItem("vemmick-theme", name), theme);
    await page.goto("/");
    await expect(page.locator("html")).toHaveAttribute("data-theme", theme);
  }
});

test("sheets meet WCAG 2.2 AA too, and hand the focus back", async ({ page }) => {
  await page.goto("/traveller?id=demo-bakery-proofer&station=capacitor");
  await page.getByRole("button", { name: "Working" }).click();
  await expect(page.getByRole("dialog", { name: "Working" })).toBeVisible();
  const all = { runOnly: { type: "tag", values: LEVELS } };
  expect(await audit(page, { rules: all, part: "[role=dialog]" })).toEqual([]);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Working" })).toBeFocused();
  await page.getByRole("button", { name: "What would fit" }).click();
  await expect(page.getByRole("dialog").getByText("12.5 µF + 5 µF")).toBeVisible();
  expect(await audit(page, { rules: all, part: "[role=dialog]" })).toEqual([]);
});

test("pages allow scripts by nonce only, and nothing from elsewhere", async ({ request }) => {
  const nonces = new Set<string>();
  for (const path of ["/", "/traveller", "/bench", "/shelf", "/ledger", "/house-rules", "/print"]) {
    const answer = await request.get(path);
    const policy = answer.headers()["content-security-policy"] ?? "";
    const scripts = /script-src ([^;]*)/.exec(policy)?.[1] ?? "";
    expect(scripts).not.toContain("unsafe");
    expect(policy).not.toContain("http");
    const nonce = /'nonce-([^']+)'/.exec(scripts)?.[1] ?? "";
    nonces.add(nonce);
    const tags = [...(await answer.text()).matchAll(/<script(?![^>]*type="application)[^>]*>/g)].map(([tag]) => tag);
    expect(tags.length).toBeGreaterThan(3);
    expect(tags.filter((tag) => !tag.includes(`nonce="${nonce}"`))).toEqual([]);
  }
  expect(nonces.size).toBe(7);
});
