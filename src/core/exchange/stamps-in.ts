const BETWEEN = /\s*(?:[,;+&]|\band\b)\s*/i;
/** `2 × 6203`, `2x 6203`, `2 pcs 6203` */
const COUNTED = /^([2-4])\s*(?:[x×*]|pcs?\.?|pieces)\s*(?=\S)/i;

/**
 * The bearings a line names: people write both ends on one line.
 * @param line as typed
 * @returns a stamp each
 * @example stampsIn("6203-2RS C3 and 6202-2RS C3") // two
 * @example stampsIn("2 × 6203-2RS") // the same twice
 */
export const stampsIn = (line: string): readonly string[] =>
  line
    .split(BETWEEN)
    .filter((text) => text !== "")
    .flatMap((text) => {
      const count = Number(COUNTED.exec(text)?.[1] ?? 1);
      return Array.from({ length: count }, () => text.replace(COUNTED, ""));
    });
