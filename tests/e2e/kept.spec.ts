import { readFileSync } from "node:fs";
import { PRESENT_VERSIONS } from "../../src/records/record-kinds";
import type { Page } from "@playwright/test";
import {
  bench,
  expect,
  expectKept,
  goTo,
  keptAt,
  makeSafe,
  openDemo,
  openRack,
  reloadKept,
  startCard,
  strip,
  test,
  untilKept,
} from "./support/vemmick";

/** A device that takes nothing while the tab says that it is full. */
const refuseWhenFull = (page: Page) =>
  page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...parts: Parameters<typeof put>) {
      if (sessionStorage.getItem("is-full") === "true") throw new DOMException("no room", "QuotaExceededError");
      return put.apply(this, parts);
    };
  });

test("a figure is kept once its last key is pressed, with no other press, and survives a reload in mid-entry", async ({ page }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Capacitor");
  await page.getByLabel("Label, as printed").fill("17.5 µF ±6 % 440 V");
  await page.getByLabel("Meter shows", { exact: true }).pressSequentially("16.5");
  await expectKept(page, id, "capacitor", {
    label: "17.5 µF ±6 % 440 V",
    readings: [{ text: "16.5", reading: { kind: "value", value: 16.5, unit: "uf", quantity: "capacitance" } }],
  });
  await page.reload();
  await expect(page.getByRole("heading", { name: "Capacitor", level: 1 })).toBeVisible();
  await expect(page.getByLabel("Meter shows", { exact: true })).toHaveValue("16.5");
  await expect(bench(page).getByText("Too close", { exact: true })).toBeVisible();
});

test("a half-keyed figure is still there after the tab was closed without a word", async ({ page, context }) => {
  const id = await startCard(page, "hums");
  await makeSafe(page);
  await goTo(page, "Windings");
  await page.getByLabel("1 to 2").pressSequentially("4.7k");
  await page.getByLabel("2 to 3").pressSequentially("1.2.");
  await untilKept(page);
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(`/traveller?id=${id}&station=windings`);
  await expect(again.getByLabel("1 to 2")).toHaveValue("4.7k");
  await expect(again.getByLabel("2 to 3")).toHaveValue("1.2.");
  await expect(bench(again).getByText("Type it with one, for example 1.23.")).toBeVisible();
});

test("two tabs on one card agree, also when both key at one station", async ({ page, context }) => {
  await openDemo(page, "bakery-proofer", "windings");
  const other = await context.newPage();
  await openDemo(other, "bakery-proofer", "windings");
  await page.getByLabel("white to black").fill("12.4");
  await expect(other.getByLabel("white to black")).toHaveValue("12.4");
  await expect(strip(other).getByRole("button", { name: /^Windings/ })).toContainText("Not sure");
  await page.getByLabel("white to black").fill("22.5");
  await expect(strip(other).getByRole("button", { name: /^Windings/ })).toContainText("Holds");
  await Promise.all([page.getByLabel("Test leads together").fill("0.3"), other.getByLabel("Note").fill("from the other tab")]);
  await expect(page.getByLabel("Note")).toHaveValue("from the other tab");
  await expect(other.getByLabel("Test leads together")).toHaveValue("0.3");
  await page.reload();
  await expect(page.getByLabel("Note")).toHaveValue("from the other tab");
  await expect(page.getByLabel("Test leads together")).toHaveValue("0.3");
});

test("the interrupted visit opens where it stood", async ({ page }) => {
  await openRack(page);
  await page.getByRole("link", { name: /Heat-recovery ventilator/ }).click();
  await expect(page.getByRole("heading", { name: "Windings", level: 1 })).toBeVisible();
  await expect(bench(page).getByText(/^Probe brown to \w+ next\. 4 of 10 pairs measured\.$/)).toBeVisible();
});

test("a card that is not on this device is told in words", async ({ page }) => {
  for (const id of ["no-such-card", "<script>", ""]) {
    await page.goto(`/traveller?id=${encodeURIComponent(id)}`);
    await expect(page.getByRole("heading", { name: "This card is not on this device" })).toBeVisible();
  }
});

