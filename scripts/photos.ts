import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { withPage } from "./photos/browser";
import { drawDemoPhotos } from "./photos/demo";
import { draw, type DrawnCase, type Grade } from "./photos/drawn";

/**
 * Usage: npm run photos -- FOLDER [PICTURES] [SEED]; draws pictures of plates, labels and stamps, and a case file beside them.
 * npm run photos -- --demo; draws those of the demo cards anew.
 */
const [folder = ".artifacts/photos", pictures = "60", seed = "1"] = process.argv.slice(2);
const KINDS = ["plate", "plate", "plate", "capacitor", "capacitor", "bearing"] as const;
const GRADES: readonly Grade[] = ["light", "light", "heavy", "clean"];

if (folder === "--demo") console.log(`${await drawDemoPhotos()} photos of demo cards drawn`);
else {
  mkdirSync(folder, { recursive: true });
  const cases = await withPage(async (page) => {
    const drawn: DrawnCase[] = [];
    for (let at = 0; at < Number(pictures); at += 1) {
      const grade = GRADES[Math.floor(at / KINDS.length) % GRADES.length]!;
      const { html, asked, outputs } = draw(KINDS[at % KINDS.length]!, grade, Number(seed) * 100_000 + at);
      const file = `drawn-${String(at).padStart(3, "0")}.jpg`;
      await page.setContent(html);
      await page.screenshot({ path: join(folder, file), type: "jpeg", quality: 80 });
      drawn.push({ id: file.slice(0, -4), group: `${asked}/${grade}`, inputs: { file, asked }, outputs });
    }
    return drawn;
  });
  writeFileSync(
    join(folder, "photos.json"),
    JSON.stringify({ set: "photo_texts", schema_version: 1, description: "Drawn pictures.", tolerance: {}, cases }, null, 1),
  );
  console.log(`${cases.length} pictures in ${folder}`);
}
