/** @jest-environment node */
import { readdirSync, readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import { fontRuns, UNKNOWN, type Family } from "./font-runs";

interface Font {
  readonly hasGlyphForCodePoint: (point: number) => boolean;
}
// The very reader that sets the PDF; it has no types of its own.
const fontkit = createRequire(__filename)("fontkit") as { readonly openSync: (path: string) => Font };
const FILES: Readonly<Record<Family, string>> = {
  Archivo: "node_modules/@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf",
  Greek: "node_modules/@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff",
  Cyrillic: "node_modules/@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff",
};
const fonts = new Map(Object.entries(FILES).map(([family, path]) => [family, fontkit.openSync(path)]));

test("every sign the program itself can say has a glyph in the family it is set in", () => {
  const files = readdirSync("src", { recursive: true, encoding: "utf8" }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file) && !file.includes("papers/"),
  );
  const signs = new Set(files.flatMap((file) => [...readFileSync(join("src", file), "utf8")]));
  // What a comment or a pattern names, and no page says.
  const unsaid = new Set("ᵀ\t\r\u200b\ufeff");
  const missing = [...signs].filter((sign) => {
    if (unsaid.has(sign) || sign === "\n") return false;
    return fontRuns(sign).some(({ text, family }) =>
      [...text].some((each) => !fonts.get(family)?.hasGlyphForCodePoint(each.codePointAt(0) ?? 0)),
    );
  });
  expect(missing).toEqual([]);
});

test.each([
  ["4.70 Ω ±2 %, 35 µF ≥ 33.2 µF", [["4.70 Ω ±2 %, 35 µF ≥ 33.2 µF", "Archivo"]]],
  [
    "φ = 0.9, ω 157",
    [
      ["φ", "Greek"],
      [" = 0.9, ", "Archivo"],
      ["ω", "Greek"],
      [" 157", "Archivo"],
    ],
  ],
  ["Ψυγείο", [["Ψυγείο", "Greek"]]],
  [
    "насос 2",
    [
      ["насос", "Cyrillic"],
      [" 2", "Archivo"],
    ],
  ],
  ["⅓ hp at 1.5 mm", [["1/3 hp at 1.5\u00a0mm", "Archivo"]]],
  ["冷却", [[UNKNOWN + UNKNOWN, "Archivo"]]],
] as const)("%s", (text, runs) => {
  const given = text.replace("1.5 mm", "1.5\u202fmm");
  expect(fontRuns(given).map((run) => [run.text, run.family])).toEqual(runs);
});
