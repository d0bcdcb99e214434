import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { BROWSER_FLAGS } from "../../scripts/lib/browser-flags.mjs";
import { expect, openDemo, test } from "./support/vemmick";

/** What the camera sees: the same plate, again and again. */
const FED = ".artifacts/fed-camera.mjpeg";
mkdirSync(".artifacts", { recursive: true });
writeFileSync(FED, Buffer.concat(Array.from({ length: 5 }, () => readFileSync("tests/reference/photos/po-012.jpg"))));
const CAMERA = ["--use-fake-ui-for-media-stream", "--use-fake-device-for-media-stream", `--use-file-for-fake-video-capture=${FED}`];

test.use({
  launchOptions: { executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium", args: [...BROWSER_FLAGS, ...CAMERA] },
});

test("a plate is read from what the camera sees", async ({ page }) => {
  await openDemo(page, "customs-cellar", "plate");
  await page.getByRole("button", { name: "Plate from a photo" }).click();
  await page.getByRole("button", { name: "Camera", exact: true }).click();
  await page.getByRole("button", { name: "Take the picture" }).click();
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("listitem", { name: "Volts", exact: true })).toContainText("230");
});
