import { chromium, type Page } from "@playwright/test";

/** Runs with a page that drawings are taken from, and closes it. */
export async function withPage<Result>(act: (page: Page) => Promise<Result>, deviceScaleFactor = 1): Promise<Result> {
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium", args: ["--no-sandbox"] });
  try {
    return await act(await browser.newPage({ viewport: { width: 1500, height: 1000 }, deviceScaleFactor }));
  } finally {
    await browser.close();
  }
}
