/*
 * Recognising the parts of a capacitor label in its text. Each taker removes what it understood, so that no figure is
 * read twice; what is left over is kept as notes.
 */

const NUM = String.raw`\d+(?:\.\d+)?|\.\d+`;
const UF = String.raw`(?:u\s?fd?|mfd|mf)\b\.?`;
/** Voltages printed on motor capacitors; a bare number of these beside a capacitance is taken as volts. */
const USUAL_VOLTS: readonly number[] = [
  110, 115, 125, 165, 220, 230, 240, 250, 275, 300, 320, 330, 370, 400, 415, 425, 440, 450, 460, 475, 480, 500, 525,
];

/** Lower case, one spelling for mu, minus, plus-minus and the decimal point. */
export function normaliseLabel(text: string): string {
  return text
    .normalize("NFKC")
    .replace(/[\u03bc\u00b5]/g, "u")
    .replace(/[\u2212\u2010-\u2014]/g, "-")
    .replace(/\+\s*\/\s*-|\+-/g, "±")
    .replace(/(\d),(\d)/g, "$1.$2")
    .toLowerCase();
}

/** Takes the first match out of the text, leaving a gap. */
export class Remainder {
  constructor(public text: string) {}
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text);
    if (match) this.text = `${this.text.slice(0, match.index)} | ${this.text.slice(match.index + match[0].length)}`;
    return match;
  }
}

/** Allowed deviation from the rated value, in percent; low is zero or negative. */
export interface Tolerance {
  readonly lowPercent: number;
  readonly highPercent: number;
}

/** Spellings of a tolerance, the most specific first. */
const TOLERANCES: readonly { readonly pattern: RegExp; readonly read: (m: readonly string[]) => Tolerance }[] = [
  {
    pattern: new RegExp(String.raw`±\s*(${NUM})\s*%?(?=\s|$|\||[a-z])`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`(?<![\d.])-\s*(${NUM})\s*%?\s*[/,]?\s*\+\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[2]) }),
  },
  {
    pattern: new RegExp(String.raw`\+\s*(${NUM})\s*%?\s*[/,]?\s*-\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[2]), highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`(?<![\d.])0\s*/\s*\+\s*(${NUM})\s*%`),
    read: (m) => ({ lowPercent: 0, highPercent: Number(m[1]) }),
  },
  {
    pattern: new RegExp(String.raw`(?<![\d.+-])(${NUM})\s*%`),
    read: (m) => ({ lowPercent: -Number(m[1]), highPercent: Number(m[1]) }),
  },
];

export function takeTolerance(rest: Remainder): Tolerance | null {
  for (const { pattern, read } of TOLERANCES) {
    const match = rest.take(pattern);
    // "-0" would print as another text than it was read from.
    if (match) return Object.fromEntries(Object.entries(read(match)).map(([key, value]) => [key, value + 0])) as unknown as Tolerance;
  }
  return null;
}

const VOLT_UNIT = String.raw`(?:v\s*~|~\s*v|v\.?\s?a\.?\s?c\.?|ac\s?v|volts?|v)(?![a-z])`;
const EITHER_VOLTS = new RegExp(String.raw`(?<![\d.+])(\d{3})\s*/\s*(\d{3})\s*${VOLT_UNIT}`);
const ONE_VOLTS = new RegExp(String.raw`(?<![\d.])(\d{2,3})\s*${VOLT_UNIT}`);

/** `370/440 V`: the part is made for either, so it bears the higher. */
export function takeVolts(rest: Remainder): number | null {
  const either = rest.take(EITHER_VOLTS);
  if (either) return Math.max(Number(either[1]), Number(either[2]));
  const single = rest.take(ONE_VOLTS);
  return single ? Number(single[1]) : null;
}

export function takeBareVolts(rest: Remainder): number | null {
  for (const match of rest.text.matchAll(/(?<![\d.+-])(\d{3})(?![\d.%])/g)) {
    const value = Number(match[1]);
    if (!USUAL_VOLTS.includes(value)) continue;
    rest.text = `${rest.text.slice(0, match.index)} | ${rest.text.slice(match.index + 3)}`;
    return value;
  }
  return null;
}

export function takeFrequency(rest: Remainder): number[] {
  const match = rest.take(/(?<![\d.])(50|60)(?:\s*[/-]\s*(50|60))?\s*(?:hz|c\/s|cycles?)/);
  return match ? [Number(match[1]), ...(match[2] ? [Number(match[2])] : [])] : [];
}

/** Air temperatures the part is made for; the lower one is often not printed. */
export interface TemperatureRange {
  readonly minC: number | null;
  readonly maxC: number;
}

