import { readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser, Page } from "@playwright/test";
import { NO_RECORDS, writeVemmickFile } from "../../src/records";
import { townRecords } from "../support/town";
import { expect, test, untilKept } from "./support/vemmick";

const NOW = new Date();
// A year of it: what very many cards take is the unit tests and the bench.
const town = townRecords(1, 11, NOW);

function townFile(): string {
  const { text } = writeVemmickFile({ ...NO_RECORDS, traveller: town.travellers, station: town.stations }, NOW.toISOString());
  const path = join(tmpdir(), `vemmick-team-${process.pid}.vemmick.json`);
  writeFileSync(path, text);
  return path;
}

/** A folder of the browser's own stands in for one on the disk: the same handles, without a dialogue that only a person can answer. */
const withFolder = (page: Page) =>
  page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () => (await navigator.storage.getDirectory()).getDirectoryHandle("quillhaven", { create: true }),
    });
  });

/** Files of the folder as they lie there. */
const filesIn = (page: Page): Promise<Record<string, string>> =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("quillhaven", { create: true });
    const files: Record<string, string> = {};
    for await (const entry of (folder as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values())
      files[entry.name] = await (await entry.getFile()).text();
    return files;
  });
/** Whatever carries the folder brings a file of another device. */
const bring = (page: Page, name: string, text: string): Promise<void> =>
  page.evaluate(
    async ([file, content]) => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("quillhaven", { create: true });
      const stream = await (await folder.getFileHandle(file ?? "", { create: true })).createWritable();
      await stream.write(content ?? "");
      await stream.close();
    },
    [name, text],
  );
async function carry(from: Page, to: Page): Promise<string> {
  const own = (await from.getByText(/^Its file:/).textContent())?.replace("Its file: ", "").trim() ?? "";
  await bring(to, own, (await filesIn(from))[own] ?? "");
  return own;
}
const readNow = async (page: Page): Promise<void> => {
  await page.goto("/team");
  const button = page.getByRole("button", { name: "Read now" });
  await expect(button).toBeEnabled();
  await button.click();
  await expect(page.getByText(/^Read and written today/)).toBeVisible();
  await expect(button).toBeEnabled();
};

/** Another device: a browser profile of its own. */
async function otherDevice(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({ baseURL: baseURL ?? "", serviceWorkers: "block", viewport: { width: 1280, height: 800 } });
  return context.newPage();
}
async function join2(page: Page, name: string): Promise<void> {
  await withFolder(page);
  await page.goto("/team");
  await page.getByLabel("Name, as the others read it").fill(name);
  await untilKept(page);
  await page.getByRole("button", { name: "Choose a folder" }).click();
  await expect(page.getByText(/^Read and written today/)).toBeVisible();
}
const complaint = (page: Page, id: string) => page.goto(`/traveller?id=${id}&station=complaint`);
const SAID = "In the customer's own words";

test("two devices share a folder: cards come over, what both changed is shown side by side and chosen, and a merge is taken back exactly", async ({
  page,
  browser,
  baseURL,
}) => {
  const other = await otherDevice(browser, baseURL);
  const card = town.travellers[0]?.id ?? "";
  await test.step("the first device writes its own file, once it has cards", async () => {
    await page.goto("/ledger");
    await page.getByLabel("Choose a file to take in").setInputFiles(townFile());
    await page.getByRole("button", { name: /^Take/ }).click();
    await expect(page.getByText(/^Taken in: /)).toBeVisible();
    await join2(page, "Ivo's tablet");
    expect(Object.keys(await filesIn(page)).filter((name) => name.startsWith("team-"))).toHaveLength(1);
    // There are cards of one's own, and no copy of them: one lies in the folder now.
    expect(Object.keys(await filesIn(page)).some((name) => name.startsWith("vemmick-backup-"))).toBe(true);
  });
  await test.step("the second one takes them in by itself, without the demo, and says from whom", async () => {
    await join2(other, "Sefa's phone");
    await carry(page, other);
    await readNow(other);
    await expect(other.getByText(`${town.travellers.length} new cards`).first()).toBeVisible();
    await expect(other.getByRole("region", { name: "Taken in" })).toContainText("from Ivo's tablet");
  });
  await test.step("both change the same card, and another one only there", async () => {
    await complaint(page, card);
    await page.getByLabel(SAID).fill("hums, and the lights dim");
    await untilKept(page);
    await complaint(other, card);
    await other.getByLabel(SAID).fill("dead since the storm");
    await untilKept(other);
    await complaint(other, town.travellers[1]?.id ?? "");
    await other.getByLabel(SAID).fill("squeals when cold");
    await untilKept(other);
    await readNow(other);
    await readNow(page);
    await carry(other, page);
    await readNow(page);
    const sides = page.getByRole("region", { name: "Others" });
    await expect(sides).toContainText("1 changed on both sides");
    await expect(sides.getByRole("row", { name: /Complaint/ })).toContainText(/hums, and the lights dim.*dead since the storm/s);
    // What only the other one changed is here already; what both changed is still as it was here.
    await complaint(page, town.travellers[1]?.id ?? "");
    await expect(page.getByLabel(SAID)).toHaveValue("squeals when cold");
    await complaint(page, card);
    await expect(page.getByLabel(SAID)).toHaveValue("hums, and the lights dim");
  });
  await test.step("one is chosen, and holds on both", async () => {
    await readNow(page);
    await bring(page, "team-zzzz9999.vemmick.json", '{"format": "vemmick", "recordVer');
    const sides = page.getByRole("region", { name: "Others" });
    await sides.getByRole("radio", { name: "Sefa's phone" }).check();
    await sides.getByRole("button", { name: "Take what was chosen (1)" }).click();
    await expect(sides).not.toContainText("changed on both sides");
    // A file that is half written is told and skipped.
    await expect(sides).toContainText("team-zzzz9999.vemmick.json: skipped. The file is cut short");
    await complaint(page, card);
    await expect(page.getByLabel(SAID)).toHaveValue("dead since the storm");
    await readNow(page);
    await readNow(other);
    await carry(page, other);
    await readNow(other);
    await expect(other.getByRole("region", { name: "Others" })).not.toContainText("changed on both sides");
  });
  await test.step("what was taken in is taken back, and from then on it is asked first", async () => {
    await page.goto("/team");
    const taken = page.getByRole("region", { name: "Taken in" });
    await taken.getByRole("button", { name: "Undo" }).first().click();
    await expect(taken).toContainText(/Taken back: \d+ records? (is|are) as before/);
    await complaint(page, card);
    await expect(page.getByLabel(SAID)).toHaveValue("hums, and the lights dim");
    await page.goto("/team");
    await expect(page.getByLabel("Take in by itself what only one side changed")).not.toBeChecked();
  });
  await other.context().close();
});

