import type { Page } from "@playwright/test";
import { bench, expect, expectKept, goTo, makeSafe, openDemo, test, untilKept } from "./support/vemmick";
import { begin, decideOn, FAN, look, turn } from "./support/work";

const PHOTO = (name: string): string => `tests/reference/photos/${name}.jpg`;
const sheet = (page: Page, title = "Plate from a photo") => page.getByRole("dialog", { name: title });
const row = (page: Page, name: string) => page.getByRole("listitem", { name, exact: true });
const says = (page: Page) => page.getByRole("region", { name: "What it says" });

/** A card whose plate is still empty. */
async function emptyPlate(page: Page): Promise<string> {
  await page.goto("/");
  await page.getByLabel("What does the motor do?").fill("fan hums and does not start");
  await page.keyboard.press("Enter");
  await page.waitForURL(/traveller/);
  await goTo(page, "Plate");
  return new URL(page.url()).searchParams.get("id") ?? "";
}

async function readPhoto(page: Page, name: string, button = "Plate from a photo"): Promise<void> {
  await page.getByRole("button", { name: button }).first().click();
  await page.getByLabel("Choose a photo").setInputFiles(PHOTO(name));
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(says(page)).toBeVisible();
}

test("a plate is read from a photo: nothing enters by itself, what is sure by one press, the photo stays beside its fields", async ({
  page,
}) => {
  const id = await emptyPlate(page);
  await page.getByRole("button", { name: "Plate from a photo" }).click();
  await expect(sheet(page).getByText(/nothing leaves it/)).toBeVisible();
  await page.getByLabel("Choose a photo").setInputFiles(PHOTO("po-012"));
  // What is fetched is said before it is.
  await expect(sheet(page).getByText(/fetched once, about \d+ MB/)).toBeVisible();
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(says(page)).toBeVisible();
  await expect(row(page, "Volts")).toContainText("230");
  await expect(row(page, "Volts").getByRole("img", { name: "Volts on the picture" })).toBeVisible();
  await expect(page.locator("main").getByLabel("Volts", { exact: true })).toHaveValue("");
  await says(page)
    .getByRole("button", { name: /^Take the \d that are sure/ })
    .click();
  await expect(row(page, "Hertz").getByRole("button")).toHaveText("Stands there");
  // One that is not offered as sure is taken by a press of its own, or typed.
  const amps = row(page, "Full-load amps");
  if (await amps.getByRole("button", { name: "Take Full-load amps 4.8" }).isVisible())
    await amps.getByRole("button", { name: "Take Full-load amps 4.8" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.locator("main").getByLabel("Volts", { exact: true })).toHaveValue("230");
  await expect(page.locator("main").getByLabel("Full-load amps")).toHaveValue("4.8");
  await page.getByRole("button", { name: "Photo: plate" }).click();
  await expect(page.getByRole("button", { name: "Take the photo away" })).toBeVisible();
  await untilKept(page);
  await expectKept(page, id, "plate", { volts: "230", hertz: "50" });
  // On the paper of the visit it is too.
  await page.goto(`/print?id=${id}`);
  await expect(page.getByRole("img", { name: /^Photo: / })).toBeVisible();
});

test("what stands in a field is not written over unasked, corners move by keys, a field can be typed", async ({ page }) => {
  await openDemo(page, "customs-cellar", "plate");
  await readPhoto(page, "po-012");
  await expect(row(page, "Full-load amps").getByRole("button", { name: /Take/ })).toHaveText(/^Instead of /);
  await expect(page.getByRole("button", { name: /that are sure/ })).toHaveCount(0);
  const corner = page.getByRole("button", { name: /^Left upper corner/ });
  const before = await corner.getAttribute("aria-label");
  await corner.focus();
  await page.keyboard.press("Shift+ArrowLeft");
  await page.keyboard.press("ArrowUp");
  await expect(corner).not.toHaveAttribute("aria-label", before ?? "");
  await page.getByRole("button", { name: "Read again" }).press("Enter");
  await expect(page.getByRole("progressbar")).toBeVisible();
  await expect(page.getByRole("button", { name: "Read again" })).toBeVisible();
  await expect(row(page, "Speed")).toContainText("705");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Plate from a photo" })).toBeFocused();
});

test("wrong files are told for what they are, and a stop loses nothing", async ({ page }) => {
  await emptyPlate(page);
  await page.getByRole("button", { name: "Plate from a photo" }).click();
  const choose = async (name: string, mimeType: string, buffer: Buffer): Promise<void> => {
    await page.getByLabel(/Choose a photo|Another picture of it/).setInputFiles({ name, mimeType, buffer });
  };
  const alert = sheet(page).getByRole("alert");
  await choose("list.jpg", "image/jpeg", Buffer.from("not a picture"));
  await expect(alert).toHaveText(/not a picture/);
  await choose("plate.heic", "image/heic", Buffer.from("ftypheic"));
  await expect(alert).toHaveText(/HEIC/);
  await choose("turning.mp4", "video/mp4", Buffer.from("ftyp"));
  await expect(alert).toHaveText(/a film/);
  // Black, without an edge: said so, and told when nothing is on it.
  const black = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [800, 600];
    canvas.getContext("2d")?.fillRect(0, 0, 800, 600);
    return canvas.toDataURL("image/jpeg").split(",")[1] ?? "";
  });
  await choose("black.jpg", "image/jpeg", Buffer.from(black, "base64"));
  await expect(sheet(page).getByText(/Nothing stands out as the edge of the plate/)).toBeVisible();
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(alert).toHaveText(/No letters can be made out/);
  await page.getByLabel("Another picture of it").setInputFiles(PHOTO("po-012"));
  await page.getByRole("button", { name: "Read it" }).click();
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByRole("button", { name: "Read it" })).toBeVisible();
  await expect(page.getByRole("img", { name: "The picture that is read" })).toBeVisible();
});

