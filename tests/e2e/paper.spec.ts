import { expect, test, untilDerived } from "./support/vemmick";

test.beforeEach(async ({ page }) => {
  await page.goto("/");
  await untilDerived(page);
});

test("the card on paper: sketch, connection and ledger are drawn, letters lie clear of one another, figures as a person writes them", async ({
  page,
}) => {
  await page.goto("/print?id=demo-laundrette-folding");
  await page.emulateMedia({ media: "print" });
  const connection = page.getByRole("img", { name: /^L1, blue, main winding, brown, L2/ });
  await expect(connection).toBeVisible();
  await expect(page.getByText("Posts as they sit, with what was read between them")).toBeVisible();
  await expect(page.getByText(/^Not reversible at the leads/)).toBeVisible();
  const ledger = page.getByRole("table", { name: "What came off, in order" });
  await expect(ledger.getByRole("row")).toHaveCount(10);
  await expect(ledger.getByRole("row", { name: /^4 Key shaft not yet$/ })).toBeVisible();
  await expect(page.getByRole("table", { name: "Wires by their marks" }).getByRole("row")).toHaveCount(4);
  // No two words of a drawing overlap, and the smallest is as large as small print.
  const crowded = await page.evaluate(() =>
    [...document.querySelectorAll("main figure svg")].flatMap((svg) => {
      const words = [...svg.querySelectorAll("text")].map((text) => ({ box: text.getBoundingClientRect(), word: text.textContent }));
      return words.flatMap(({ box: a, word }, index) =>
        words
          .slice(index + 1)
          .filter(({ box: b }) => a.left < b.right - 1 && b.left < a.right - 1 && a.top < b.bottom - 2 && b.top < a.bottom - 2)
          .map((other) => `${word} over ${other.word}`),
      );
    }),
  );
  expect(crowded).toEqual([]);
  const text = await page.locator("main").innerText();
  for (const machine of [/\d[ukMn]\b(?!F|Ω|m)/, /\binf\b/i, /\(off\)/, /\s,/, /undefined|NaN/, /\(-\d/]) expect(text).not.toMatch(machine);
});

test("the proof on paper stands as pairs, before and after, with the plate beside them", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-weak");
  const pairs = page.getByRole("table", { name: "Before and after" });
  await expect(pairs.getByRole("row", { name: /amps .*\d A .*\d A/i }).first()).toBeVisible();
  await expect(page.getByRole("img", { name: /before .* A.*after .* A/ })).toBeVisible();
});

test("the customer's page says of which day its prices are, and when the work was agreed and done", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-weak&view=customer");
  const day = /\d{1,2} [A-Z][a-z]{2} \d{4}/.source;
  await expect(page.getByText(new RegExp(`^Prices of ${day}\\.`))).toBeVisible();
  await expect(page.getByText(new RegExp(`^Agreed on ${day}\\. Signed off on ${day}\\.`))).toBeVisible();
  await page.goto("/print?id=demo-laundrette-exhaust&view=customer");
  await expect(page.getByText(new RegExp(`^Prices of ${day}, for part and work`))).toBeVisible();
});

test("at Decide what can hardly cure is listed on request only", async ({ page }) => {
  await page.goto("/traveller?id=demo-ventilator-interrupted&station=decide");
  const weighed = page.getByRole("table", { name: "What was weighed" });
  await expect(weighed).toBeVisible();
  const before = await weighed.getByRole("row").count();
  await page.getByRole("button", { name: /^\d+ more that hardly cure it$/ }).click();
  expect(await weighed.getByRole("row").count()).toBeGreaterThan(before);
  await expect(weighed.getByText(/^(< 1|1)\s%$/).first()).toBeVisible();
  await page.getByRole("button", { name: "Only what can cure it" }).click();
  expect(await weighed.getByRole("row").count()).toBe(before);
});
