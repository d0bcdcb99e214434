/** Words that say nothing of a card. */
const SILENT = new Set(
  "a an and are as at be but by for from has have in is it its no not of on or that the then this to was were with".split(" "),
);

/** Longer ones are no words that a person types. */
const LONGEST = 40;

/** Letters and digits in a row, without accents. A lone letter finds everything; a lone digit may number a bay. */
function split(text: string): string[] {
  const plain = text.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase();
  return (plain.match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => word.slice(0, LONGEST));
}

/** Words under which a text is found, each once. */
export const toWords = (text: string): string[] =>
  [...new Set(split(text))].filter((word) => !SILENT.has(word) && (word.length > 1 || /\d/.test(word)));

/** What is looked for: every word, the beginning of one is enough. Silent words count only where there is nothing else. */
export function wantedWords(text: string): string[] {
  const all = [...new Set(split(text))];
  const said = all.filter((word) => !SILENT.has(word));
  const wanted = said.length > 0 ? said : all;
  // “cap” is in “capacitor” already.
  return wanted.filter((word) => !wanted.some((other) => other !== word && other.startsWith(word)));
}