test("without a camera that may be used, a sentence says what to do instead", async ({ page, context }) => {
  await context.clearPermissions();
  await emptyPlate(page);
  await page.getByRole("button", { name: "Plate from a photo" }).click();
  await page.getByRole("button", { name: "Camera", exact: true }).click();
  await expect(sheet(page).getByRole("alert")).toHaveText(/The camera cannot be used here/);
  await expect(page.getByLabel("Choose a photo")).toBeAttached();
});

test("no file of it, no reading: the photo can be kept, and typing is offered", async ({ page }) => {
  await page.route("**/text-reader/**", (route) => route.abort("connectionfailed"));
  await emptyPlate(page);
  await page.getByRole("button", { name: "Plate from a photo" }).click();
  await page.getByLabel("Choose a photo").setInputFiles(PHOTO("po-012"));
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(sheet(page).getByRole("alert")).toHaveText(/not on this device yet, and cannot be fetched now/);
  await page.getByRole("button", { name: "Keep the photo" }).click();
  await expect(page.getByRole("button", { name: "Photo kept" })).toBeDisabled();
});

test("only the reader's own files may compile; pages stay as strict as before", async ({ page, request }) => {
  const policyOf = async (path: string): Promise<string> => (await request.get(path)).headers()["content-security-policy"] ?? "";
  expect(await policyOf("/text-reader/7.0.0/worker.min.js")).toContain("'wasm-unsafe-eval'");
  expect(await policyOf("/traveller")).not.toContain("wasm");
  await page.goto("/");
  expect(
    await page.evaluate(() =>
      WebAssembly.compile(new Uint8Array([0, 97, 115, 109, 1, 0, 0, 0])).then(
        () => "compiled",
        () => "refused",
      ),
    ),
  ).toBe("refused");
});

test("a label is read into Out and in, a plate into Match", async ({ page }) => {
  await begin(page, "hums and will not start", FAN);
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await decideOn(page, "Replace run capacitor");
  await goTo(page, "Out and in");
  await readPhoto(page, "po-016", "Label from a photo");
  await expect(row(page, "Capacitance")).toContainText("60 µF");
  for (const name of ["Capacitance", "Tolerance", "Volts"]) {
    const take = row(page, name).getByRole("button", { name: /^Take / });
    if (await take.isVisible()) await take.click();
  }
  await page.getByRole("button", { name: "Close" }).click();
  await expect(bench(page).getByRole("textbox", { name: "Part that goes in, as its label says" })).toHaveValue("60 µF ±6 % 370 V");
  await page.getByRole("tab", { name: /Match/ }).click();
  await page.getByRole("button", { name: "Type a plate" }).click();
  await readPhoto(page, "po-012");
  await row(page, "Hertz")
    .getByRole("button", { name: /^Take / })
    .click();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("group", { name: "Typed plate" }).getByLabel("Hertz", { exact: true })).toHaveValue("50");
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test("a number is read from a bearing's stamp, and stands in its field", async ({ page }) => {
    await page.goto("/bench?station=bearing");
    await readPhoto(page, "po-029", "Number from a photo");
    await row(page, "Number")
      .getByRole("button", { name: /^Take Number 6002/ })
      .click();
    await page.getByRole("button", { name: "Close" }).click();
    await expect(page.getByRole("textbox", { name: "As stamped" })).toHaveValue(/6002/);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(390);
  });
});
