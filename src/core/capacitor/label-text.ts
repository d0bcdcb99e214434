/*
 * Recognising the parts of a capacitor label in its text. Each taker removes what it understood, so that no figure is
 * read twice; what is left over is kept as notes.
 */

const NUM = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`;
/** Microfarads in every usual spelling; `u` alone only where nothing goes on behind it. */
const UF = String.raw`(?:u\s?f\s?d?|micro\s?farads?|micros?|mfds?|m\s?f\s?d|mf|u(?![a-z]))(?![a-z])\.?`;
const NF = String.raw`n\s?f(?![a-z])\.?`;
/** Voltages printed on motor capacitors; a bare number of these beside a capacitance is taken as volts. */
const USUAL_VOLTS: readonly number[] = [
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

const HEAD = String.raw`(?<![\d.a-z])`;
const RANGE = new RegExp(String.raw`${HEAD}(${NUM})\s*(?:${UF})?\s*(?:-|to)\s*(${NUM})\s*${UF}`);
const BESIDE = new RegExp(String.raw`${HEAD}(\d+)\s+(\d+)\s*${UF}`);
const SEVERAL = new RegExp(
  String.raw`${HEAD}(${NUM})\s*(?:${UF})?\s*(?:[+/&]|and)\s*(${NUM})(?:\s*(?:${UF})?\s*(?:[+/&]|and)\s*(${NUM}))?\s*${UF}`,
);
/** Sections each with its own tolerance: `40±6%+5±10% µF`, `40 µF ±6% + 5 µF ±6%`. */
const TOLERANCE = String.raw`\s*±\s*(${NUM})\s*%?\s*`;
const SEVERAL_WITH_TOLERANCE = new RegExp(
  String.raw`${HEAD}(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?\s*\+\s*(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?(?:\+\s*(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?)?`,
);
const SINGLE = new RegExp(String.raw`${HEAD}(${NUM})\s*${UF}`);
const NANO = new RegExp(String.raw`${HEAD}(${NUM})\s*${NF}`);
const WHOLE_AND_FRACTION = new RegExp(String.raw`${HEAD}(\d+)\s*[\s-]\s*([1357])\s*/\s*([248])\s*${UF}`);
const LONE_FRACTION = new RegExp(String.raw`${HEAD}([1357])\s*/\s*([248])\s*${UF}`);
/** Comma and three figures: thousands to one hand, decimals to another. */
const COMMA_AND_THREE = new RegExp(String.raw`${HEAD}([1-9]\d{0,2}),(\d{3})\s*(${UF})`);
const UNIT_FIRST = new RegExp(String.raw`(?<![a-z\d])(?:${UF}|cn)\s*[:=]?\s*(${NUM})(?:\s*(-|\+|/)\s*(${NUM}))?(?![\d.%])`);
/** `MFD 88-108 VAC 330`: names before figures all through, so that the volts' name does not take the figure before it. */
const NAMES_FIRST = new RegExp(
  String.raw`(?<![a-z\d])(?:${UF}|cn)\s*[:=]?\s*(${NUM})(?:\s*(-|\+|/)\s*(${NUM}))?\s*[,;|]?\s*(?:vac|wvac|volts?|un|v)\s*[:=]?\s*(\d{3})(?!\d)`,
);

/** One section as printed, with a tolerance of its own where it has one. */
export interface NominalFigure {
  readonly uf: number;
  readonly tolerance: Tolerance | null;
}

/** Capacitances of the label: a printed range, or one nominal a section; or why a person must say which. */
export type LabelFigures =
  | { readonly kind: "nominals"; readonly nominals: readonly NominalFigure[]; readonly ratedV?: number }
  | { readonly kind: "range"; readonly rangeUf: readonly [number, number]; readonly ratedV?: number }
  | { readonly kind: "two-ways"; readonly readings: readonly [string, string] };

const nominals = (...values: readonly (string | undefined)[]): LabelFigures => ({
  kind: "nominals",
  nominals: values.filter((text) => text !== undefined).map((text) => ({ uf: Number(text), tolerance: null })),
});
const range = (low: string | undefined, high: string | undefined): LabelFigures => ({
  kind: "range",
  rangeUf: [Number(low), Number(high)],
});

/** Ends of a printed start range lie so far apart; two figures side by side that do are one. */
const isRangeLike = (low: number, high: number): boolean => high / low > 1.1 && high / low < 1.35 && low >= 20;
/** Two figures with a dash between lie no farther apart than this, or they are no range. */
const MOST_RATIO = 2;
/** No can has a run and a start part in it: above this a second figure is another part. */
export const MOST_SECTION_UF = 110;
/** Behind this many volts a part of a thousand microfarads does not exist. */
const RUN_VOLTS = 370;

/**
 * Two figures joined by a sign. A dash is a range, where its ends lie as a range's do; a stroke parts two sections, or the ends of a start
 * range: their size and the volts tell which.
 */
function joined(first: string, sign: string | undefined, second: string | undefined, ratedV: number | null): LabelFigures {
  if (second === undefined) return nominals(first);
  const [low, high] = [Number(first), Number(second)];
  if (sign === "-" || sign === "to") {
    if (high <= low || high / low <= MOST_RATIO) return range(first, second);
    if (ratedV === null && USUAL_VOLTS.includes(high)) return { ...nominals(first), ratedV: high } as LabelFigures;
    return { kind: "two-ways", readings: [`${first} µF`, `${second} µF`] };
  }
  if (sign !== "/" || !isRangeLike(low, high)) return nominals(first, second);
  if (high > MOST_SECTION_UF || (ratedV !== null && ratedV < RUN_VOLTS)) return range(first, second);
  if (ratedV !== null) return nominals(first, second);
  return { kind: "two-ways", readings: [`${first}-${second} µF`, `${first}+${second} µF`] };
}

/** Where names stand before figures all through; taken before the volts are. */
export function takeNamesFirst(rest: Remainder): LabelFigures | null {
  // A figure before the first unit belongs to it.
  if (new RegExp(String.raw`${NUM}\s*${UF}`).test(rest.text)) return null;
  const match = rest.take(NAMES_FIRST);
  if (!match) return null;
  const ratedV = Number(match[4]);
  return { ...joined(match[1] ?? "", match[2], match[3], ratedV), ratedV } as LabelFigures;
}

/** Sections that each carry a tolerance; taken before the tolerances are. */
export function takeWithTolerances(rest: Remainder): LabelFigures | null {
  const match = rest.take(SEVERAL_WITH_TOLERANCE);
  if (!match) return null;
  const both = (uf: string | undefined, percent: string | undefined): NominalFigure[] =>
    uf === undefined ? [] : [{ uf: Number(uf), tolerance: { lowPercent: -Number(percent), highPercent: Number(percent) } }];
  return { kind: "nominals", nominals: [...both(match[1], match[2]), ...both(match[3], match[4]), ...both(match[5], match[6])] };
}

/** @param ratedV decides whether `1,000` can be a thousand */
export function takeFigures(rest: Remainder, ratedV: number | null): LabelFigures | null {
  const comma = rest.take(COMMA_AND_THREE);
  if (comma) {
    const [, whole = "", three = "", unit = ""] = comma;
    if (/^m\s?f/.test(unit)) return nominals(whole + three);
    if (ratedV !== null && ratedV >= RUN_VOLTS) return nominals(`${whole}.${three}`);
    return { kind: "two-ways", readings: [`${whole}.${three} µF`, `${whole}${three} µF`] };
  }
  const fraction = rest.take(WHOLE_AND_FRACTION);
  if (fraction) return nominals(String(Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3])));
  const lone = LONE_FRACTION.exec(rest.text);
  const [, top = "", bottom = ""] = lone ?? [];
  if (lone && Number(top) < Number(bottom)) {
    return { kind: "two-ways", readings: [`${top}+${bottom} µF`, `${Number(top) / Number(bottom)} µF`] };
  }
  const printed = rest.take(RANGE);
  if (printed) return joined(printed[1] ?? "", "-", printed[2], ratedV ?? 0);
  const several = rest.take(SEVERAL);
  if (several?.[3] !== undefined) return nominals(several[1], several[2], several[3]);
  if (several) return joined(several[1] ?? "", /[/]/.exec(several[0])?.[0], several[2], ratedV);
  const beside = BESIDE.exec(rest.text);
  if (beside) {
    const [, low = "", high = ""] = beside;
    if (!isRangeLike(Number(low), Number(high))) return { kind: "two-ways", readings: [`${low}+${high} µF`, `${high} µF`] };
    rest.take(BESIDE);
    return range(low, high);
  }
  const single = rest.take(SINGLE);
  if (single) return nominals(single[1]);
  const nano = rest.take(NANO);
  if (nano) return nominals(String(Number((Number(nano[1]) / 1000).toPrecision(12))));
  const first = rest.take(UNIT_FIRST);
  if (!first) return null;
  // `mfd 440`: more likely the volts of a label whose figure was not read.
  if (ratedV === null && first[3] === undefined && USUAL_VOLTS.includes(Number(first[1])))
    return { kind: "two-ways", readings: [`${first[1] ?? ""} µF`, `${first[1] ?? ""} V`] };
  return joined(first[1] ?? "", first[2], first[3], ratedV);
}

/** A second capacitance with its own unit, left when the first was taken: another part, unless it is the same once more. */
export function hasMoreFigures(rest: Remainder, taken: readonly number[]): boolean {
  const more = SINGLE.exec(rest.text);
  return more !== null && !(taken.length === 1 && Number(more[1]) === taken[0]);
}

const BARE = new RegExp(String.raw`(?<![\d.a-z%±+-])(${NUM})(?:\s*(\+|/|-|to)\s*(${NUM}))?(?:\s*\+\s*(${NUM}))?(?![\d.%a-z])`, "g");
const BARE_FRACTION = /(?<![\d.a-z])(\d+)\s*[\s-]\s*([1357])\s*\/\s*([248])(?![\d.%])/;
/** Short words behind a bare figure that are no unit of something else. */
const NO_UNIT = /^(?:run|cap|dual|oval|rnd|herm|fan|comp|c|ac|film|sh|and|for|to)$/;
/** Largest value a bare figure is taken for; beyond it lie part numbers and speeds. */
const MOST_BARE_UF = 1200;

/** A label keyed in a hurry without its unit: `35/5 440`, `17.5 440`, `88-108 330`; the volts were taken out before. */
export function takeFiguresWithoutUnit(rest: Remainder, ratedV: number | null): LabelFigures | null {
  const fraction = rest.take(BARE_FRACTION);
  if (fraction) return nominals(String(Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3])));
  const found = [...rest.text.matchAll(BARE)];
  const [only, ...more] = found;
  if (!only) return null;
  if (more.length > 0) return { kind: "two-ways", readings: [`${only[0].trim()} µF`, `${more[0]?.[0].trim() ?? ""} µF`] };
  const values = [only[1], only[3], only[4]].filter((text) => text !== undefined).map(Number);
  if (values.some((value) => value > MOST_BARE_UF)) return null;
  // A short word right behind it is the unit of something else: 35 pF, 35 F.
  const behind = /^\s*([\p{L}]{1,4})(?![\p{L}])/u.exec(rest.text.slice(only.index + only[0].length))?.[1];
  if (behind !== undefined && !NO_UNIT.test(behind)) return null;
  rest.text = rest.text.replace(only[0], " | ");
  if (only[4] !== undefined) return nominals(only[1], only[3], only[4]);
  return joined(only[1] ?? "", only[2], only[3], ratedV);
}
