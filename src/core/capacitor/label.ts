import { fail, ok, type Failure, type Result } from "../result";
import { inferKind, type CapacitorKind } from "./kind";

/** One capacitance inside the can. A printed range has no nominal; a label without tolerance has no limits. */
export interface LabelSection {
  readonly nominalUf: number | null;
  readonly lowUf: number | null;
  readonly highUf: number | null;
  /** named on the label (HERM, FAN, C); null where the text does not say */
  readonly terminal: string | null;
}

/** What a capacitor label says, as far as it could be read. */
export interface CapacitorLabel {
  readonly sections: readonly LabelSection[];
  readonly ratedV: number | null;
  readonly frequencyHz: readonly number[];
  readonly kind: CapacitorKind;
  /** why the kind was taken to be so, for the person to check */
  readonly kindReason: string;
  /** words on the label that were kept but not understood */
  readonly notes: readonly string[];
}

const NUM = String.raw`\d+(?:\.\d+)?|\.\d+`;
const UF = String.raw`(?:u\s?fd?|mfd|mf)\b\.?`;
/** Voltages printed on motor capacitors; a bare number of these beside a capacitance is taken as volts. */
const USUAL_VOLTS: readonly number[] = [
  110, 115, 125, 165, 220, 230, 240, 250, 275, 300, 320, 330, 370, 400, 415, 425, 440, 450, 460, 475, 480, 500, 525,
];

/** Lower case, one spelling for mu, minus, plus-minus and the decimal point. */
function normalise(text: string): string {
  return text
    .normalize("NFKC")
    .replace(/[\u03bc\u00b5]/g, "u")
    .replace(/[\u2212\u2010-\u2014]/g, "-")
    .replace(/\+\s*\/\s*-|\+-/g, "±")
    .replace(/(\d),(\d)/g, "$1.$2")
    .toLowerCase();
}

/** Takes the first match out of the text, leaving a gap, so that no figure is read twice. */
class Remainder {
  constructor(public text: string) {}
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text);
    if (match) this.text = `${this.text.slice(0, match.index)} | ${this.text.slice(match.index + match[0].length)}`;
    return match;
  }
}

