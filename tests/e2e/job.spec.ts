import { begin, FAN, giveBackPower, look, makeSafe } from "./support/work";
import { bench, expect, goTo, strip, test, untilKept } from "./support/vemmick";

test("made safe a second time: the first is told in the past, and nothing is ticked from before", async ({ page }) => {
  const id = await begin(page, "hums, will not start", FAN);
  await makeSafe(page);
  await look(page, null);
  await giveBackPower(page);
  const stop = (name: string) => strip(page).getByRole("button", { name: new RegExp(`^${name}`) });
  await expect(stop("Make safe")).toContainText("Was dead");

  await goTo(page, "Make safe");
  await expect(bench(page).getByText(/^Was dead from \d\d:\d\d to \d\d:\d\d: 0\.2\sV on the circuit, 0\.4\sV left/)).toBeVisible();
  await expect(bench(page).getByText("Proven dead")).toHaveCount(0);
  await expect(bench(page).getByText(/^Power on again since \d\d:\d\d$/)).toBeVisible();
  await expect(page.getByLabel("Breaker or disconnect off and locked")).toHaveCount(0);
  await untilKept(page);
  await page.goto(`/print?id=${id}`);
  await expect(page.getByText(/Was dead from \d\d:\d\d to \d\d:\d\d:/)).toBeVisible();
  await expect(page.getByText("Proven dead")).toHaveCount(0);

  await page.goto(`/traveller?id=${id}&station=make-safe`);
  await page.getByRole("button", { name: "Make safe once more" }).click();
  await expect(page.getByLabel("Breaker or disconnect off and locked")).not.toBeChecked();
  await expect(page.getByLabel("The circuit to be worked on")).toHaveValue("");
  await makeSafe(page);
  await expect(bench(page).getByText(/^Was dead from/)).toBeVisible();

  await goTo(page, "Power back on");
  const checks = bench(page).getByRole("checkbox");
  await expect(checks).toHaveCount(3);
  for (const check of await checks.all()) await expect(check).not.toBeChecked();
  await expect(page.getByRole("button", { name: "Power is back on" })).toBeDisabled();
  for (const check of await checks.all()) await check.check();
  await page.getByRole("button", { name: "Power is back on" }).click();
  await expect(stop("Power back on")).toContainText("Live");
  await expect(bench(page).getByText(/it was given back before at \d\d:\d\d\./)).toBeVisible();
});
