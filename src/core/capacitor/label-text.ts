/*
 * Recognising the parts of a capacitor label in its text. Each taker removes what it understood, so that no figure is
 * read twice; what is left over is kept as notes.
 */

export const NUM = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`;
/** Microfarads in every usual spelling; `u` alone only where nothing goes on behind it. */
export const UF = String.raw`(?:u\s?f\s?d?|micro\s?farads?|micros?|mfds?|m\s?f\s?d|mf|u(?![a-z]))(?![a-z])\.?`;
export const NF = String.raw`n\s?f(?![a-z])\.?`;
/** Voltages printed on motor capacitors; a bare number of these beside a capacitance is taken as volts. */
export const USUAL_VOLTS: readonly number[] = [
  110, 115, 125, 165, 220, 230, 240, 250, 275, 300, 320, 330, 370, 400, 415, 425, 440, 450, 460, 475, 480, 500, 525,
];

const VULGAR: Readonly<Record<string, string>> = { "½": "1/2", "¼": "1/4", "¾": "3/4" };

/** Lower case, one spelling for mu, minus, plus-minus and the decimal point; units parted from what is glued to them. */
export function normaliseLabel(text: string): string {
  return (
    text
      .replace(/(\d)\s*([½¼¾])/g, (_, digit: string, sign: string) => `${digit} ${VULGAR[sign] ?? ""}`)
      .normalize("NFKC")
      .replace(/[\u2126\u03a9]/g, "ω")
      .replace(/[\u03bc\u00b5]/g, "u")
      .replace(/[\u2212\u2010-\u2014]/g, "-")
      .toLowerCase()
      .replace(/ω/g, "ω")
      .replace(/мкф/g, "uf")
      .replace(/(\d)\s*в(?![а-я])/g, "$1 v")
      .replace(/[”″]|''/g, '"')
      .replace(/\+\s*\/\s*-|\+-|\+\s*or\s*-|plus\s*\/?\s*minus/g, "±")
      .replace(/per\s?cent/g, "%")
      // Figures of a hand: an O between figures is a nought.
      .replace(/(?<=\d)o(?=\s*(?:uf|mfd|mf|v|vac|hz)\b|\s|$)/g, "0")
      // A range's dots and its division sign.
      .replace(/(\d)\s*(?:\.\.+|…|÷)\s*(\d)/g, "$1-$2")
      .replace(/(\d)~(?=\d)/g, "$1-")
      .replace(/(\d),(?=\d{1,2}(?!\d)|\d{4})/g, "$1.")
      .replace(/(uf|mfds?|vac|v~|hz)(?=\d)/g, "$1 ")
  );
}

/** Takes the first match out of the text, leaving a gap. */
export class Remainder {
  constructor(public text: string) {}
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text);
    if (match) this.text = `${this.text.slice(0, match.index)} | ${this.text.slice(match.index + match[0].length)}`;
    return match;
  }
  /** Every match in turn, from the first on. */
  takeAll(pattern: RegExp): RegExpExecArray[] {
    const found: RegExpExecArray[] = [];
    for (let match = this.take(pattern); match && found.length < 20; match = this.take(pattern)) found.push(match);
    return found;
  }
}

/** Allowed deviation from the rated value, in percent; low is zero or negative. */
export interface Tolerance {
  readonly lowPercent: number;
  readonly highPercent: number;
}

const SIGNED = (sign: "+" | "-"): string => String.raw`[${sign}]\s*(${NUM})\s*%?`;
const BETWEEN = String.raw`\s*(?:[/,]|to)?\s*`;

/** Spellings of a tolerance, the most specific first. */
const TOLERANCES: readonly { readonly pattern: RegExp; readonly read: (m: readonly string[]) => Tolerance }[] = [
  {
    pattern: new RegExp(String.raw`(?<![\d.])${SIGNED("-")}${BETWEEN}\+\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[2]) }),
  },
  {
    pattern: new RegExp(String.raw`${SIGNED("+")}${BETWEEN}-\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[2]), highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`(?<![\d.])0\s*%?\s*/?\s*\+\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: 0, highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`±\s*(${NUM})\s*%?(?!\s*(?:${UF}))`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`(?<![\d.+-])(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[1]) }),
  },
  // One side alone: the other is nought.
  { pattern: new RegExp(String.raw`\+\s*(${NUM})\s*%`), read: (m) => ({ lowPercent: 0, highPercent: Number(m[1]) }) },
  { pattern: new RegExp(String.raw`(?<![\d.])-\s*(${NUM})\s*%`), read: (m) => ({ lowPercent: -Number(m[1]), highPercent: 0 }) },
];
/** Wider than any capacitor of this trade is sold with. */
const MOST_PERCENT = 100;

/** Letters that stand for a tolerance right behind the unit. @source IEC 60062, table 9 */
const LETTERS: Readonly<Record<string, number>> = { g: 2, h: 3, j: 5, k: 10, m: 20 };
const LETTER = new RegExp(String.raw`(?<=${UF}\s*)\(?([ghjkm])\)?(?=[\s|,;]|$)`);

// "-0" would print as another text than it was read from.
const clean = ({ lowPercent, highPercent }: Tolerance): Tolerance => ({ lowPercent: lowPercent + 0, highPercent: highPercent + 0 });

export function takeTolerance(rest: Remainder): Tolerance | null {
  for (const { pattern, read } of TOLERANCES) {
    const match = rest.take(pattern);
    if (!match) continue;
    const found = clean(read(match));
    return Math.max(-found.lowPercent, found.highPercent) <= MOST_PERCENT ? found : null;
  }
  const percent = LETTERS[rest.take(LETTER)?.[1] ?? ""];
  return percent === undefined ? null : { lowPercent: -percent, highPercent: percent };
}

/** `±1.25 µF`: a tolerance in the unit of the value. */
export function takeAbsoluteTolerance(rest: Remainder): number | null {
  const match = rest.take(new RegExp(String.raw`±\s*(${NUM})\s*${UF}`));
  return match ? Number(match[1]) : null;
}

const AC = String.raw`(?:w?v\s*~|~\s*v|w?v\.?\s?a\.?\s?c\.?|ac\s?v|v\s?eff|v\s?rms|v\s?db?|volts?|v)`;
const VOLT_UNIT = String.raw`${AC}(?!\s*\.?\s*d\.?\s?c)(?:\s*(?:ac|~))*(?![a-z])`;
const DC_VOLTS = new RegExp(String.raw`(?<![\d.])\d{2,4}\s*v(?:olts?)?\s*\.?\s*d\.?\s?c(?![a-z])`);
const VOLTS = new RegExp(String.raw`(?<![\d.])(?:(\d{3})\s*[/-]\s*)?(\d{2,4})\s*${VOLT_UNIT}`);
const VOLTS_NAMED = new RegExp(String.raw`(?<![a-z\d])(?:vac|wvac|volts?|un|v)\s*[:=]?\s*(\d{3})(?![\d.%])(?!\s*(?:${UF}))`);

/** The highest of all AC volts on it: a part made for several bears the highest; classes and brackets change nothing. */
export function takeVolts(rest: Remainder): number | null {
  rest.takeAll(DC_VOLTS);
  const found = rest.takeAll(VOLTS).flatMap((match) => [match[1], match[2]].filter((text) => text !== undefined).map(Number));
  const named = found.length > 0 ? [] : rest.takeAll(VOLTS_NAMED).map((match) => Number(match[1]));
  const all = [...found, ...named];
  return all.length === 0 ? null : Math.max(...all);
}

/** Every bare figure that is a usual voltage; `370/440` is one. */
export function takeBareVolts(rest: Remainder): number | null {
  const found: number[] = [];
  rest.text = rest.text.replace(/(?<![\d.+-])(\d{3})(?![\d.%+-])/g, (text) => {
    if (!USUAL_VOLTS.includes(Number(text))) return text;
    found.push(Number(text));
    return " | ";
  });
  return found.length === 0 ? null : Math.max(...found);
}

const HZ = String.raw`(?:hz|c\/s|cycles?|cyc?|cps)(?![a-z])`;
const HERTZ = [
  new RegExp(String.raw`(?<![\d.])(50|60)\s*(?:${HZ})?\s*[/,\s-]\s*(50|60)\s*${HZ}`),
  new RegExp(String.raw`(?<![\d.])(50|60)\s*${HZ}`),
  /(?<![a-z])hz\s*[:=]?\s*(50|60)(?:\s*[/,-]\s*(50|60))?(?![\d.])(?!\s*(?:u\s?f|mfd|mf))/,
];

export function takeFrequency(rest: Remainder): number[] {
  for (const pattern of HERTZ) {
    const match = rest.take(pattern);
    if (match) return [Number(match[1]), ...(match[2] ? [Number(match[2])] : [])];
  }
  return [];
}

/** Air temperatures the part is made for; the lower one is often not printed. */
export interface TemperatureRange {
  readonly minC: number | null;
  readonly maxC: number;
}

/** A temperature range (`-40/+70 °C`), a climatic category (`40/085/21`: −40 to 85 °C, 21 days damp), or a highest temperature. */
export function takeTemperature(rest: Remainder): TemperatureRange | null {
  const range = rest.take(/-\s?(\d{2})\s*(?:°\s*c?|c)?\s*(?:\/|\.\.\.?|…|to|-|~)+\s*\+?\s*(\d{2,3})\s*°?\s*c(?![a-z])/);
  // Taken out beside a range too, or its slashes would be read as a dual.
  const category = rest.take(/(?<!\d)(\d{2})\/(\d{2,3})\/(?:21|56|10|04)(?!\d)(?:\s*°?\s*c(?![a-z]))?/);
  if (range) return { minC: -Number(range[1]), maxC: Number(range[2]) };
  if (category) return { minC: -Number(category[1]), maxC: Number(category[2]) };
  const highest = rest.take(/(?<![\d.])\+?(\d{2}|1[0-2]\d)\s*°?\s*c(?![a-z])(?!\s*\d+\s*(?:herm|fan))/);
  return highest ? { minC: null, maxC: Number(highest[1]) } : null;
}

/** What happens inside when the part fails: P0–P2 (older) or S0–S3, IEC 60252-1. */
export function takeProtection(rest: Remainder): string | null {
  return rest.take(/(?<![a-z\d])(p[0-2]|s[0-3])(?![a-z\d])/)?.[1]?.toUpperCase() ?? null;
}

/** A dot, arrow or dash on the terminal that belongs to the line (run) side. */
export function takeLineMark(rest: Remainder): boolean {
  return rest.take(/(?<![a-z])(?:line\s?mark|marked|red\s?dot|dot|arrow|dash)(?![a-z])|[●•►▶→]/) !== null;
}

const TERMINALS = "hermetic|herm|fan|compressor|comp|h|f";
const FIGURE_THEN_NAME = new RegExp(String.raw`(?<![\d.])(${NUM})\s*(?:${UF})?\s*\(?\s*(${TERMINALS})\b\s*\)?`, "g");
const NAME_THEN_FIGURE = new RegExp(String.raw`\b(${TERMINALS})\s*[:=]?\s*(${NUM})\s*(?:${UF})?`, "g");
const STARTS_WITH_NAME = new RegExp(String.raw`^[\s|c+-]*(?:${TERMINALS})(?![a-z])`);
const EVERY_UF = new RegExp(UF, "g");
/** One name a terminal, however it is spelled. */
const TERMINAL_NAMES: Record<string, string> = { hermetic: "HERM", compressor: "HERM", comp: "HERM", h: "HERM", f: "FAN" };
const terminalName = (word: string): string => TERMINAL_NAMES[word] ?? word.toUpperCase();

/** `C 45 HERM 5 FAN µF` or `HERM 45 FAN 5 µF`: figure and terminal name in turn. */
export function takeNamedSections(rest: Remainder): { uf: number; terminal: string }[] | null {
  const startsWithName = STARTS_WITH_NAME.test(rest.text);
  const pattern = startsWithName ? NAME_THEN_FIGURE : FIGURE_THEN_NAME;
  // H and F glued to their figures name terminals too, where both are there: H45 F5.
  const text = rest.text.replace(/(?<![a-z\d])([hf])(\d)/g, "$1 $2");
  const found = [...text.matchAll(pattern)].map((m) =>
    startsWithName ? { uf: Number(m[2]), terminal: terminalName(m[1] ?? "") } : { uf: Number(m[1]), terminal: terminalName(m[2] ?? "") },
  );
  if (found.length < 2 || new Set(found.map(({ terminal }) => terminal)).size < found.length) return null;
  rest.text = text
    .replace(pattern, " | ")
    .replace(EVERY_UF, " ")
    .replace(/(^|\s)c(?=\s)/, " ");
  return found;
}