/** A temperature range (`-40/+70 °C`), a climatic category (`40/085/21`: −40 to 85 °C, 21 days damp), or a highest temperature. */
export function takeTemperature(rest: Remainder): TemperatureRange | null {
  const range = rest.take(/-\s?(\d{2})\s*(?:°\s*c)?\s*(?:\/|\.\.\.?|…|to|-)\s*\+?\s*(\d{2,3})\s*°?\s*c\b/);
  // Taken out beside a range too, or its slashes would be read as a dual.
  const category = rest.take(/(?<!\d)(\d{2})\/(\d{3})\/\d{2}(?!\d)/);
  if (range) return { minC: -Number(range[1]), maxC: Number(range[2]) };
  if (category) return { minC: -Number(category[1]), maxC: Number(category[2]) };
  const highest = rest.take(/(?<![\d.])\+?(\d{2,3})\s*°\s*c\b/);
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

const TERMINALS = "herm|fan|comp|hermetic|compressor";
const FIGURE_THEN_NAME = new RegExp(String.raw`(?<![\d.])(${NUM})\s*(?:${UF})?\s*(${TERMINALS})\b`, "g");
const NAME_THEN_FIGURE = new RegExp(String.raw`\b(${TERMINALS})\s*:?\s*(${NUM})\s*(?:${UF})?`, "g");
const STARTS_WITH_NAME = new RegExp(String.raw`^[\s|c+-]*(?:${TERMINALS})\b`);
const EVERY_UF = new RegExp(UF, "g");
/** One name a terminal, however it is spelled. */
const TERMINAL_NAMES: Record<string, string> = { hermetic: "HERM", compressor: "HERM", comp: "HERM" };
const terminalName = (word: string): string => TERMINAL_NAMES[word] ?? word.toUpperCase();

/** `C 45 HERM 5 FAN µF` or `HERM 45 FAN 5 µF`: figure and terminal name in turn. */
export function takeNamedSections(rest: Remainder): { uf: number; terminal: string }[] | null {
  const startsWithName = STARTS_WITH_NAME.test(rest.text);
  const pattern = startsWithName ? NAME_THEN_FIGURE : FIGURE_THEN_NAME;
  const found = [...rest.text.matchAll(pattern)].map((m) =>
    startsWithName ? { uf: Number(m[2]), terminal: terminalName(m[1] ?? "") } : { uf: Number(m[1]), terminal: terminalName(m[2] ?? "") },
  );
  if (found.length < 2) return null;
  rest.text = rest.text
    .replace(pattern, " | ")
    .replace(EVERY_UF, " ")
    .replace(/(^|\s)c(?=\s)/, " ");
  return found;
}

const RANGE = new RegExp(String.raw`(?<![\d.])(${NUM})\s*(?:${UF})?\s*(?:-|to)\s*(${NUM})\s*${UF}`);
const SEVERAL = new RegExp(String.raw`(?<![\d.])(${NUM})(?:\s*(?:${UF})?\s*[+/]\s*(${NUM}))(?:\s*[+/]\s*(${NUM}))?\s*${UF}`);
const SINGLE = new RegExp(String.raw`(?<![\d.])(${NUM})\s*${UF}`);
const UNIT_FIRST = new RegExp(String.raw`${UF}\s*[:=]?\s*(${NUM})(?![\d.%])`);
const WITHOUT_UNIT = new RegExp(String.raw`(?<![\d.])(${NUM})(?:\s*[+/]\s*(${NUM}))?(?![\d.%])`);

/** Capacitances of the label: a printed range, or one nominal a section. */
export interface LabelFigures {
  readonly nominalsUf: readonly number[];
  readonly rangeUf: readonly [number, number] | null;
}

export function takeFigures(rest: Remainder): LabelFigures | null {
  const range = rest.take(RANGE);
  if (range) return { nominalsUf: [], rangeUf: [Number(range[1]), Number(range[2])] };
  const several = rest.take(SEVERAL);
  if (several) return { nominalsUf: several.slice(1).filter(Boolean).map(Number), rangeUf: null };
  const single = rest.take(SINGLE) ?? rest.take(UNIT_FIRST);
  return single ? { nominalsUf: [Number(single[1])], rangeUf: null } : null;
}

/** A label keyed in a hurry without its unit: `35/5 440`, `17.5 440`. */
export function takeFiguresWithoutUnit(rest: Remainder): number[] {
  const match = rest.take(WITHOUT_UNIT);
  return match ? match.slice(1).filter(Boolean).map(Number) : [];
}
