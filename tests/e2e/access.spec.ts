import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect, STATIONS, test } from "./support/vemmick";

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
  ...STATIONS.map((station) => `/traveller?id=demo-bakery-proofer&station=${station}`),
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
const PARTS = [0, 1, 2, 3].map((part) => VIEWS.filter((_, index) => index % 4 === part));
const LEVELS = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];

/** Only what is wrong is asked for: the audit then takes a fraction of its time. */
const quick = (page: Page): AxeBuilder => new AxeBuilder({ page }).options({ resultTypes: ["violations"] });

/** What an audit found, in a line each. */
async function audit(builder: AxeBuilder): Promise<string[]> {
  // One frame: no second page is needed to gather the results.
  const { violations } = await builder.setLegacyMode().analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(" | ")}`);
}

PARTS.forEach((views, part) =>
  test(`every main view meets WCAG 2.2 AA, its colours in every theme (${part + 1} of ${PARTS.length})`, async ({ page }) => {
    // Several pages and as many audits: minutes on a slow machine.
    test.setTimeout(300_000);
    for (const [index, view] of views.entries()) {
      await page.goto(view);
      await expect(page.locator("h1").first()).toBeAttached();
      await expect(page.getByText("Reading what is kept")).toHaveCount(0);
      expect(await audit(quick(page).withTags(LEVELS)), view).toEqual([]);
      // Themes are the same drawing with other colours: only what hangs on colour can differ.
      for (const theme of THEMES.slice(1)) {
        await page.evaluate((name) => (document.documentElement.dataset.theme = name), theme);
        // Strip, header and case are the same at every station: the first view of each part has them, the others their own.
        const own = index === 0 ? "body" : "main";
        expect(await audit(quick(page).include(own).withRules(["color-contrast"])), `${view} in ${theme}`).toEqual([]);
      }
    }
  }),
);

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
  const { violations } = await new AxeBuilder({ page }).include("[role=dialog]").withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Working" })).toBeFocused();
  await page.getByRole("button", { name: "What would fit" }).click();
  await expect(page.getByRole("dialog").getByText("12.5 µF + 5 µF")).toBeVisible();
  const fits = await new AxeBuilder({ page }).include("[role=dialog]").withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
  expect(fits.violations.map(({ id }) => id)).toEqual([]);
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