test("storage that is refused is told in plain words, with the export beside it", async ({ page }) => {
  await refuseWhenFull(page);
  await openDemo(page, "bakery-proofer", "windings");
  const setFull = (isFull: boolean) => page.evaluate((full) => sessionStorage.setItem("is-full", String(full)), isFull);
  const alert = page.getByRole("alert").filter({ hasText: "The device is full" });
  await setFull(true);
  await page.getByLabel("white to black").fill("23.4");
  await expect(alert).toContainText("Not kept yet: Windings.");
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");

  // Exporting takes it along, and clears nothing.
  const [file] = await Promise.all([page.waitForEvent("download"), alert.getByRole("button", { name: "Export everything" }).click()]);
  expect(readFileSync(await file.path(), "utf8")).toContain('"text":"23.4"');
  await expect(alert).toBeVisible();

  // Another page of the program, and back: it is still there, shown and told, and nobody is asked whether to leave it.
  const asked: string[] = [];
  page.on("dialog", (dialog) => {
    asked.push(dialog.type());
    void dialog.accept();
  });
  await page.getByRole("link", { name: "Vemmick" }).click();
  await expect(page.getByLabel("What does the motor do?")).toBeVisible();
  await page.getByRole("link", { name: "Ledger" }).click();
  expect(asked).toEqual([]);
  await expect(alert).toContainText("Not kept yet: Windings.");
  // Any other way out asks first.
  await page.getByRole("heading", { name: "Ledger" }).click();
  await page.reload();
  expect(asked).toEqual(["beforeunload"]);
  await openDemo(page, "bakery-proofer", "windings");
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");

  // The next success takes the earlier one along instead of turning it back.
  await setFull(false);
  await page.getByLabel("Note").fill("there is room again");
  await expect(alert).toHaveCount(0);
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");
  await reloadKept(page);
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");
  await expect(page.getByLabel("Note")).toHaveValue("there is room again");
});

test("what was keyed on a full device can be tried again, or let go", async ({ page }) => {
  await refuseWhenFull(page);
  await openDemo(page, "bakery-proofer", "windings");
  const before = await page.getByLabel("white to black").inputValue();
  await page.evaluate(() => sessionStorage.setItem("is-full", "true"));
  await page.getByLabel("white to black").fill("23.4");
  const alert = page.getByRole("alert").filter({ hasText: "The device is full" });
  await alert.getByRole("button", { name: "Try again" }).click();
  await expect(alert).toBeVisible();
  await alert.getByText("Let go of what was keyed").click();
  await alert.getByRole("button", { name: "Windings: back to what is kept" }).click();
  await expect(alert).toHaveCount(0);
  await page.getByLabel("Note").focus();
  await expect(page.getByLabel("white to black")).toHaveValue(before);
});

/** Puts rows straight into the browser's store, past the program. */
const putRaw = (page: Page, rows: readonly (readonly [table: string, row: object])[]) =>
  page.evaluate(
    (all) =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open("vemmick");
        open.onsuccess = () => {
          const transaction = open.result.transaction([...new Set(all.map(([table]) => table))], "readwrite");
          for (const [table, row] of all) transaction.objectStore(table).put(row);
          transaction.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
    rows,
  );
const stampOf = (version: number) => ({
  key: "recordVersions",
  value: { traveller: version, station: version, house: version, part: version },
});

test("a page of the old program writes nothing once a newer one has stamped the store, and keeps what was keyed", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "windings");
  await putRaw(page, [["settings", stampOf(99)]]);
  await page.getByLabel("white to black").fill("23.4");
  const alert = page.getByRole("alert").filter({ hasText: "A newer Vemmick has been at the data" });
  await expect(alert).toContainText("Not kept yet: Windings.");
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");
  expect(JSON.stringify(await keptAt(page, "demo-bakery-proofer", "windings"))).not.toContain("23.4");

  await putRaw(page, [["settings", { key: "recordVersions", value: PRESENT_VERSIONS }]]);
  await alert.getByRole("button", { name: "Try again" }).click();
  await expect(alert).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("white to black")).toHaveValue("23.4");
});

test("what a browser that died had noted and not written yet is there at the next start", async ({ page }) => {
  await openDemo(page, "bakery-proofer", "windings");
  const id = "demo-bakery-proofer/windings";
  const data = (await keptAt(page, "demo-bakery-proofer", "windings")) as object;
  const row = { id, travellerId: "demo-bakery-proofer", stationId: "windings", skippedReason: null, updatedAt: "2026-11-27T12:00:00.000Z" };
  const noted = { id: `dead/station/${id}`, tab: "dead", kind: "station", key: id, version: PRESENT_VERSIONS.station };
  await putRaw(page, [["journal", { ...noted, row: { ...row, data: { ...data, note: "the last word" } }, fields: [["data", "note"]] }]]);
  await page.reload();
  await expect(page.getByLabel("Note")).toHaveValue("the last word");
  await expect(page.getByLabel("white to black")).toHaveValue("22.6");
});

