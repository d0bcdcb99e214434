import { PRESENT_VERSIONS } from "../../src/records/record-kinds";
import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { bench, expect, openDemo, openRack, test, untilKept } from "./support/vemmick";

interface ExportedFile {
  format: string;
  recordVersions: Record<string, number>;
  travellers: Record<string, unknown>[];
  stations: { stationId: string; data: Record<string, unknown> }[];
  parts: { label: string }[];
  exportedAt?: string;
  house?: unknown;
}

async function exported(page: Page, name: string): Promise<ExportedFile> {
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name, exact: true }).first().click()]);
  expect(file.suggestedFilename()).toMatch(/\.vemmick\.json$/);
  return JSON.parse(readFileSync(await file.path(), "utf8")) as ExportedFile;
}

const offer = (page: Page, text: string, name = "taken.vemmick.json") =>
  page.getByLabel("Choose a file to take in").setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });

const withoutTime = (file: ExportedFile) => ({ ...file, exportedAt: undefined });

async function exportEverything(page: Page): Promise<ExportedFile> {
  await openRack(page);
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  await page.goto("/ledger");
  return exported(page, "Export everything");
}

test("export, wipe, import: the same again", async ({ page }) => {
  const before = await exportEverything(page);
  expect(before).toMatchObject({ format: "vemmick", recordVersions: PRESENT_VERSIONS });
  expect(before.parts.length).toBeGreaterThan(10);
  expect(before.travellers.length).toBeGreaterThanOrEqual(6);

  await page.goto("/house-rules");
  await page.getByRole("button", { name: "Wipe everything" }).click();
  await page.getByRole("button", { name: "Wipe this device" }).click();
  await expect(page.getByText("This device is empty.")).toBeVisible();
  await openRack(page);
  await expect(page.getByText("Nothing on the rack")).toBeVisible();

  await page.goto("/ledger");
  await offer(page, JSON.stringify(before));
  await expect(page.getByText(`${before.travellers.length} new, 0 changed, 0 left as they are`)).toBeVisible();
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText(/^Taken in/)).toBeVisible();
  expect(withoutTime(await exported(page, "Export everything"))).toEqual(withoutTime(before));

  await offer(page, JSON.stringify(before));
  await expect(page.getByText("Everything in it is here already, as new or newer.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Take it in" })).toBeDisabled();
});

test("one card goes out and comes in changed; the import can be undone", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "complaint");
  await page.getByRole("button", { name: /name, site, export, print/ }).click();
  const file = await exported(page, "Export this card");
  expect(file.travellers).toHaveLength(1);
  const [card] = file.travellers;
  file.travellers = [{ ...card, machine: "Renamed blower", updatedAt: "2099-01-01T00:00:00.000Z" }];
  await page.goto("/ledger");
  await offer(page, JSON.stringify(file));
  await expect(page.getByText("0 new, 1 changed, 0 left as they are")).toBeVisible();
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("link", { name: /Renamed blower/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  await expect(page.getByText("Renamed blower")).toHaveCount(0);
});

test("what is broken, foreign or newer is refused with its reason, and nothing changes", async ({ page }) => {
  const good = await exportEverything(page);
  const text = JSON.stringify(good);
  let noise = "";
  for (let index = 0; noise.length < 1_000_000; index += 1) noise += String.fromCharCode(33 + ((index * 7919) % 90));
  const refusals: [string, string, string | RegExp][] = [
    ["truncated", text.slice(0, text.length / 2), "cut short, or is no Vemmick export"],
    ["a megabyte of noise", noise, "cut short, or is no Vemmick export"],
    ["empty", "", "cut short, or is no Vemmick export"],
    ["a list", "[1,2,3]", "This is not a Vemmick file"],
    ["another program's", '{"format":"other","cards":[]}', "This is not a Vemmick file"],
    [
      "newer",
      JSON.stringify({ ...good, recordVersions: { ...good.recordVersions, traveller: 9 } }),
      "written by a newer Vemmick (traveller version 9",
    ],
    [
      "an unknown kind",
      JSON.stringify({ ...good, recordVersions: { ...good.recordVersions, hologram: 1 } }),
      "written by a newer Vemmick (hologram version 1",
    ],
    ["of no program", JSON.stringify({ ...good, recordVersions: "all" }), "does not say which program wrote it"],
  ];
  for (const [name, content, said] of refusals) {
    await offer(page, content);
    await expect(page.getByRole("alert").filter({ hasText: said }), name).toBeVisible();
    await expect(page.getByRole("alert").filter({ hasText: "Nothing was changed" }), name).toBeVisible();
    await expect(page.getByRole("button", { name: "Take it in" })).toHaveCount(0);
  }
  expect(withoutTime(await exported(page, "Export everything"))).toEqual(withoutTime(good));
});

