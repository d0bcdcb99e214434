import { join } from "node:path";
import { layOut } from "./lay-out.mjs";

/** Fonts of what is printed as PDF, whole: those of the screen are cut to what a browser asks for, and lack Ω and ≥. */
const FONTS = {
  "archivo-400.ttf": "@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf",
  "archivo-700.ttf": "@expo-google-fonts/archivo/700Bold/Archivo_700Bold.ttf",
  "greek-400.woff": "@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff",
  "greek-700.woff": "@fontsource/noto-sans/files/noto-sans-greek-700-normal.woff",
  "cyrillic-400.woff": "@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff",
  "cyrillic-700.woff": "@fontsource/noto-sans/files/noto-sans-cyrillic-700-normal.woff",
};

/** Lays them where the program serves them from. */
export const layOutPaperFonts = () => layOut(join("public", "paper-fonts"), FONTS);
