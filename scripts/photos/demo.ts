import { writeFileSync } from "node:fs";
import { format, resolveConfig } from "prettier";
import { withPage } from "./browser";
import { draw } from "./drawn";

const FILE = "src/records/demo/photos.ts";

/** What the photos of demo cards show; the cards say the same, which a test of the demo holds. */
const SHOWN = {
  condenserPlate: {
    kind: "plate",
    seed: 21,
    known: { volts: "230", hz: "50", amps: "0.9", rpm: "1350", kw: "0.09", capacitor_uf: "10", capacitor_v: "450" },
  },
  blowerPlate: {
    kind: "plate",
    seed: 12,
    known: {
      volts: "230",
      hz: "60",
      amps: "2.4",
      rpm: "1075",
      hp: "1/3",
      class: "B",
      duty: "CONT",
      capacitor_uf: "17.5",
      capacitor_v: "440",
    },
  },
  blowerLabel: { kind: "capacitor", seed: 3, known: { capacitance: "17.5", tolerance_pct: "6", volts: "440" } },
} as const;

/**
 * Draws the photos that demo cards carry, in the size a card keeps.
 * @returns how many
 */
export async function drawDemoPhotos(): Promise<number> {
  const photos = await withPage(async (page) => {
    const drawn: Record<string, unknown> = {};
    for (const [name, { kind, seed, known }] of Object.entries(SHOWN)) {
      const { html } = draw(kind, "light", seed, known);
      await page.setContent(html);
      const picture = await page.screenshot({ type: "jpeg", quality: 62, clip: { x: 190, y: 170, width: 1120, height: 660 } });
      drawn[name] = { shows: known, data: `data:image/jpeg;base64,${picture.toString("base64")}` };
    }
    return drawn;
  }, 0.75);
  const text = `/** Photos of demo cards and what they show; drawn by \`npm run photos -- --demo\`. */\nexport const DEMO_PHOTOS = ${JSON.stringify(photos)} as const;\n`;
  writeFileSync(FILE, await format(text, { ...(await resolveConfig(FILE)), parser: "typescript" }));
  return Object.keys(photos).length;
}
