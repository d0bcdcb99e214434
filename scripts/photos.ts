import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { draw, type DrawnCase, type Grade } from "./photos/drawn";

/** Usage: npm run photos -- FOLDER [PICTURES] [SEED]; draws pictures of plates, labels and stamps, and a case file beside them. */
const [folder = ".artifacts/photos", pictures = "60", seed = "1"] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium", args: ["--no-sandbox"] });
const page = await browser.newPage({ viewport: { width: 1500, height: 1000 } });
const cases: DrawnCase[] = [];
const KINDS = ["plate", "plate", "plate", "capacitor", "capacitor", "bearing"] as const;
const GRADES: readonly Grade[] = ["light", "light", "heavy", "clean"];
for (let at = 0; at < Number(pictures); at += 1) {
  const grade = GRADES[Math.floor(at / KINDS.length) % GRADES.length]!;
  const { html, asked, outputs } = draw(KINDS[at % KINDS.length]!, grade, Number(seed) * 100_000 + at);
  const file = `drawn-${String(at).padStart(3, "0")}.jpg`;
  await page.setContent(html);
  await page.screenshot({ path: join(folder, file), type: "jpeg", quality: 80 });
  cases.push({ id: file.slice(0, -4), group: `${asked}/${grade}`, inputs: { file, asked }, outputs });
}
await browser.close();
writeFileSync(
  join(folder, "photos.json"),
  JSON.stringify({ set: "photo_texts", schema_version: 1, description: "Drawn pictures.", tolerance: {}, cases }, null, 1),
);
console.log(`${cases.length} pictures in ${folder}`);
