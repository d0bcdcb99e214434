/** Families of a PDF. Archivo has everything of the trade but most Greek letters; what of a name it lacks is set in the others. */
export type Family = "Archivo" | "Greek" | "Cyrillic";

/** A stretch of text that one family can set. */
export interface Run {
  readonly text: string;
  readonly family: Family;
}

/** Signs none of the families has, by what says the same. */
const INSTEAD: Readonly<Record<string, string>> = {
  "⅓": "1/3",
  "⅔": "2/3",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
  "⅙": "1/6",
  "⅕": "1/5",
  "⅒": "1/10",
  "⁻": "−",
  "●": "•",
  "►": ">",
  "▶": ">",
  "⌀": "Ø",
  "∓": "±",
  // The ohm and micro signs have letters that look the same.
  "\u2126": "Ω",
};
/** Greek letters that Archivo has itself. */
const OWN_GREEK = /[ΩΔμπ]/;
const GREEK = /[\u0370-\u03ff]/;
const CYRILLIC = /[\u0400-\u045f\u0490\u0491\u04b0\u04b1]/;
/** Latin with its accents, and the signs of figures, money and quotation. */
const LATIN =
  /[\u0020-\u024f\u1e80-\u1e85\u1ea0-\u1ef9\u02c6-\u02dd\u2013-\u201e\u2020-\u2022\u2026\u2030\u2032\u2033\u2039\u203a\u2044\u2074\u2080-\u2089\u00b2\u00b3\u20ac\u2122\u2190-\u2193\u2202\u2206\u220f\u2211\u2212\u221a\u221e\u222b\u2248\u2260\u2264\u2265\u25ca\u00a0\u202f\u2009\n]/;
/** Stands for a sign that no family has. */
export const UNKNOWN = "?";

function familyOf(sign: string): Family | null {
  if (OWN_GREEK.test(sign) || LATIN.test(sign)) return "Archivo";
  if (GREEK.test(sign)) return "Greek";
  return CYRILLIC.test(sign) ? "Cyrillic" : null;
}

/** Thin blanks are wider in a font that lacks them: an ordinary one, that does not break, is what they are for. */
const toPlainBlanks = (text: string): string => text.replace(/[\u202f\u2009]/g, "\u00a0");

/** A text in stretches, each of one family; signs that none has are put in other words, or stand as a question mark. */
export function fontRuns(text: string): readonly Run[] {
  const runs: Run[] = [];
  for (const sign of [...toPlainBlanks(text)].flatMap((each) => [...(INSTEAD[each] ?? each)])) {
    const known = familyOf(sign);
    const [said, family] = known === null ? [UNKNOWN, "Archivo" as const] : [sign, known];
    const last = runs.at(-1);
    if (last?.family === family) runs[runs.length - 1] = { text: last.text + said, family };
    else runs.push({ text: said, family });
  }
  return runs;
}
