import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { caseOf, expect, leads, openRack, test, untilKept } from "./support/vemmick";

interface Row {
  readonly id: string;
  readonly travellerId: string;
  readonly stationId: string;
  readonly data: Record<string, unknown>;
}
interface File {
  readonly travellers: readonly { readonly id: string; readonly machine: string; readonly finishedAt: string | null }[];
  readonly stations: readonly Row[];
}

async function demoFile(page: Page): Promise<File> {
  await openRack(page);
  await expect(page.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
  await page.goto("/ledger");
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export everything" }).click()]);
  return JSON.parse(readFileSync(await file.path(), "utf8")) as File;
}

const NAMES = { machine: "Mixing hall blower", site: "Pell Street Bakery", updatedAt: "2026-11-26T09:00:00.000Z" };

/** The demo's blower twice: whole a year ago, and now with a fifth of the run winding's ohms gone. */
function twoVisits({ travellers, stations, ...rest }: File): File {
  const card = travellers.find(({ id }) => id === "demo-bakery-proofer");
  const rows = stations.filter(({ travellerId }) => travellerId === "demo-bakery-proofer");
  if (!card) throw new Error("no such card");
  const visit = (id: string, createdAt: string, ohms: readonly string[]) => ({
    card: { ...card, ...NAMES, id, createdAt, isDemo: false },
    rows: rows.map((row) => ({
      ...row,
      id: `${id}/${row.stationId}`,
      travellerId: id,
      data:
        row.stationId === "windings"
          ? {
              ...row.data,
              pairs: (row.data.pairs as { entry: { text: string; reading: object } }[]).map((pair, index) => ({
                ...pair,
                entry: { ...pair.entry, text: ohms[index], reading: { ...pair.entry.reading, value: Number(ohms[index]) } },
              })),
            }
          : row.data,
    })),
  });
  const first = visit("visit-one", "2025-11-20T09:00:00.000Z", ["8.9", "31.3", "22.6"]);
  const second = visit("visit-two", "2026-11-26T08:00:00.000Z", ["6.1", "28.5", "22.6"]);
  return { ...rest, travellers: [first.card, second.card], stations: [...first.rows, ...second.rows] };
}

test("a card, the Rack, the Ledger, its print and its customer's page say the same of a motor with an earlier visit", async ({ page }) => {
  const file = twoVisits(await demoFile(page));
  await page
    .getByLabel("Choose a file to take in")
    .setInputFiles({ name: "two.vemmick.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(file)) });
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText(/^Taken in/)).toBeVisible();

  await page.goto("/traveller?id=visit-two&station=decide");
  await leads(page, "Shorted turns");
  await expect(page.getByRole("region", { name: "Proposed" }).getByText("Replace motor", { exact: true }).first()).toBeVisible();
  const chance = (await caseOf(page).getByRole("region", { name: "Line-up" }).getByRole("listitem").first().innerText()).match(
    /\d+\s%/,
  )?.[0];
  expect(chance).toBeDefined();

  await page.goto("/print?id=visit-two");
  await expect(page.getByRole("main").getByText(new RegExp(`Shorted turns ${chance}`.replaceAll(/\s/g, "\\s")))).toBeVisible();
  await page.goto("/print?id=visit-two&view=customer");
  await expect(page.getByText("1. Fit a new motor")).toBeVisible();
  for (const path of ["/", "/ledger"]) {
    await page.goto(path);
    await expect(
      page
        .getByRole("link", { name: /Mixing hall blower/ })
        .filter({ hasText: /Windings: (shorted|out|lower)/i })
        .first(),
    ).toBeVisible();
  }
});

test("an open card's page for the customer offers first what the card would do now, at the same price; a finished one offers nothing", async ({
  page,
}) => {
  const { travellers } = await demoFile(page);
  for (const { id, finishedAt } of travellers.filter(({ id }) => id.startsWith("demo-lido"))) {
    await page.goto(`/print?id=${id}&view=customer`);
    await expect(page.getByRole("heading", { name: finishedAt === null ? "What can be done" : "What it is now" })).toBeVisible();
    if (finishedAt !== null) {
      await expect(page.getByRole("listitem")).toHaveCount(0);
      continue;
    }
    const price = /\d+\.\d\d/.exec(await page.getByRole("listitem").first().innerText())?.[0] ?? "nothing";
    // The card tells likely costs without cents.
    const whole = price === "nothing" ? price : String(Math.round(Number(price)));
    await page.goto(`/traveller?id=${id}&station=decide`);
    await expect(caseOf(page).getByRole("region", { name: "Line-up" })).toBeVisible();
    const now = caseOf(page)
      .getByRole("region", { name: /If you stopped now/ })
      .getByRole("row")
      .nth(1);
    await expect(now, id).toContainText(whole);
  }
});

test.describe("in the west, in the evening", () => {
  test.use({ timezoneId: "America/Los_Angeles", ownProfile: true });

  test("today is still today: for names of files, for days to look again, for what is due", async ({ page }) => {
    await page.clock.setFixedTime(new Date("2026-11-28T04:30:00.000Z"));
    await page.goto("/ledger");
    const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export everything" }).click()]);
    expect(file.suggestedFilename()).toContain("2026-11-27");
    await page.goto("/traveller?id=demo-bakery-condenser&station=bearing&method=upkeep");
    await page.getByRole("button", { name: "Seen to today" }).click();
    await expect(page.getByLabel("Last seen to")).toHaveValue("2026-11-27");
    await untilKept(page);
    await page.goto("/traveller?id=demo-bakery-condenser&station=decide");
    await page.getByRole("group", { name: "Chosen action" }).getByLabel("Replace run capacitor").check();
    await page.getByRole("group", { name: "The part is here" }).getByLabel("No").check();
    await page.getByLabel("Leave it off").check();
    // Fourteen days from the day it is there, not from the one that has begun in Greenwich.
    await expect(page.getByLabel("Look again by")).toHaveValue("2026-12-11");
  });
});