test("bad records are named in plain words, the good ones taken, or nothing at all where the person wants it", async ({ page }) => {
  const good = await exportEverything(page);
  const [first, second, ...others] = good.travellers;
  const damaged = {
    ...good,
    travellers: [
      { ...first, machine: 42 },
      { ...second, machine: "Renamed ".repeat(60), updatedAt: "2098-01-01T00:00:00.000Z" },
      ...others.map((card) => ({ ...card, updatedAt: "2026-11-20T09:00:00+01:00" })),
      { ...second, id: "year-of-five", createdAt: "12026-01-01T00:00:00Z" },
      { ...second, id: "fresh-and-good", machine: "Fresh machine" },
    ],
    stations: [
      ...good.stations,
      { ...good.stations[0], travellerId: "nobody", id: `nobody/${good.stations[0]?.stationId ?? ""}` },
      { ...good.stations[0], data: { complaints: ["explodes"], said: 3 } },
    ],
  };
  await offer(page, JSON.stringify(damaged));
  const plan = page.getByText("Cannot be taken in: 4").locator("..");
  for (const said of [
    "machine is of another kind than it should be",
    "the day it was begun is no date or time",
    "belongs to a card that is not here",
  ])
    await expect(plan.getByText(said)).toBeVisible();
  for (const line of await plan.getByRole("listitem").allInnerTexts()) {
    expect(line.length).toBeLessThanOrEqual(120);
    expect(line).not.toMatch(/Expected|received|Invalid|undefined|Object/);
  }
  await expect(page.getByText(/machine was longer than 200 signs and is shortened to fit/)).toBeVisible();
  await expect(page.getByText(/One record carries a time that has not come yet/)).toBeVisible();

  await page.getByRole("button", { name: "Take nothing in" }).click();
  expect(withoutTime(await exported(page, "Export everything"))).toEqual(withoutTime(good));

  await offer(page, JSON.stringify(damaged));
  await page.getByRole("button", { name: "Take the good ones in" }).click();
  await expect(page.getByText(/^Taken in: 1 new, \d+ changed, .*4 not taken/)).toBeVisible();
  await expect(page.getByRole("link", { name: /Fresh machine/ })).toBeVisible();
  await page.getByRole("link", { name: /Renamed/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();

  // What was taken is changed since: the undo leaves it, and says so.
  await page.goto("/ledger");
  await offer(
    page,
    JSON.stringify({ ...good, travellers: [{ ...first, machine: "From the file", updatedAt: "2099-01-01T00:00:00.000Z" }], stations: [] }),
  );
  await page.getByRole("button", { name: "Take it in" }).click();
  const other = await page.context().newPage();
  await other.goto(`/traveller?id=${String(first?.id)}&station=complaint`);
  await other.getByRole("textbox", { name: "In the customer's own words" }).fill("keyed after the import");
  await untilKept(other);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("Undone, but for what was changed since")).toBeVisible();
  await expect(page.getByText("Cards that stay: From the file.")).toBeVisible();
  await expect(other.getByRole("textbox", { name: "In the customer's own words" })).toHaveValue("keyed after the import");
});

test("script in every text field stays text, on the screens and on paper", async ({ page }) => {
  const evil = `<img src=x onerror="window.hit=1"><script>window.hit=1</script>`;
  const good = await exportEverything(page);
  const poison = (value: unknown, key = ""): unknown => {
    if (["id", "travellerId", "stationId", "format", "kind", "quantity", "unit", "skippedReason"].includes(key) && key !== "skippedReason")
      return value;
    if (Array.isArray(value)) return ["complaints", "signs"].includes(key) ? value : value.map((item) => poison(item));
    if (typeof value === "object" && value !== null) return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, poison(v, k)]));
    const isFree = [
      "machine",
      "site",
      "technician",
      "said",
      "note",
      "reason",
      "text",
      "label",
      "capacitor",
      "volts",
      "power",
      "duty",
      "meter",
      "by",
      "skippedReason",
    ].includes(key);
    // A plate's duty is free text, a motor's on the shelf one of two words.
    return typeof value === "string" && isFree && value !== "continuous" && value !== "intermittent" ? evil : value;
  };
  const card = good.travellers.find(({ id }) => id === "demo-bakery-proofer") ?? {};
  const rows = good.stations.filter((row) => (row as unknown as { travellerId: string }).travellerId === "demo-bakery-proofer");
  const file = poison({ ...good, house: null, travellers: [card], stations: rows }) as ExportedFile;
  file.travellers = file.travellers.map((traveller) => ({ ...traveller, updatedAt: "2099-01-01T00:00:00.000Z" }));
  file.stations = file.stations.map((row) => ({
    ...row,
    updatedAt: "2099-01-01T00:00:00.000Z",
    data:
      row.stationId === "windings"
        ? { ...row.data, posts: ["<b>1", "<b>2", "<b>3"].map((name) => ({ name, mark: null, x: 0.5, y: 0.5 })) }
        : row.data,
  }));
  await offer(page, JSON.stringify(file), `${evil.replaceAll("/", "")}.json`);
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText(/^Taken in/)).toBeVisible();
  await openRack(page);
  await expect(page.getByText("<img src=x").first()).toBeVisible();
  for (const station of [
    "complaint",
    "plate",
    "make-safe",
    "look",
    "capacitor",
    "windings",
    "frame",
    "insulation",
    "start-gear",
    "run-test",
    "decide",
  ]) {
    await openDemo(page, "bakery-proofer", station);
  }
  await page.goto("/print?id=demo-bakery-proofer");
  await expect(bench(page).getByText("<script>window.hit=1</script>").first()).toBeVisible();
  expect(await page.evaluate(() => (window as { hit?: number }).hit)).toBeUndefined();
});

test("the schema is served, and is the one in docs", async ({ request }) => {
  const answer = await request.get("/schema");
  expect(answer.headers()["content-type"]).toContain("application/schema+json");
  expect(await answer.text()).toBe(readFileSync("docs/vemmick.schema.json", "utf8"));
});

test("a card prints on A4 and Letter: all in it, nothing cut off", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-weak");
  await expect(bench(page).getByRole("heading", { name: "Circulation fan, bay 3" })).toBeVisible();
  for (const words of [
    "Replace run capacitor",
    "8.91 µF, 71.3 % of rated",
    "Common is C, run is R",
    "After: 1.84 A, 97 % of the plate",
    "signed off",
    "Working",
  ]) {
    await expect(bench(page).getByText(words).first()).toBeVisible();
  }
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  for (const [format, widthPx] of [
    ["A4", 688],
    ["Letter", 710],
  ] as const) {
    await page.setViewportSize({ width: widthPx, height: 1000 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
    expect((await page.pdf({ format })).byteLength).toBeGreaterThan(10_000);
  }
});

test("a card declared safe says so on paper too", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-bearing");
  await expect(bench(page).getByText(/Declared safe without measuring/)).toBeVisible();
});
