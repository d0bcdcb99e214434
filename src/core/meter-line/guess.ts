import { FUNCTION_WORDS, OVERLOAD_WORDS, UNIT_WORDS } from "./functions";

const FIGURE = /[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d{1,3})?(?![\w.])|[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?=[A-Za-zµΩ°%])/g;
const WORD = /^[A-Za-zµμΩΩ°%]+/;
const MOST_TRIED = 50;

const isOverWord = (word: string): boolean => OVERLOAD_WORDS.includes(word.toUpperCase());
const isUnitWord = (word: string): boolean => Object.hasOwn(UNIT_WORDS, word);
const isFunctionWord = (word: string): boolean => Object.hasOwn(FUNCTION_WORDS, word.toUpperCase());

/** A line with its figure, its unit and its function named. */
function guessLine(line: string): string | null {
  const over = line.match(/[A-Za-z0.-]+/g)?.find(isOverWord);
  const figures = [...line.matchAll(FIGURE)];
  // Where several stand there, the one in front of a unit is meant.
  const found =
    figures.find(({ 0: text, index }) => isUnitWord(WORD.exec(line.slice(index + text.length).trimStart())?.[0] ?? "")) ?? figures[0];
  const figure = over ?? found?.[0];
  if (figure === undefined || /[<>]/.test(line)) return null;
  const at = over === undefined ? (found?.index ?? 0) : line.indexOf(over);
  const named = { unit: false, function: false };
  const name = (text: string): string =>
    text.replace(/[A-Za-zµμΩΩ°%][A-Za-zµμΩΩ°%:~]*/g, (word) => {
      if (!named.unit && isUnitWord(word)) {
        named.unit = true;
        return "<unit>";
      }
      if (!named.function && isFunctionWord(word)) {
        named.function = true;
        return "<function>";
      }
      return word;
    });
  // What stands behind the figure is looked at first: units stand there.
  const behind = name(line.slice(at + figure.length));
  const front = name(line.slice(0, at));
  return `${front}<value>${behind}`.replace(/\s+/g, " ").trim();
}

/**
 * Ways the lines of a meter are built, from lines of it that were copied: the figure, a unit that is known, a word for what it is
 * set to; everything else stands for itself.
 * @param pasted lines as text
 * @returns each way once, the commonest first; none where no line has a figure
 * @example guessLines("RES,4.712,kohm") = ["<function>,<value>,<unit>"]
 */
export function guessLines(pasted: string): string[] {
  const counts = new Map<string, number>();
  for (const line of pasted.split(/\r\n|\r|\n/, MOST_TRIED)) {
    const guess = guessLine(line.trim());
    if (guess !== null) counts.set(guess, (counts.get(guess) ?? 0) + 1);
  }
  return [...counts].sort(([, a], [, b]) => b - a).map(([guess]) => guess);
}
