import type { Box } from "../picture";

/** One rendering of a line, as the reader of text made it out. */
export interface ReadText {
  /** the whole line, or one of its two parts, drawn apart */
  readonly part: "whole" | "name" | "figure";
  readonly text: string;
}

/** A line on the picture, with each time it was read. */
export interface ReadLine {
  readonly box: Box;
  readonly texts: readonly ReadText[];
}

/** What is printed beside a figure, and the figure, of one rendering. Empty where there is none. */
export interface NameAndFigure {
  readonly name: string;
  readonly figure: string;
}

/** Frames and edges that were read as signs. */
const RIM = /^[\s|[\]{}()<>«»"'‘’“”`~_=—:;,*-]+|[\s|[\]{}()<>«»"'‘’“”`_=—:;,*-]+$/g;

/**
 * A rendering without what frames and dirt leave at its ends.
 * @param text as it was read
 * @returns the text
 */
export const withoutRim = (text: string): string => text.replace(RIM, "").trim();

/**
 * What belongs to a figure before its first digit: a digit taken for a letter or for a sign no plate has, with its point or
 * stroke. `l.6`, `O.37`, `wl/8`, `cl6`, `¥6`.
 */
const FIRST_SIGNS = /[lIi|O]?[.,/]$|[lI|]$|(?<=^|\s)[iO]$|[¥€£§¢«»#&*?]$/;

/**
 * Splits a rendering into the name before its figure and the figure.
 * @param text as read; name and figure may be glued together
 * @returns the name; the figure with all that stands behind it
 * @example splitName("FLA3.2") -> { name: "FLA", figure: "3.2" }
 */
export function splitName(text: string): NameAndFigure {
  const plain = withoutRim(text);
  const unit = /^([rtu]\s*\/\s*min|min\s*-\s*1)(.*)$/i.exec(plain);
  if (unit) return { name: unit[1] ?? "", figure: withoutRim(unit[2] ?? "") };
  const first = plain.search(/[\d©]/);
  if (first < 0) {
    // A figure whose every sign was taken for a letter: what stands behind the last gap.
    const gap = plain.lastIndexOf(" ");
    return gap < 0 ? { name: plain, figure: "" } : { name: plain.slice(0, gap), figure: plain.slice(gap + 1) };
  }
  const before = plain.slice(0, first);
  const cut = first - (FIRST_SIGNS.exec(before)?.[0] ?? "").length;
  return { name: withoutRim(plain.slice(0, cut)), figure: withoutRim(plain.slice(cut)) };
}
