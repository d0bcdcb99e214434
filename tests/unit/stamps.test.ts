import { readFileSync } from "node:fs";
import { STAMP_WORDS } from "@/features/vocabulary/stamp-words";

const CSS = readFileSync("src/app/globals.css", "utf8");
/** What a stamp looks like apart from its colours, as it is written. */
const shapeOf = (tone: string): string => {
  const rule = new RegExp(`\\.stamp-${tone} \\{([^}]*)\\}`).exec(CSS)?.[1];
  if (rule === undefined) throw new Error(`the stamp ${tone} has no drawing`);
  return rule
    .split(";")
    .map((line) => line.trim())
    .filter((line) => /^(border|clip-path|box-shadow|text-decoration)/.test(line))
    .map((line) => line.replace(/var\(--[a-z-]+\)/g, "colour"))
    .sort()
    .join("; ");
};
const TONES = Object.keys(STAMP_WORDS);

test("each stamp has a word and a shape of its own: none tells by its colour alone", () => {
  expect(new Set(Object.values(STAMP_WORDS)).size).toBe(TONES.length);
  // What is out is filled and cut at its corners.
  expect(new Set(TONES.map(shapeOf)).size).toBe(TONES.length);
});
