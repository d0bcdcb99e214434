import { expect, test as base, type Page } from "@playwright/test";
import { STATION_IDS } from "../../../src/core/stations/ids";
import { STATION_LABELS } from "../../../src/features/stations/labels";
import { SharedContexts } from "./shared-context";
import { START_STATE } from "./start-state-path";

/**
 * Every test fails on a broken script, a refused resource, or a request to any other machine. Tests share the browser profiles of
 * their worker, each as a first visit left it; one that changes more of its profile than its store asks for one of its own.
 */
export const test = base.extend<{ watched: undefined; ownProfile: boolean }, { profiles: SharedContexts }>({
  ownProfile: [false, { option: true }],
  profiles: [
    async ({ browser }, use) => {
      const profiles = new SharedContexts(browser, START_STATE);
      await use(profiles);
      await profiles.close();
    },
    { scope: "worker" },
  ],
  context: async (
    { browser, profiles, ownProfile, storageState, baseURL, viewport, hasTouch, isMobile, timezoneId, serviceWorkers },
    hand,
    { retry },
  ) => {
    const wish = { baseURL, viewport, hasTouch, isMobile, timezoneId, serviceWorkers };
    // A service worker is kept with its profile, and a second try is traced from its first page on.
    const isOwn = ownProfile || serviceWorkers === "allow" || storageState !== START_STATE || retry > 0;
    const context = isOwn ? await browser.newContext({ ...wish, storageState }) : await profiles.take(wish);
    await hand(context);
    await (isOwn ? context.close() : SharedContexts.leave(context));
  },
  watched: [
    async ({ page, baseURL }, use) => {
      const trouble: string[] = [];
      page.on("pageerror", (error) => trouble.push(`page error: ${error.message}`));
      page.on("console", (message) => {
        // A test leaves a page that would ask a person first, without ever having pressed a key on it.
        const isOwn = /ERR_CONNECTION|'beforeunload' confirmation panel/.test(message.text());
        if (message.type() === "error" && !isOwn) trouble.push(`console: ${message.text()}`);
      });
      page.on("request", (request) => {
        const { protocol, host } = new URL(request.url());
        if (protocol.startsWith("http") && !host.startsWith("127.0.0.1")) trouble.push(`request to ${host} (${baseURL ?? ""})`);
      });
      await use(undefined);
      expect(trouble).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

export const bench = (page: Page) => page.getByRole("main");
export const strip = (page: Page) => page.getByRole("navigation", { name: "Strip" });
export const caseOf = (page: Page) => page.getByRole("complementary", { name: "Case" });

/** The suspect on top of the line-up. */
export const leads = async (page: Page, suspect: string): Promise<void> =>
  expect(caseOf(page).getByRole("region", { name: "Line-up" }).getByRole("listitem").first()).toContainText(suspect);

/** The home, once its cards are read. */
export async function openRack(page: Page): Promise<void> {
  await page.goto("/");
  await expect(page.getByLabel("What does the motor do?")).toBeVisible();
}

/** Starts a card by its complaint and waits until it stands. */
export async function startCard(page: Page, said: string): Promise<string> {
  await openRack(page);
  await page.getByLabel("What does the motor do?").fill(said);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  const id = new URL(page.url()).searchParams.get("id");
  if (!id) throw new Error(`no card in the address ${page.url()}`);
  return id;
}

export async function goTo(page: Page, station: string): Promise<void> {
  await strip(page)
    .getByRole("button", { name: new RegExp(`^${station}`) })
    .click();
  await expect(page.getByRole("heading", { name: station, level: 1 })).toBeVisible();
}

/** Opens each station of the card on the page, one after the other, also those this motor has no use for, and looks at it. */
export async function throughStations(page: Page, look: (name: string) => Promise<void>): Promise<void> {
  const isPhone = (page.viewportSize()?.width ?? 1280) < 1024;
  const stops = isPhone ? page.getByRole("dialog", { name: "Stations" }) : strip(page);
  for (const { title } of STATION_IDS.map((id) => STATION_LABELS[id])) {
    if (isPhone) await page.getByRole("button", { name: /station \d+ of \d+/ }).tap();
    const stop = stops.getByRole("button", { name: new RegExp(`^${title}`) });
    const more = stops.getByRole("button", { name: /^More: / });
    await expect(stop.or(more).first()).toBeVisible();
    if ((await stop.count()) === 0) await more.click();
    await stop.click();
    await expect(page.getByRole("heading", { name: title, level: 1 })).toBeVisible();
    await untilDrawn(page);
    await look(title);
  }
}

/** Isolates, proves dead, measures the capacitor. */
export async function makeSafe(page: Page): Promise<void> {
  await goTo(page, "Make safe");
  await page.getByLabel("Breaker or disconnect off and locked").check();
  await page.getByLabel("Meter on a live source, before").fill("231.4");
  await page.getByLabel("The circuit to be worked on").fill("0.2");
  await page.getByLabel("Meter on a live source, after").fill("230.8");
  // A type of motor without a capacitor asks for no charge.
  const left = page.getByLabel("Left on the capacitor");
  if (await left.count()) await left.fill("0.4");
  await expect(bench(page).getByText("Proven dead")).toBeVisible();
}

/** Opens a demo card at a station. */
export async function openDemo(page: Page, id: string, station: string): Promise<void> {
  await page.goto(`/traveller?id=demo-${id}&station=${station}`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

/** Texts kept at one station, straight from the browser's store. */
export async function keptAt(page: Page, travellerId: string, station: string): Promise<unknown> {
  return page.evaluate(
    async (key) =>
      new Promise((resolve, reject) => {
        const open = indexedDB.open("vemmick");
        open.onerror = () => reject(new Error("cannot open"));
        open.onsuccess = () => {
          const get = open.result.transaction("stations").objectStore("stations").get(key);
          get.onsuccess = () => {
            open.result.close();
            resolve((get.result as { data?: unknown } | undefined)?.data ?? null);
          };
        };
      }),
    `${travellerId}/${station}`,
  );
}

/** What is kept at a station comes to be this. */
export const expectKept = (page: Page, travellerId: string, station: string, shape: Record<string, unknown>): Promise<void> =>
  expect.poll(() => keptAt(page, travellerId, station)).toMatchObject(shape);

/** Leaves a page as a person would: once every key is in its row. What dies sooner is for the tests of keeping. */
export async function untilKept(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            const open = indexedDB.open("vemmick");
            open.onsuccess = () => {
              // Each key is noted here in its own turn, and taken away with the transaction that keeps it.
              const count = open.result.transaction("journal").objectStore("journal").count();
              count.onsuccess = () => {
                open.result.close();
                resolve(count.result);
              };
            };
          }),
      ),
    )
    .toBe(0);
}

/** Waits until a page has read what it shows, and has drawn it. */
export async function untilDrawn(page: Page): Promise<void> {
  await expect(page.getByRole("heading", { level: 1 })).toBeAttached();
  await expect(page.getByText("Reading what is kept")).toHaveCount(0);
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
}

export async function reloadKept(page: Page): Promise<void> {
  await untilKept(page);
  await page.reload();
}

/** Waits until nothing is derived any more: that is work of the first visit, in a worker that others need not load. */
export async function untilDerived(page: Page): Promise<void> {
  await expect
    .poll(
      () =>
        page.evaluate(
          () =>
            new Promise<boolean>((resolve) => {
              const open = indexedDB.open("vemmick");
              open.onsuccess = () => {
                // The keys of the index alone: reading every row would cost more than deriving some.
                const index = open.result.transaction("summaries").objectStore("summaries").index("derivedBy");
                const walk = index.openKeyCursor(null, "nextunique");
                const found: string[] = [];
                walk.onsuccess = () => {
                  const cursor = walk.result;
                  if (cursor) {
                    found.push(String(cursor.key));
                    cursor.continue();
                    return;
                  }
                  open.result.close();
                  resolve(found.length > 0 && found.every((derivedBy) => !/^~?$|\?$/.test(derivedBy)));
                };
              };
            }),
        ),
      // All of a big store is minutes of a worker's time: only the test's own ceiling ends it.
      { timeout: 0 },
    )
    .toBe(true);
}
