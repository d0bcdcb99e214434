import type { Page } from "@playwright/test";
import { bench, expect, goTo, strip, test } from "./support/vemmick";

const mock = (page: Page) => page.getByRole("region", { name: "Mock bench" });
const shows = (page: Page) => page.getByLabel("The simulated meter shows");
const put = (page: Page, name: string) => mock(page).getByRole("button", { name, exact: true }).click();

async function beginLesson(page: Page, title: string): Promise<void> {
  await page.goto("/mock-bench");
  await page.getByRole("button", { name: title, exact: true }).click();
  await expect(mock(page)).toBeVisible();
}

/** Puts the instrument somewhere and keys what it shows into a field. */
async function read(page: Page, place: string, label: string): Promise<void> {
  await put(page, place);
  await expect(shows(page)).not.toHaveText("–");
  await page.getByLabel(label, { exact: true }).fill(((await shows(page).textContent()) ?? "").replace(/ [µ]?[VFA]$/, ""));
  await put(page, place);
}

async function makeSafeHere(page: Page): Promise<void> {
  await goTo(page, "Make safe");
  await read(page, "A live source", "Meter on a live source, before");
  await mock(page).getByRole("button", { name: "Switch off and lock" }).click();
  await page.getByLabel("Breaker or disconnect off and locked").check();
  await read(page, "The circuit", "The circuit to be worked on");
  await read(page, "A live source", "Meter on a live source, after");
  await read(page, "The capacitor", "Left on the capacitor");
  await expect(bench(page).getByText("Proven dead")).toBeVisible();
}

async function decide(page: Page, work: string): Promise<void> {
  await goTo(page, "Decide");
  await page.getByRole("radio", { name: work, exact: true }).check();
}

const finish = async (page: Page): Promise<void> => {
  await mock(page).getByRole("link", { name: "Finish and see what it was" }).click();
  await page.getByRole("button", { name: "See what it was" }).click();
  await expect(page.getByRole("heading", { name: "What each step told" })).toBeVisible();
};

test("a lesson at the real stations: safe, measured by tips, the debrief says what each step told; nothing of it is met elsewhere", async ({
  page,
}) => {
  await beginLesson(page, "It hums and stands");
  const name = (await page.locator("header b").first().textContent()) ?? "";
  expect(name).toMatch(/^Case [0-9A-Z]{4}-[0-9A-Z]{4}$/);
  await expect(page.getByRole("button", { name: /name, site, export, print/ })).toHaveCount(0);
  await goTo(page, "Windings");
  // Every touch of what is not off is one, and nothing is read.
  for (let touches = 0; touches < 2; touches += 1) {
    await put(page, "1 to 2");
    await expect(mock(page).getByText(/^Hands were on it/)).toBeVisible();
    await expect(shows(page)).toHaveText("–");
  }
  await makeSafeHere(page);
  await goTo(page, "Capacitor");
  await put(page, "The capacitor");
  await expect(mock(page).getByText(/^Its label: /)).toBeVisible();
  const label = (
    (await mock(page)
      .getByText(/^Its label: /)
      .textContent()) ?? ""
  ).replace(/^Its label: |\.$/g, "");
  await page
    .getByLabel(/^Label/)
    .first()
    .fill(label);
  await page.getByLabel("Meter shows", { exact: true }).fill(((await shows(page).textContent()) ?? "").replace(" µF", ""));
  await bench(page)
    .getByRole("group", { name: /Disconnected on at least one side/ })
    .getByLabel("Yes")
    .check();
  await expect(strip(page).getByRole("button", { name: /^Capacitor/ })).toContainText("Out");
  await finish(page);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("The run capacitor was open.");
  await expect(page.getByText(/bits$/).first()).toBeVisible();
  await expect(page.getByText("Not safe", { exact: true })).toBeVisible();
  await expect(page.getByText("Not right", { exact: true })).toBeVisible();
  // Elsewhere nobody knows of it.
  for (const path of ["/", "/ledger", "/learnt"]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 }).or(page.getByLabel("What does the motor do?")).first()).toBeVisible();
    await expect(page.getByText(name)).toHaveCount(0);
  }
  const names = await page.evaluate(async () => (await indexedDB.databases()).map(({ name: each }) => each));
  expect(names).toContain("vemmick-mock");
  const inFile = await page.evaluate(
    (sought) =>
      new Promise<boolean>((resolve) => {
        const open = indexedDB.open("vemmick");
        open.onsuccess = () => {
          const all = open.result.transaction("travellers").objectStore("travellers").getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(JSON.stringify(all.result).includes(sought));
          };
        };
      }),
    name,
  );
  expect(inFile).toBe(false);
  // It counts among the lessons, and can be begun again by its code.
  await page.goto("/mock-bench");
  await expect(page.getByRole("listitem").filter({ hasText: "It hums and stands" })).toContainText("Not yet");
  await page.getByLabel("Code", { exact: true }).fill("0000-0000");
  await page.getByRole("button", { name: "Begin it", exact: true }).click();
  await expect(page.getByText(/is the code of no case\. Type its eight signs again/)).toBeVisible();
  await page.getByLabel("Code", { exact: true }).fill(name.replace("Case ", "").toLowerCase());
  await page.getByRole("button", { name: "Begin it", exact: true }).click();
  await expect(page.locator("header b").first()).toHaveText(name);
  await goTo(page, "Complaint");
});

test("the capacitor is swapped first: reached in live, told at once, and marked so", async ({ page }) => {
  await beginLesson(page, "Hums, and runs when pushed");
  await goTo(page, "Look and smell");
  await mock(page).getByRole("button", { name: "Look and smell" }).click();
  await expect(
    mock(page).getByText("Hands were on it, and it was not off and locked: that is how one gets a shock. Nothing was read."),
  ).toBeVisible();
  await decide(page, "Replace start capacitor");
  await finish(page);
  await expect(page.getByText("Not safe", { exact: true })).toBeVisible();
  await expect(page.getByText("Not right", { exact: true })).toBeVisible();
  await expect(page.getByText("Make safe comes first, with the meter proved before and after.")).toBeVisible();
});

test("a teacher's case: what is hidden is chosen, the story is theirs, and the simulated meter fills the fields", async ({ page }) => {
  await page.goto("/mock-bench");
  await page.getByText("Make a case for others").click();
  await page.getByRole("radio", { name: "Main winding open", exact: true }).check();
  await page.getByLabel("What the customer tells, in your words").fill("It went quiet during the storm.");
  await expect(page.getByText(/^Its code, to be passed on: [0-9A-Z]{4}-[0-9A-Z]{4}$/)).toBeVisible();
  await page.getByRole("button", { name: "Begin it here" }).click();
  await goTo(page, "Complaint");
  await expect(page.getByText("It went quiet during the storm.").first()).toBeAttached();
  await makeSafeHere(page);
  await goTo(page, "Windings");
  await put(page, "1 to 2");
  await put(page, "1 to 2");
  await mock(page).getByRole("button", { name: "Let it fill the fields" }).click();
  const link = page.getByRole("region", { name: "Meter link" });
  await expect(link.getByText("simulated")).toBeVisible();
  await expect(link.getByText(/^goes to/)).toBeVisible();
  await put(page, "1 to 2");
  await link.getByRole("button", { name: "Take what it shows" }).click();
  await expect(page.getByLabel("1 to 2", { exact: true })).not.toHaveValue("");
  await expect(bench(page).locator("b", { hasText: "simulated" })).toHaveCount(1);
});
