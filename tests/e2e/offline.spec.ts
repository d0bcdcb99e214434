import { spawn, type ChildProcess } from "node:child_process";
import { once } from "node:events";
import { bench, expect, goTo, test } from "./support/vemmick";

test.use({ serviceWorkers: "allow" });

const PORT = 3318;
const HOME = `http://127.0.0.1:${PORT}`;

async function startServer(): Promise<ChildProcess> {
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "--hostname", "127.0.0.1", "--port", String(PORT)], {
    stdio: "ignore",
  });
  await expect.poll(async () => (await fetch(`${HOME}/favicon.svg`).catch(() => null))?.status, { timeout: 30_000 }).toBe(200);
  return server;
}

test("after one visit the whole program works with the server gone", async ({ page }) => {
  const server = await startServer();
  try {
    await page.goto(HOME);
    await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
    // Everything is stored once the worker is active and in control.
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), { timeout: 30_000 }).toBe(true);
  } finally {
    server.kill("SIGTERM");
    await once(server, "exit");
  }
  expect(await fetch(HOME).catch(() => "gone")).toBe("gone");

  await page.reload();
  await expect(page.getByLabel("What does the motor do?")).toBeVisible();
  await page.getByRole("link", { name: /Proofing-cabinet blower/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await goTo(page, "Capacitor");
  await page.getByLabel("Meter shows", { exact: true }).fill("17.4");
  await expect(bench(page).getByText("Holds", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Working" }).click();
  await expect(page.getByRole("dialog", { name: "Working" })).toBeVisible();
  await page.keyboard.press("Escape");
  // The search runs in a web worker, which comes from the cache too.
  await page.getByRole("button", { name: "What would fit" }).click();
  await expect(page.getByRole("dialog").getByText("12.5 µF + 5 µF")).toBeVisible();
  await page.keyboard.press("Escape");
  await page.reload();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("17.4");
  for (const [path, words] of [
    ["/ledger", "Everything on this device".slice(0, 5)],
    ["/house-rules", "Guard band"],
    ["/bench?station=capacitor", "Label, as printed"],
    ["/shelf", "12.5 µF ±5 % 450 V"],
    ["/print?id=demo-bakery-proofer", "Proofing-cabinet blower"],
  ] as const) {
    await page.goto(`${HOME}${path}`);
    await expect(page.getByRole("main").getByText(words).first()).toBeVisible();
  }
  await page.goto(`${HOME}/`);
  await page.getByRole("button", { name: "Squeals" }).click();
  await expect(page.getByLabel("Squeals")).toBeChecked();
});
