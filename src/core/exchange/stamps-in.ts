const BETWEEN = /\s*(?:[,;+&]|\band\b)\s*/i;
/** `2 × 6203`, `2x6203`, `2 pcs 6203`, `two 6203`, `pair of 6203` */
const COUNTED = /^(?:([2-4])\s*(?:[x×*]|pcs?\.?|pieces|off|no\.?)\s*|(two|both|a pair of|pair of|three|four)\s+)(?=\S)/i;
/** `6203 (2)`, `6203 x2`, `6203, both` */
const COUNTED_BEHIND = /\s*(?:\(([2-4])\)|[x×*]\s*([2-4])|\b(both|twice))\s*$/i;
const IN_WORDS: Readonly<Record<string, number>> = { two: 2, both: 2, twice: 2, three: 3, four: 4 };
/** What stands there in words beside a stamp is no stamp: how it felt, where it sat. */
const IS_STAMP = /\d/;

const countOf = (match: RegExpExecArray | null): number => {
  const [figure, words] = [match?.slice(1).find((each) => each !== undefined && IS_STAMP.test(each)), match?.slice(1).find(Boolean)];
  if (figure !== undefined) return Number(figure);
  return words === undefined ? 1 : (IN_WORDS[words.toLowerCase()] ?? 2);
};

/**
 * The bearings a line names: people write both ends on one line, and how they felt beside it.
 * @param line as typed
 * @returns a stamp each
 * @example stampsIn("6203-2RS C3 and 6202-2RS C3") // two
 * @example stampsIn("two 6203-2RS, rough") // the same twice
 */
export const stampsIn = (line: string): readonly string[] =>
  line
    .split(BETWEEN)
    .filter((text) => text !== "" && IS_STAMP.test(text.replace(COUNTED, "")))
    .flatMap((text) => {
      const before = COUNTED.exec(text);
      const own = text.replace(COUNTED, "");
      const behind = COUNTED_BEHIND.exec(own);
      const stamp = own.replace(COUNTED_BEHIND, "");
      return Array.from({ length: Math.max(countOf(before), countOf(behind)) }, () => stamp);
    });
