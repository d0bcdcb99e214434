import type { Page } from "@playwright/test";
import { neededScripts, weightKb } from "../../scripts/lib/first-load.mjs";
import { expect, test } from "./support/vemmick";

/** What a screen may need before it can be used: scripts, each compressed on its own [kB]; a little over what they are (docs/decisions/0033-shared-scripts.md). */
const CARD = "/traveller?id=demo-nursery-fan-weak";
const SCREENS = [
  { name: "Rack", path: "/", usable: "a[href^='/traveller?id=']", mostKb: 194 },
  { name: "Shelf", path: "/shelf", usable: "[data-usable] li", mostKb: 204 },
  { name: "Ledger", path: "/ledger", usable: "a[href^='/traveller?id=']", mostKb: 192 },
  { name: "Traveller", path: `${CARD}&station=capacitor`, usable: "[data-instrument]", mostKb: 262 },
  { name: "Motor", path: "/motor?card=demo-nursery-fan-weak", usable: "#figures", mostKb: 200 },
  { name: "Bench", path: "/bench?station=capacitor", usable: "[data-instrument]", mostKb: 270 },
  { name: "House rules", path: "/house-rules", usable: "#rule-runLowPercent", mostKb: 250 },
  { name: "Learnt", path: "/learnt", usable: "#offers, #nothing-learnt", mostKb: 250 },
  { name: "Team files", path: "/team", usable: "#device", mostKb: 250 },
  // It says that it works out what the card says; that asks a worker, which comes behind.
  { name: "Print", path: "/print?id=demo-nursery-fan-weak", usable: "[role=status]", mostKb: 420 },
] as const;

/** Lets a page have these scripts alone; the others come when it is let go. */
async function holdOthers(page: Page, scripts: readonly string[]): Promise<void> {
  await page.addInitScript((needed) => {
    const held: (() => void)[] = [];
    let isHeld = true;
    const { appendChild } = Node.prototype;
    Node.prototype.appendChild = function <T extends Node>(this: Node, node: T): T {
      const isOther = node instanceof HTMLScriptElement && node.src !== "" && !needed.some((script) => node.src.endsWith(script));
      if (!isHeld || !isOther) return appendChild.call(this, node) as T;
      held.push(() => appendChild.call(this, node));
      return node;
    };
    Object.assign(window, {
      letGo: () => {
        isHeld = false;
        held.splice(0).forEach((act) => act());
      },
    });
  }, scripts);
}

for (const { name, path, usable, mostKb } of SCREENS)
  test(`${name}: usable with what the build says it needs, which is within its budget; the rest comes behind it`, async ({
    page,
    baseURL,
  }) => {
    const needed = await neededScripts(baseURL ?? "", path);
    const kb = weightKb(needed);
    expect(kb, `${kb.toFixed(1)} kB; a budget of ${mostKb} kB`).toBeLessThan(mostKb);
    // Nothing was counted at all: the framework alone weighs more.
    expect(kb).toBeGreaterThan(100);
    await holdOthers(page, needed);
    const behind: string[] = [];
    page.on("request", (request) => {
      const [script] = /static\/chunks\/[^?#]+\.js/.exec(request.url()) ?? [];
      if (script && request.resourceType() === "script" && !needed.includes(script)) behind.push(script);
    });
    await page.goto(path);
    await expect(page.locator(usable).first()).toBeAttached();
    await page.evaluate(() => (window as unknown as { letGo: () => void }).letGo());
    await expect.poll(() => behind.length).toBeGreaterThan(0);
  });
