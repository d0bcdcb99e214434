import { readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser, Page } from "@playwright/test";
import { NO_RECORDS, writeVemmickFile } from "../../src/records";
import { townRecords } from "../support/town";
import { expect, test, untilKept } from "./support/vemmick";

const NOW = new Date();
// Some cards of a year: what very many take is the unit tests and the bench.
const year = townRecords(1, 11, NOW);
const travellers = year.travellers.filter(({ callbackOf }) => callbackOf === null).slice(0, 40);
const town = { travellers, stations: year.stations.filter(({ travellerId }) => travellers.some(({ id }) => id === travellerId)) };

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

/** Files of the folder as they lie there, their bytes as numbers. */
const filesIn = (page: Page): Promise<Record<string, number[]>> =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("quillhaven", { create: true });
    const files: Record<string, number[]> = {};
    for await (const entry of (folder as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values())
      files[entry.name] = [...new Uint8Array(await (await entry.getFile()).arrayBuffer())];
    return files;
  });
/** Whatever carries the folder brings files of another device, and takes away what that one took away. */
const bring = (page: Page, files: Record<string, number[]>, gone: readonly string[] = []): Promise<void> =>
  page.evaluate(
    async ([all, away]) => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("quillhaven", { create: true });
      for (const [name, bytes] of Object.entries(all)) {
        const stream = await (await folder.getFileHandle(name, { create: true })).createWritable();
        await stream.write(new Uint8Array(bytes));
        await stream.close();
      }
      for (const name of away) await folder.removeEntry(name).catch(() => undefined);
    },
    [files, gone] as const,
  );
const bytesOf = (text: string): number[] => [...new TextEncoder().encode(text)];
async function carry(from: Page, to: Page): Promise<void> {
  const own = (await from.getByText(/^Its files begin with/).textContent())?.match(/team-[a-z0-9]{8}/)?.[0] ?? "none";
  const [here, there] = [await filesIn(from), await filesIn(to)];
  const isOwn = (name: string): boolean => name.startsWith(own) || name.startsWith("team-photo-");
  const gone = Object.keys(there).filter((name) => name.startsWith(own) && !(name in here));
  await bring(to, Object.fromEntries(Object.entries(here).filter(([name]) => isOwn(name))), gone);
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

test("two devices share a folder: cards come over, what both changed is shown side by side and chosen, and taking back is heard of", async ({
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
    const own = Object.keys(await filesIn(page)).filter((name) => name.startsWith("team-"));
    expect(own.filter((name) => name.endsWith(".head.json"))).toHaveLength(1);
    expect(own.filter((name) => name.endsWith(".jsonl.gz")).length).toBeGreaterThan(0);
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
    const sides = page.getByRole("region", { name: /^Changed on both sides: 1/ });
    await expect(sides.getByRole("row", { name: /Complaint/ })).toContainText(/hums, and the lights dim.*dead since the storm/s);
    // What only the other one changed is here already; what both changed is still as it was here.
    await complaint(page, town.travellers[1]?.id ?? "");
    await expect(page.getByLabel(SAID)).toHaveValue("squeals when cold");
    await complaint(page, card);
    await expect(page.getByLabel(SAID)).toHaveValue("hums, and the lights dim");
  });
  await test.step("one is chosen, and holds on both", async () => {
    await bring(page, { "team-zzzz9999.head.json": bytesOf('{"format": "vemmick-team", "devi') });
    await readNow(page);
    const sides = page.getByRole("region", { name: /^Changed on both sides/ });
    await sides.getByRole("radio", { name: "Sefa's phone" }).check();
    await sides.getByRole("button", { name: "Take what was chosen (1)" }).click();
    await expect(sides).toHaveCount(0);
    // A file that is half written is told and skipped.
    await expect(page.getByRole("region", { name: "Others" })).toContainText("team-zzzz9999.head.json: skipped. The file is cut short");
    await complaint(page, card);
    await expect(page.getByLabel(SAID)).toHaveValue("dead since the storm");
    await readNow(page);
    await carry(page, other);
    await readNow(other);
    await expect(other.getByRole("region", { name: /^Changed on both sides/ })).toHaveCount(0);
    await complaint(other, card);
    await expect(other.getByLabel(SAID)).toHaveValue("dead since the storm");
  });
  await test.step("the two are in step, and each says so", async () => {
    await readNow(other);
    await carry(other, page);
    await readNow(page);
    await expect(page.getByRole("region", { name: "Others" })).toContainText(/In step since today/);
    await expect(page.getByText(/Everything of this device is written/)).toBeVisible();
  });
  await test.step("what was taken in is taken back, the other one hears of it, and what is keyed after it stays", async () => {
    await complaint(other, town.travellers[2]?.id ?? "");
    await other.getByLabel(SAID).fill("rattles on the left");
    await untilKept(other);
    await readNow(other);
    await carry(other, page);
    await readNow(page);
    await complaint(page, town.travellers[2]?.id ?? "");
    await expect(page.getByLabel(SAID)).toHaveValue("rattles on the left");
    await page.goto("/team");
    const taken = page.getByRole("region", { name: "Taken in" });
    await taken.getByRole("button", { name: "Undo" }).first().click();
    await expect(taken).toContainText(/Taken back: \d+ records? (is|are) as before. The others hear of it/);
    await complaint(page, town.travellers[2]?.id ?? "");
    await expect(page.getByLabel(SAID)).not.toHaveValue("rattles on the left");
    await page.getByLabel(SAID).fill("squeaks");
    await untilKept(page);
    await readNow(page);
    await carry(page, other);
    await readNow(other);
    await readNow(page);
    for (const each of [page, other]) {
      await complaint(each, town.travellers[2]?.id ?? "");
      await expect(each.getByLabel(SAID)).toHaveValue("squeaks");
    }
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
  expect(own.suggestedFilename()).toMatch(/^team-[a-z0-9]{8}-all\.jsonl\.gz$/);
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
  await others.getByRole("button", { name: "Take it in" }).click();
  await expect(others).toContainText(`Taken in: ${town.travellers.length} new cards`);
  await other.getByRole("region", { name: "Taken in" }).getByRole("button", { name: "Undo" }).click();
  await expect(other.getByText(/^Taken back: \d+ records are as before\. The others/)).toBeVisible();

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