interface Tolerance {
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

function takeTolerance(rest: Remainder): Tolerance | null {
  for (const { pattern, read } of TOLERANCES) {
    const match = rest.take(pattern);
    if (match) return read(match);
  }
  return null;
}

function takeVolts(rest: Remainder): number | null {
  const withUnit = rest.take(/(?<![\d.])(\d{2,3})\s*(?:v\s*~|~\s*v|v\.?\s?a\.?\s?c\.?|ac\s?v|volts?|v)(?![a-z])/);
  return withUnit ? Number(withUnit[1]) : null;
}

function takeBareVolts(rest: Remainder): number | null {
  for (const match of rest.text.matchAll(/(?<![\d.+-])(\d{3})(?![\d.%])/g)) {
    const value = Number(match[1]);
    if (!USUAL_VOLTS.includes(value)) continue;
    rest.text = `${rest.text.slice(0, match.index)} | ${rest.text.slice(match.index + 3)}`;
    return value;
  }
  return null;
}

function takeFrequency(rest: Remainder): number[] {
  const match = rest.take(/(?<![\d.])(50|60)(?:\s*[/-]\s*(50|60))?\s*(?:hz|c\/s|cycles?)/);
  return match ? [Number(match[1]), ...(match[2] ? [Number(match[2])] : [])] : [];
}

/** Temperature range (`-40/+70 °C`) or climatic category (`40/085/21`): set aside, or their slashes read as a dual. */
function takeAside(rest: Remainder): string[] {
  const aside = [
    /-\s?\d{2}\s*(?:°\s*c)?\s*(?:\/|\.\.\.?|…|to|-)\s*\+?\s*\d{2,3}\s*°?\s*c\b/,
    /(?<!\d)\d{2}\/\d{3}\/\d{2}(?!\d)/,
    /\b\d{2,3}\s*°\s*c\b/,
  ];
  return aside.map((pattern) => rest.take(pattern)?.[0].trim()).filter((found) => found !== undefined);
}

const TERMINALS = "herm|fan|comp|hermetic|compressor";
const FIGURE_THEN_NAME = new RegExp(String.raw`(?<![\d.])(${NUM})\s*(?:${UF})?\s*(${TERMINALS})\b`, "g");
const NAME_THEN_FIGURE = new RegExp(String.raw`\b(${TERMINALS})\s*:?\s*(${NUM})\s*(?:${UF})?`, "g");
const STARTS_WITH_NAME = new RegExp(String.raw`^[\s|c+-]*(?:${TERMINALS})\b`);
const EVERY_UF = new RegExp(UF, "g");

/** `C 45 HERM 5 FAN µF` or `HERM 45 FAN 5 µF`: figure and terminal name in turn. */
function takeNamedSections(rest: Remainder): { uf: number; terminal: string }[] | null {
  const startsWithName = STARTS_WITH_NAME.test(rest.text);
  const pattern = startsWithName ? NAME_THEN_FIGURE : FIGURE_THEN_NAME;
  const found = [...rest.text.matchAll(pattern)].map((m) =>
    startsWithName
      ? { uf: Number(m[2]), terminal: (m[1] ?? "").toUpperCase() }
      : { uf: Number(m[1]), terminal: (m[2] ?? "").toUpperCase() },
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

function takeFigures(rest: Remainder): Result<{ nominals: number[]; range: [number, number] | null }, Failure> | null {
  const range = rest.take(RANGE);
  if (range) {
    const [lowUf, highUf] = [Number(range[1]), Number(range[2])];
    if (lowUf >= highUf) return fail({ code: "label-range-reversed", lowUf, highUf });
    return ok({ nominals: [], range: [lowUf, highUf] });
  }
  const several = rest.take(SEVERAL);
  if (several) return ok({ nominals: several.slice(1).filter(Boolean).map(Number), range: null });
  const single = rest.take(SINGLE) ?? rest.take(UNIT_FIRST);
  if (single) return ok({ nominals: [Number(single[1])], range: null });
  return null;
}

/** A label keyed in a hurry without its unit: `35/5 440`, `17.5 440`. */
function takeFiguresWithoutUnit(rest: Remainder): number[] {
  const match = rest.take(WITHOUT_UNIT);
  return match ? match.slice(1).filter(Boolean).map(Number) : [];
}

/** Three places more than a label prints, so that 37.1 is 37.1 and not 37.100000000000001. */
const tidy = (value: number): number => Number(value.toPrecision(12));

/**
 * Reads the text printed on a motor capacitor (or keyed from it) into sections, limits, volts, hertz and kind.
 * µF, uF, MFD, mfd, MF all mean microfarad on these labels.
 * @param text the label as printed, in any order of its parts
 * @returns the label; limits per section from a printed tolerance or range, else null
 * @errors 'label-empty', 'label-no-capacitance', 'label-range-reversed'
 * @example parseCapacitorLabel("35 µF ±6% 440V") -> 35 µF, 32.9..37.1, 440 V, run
 */
export function parseCapacitorLabel(text: string): Result<CapacitorLabel, Failure> {
  if (text.trim() === "") return fail({ code: "label-empty" });
  const rest = new Remainder(normalise(text));
  const aside = takeAside(rest);
  const frequencyHz = takeFrequency(rest);
  const withUnitV = takeVolts(rest);
  const named = takeNamedSections(rest);
  const tolerance = takeTolerance(rest);
  const figures = named ? null : takeFigures(rest);
  if (figures && !figures.ok) return figures;
  const ratedV = withUnitV ?? takeBareVolts(rest);
  const range = figures?.value.range ?? null;
  const nominals = named?.map((section) => section.uf) ?? figures?.value.nominals ?? takeFiguresWithoutUnit(rest);
  if (range === null && (nominals.length === 0 || nominals.some((uf) => !(uf > 0)))) {
    return fail({ code: "label-no-capacitance", text });
  }

  const limitsOf = (nominalUf: number): { lowUf: number | null; highUf: number | null } =>
    tolerance
      ? {
          lowUf: tidy(nominalUf * (1 + tolerance.lowPercent / 100)),
          highUf: tidy(nominalUf * (1 + tolerance.highPercent / 100)),
        }
      : { lowUf: null, highUf: null };
  const sections: LabelSection[] = range
    ? [{ nominalUf: null, lowUf: range[0], highUf: range[1], terminal: null }]
    : nominals.map((nominalUf, index) => ({
        nominalUf,
        ...limitsOf(nominalUf),
        terminal: named?.[index]?.terminal ?? null,
      }));
  const words = rest.text.split(/[\s|]+/).filter((word) => /[a-z0-9]/.test(word));
  const { kind, reason } = inferKind({
    words,
    hasRange: range !== null,
    isOneSided: tolerance?.lowPercent === 0,
    sections,
    ratedV,
  });
  return ok({ sections, ratedV, frequencyHz, kind, kindReason: reason, notes: [...aside, ...words] });
}
