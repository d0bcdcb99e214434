import { bench, expect, expectKept, goTo, test } from "./support/vemmick";
import { standBefore, startServer, untilStored } from "./support/server";

test.use({ serviceWorkers: "allow" });

test("after one visit the whole program works with the server gone, every link of it, and unknown addresses get its own page", async ({
  page,
}) => {
  const { home, stop } = await startServer(3318);
  try {
    await page.goto(home);
    await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
    await untilStored(page);
  } finally {
    await stop();
  }
  expect(await fetch(home).catch(() => "gone")).toBe("gone");

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

  // Every link, from the links themselves, starting at the places that have them.
  const waiting = [
    "/",
    "/traveller?id=demo-bakery-proofer",
    "/motor?card=demo-bakery-proofer",
    "/print?id=demo-bakery-proofer",
    "/print?id=demo-bakery-proofer&view=customer",
  ];
  const seen = new Set(waiting.map((path) => path.split("?")[0] + (path.includes("view=") ? "?view" : "")));
  const visited: string[] = [];
  for (let path = waiting.shift(); path !== undefined; path = waiting.shift()) {
    await page.goto(`${home}${path}`);
    const isFile = path === "/schema" || path.endsWith(".txt");
    if (isFile) await expect(page.locator("body")).not.toBeEmpty();
    else await expect(page.getByRole("heading", { level: 1 }), path).toBeAttached();
    await expect(page.getByText("No such page")).toHaveCount(0);
    visited.push(path);
    if (isFile) continue;
    if (path === "/house-rules") await page.getByRole("button", { name: "Licences of what ships with it" }).click();
    const title = page.getByRole("button", { name: /name, site, export, print/ });
    if (await title.count()) {
      await title.click();
      await expect(page.getByRole("dialog").getByRole("link").first()).toBeVisible();
    }
    // What is beside the list comes after it.
    if (path === "/ledger") await expect(page.getByRole("link", { name: "JSON Schema" })).toBeVisible();
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    const links = await page.evaluate(() => [...document.querySelectorAll("a[href]")].map((link) => link.getAttribute("href") ?? ""));
    for (const link of links.filter((each) => each.startsWith("/"))) {
      // One card stands for all of them: they share one page.
      const kind = (link.split("?")[0] ?? "") + (link.includes("view=") ? "?view" : "");
      if (seen.has(kind)) continue;
      seen.add(kind);
      waiting.push(link);
    }
  }
  expect(visited.length).toBeGreaterThanOrEqual(10);
  expect([...seen].sort()).toEqual(
    [
      "/",
      "/NOTICES.txt",
      "/bench",
      "/house-rules",
      "/learnt",
      "/ledger",
      "/mock-bench",
      "/motor",
      "/print",
      "/print?view",
      "/schema",
      "/shelf",
      "/team",
      "/traveller",
    ].sort(),
  );

  for (const [path, words] of [
    ["/ledger/", "Files"],
    ["/house-rules/?from=a-letter", "Guard band"],
    ["/bench?station=capacitor&utm=x", "Label, as printed"],
    ["/shelf", "12.5 µF ±5 % 450 V"],
  ] as const) {
    await page.goto(`${home}${path}`);
    await expect(page.getByRole("main").getByText(words).first()).toBeVisible();
  }
  for (const path of ["/nonsense", "/ledger/old/thing", "/traveller.html"]) {
    await page.goto(`${home}${path}`);
    await expect(page.getByRole("heading", { name: "No such page" })).toBeVisible();
    await expect(page.getByRole("link", { name: "To the rack" })).toBeVisible();
  }
  // A paper with its fonts and what sets it.
  await page.goto(`${home}/print?id=demo-nursery-fan-weak`);
  const [paper] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Save as PDF" }).click()]);
  expect(paper.suggestedFilename()).toMatch(/^Brackwater-Nursery_.*\.pdf$/);
  await page.goto(`${home}/`);
  await page.getByRole("button", { name: "Squeals" }).click();
  await expect(page.getByLabel("Squeals")).toBeChecked();
});

