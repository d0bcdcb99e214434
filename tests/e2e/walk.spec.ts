import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { caseOf, expect, openRack, strip, test } from "./support/vemmick";

interface Walked {
  readonly traveller: { readonly id: string };
  readonly stations: readonly object[];
  readonly says: { readonly stamps: readonly (readonly [string, string])[]; readonly next: string; readonly customer: readonly string[] };
}

const JOBS = 8;
/** A blank of any kind is a blank: what is typeset with a narrow one reads the same. */
const plain = (text: string): string => text.replaceAll(/\s+/g, " ").trim();

test(`${JOBS} jobs that simulated technicians walked, taken in by the browser: the card and the customer's page say what they said`, async ({
  page,
}) => {
  const walked = JSON.parse(
    execFileSync(process.execPath, ["--import", "tsx", "scripts/walk.ts", String(JOBS), "--seed", "41", "--records"], {
      encoding: "utf8",
      maxBuffer: 1e8,
    }),
  ) as Walked[];
  await openRack(page);
  await page.goto("/ledger");
  const [exported] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export everything" }).click()]);
  const file = JSON.parse(readFileSync(await exported.path(), "utf8")) as Record<string, unknown>;
  const taken = { ...file, travellers: walked.map(({ traveller }) => traveller), stations: walked.flatMap(({ stations }) => stations) };
  await page
    .getByLabel("Choose a file to take in")
    .setInputFiles({ name: "walked.vemmick.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(taken)) });
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText(/^Taken in/)).toBeVisible();

  for (const { traveller, says } of walked) {
    await page.goto(`/traveller?id=${traveller.id}&station=end`);
    await expect(caseOf(page).getByRole("heading", { level: 2 }).first()).toBeVisible();
    for (const word of new Set(says.stamps.map(([, stamp]) => stamp).filter((stamp) => stamp !== "Not done")))
      await expect(strip(page).getByText(word, { exact: true }).first()).toBeAttached();
    await page.goto(`/print?id=${traveller.id}&view=customer`);
    for (const sentence of says.customer) {
      await expect
        .poll(async () => plain(await page.getByRole("main").innerText()), { message: `${traveller.id}: ${sentence}` })
        .toContain(plain(sentence));
    }
  }
});
