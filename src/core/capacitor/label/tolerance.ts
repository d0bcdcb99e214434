import { NUM, UF } from "./spelling";
import { PERCENT, type Strike } from "./strike";

/** Allowed deviation from the rated value, in percent; low is zero or negative. */
export interface Tolerance {
  readonly lowPercent: number;
  readonly highPercent: number;
}

/** A percentage as printed, before it is known what it is about. */
export interface Percent {
  readonly at: number;
  readonly text: string;
  readonly tolerance: Tolerance;
  /** written with a sign, as only a deviation is */
  readonly isSigned: boolean;
}

const BETWEEN = String.raw`\s*(?:[/,~÷]|\.{2,}|…|to|bis)?\s*`;

interface Spelling {
  readonly pattern: RegExp;
  readonly read: (m: readonly string[]) => Tolerance;
  readonly isSigned: boolean;
}

const signed = (pattern: string, read: Spelling["read"]): Spelling => ({ pattern: new RegExp(pattern), read, isSigned: true });
const both = (m: readonly string[]): Tolerance => ({ lowPercent: -Number(m[1]), highPercent: Number(m[1]) });

/** Spellings of a deviation, the most specific first. */
const SPELLINGS: readonly Spelling[] = [
  signed(String.raw`(?<!\d\.?)-\s*(${NUM})\s*%?${BETWEEN}\+\s*(${NUM})\s*%`, (m) => ({
    lowPercent: -Number(m[1]),
    highPercent: Number(m[2]),
  })),
  signed(String.raw`(?<=\d)-\s*(${NUM})\s*%?${BETWEEN}\+\s*(${NUM})\s*%`, (m) => ({
    lowPercent: -Number(m[1]),
    highPercent: Number(m[2]),
  })),
  // A dash with blanks on both sides parts two parts of a label, unless each is a percentage: 55+5 - 1.7 % ED.
  signed(String.raw`\+\s*(${NUM})(?:\s*%${BETWEEN}-\s*|\s*[/,~÷]\s*-\s*|\s*-(?!\s)|\s*to\s*-\s*)(${NUM})\s*%`, (m) => ({
    lowPercent: -Number(m[2]),
    highPercent: Number(m[1]),
  })),
  signed(String.raw`(?<![\d.])0\s*%?\s*/?\s*\+\s*(${NUM})\s*%`, (m) => ({ lowPercent: 0, highPercent: Number(m[1]) })),
  signed(String.raw`±\s*(${NUM})\s*%?(?!\s*(?:${UF}))`, both),
  { pattern: new RegExp(String.raw`(?<![\d.+-])(${NUM})\s*%`), read: both, isSigned: false },
  // One side alone: the other is nought.
  signed(String.raw`\+\s*(${NUM})\s*%`, (m) => ({ lowPercent: 0, highPercent: Number(m[1]) })),
  signed(String.raw`(?<!\d\.?)-\s*(${NUM})\s*%`, (m) => ({ lowPercent: -Number(m[1]), highPercent: 0 })),
];

// "-0" would print as another text than it was read from.
const clean = ({ lowPercent, highPercent }: Tolerance): Tolerance => ({ lowPercent: lowPercent + 0, highPercent: highPercent + 0 });

/** Every percentage on the label, in the order of their places. */
export function takePercents(rest: Strike): readonly Percent[] {
  return SPELLINGS.flatMap(({ pattern, read, isSigned }) =>
    rest.out(pattern, PERCENT).map((match) => ({ at: match.index, text: match[0].trim(), tolerance: clean(read(match)), isSigned })),
  ).sort((a, b) => a.at - b.at);
}

/** `±1.25 µF`: a tolerance in the unit of the value. */
export function takeAbsoluteTolerance(rest: Strike): number | null {
  const [match] = rest.out(new RegExp(String.raw`±\s*(${NUM})\s*${UF}`), PERCENT, true);
  return match ? Number(match[1]) : null;
}

/** Letters that stand for a tolerance right behind the unit. @source IEC 60062, table 9 */
const LETTERS: Readonly<Record<string, number>> = { g: 2, h: 3, j: 5, k: 10, m: 20 };
const LETTER = new RegExp(String.raw`(?<=${UF}\s*)\(?([ghjkm])\)?(?=[\s|,;]|$)`);

export function takeLetter(rest: Strike): Tolerance | null {
  const percent = LETTERS[rest.out(LETTER, PERCENT, true)[0]?.[1] ?? ""];
  return percent === undefined ? null : { lowPercent: -percent, highPercent: percent };
}

/* What a percentage may be about. Humidity, duty, losses and overvoltage stand on many cans. */
interface About {
  readonly what: "tolerance" | "humidity" | "duty" | "losses" | "overvoltage";
  readonly words: RegExp;
  /** percentages that are usual of it: where two could be it, these tell */
  readonly isUsual: (percent: number) => boolean;
}

export const ABOUT: readonly About[] = [
  { what: "tolerance", words: /tol[a-zé]*\.?/, isUsual: (percent) => percent >= 1 && percent <= 50 },
  { what: "humidity", words: /r\.?\s?h\.?|r\.?\s?f\.?|hum(?:idity|\.)?|feuchte|damp/, isUsual: (percent) => percent >= 40 },
  {
    what: "duty",
    words: /e\.?d\.?|d\.?b\.?|a\.?b\.?|duty(?:\s?cycle)?|einschaltdauer/,
    // IEC 60252-2 names 1.7 and 3 %.
    isUsual: (percent) => [0.2, 0.55, 1, 1.67, 1.7, 2, 3].includes(percent),
  },
  {
    what: "losses",
    words: /d\.?f\.?|tan\s?(?:d(?:elta)?|δ)|tg\s?(?:d(?:elta)?|δ)|(?:dissipation|loss)\s?factor|loss(?:es)?/,
    isUsual: (percent) => percent <= 2,
  },
  { what: "overvoltage", words: /over\s?-?volt(?:age|s)?|o\.?v\.?/, isUsual: (percent) => percent >= 100 && percent <= 200 },
];

/** Deviations that capacitors are sold with. */
const USUAL_TOLERANCES: readonly number[] = [1, 2, 2.5, 3, 4, 5, 6, 7.5, 8, 10, 15, 20, 25, 30, 40, 50];
/** Wider than any capacitor of this trade is sold with. */
export const MOST_PERCENT = 100;

/** Whether a deviation is one that capacitors are sold with. */
export const isUsualTolerance = ({ lowPercent, highPercent }: Tolerance): boolean =>
  [-lowPercent, highPercent].every((percent) => percent === 0 || USUAL_TOLERANCES.includes(percent));
