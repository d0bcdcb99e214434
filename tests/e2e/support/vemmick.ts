import { expect, test as base, type Page } from "@playwright/test";

/** Every test fails on a broken script, a refused resource, or a request to any other machine. */
export const test = base.extend<{ watched: undefined }>({
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
/** Every station, by its place on the strip. */
export { STATION_IDS as STATIONS } from "../../../src/core/stations/ids";

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

/** A figure is kept within this time of its last key; what happens sooner is for the tests of keeping. */
const KEPT_WITHIN_MS = 300;

/** Leaves a page as a person would: not within a blink of the last key. */
export const untilKept = (page: Page): Promise<void> => page.waitForTimeout(KEPT_WITHIN_MS);

export async function reloadKept(page: Page): Promise<void> {
  await untilKept(page);
  await page.reload();
}

/** Waits until nothing is derived any more: that is work of the first visit, in a worker that others need not load. */
export async function untilDerived(page: Page, timeout = 60_000): Promise<void> {
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
      { timeout },
    )
    .toBe(true);
}