test("once a photo was read, photos are read with the server gone", async ({ page }) => {
  const { home, stop } = await startServer(3320);
  const readLabel = async (name: string): Promise<void> => {
    await page.goto(`${home}/bench?station=capacitor`);
    await page.getByRole("button", { name: "Label from a photo" }).click();
    await page.getByLabel("Choose a photo").setInputFiles(`tests/reference/photos/${name}.jpg`);
  };
  const capacitance = page.getByRole("listitem", { name: "Capacitance", exact: true });
  try {
    await page.goto(home);
    await untilStored(page);
    await readLabel("po-016");
    await page.getByRole("button", { name: "Read it" }).click();
    await expect(capacitance).toContainText("60 µF");
  } finally {
    await stop();
  }
  // What reads is here: it begins by itself.
  await readLabel("po-008");
  await expect(capacitance).toContainText("4 µF");
  await expect(page.getByText(/fetched once/)).toHaveCount(0);
});

test("a new build under an open page: the page goes on with its own files, the person is told, and lets it in when all is kept", async ({
  page,
  context,
}) => {
  const { home: target, stop } = await startServer(3319);
  const front = await standBefore(target);
  try {
    await page.goto(`${front.home}/traveller?id=demo-bakery-proofer&station=capacitor`);
    await expect(page.getByLabel("Meter shows", { exact: true })).toBeVisible();
    await untilStored(page);
    await page.reload();
    const loaded = await page.evaluate(() => performance.getEntriesByType("resource").map(({ name }) => new URL(name).pathname));

    // The next build has none of the files this page has not loaded yet, on the server or in its own list.
    const isGone = (path: string): boolean => /^\/_next\/static\/chunks\/.*\.js$/.test(path) && !loaded.includes(path);
    front.set((path, body) => {
      if (path === "/serwist/sw.js")
        return `${body.replace(/url:"([^"]+)"/g, (entry, url: string) => (isGone(url) ? 'url:"/favicon.svg?left-out"' : entry))}\n// next`;
      return isGone(path.split("?")[0] ?? "") ? null : body;
    });
    await page.evaluate(async () => {
      await (await navigator.serviceWorker.getRegistration())?.update();
    });
    const bar = page.getByRole("complementary", { name: "New version" });
    await expect(bar).toContainText("A new version of Vemmick is here");

    const session = await context.newCDPSession(page);
    await session.send("Network.clearBrowserCache");
    // Parts of the old build that were never asked for: from the store, not from a server that has them no more.
    await page.getByRole("button", { name: /name, site, export, print/ }).click();
    const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export this card" }).click()]);
    expect(file.suggestedFilename()).toMatch(/\.vemmick\.json$/);
    await page.keyboard.press("Escape");

    // Another tab lets the new one in; this page is told, and still has its files.
    const other = await context.newPage();
    await other.goto(`${front.home}/ledger`);
    await expect(other.getByRole("complementary", { name: "New version" })).toBeVisible();
    await other.getByRole("button", { name: "Change over" }).click();
    await expect(bar).toContainText("This page is still of the old one");
    await session.send("Network.clearBrowserCache");
    await page.getByRole("button", { name: "What would fit" }).click();
    await expect(page.getByRole("dialog").getByText("12.5 µF + 5 µF")).toBeVisible();
    await page.keyboard.press("Escape");
    await page.getByLabel("Meter shows", { exact: true }).fill("17.4");
    await expectKept(page, "demo-bakery-proofer", "capacitor", { readings: [{ text: "17.4" }] });

    // Something is not kept: it does not change over.
    await page.evaluate(() => {
      IDBObjectStore.prototype.put = () => {
        throw new DOMException("no room", "QuotaExceededError");
      };
    });
    await page.getByLabel("Meter shows", { exact: true }).fill("17.5");
    await expect(page.getByRole("alert").filter({ hasText: "Not kept yet" })).toBeVisible();
    await page.getByRole("button", { name: "Change over" }).click();
    await expect(bar).toContainText("Not yet: something keyed is not kept.");
    await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("17.5");
  } finally {
    front.server.closeAllConnections();
    front.server.close();
    await stop();
  }
});
