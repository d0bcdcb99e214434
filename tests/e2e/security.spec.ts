import { readdirSync, readFileSync } from "node:fs";
import { expect, openDemo, test } from "./support/vemmick";
import { builtScripts, neededScripts } from "../../scripts/lib/first-load.mjs";
import { PAGES, ROUTES } from "../../src/app/routes";

const chunk = `/_next/static/chunks/${readdirSync(".next/static/chunks").find((name) => name.endsWith(".js")) ?? ""}`;

test("every answer says that it is what it says it is, and whom it may be shown to", async ({ request }) => {
  for (const path of [
    ...ROUTES,
    "/theme.js",
    "/theme.jsx",
    "/favicon.svg",
    "/NOTICES.txt",
    "/manifest.webmanifest",
    "/serwist/sw.js",
    "/nonsense",
    chunk,
  ]) {
    const headers = (await request.get(path)).headers();
    expect(headers["x-content-type-options"], path).toBe("nosniff");
    expect(headers["referrer-policy"], path).toBe("no-referrer");
    expect(headers["cross-origin-resource-policy"], path).toBe("same-origin");
    expect(headers["content-security-policy"], path).toContain("default-src 'self'");
    expect(headers["content-security-policy"], path).toContain("object-src 'none'");
  }
});

test("pages run scripts and style elements by nonce only, a fresh one each time", async ({ request }) => {
  const nonces = new Set<string>();
  for (const path of [...PAGES, "/theme.jsx", "/favicon.svgx", "/_next/staticky"]) {
    const policy = (await request.get(path)).headers()["content-security-policy"] ?? "";
    const nonce = /script-src 'self' 'nonce-([^']+)'/.exec(policy)?.[1];
    expect(nonce, path).toBeDefined();
    expect(policy).toContain(`style-src-elem 'self' 'nonce-${nonce}'`);
    expect(policy).not.toMatch(/script-src[^;]*unsafe|style-src-elem[^;]*unsafe/);
    nonces.add(nonce ?? "");
  }
  expect(nonces.size).toBe(PAGES.length + 3);
});

test("nothing between server and browser may keep the worker's script or the schema for a year; no map of it is public", async ({
  request,
}) => {
  for (const path of ["/serwist/sw.js", "/schema"]) {
    const cache = (await request.get(path)).headers()["cache-control"] ?? "";
    expect(cache, path).toContain("no-cache");
    expect(cache, path).not.toMatch(/s-maxage|immutable|public/);
  }
  expect((await request.get("/serwist/sw.js.map")).status()).toBe(404);
  expect(await (await request.get("/serwist/sw.js")).text()).not.toContain("sourceMappingURL");
});

test("a page keeps its policy while sheets open and charts are drawn", async ({ page }) => {
  // A style or script that the policy refuses is a console error, and fails every test of this kind.
  await openDemo(page, "bakery-proofer", "capacitor");
  await page.getByRole("button", { name: "Working" }).click();
  await expect(page.getByRole("dialog", { name: "Working" })).toBeVisible();
  expect(await page.evaluate(() => getComputedStyle(document.body).overflow)).toBe("hidden");
  await page.keyboard.press("Escape");
});

test("every page of the program is on the list that is kept offline", () => {
  const folders = readdirSync("src/app", { recursive: true, encoding: "utf8" })
    .filter((path) => /(^|\/)page\.tsx$/.test(path))
    .map((path) => `/${path.replace(/\/?page\.tsx$/, "")}`);
  expect([...ROUTES].filter((route) => route !== "/schema").sort()).toEqual(folders.sort());
});

test("every script that a page names, and that a screen, a part or a worker needs, is on the list that is kept offline", async ({
  request,
  baseURL,
}) => {
  const list = decodeURIComponent(await (await request.get("/serwist/sw.js")).text());
  const { parts, workers } = builtScripts();
  const named = await Promise.all(PAGES.map((path) => neededScripts(baseURL ?? "", path)));
  const needed = new Set([...named, ...Object.values(parts), ...Object.values(workers)].flat().map(decodeURIComponent));
  expect(needed.size).toBeGreaterThan(100);
  expect([...needed].filter((script) => !list.includes(`/_next/${script}`))).toEqual([]);
});

test("the notices name every package that ships, peers too, each with its text", () => {
  const notices = readFileSync("public/NOTICES.txt", "utf8").split(`\n${"=".repeat(72)}\n`);
  expect(notices.length).toBeGreaterThan(60);
  for (const notice of notices) expect(notice.trim().split("\n").slice(2).join(" ").length, notice.slice(0, 60)).toBeGreaterThan(200);
  expect(notices.some((notice) => notice.trim().startsWith("react-is "))).toBe(true);
});
