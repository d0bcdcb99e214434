import { copyFileSync, existsSync, mkdirSync, statSync } from "node:fs";
import { dirname, join, resolve } from "node:path";

/** Fonts of what is printed as PDF, whole: those of the screen are cut to what a browser asks for, and lack Ω and ≥. */
const FONTS = {
  "archivo-400.ttf": "@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf",
  "archivo-700.ttf": "@expo-google-fonts/archivo/700Bold/Archivo_700Bold.ttf",
  "greek-400.woff": "@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff",
  "greek-700.woff": "@fontsource/noto-sans/files/noto-sans-greek-700-normal.woff",
  "cyrillic-400.woff": "@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff",
  "cyrillic-700.woff": "@fontsource/noto-sans/files/noto-sans-cyrillic-700-normal.woff",
};

/** A file of a package, from the nearest folder of packages that has it. */
function inPackages(path) {
  for (let folder = process.cwd(); ; folder = dirname(folder)) {
    const found = join(folder, "node_modules", path);
    if (existsSync(found) || folder === dirname(folder)) return resolve(found);
  }
}

/** Lays them where the program serves them from; those that lie there already stay. */
export function layOutPaperFonts() {
  const folder = join("public", "paper-fonts");
  mkdirSync(folder, { recursive: true });
  for (const [name, from] of Object.entries(FONTS)) {
    const [source, target] = [inPackages(from), join(folder, name)];
    if (!existsSync(target) || statSync(target).size !== statSync(source).size) copyFileSync(source, target);
  }
}