test("without a folder the same by hand; wrong files are told, and a copy is restored onto an empty device by one drop", async ({
  page,
  browser,
  baseURL,
}) => {
  await page.addInitScript(() => Reflect.deleteProperty(window, "showDirectoryPicker"));
  await page.goto("/ledger");
  await page.getByLabel("Choose a file to take in").setInputFiles(townFile());
  await page.getByRole("button", { name: /^Take/ }).click();
  await expect(page.getByText(/^Taken in: /)).toBeVisible();
  await page.goto("/");
  await expect(page.getByText(/no copy of them anywhere else|backup is \d+ days old/)).toBeVisible();
  await page.getByRole("link", { name: "Back up" }).click();
  await expect(page.getByText("This browser cannot keep a folder.")).toBeVisible();
  const save = page.getByRole("button", { name: "Save this device's file" });
  const [own] = await Promise.all([page.waitForEvent("download"), save.click()]);
  expect(own.suggestedFilename()).toMatch(/^team-[a-z0-9]{8}\.vemmick\.json$/);
  const ownPath = join(tmpdir(), own.suggestedFilename());
  writeFileSync(ownPath, readFileSync(await own.path()));
  const [copy] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Back up now" }).click()]);
  expect(copy.suggestedFilename()).toMatch(/^vemmick-backup-\d{4}-\d\d-\d\d\.vemmick\.json$/);
  await expect(page.getByText(/The last one: today/)).toBeVisible();
  const backup = readFileSync(await copy.path(), "utf8");
  await page.goto("/");
  await expect(page.getByLabel("What does the motor do?")).toBeVisible();
  await expect(page.getByText(/no copy of them anywhere else/)).toHaveCount(0);

  const other = await otherDevice(browser, baseURL);
  await other.goto("/team");
  const read = other.getByLabel("Read files of others");
  await read.setInputFiles({ name: "plate.json", mimeType: "application/json", buffer: Buffer.from("not a file") });
  await expect(other.getByRole("alert").filter({ hasText: "plate.json" })).toContainText("cut short, or is no Vemmick export");
  await read.setInputFiles({ name: "all.vemmick.json", mimeType: "application/json", buffer: Buffer.from(backup) });
  await expect(other.getByRole("alert").filter({ hasText: "all.vemmick.json" })).toContainText("does not say which device wrote it");
  await read.setInputFiles(ownPath);
  const others = other.getByRole("region", { name: "Others" });
  await expect(others).toContainText(`Brings ${town.travellers.length} new cards`);
  await others.getByRole("button", { name: "Take in what only one side changed" }).click();
  await expect(others).toContainText("Brings nothing new");
  await other.getByRole("region", { name: "Taken in" }).getByRole("button", { name: "Undo" }).click();
  await expect(other.getByText(/^Taken back: \d+ records are as before/)).toBeVisible();

  // An empty device again: the copy is dropped, and everything is there.
  await other.goto("/");
  await expect(other.getByLabel("What does the motor do?")).toBeVisible();
  const dropped = await other.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], "vemmick-backup.vemmick.json", { type: "application/json" }));
    return data;
  }, backup);
  await other.dispatchEvent("main", "drop", { dataTransfer: dropped });
  await expect(other.getByRole("dialog", { name: "Taking a file in" })).toContainText(/Taken in: \d+ new/);
  await other.goto("/ledger");
  await other.getByRole("searchbox", { name: "Find" }).fill(town.travellers[0]?.site ?? "");
  await expect(other.getByRole("heading", { name: /^Visits [1-9]/ })).toBeVisible();
  await other.context().close();
});