test("a text longer than its line takes stays there in full, is told, and is kept as far as it fits", async ({ page }) => {
  const id = await startCard(page, "hums");
  await goTo(page, "Plate");
  const text = "w".repeat(260);
  await page.getByLabel("Capacitor asked for").fill(text);
  await expect(page.getByText("This has 260 signs, and 200 fit: the first 200 are kept. Shorten it.")).toBeVisible();
  await expect(page.getByLabel("Capacitor asked for")).toHaveValue(text);
  await expectKept(page, id, "plate", { capacitor: "w".repeat(200) });
});

test("a year of five digits is told, and kept nowhere", async ({ page }) => {
  await openDemo(page, "bakery-condenser", "bearing");
  await page.goto(`${page.url()}&method=upkeep`);
  const day = page.getByLabel("Last seen to");
  await day.focus();
  await page.keyboard.type("01012026");
  await untilKept(page);
  await day.evaluate((field: HTMLInputElement) => {
    field.removeAttribute("max");
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, "12026-01-01");
    field.dispatchEvent(new Event("input", { bubbles: true }));
  });
  await page.getByRole("heading", { level: 1 }).click();
  await day.blur();
  await expect(page.getByText("There is no such day here. Type one from 1970 to 2199.")).toBeVisible();
  expect(JSON.stringify(await keptAt(page, "demo-bakery-condenser", "bearing"))).not.toContain("12026");
});

test("screens stand whatever is stored: damaged cards and rows cost their own fields only", async ({ page }) => {
  await openRack(page);
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open("vemmick");
        open.onsuccess = () => {
          const transaction = open.result.transaction(["travellers", "stations", "house", "parts"], "readwrite");
          const travellers = transaction.objectStore("travellers");
          const change = (id: string, fields: object) => {
            const get = travellers.get(id);
            get.onsuccess = () => travellers.put({ ...(get.result as object), ...fields });
          };
          change("demo-bakery-proofer", { createdAt: "12026-11-27T00:00:00Z", cameBackAt: null });
          change("demo-nursery-fan-weak", { finishedAt: "2026-11-23T18:00:00+99:00", machine: { not: "text" } });
          const stations = transaction.objectStore("stations");
          for (const stationId of ["decide", "bearing", "capacitor", "windings", "orbit"])
            stations.put({
              id: `demo-bakery-condenser/${stationId}`,
              travellerId: "demo-bakery-condenser",
              stationId,
              skippedReason: 7,
              updatedAt: "never",
              data: { recheckOn: "12026-11-27", label: 7 },
            });
          transaction.objectStore("house").put({ id: "house", figures: { safeVolts: "much" }, meter: 7, updatedAt: null });
          transaction.objectStore("parts").put({ id: "odd", label: null, updatedAt: 7 });
          transaction.oncomplete = () => resolve();
        };
      }),
  );
  for (const path of [
    "/",
    "/ledger",
    "/shelf",
    "/house-rules",
    "/bench",
    "/print?id=demo-bakery-condenser",
    "/print?id=demo-nursery-fan-weak&view=customer",
  ]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 })).toBeAttached();
    await expect(page.getByText("This screen broke")).toHaveCount(0);
  }
  for (const id of ["bakery-condenser", "bakery-proofer"]) {
    await openDemo(page, id, "complaint");
    for (const stop of await strip(page).getByRole("button").all()) {
      await stop.click();
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await expect(page.getByText("This screen broke")).toHaveCount(0);
    }
  }
  await page.goto("/ledger");
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export everything" }).click()]);
  expect(JSON.parse(readFileSync(await file.path(), "utf8"))).toMatchObject({ format: "vemmick" });
  await expect(page.getByText("In the file as it is kept, but it will not come back in")).toBeVisible();
});

test("a browser without storage says so instead of an empty rack", async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, "indexedDB", { value: undefined }));
  await page.goto("/");
  await expect(page.getByRole("alert").filter({ hasText: "This browser does not let Vemmick keep data here" })).toBeVisible();
});
