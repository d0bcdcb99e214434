import type { Page } from "@playwright/test";
import { expect, openRack, startCard, test, untilKept } from "./support/vemmick";

const due = (page: Page) => page.getByRole("region", { name: /^Due/ });

test("a follow-up is put off with a reason, moves in the list and in the calendar, and is due again as before", async ({ page }) => {
  await openRack(page);
  const first = due(page).getByRole("listitem").first();
  await expect(first).toBeVisible();
  const words = ((await first.getByRole("link").textContent()) ?? "").trim();
  const button = due(page)
    .getByRole("button", { name: /^Put off:/ })
    .first();
  const named = (await button.getAttribute("aria-label")) ?? "";
  await button.click();
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: "Put it off" }).click();
  await expect(sheet.getByRole("alert")).toHaveText(/Say until when/);
  await sheet.getByLabel("Until").fill("2020-01-01");
  await sheet.getByRole("button", { name: "Put it off" }).click();
  await expect(sheet.getByRole("alert")).toHaveText(/is not ahead/);
  await sheet.getByRole("button", { name: "A week" }).click();
  await sheet.getByRole("button", { name: "Put it off" }).click();
  await expect(sheet.getByRole("alert")).toHaveText(/Say why/);
  await sheet.getByLabel("Why").fill("closed until Monday");
  await sheet.getByRole("button", { name: "Put it off" }).click();
  await expect(sheet).toHaveCount(0);
  await expect(due(page)).toContainText("closed until Monday");
  await page.reload();
  const put = due(page).getByRole("listitem").filter({ hasText: "closed until Monday" });
  await expect(put).toContainText(/put off from/);
  await put.getByRole("button", { name: named }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Due again as before" }).click();
  await expect(due(page).getByText("closed until Monday")).toHaveCount(0);
  await expect(due(page).getByRole("listitem").first().getByRole("link")).toHaveText(words);
});

test("the day has an order of its own: put on, moved by keys and by a drag, kept, taken off", async ({ page }) => {
  await openRack(page);
  await page.getByRole("button", { name: "Plan the day" }).click();
  const sheet = page.getByRole("dialog", { name: "Cards for the day" });
  const boxes = sheet.getByRole("checkbox");
  await expect(boxes.nth(2)).toBeVisible();
  for (const index of [0, 1, 2]) {
    await boxes.nth(index).check();
    await expect(boxes.nth(index)).toBeChecked();
  }
  await sheet.getByRole("button", { name: "Close" }).click();
  const day = page.getByRole("region", { name: /^The day/ });
  const rows = day.getByRole("listitem");
  await expect(rows).toHaveCount(3);
  const names = async (): Promise<string[]> => (await rows.getByRole("link").allTextContents()).map((text) => text.replace(/^\d+/, ""));
  const [one, two, three] = await names();
  // By keys: lifted, down one, put down.
  await rows.nth(0).getByRole("button", { name: /^Move/ }).focus();
  await page.keyboard.press("Space");
  // It is said aloud what the keys do: that is when the next one may be pressed.
  await expect(page.getByText(/^(Lifted: |Over place 1 of 3)/)).toBeAttached();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByText("Over place 2 of 3.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect.poll(names).toEqual([two, one, three]);
  // By a drag: the last one to the top.
  const grip = await rows.nth(2).getByRole("button", { name: /^Move/ }).boundingBox();
  const top = await rows.nth(0).boundingBox();
  if (!grip || !top) throw new Error("not drawn");
  await page.mouse.move(grip.x + 20, grip.y + 20);
  await page.mouse.down();
  await page.mouse.move(grip.x + 20, grip.y - 20, { steps: 5 });
  await page.mouse.move(grip.x + 20, top.y + 10, { steps: 8 });
  await expect(page.getByText("Over place 1 of 3.")).toBeAttached();
  await page.mouse.up();
  await expect.poll(names).toEqual([three, two, one]);
  await page.reload();
  await expect.poll(names).toEqual([three, two, one]);
  await rows
    .nth(1)
    .getByRole("button", { name: /off the list$/ })
    .click();
  await expect.poll(names).toEqual([three, one]);
});

test("two motors that are one, and one that was two: said, shown, and taken back", async ({ page }) => {
  // A card under another name at a site that has a motor already.
  const id = await startCard(page, "weak");
  await page.getByRole("button", { name: /name, site, export, print/ }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Machine").fill("Fan over the pool");
  await sheet.getByLabel("Site").fill("Minnow Lido");
  await untilKept(page);
  await page.goto(`/motor?card=${id}`);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^One visit since/);
  const part = page.getByRole("region", { name: "One motor or two" });
  await part.getByRole("button", { name: "It is the same as another" }).click();
  await part.getByLabel(/^Which one/).fill("no such motor");
  await expect(part.getByText("No other motor has these words.")).toBeVisible();
  await part.getByLabel(/^Which one/).fill("pool-hall fan");
  await part.getByRole("button", { name: /Pool-hall fan, Minnow Lido/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Five visits since/);
  await expect(part).toContainText(/Made one on .*(Fan over the pool|Pool-hall fan)/);
  // One of them was another motor after all.
  await part.getByRole("button", { name: "Some visits are of another" }).click();
  await part.getByRole("checkbox").first().check();
  await part.getByRole("button", { name: "Part them off" }).click();
  await expect(part).toContainText("1 visit parted off");
  await page.goto(`/motor?card=${id}`);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^One visit since/);
  await expect(part).toContainText("Parted off on");
  await part.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Five visits since/);
  await expect(part).toContainText("Taken back");
  await part.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^One visit since/);
  await expect(part).toContainText("Taken back");
  await page.goto("/motor?card=demo-lido-fan-4");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Four visits since/);
});

test("a motor's page has what was written and photographed on its visits", async ({ page }) => {
  await page.goto("/traveller?id=demo-lido-fan-4&station=look");
  await page.getByLabel(/Note/).first().fill("Guard bent, reported to the pool master");
  await untilKept(page);
  await page.goto("/motor?card=demo-lido-fan-4");
  const notes = page.getByRole("region", { name: "Notes and photos" });
  await expect(notes).toContainText("Guard bent, reported to the pool master");
  await notes.getByRole("link").first().click();
  await expect(page).toHaveURL(/\/traveller\?id=demo-lido-fan-4/);
});
