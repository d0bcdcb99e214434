/** Most characters of each kind of text: one set for the field that takes it, the store that keeps it and the file that carries it. */
export const TEXT_LENGTHS = {
  /** a figure as the meter shows it */
  figure: 200,
  /** copied from a plate or label, or a name */
  printed: 200,
  /** free notes */
  note: 2000,
  /** why a station is skipped */
  reason: 500,
  /** who works here */
  person: 120,
  /** maker or place of a part, name of a meter */
  word: 80,
  /** a lead's name or colour */
  lead: 40,
} as const;
export type TextKind = keyof typeof TEXT_LENGTHS;

/**
 * What of a text is kept: as much as its kind takes. Never half of a character that takes two code units.
 * @param text as it was keyed or printed
 * @param kind which kind of text
 * @returns the text, or as much of it as fits
 * @example fitText("x".repeat(300), "printed").length -> 200
 */
export function fitText(text: string, kind: TextKind): string {
  return cutText(text, TEXT_LENGTHS[kind]);
}

/**
 * The first so many code units of a text, without half a character at the end.
 * @param text as it was keyed or printed
 * @param most code units at most
 * @returns the text, or its beginning
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  const last = text.charCodeAt(most - 1);
  return text.slice(0, last >= 0xd800 && last < 0xdc00 ? most - 1 : most);
}
