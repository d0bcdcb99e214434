import type { MeasureId } from "../measure";
import { foreignByVolts } from "./not-ours";
import { fullLoadText } from "./plate-amps";
import { readFigure, type FigureOptions } from "../quantity";
import { fail, ok, type Failure, type Result } from "../result";
import type { PlateValue } from "./plate-value";

/** Fields of a plate that hold figures. Ids also stand in reference cases. */
export const PLATE_FIELDS = ["volts", "hertz", "amps", "rpm", "power"] as const;
export type PlateFieldId = (typeof PLATE_FIELDS)[number];

interface FieldSpec extends FigureOptions {
  readonly measure: MeasureId;
  /** names that stand before the figure, or behind it, and say nothing more */
  readonly names: RegExp;
}

/* What single-phase motors of this trade can carry on their plate; outside it is a slip of the finger, or no mains. */
const SPECS: Record<PlateFieldId, FieldSpec> = {
  volts: { measure: "voltage", min: 20, max: 600, names: /^(?:volts?|vac|v|un|u)?\s*[:=.]?\s*(?=\d)/i },
  hertz: { measure: "frequency", min: 40, max: 70, names: /^(?:hertz|hz|cycles?|cyc?|freq\.?|f)?\s*[:=.]?\s*(?=\d)/i },
  amps: { measure: "current", min: 0.02, max: 80, names: /^(?:amps?|a)?\s*[:=]?\s*(?=[\d.])/i },
  rpm: { measure: "speed", min: 150, max: 3600, names: /^(?:r\.?p\.?m\.?|speed|n)?\s*[:=]?\s*(?=\d)/i },
  power: { measure: "power", min: 1, max: 10_000, needsUnit: true, hasFractions: true, names: /^\s*(?=[\d.,])/ },
};

/* What stands beside the figures of a field and says nothing of them. */
const BESIDE: Readonly<Record<PlateFieldId, readonly RegExp[]>> = {
  volts: [
    // The phase, its hertz, that it alternates, what the supply may lie off.
    /(?<![\d.])(?:1\s*(?:ph(?:ase)?|ø|~)|(?:ph(?:ase)?\s*[:=]?\s*1)(?!\d)|single[- ]phase)/gi,
    /(?<![\d.])[56]0(?:\s*[/-]\s*[56]0)?\s*(?:hz|cyc?|c\/s)\b\.?|\bhz\s*[:=]?\s*[56]0(?:\s*\/\s*[56]0)?(?!\d)/gi,
    /±\s*\d+\s*%/g,
    /(?<![a-z])a\.?c\.?(?![a-z])/gi,
  ],
  hertz: [],
  amps: [/±\s*\d+\s*%/g],
  // Spellings of speed with a stroke in them, before strokes part alternatives; how many speeds there are.
  rpm: [
    /\s*(?:[rut1]|tr|rev|omw)\s*\/\s*min\.?|\s*min\s*-\s*1(?!\d)|\s*min⁻¹|\s*\/\s*min\.?|\bt\.?p\.?m\b\.?/gi,
    /(?<![\d.])[2-6]\s*-?\s*(?:spds?|speeds?)\b/gi,
  ],
  // Shaft power by its name.
  power: [/\bp\s?[2n]\b|\b(?:shaft|output|out)\b/gi],
};

/** `HP 1/3` is 1/3 HP. */
const UNIT_IN_FRONT = /^\s*(hp|h\.p\.|kw|watts?|w|ps|cv)\s*[:=]?\s*(?=[\d.,½¼¾⅓⅔⅛⅙])(.+)$/i;
/** Power that is written as a fraction is of a horsepower; other strokes part alternatives. */
const HP_FRACTION = /^(?:(\d{1,2})\s*[\s-]\s*)?(\d{1,2})\s*\/\s*(\d{1,3})\s*(hp|h\.p\.|horsepower|ps|cv|ch)?\.?$/i;
const POWER_UNIT = /(hp|h\.p\.|kw|watts?|w|ps|cv|ch|horsepower)\s*\.?\s*$/i;
const NEXT = /\s*(?:\/|,\s|;|&|\bor\b|\band\b)\s*/i;

/** Signs of one meaning in one spelling, and what says nothing of the figures taken out. */
function plain(field: PlateFieldId, text: string): string {
  const shown = text
    .normalize("NFC")
    .replace(/[\u2010-\u2014\u2212]/g, "-")
    .replace(/(?<=\d\d)\s*(?:…|~)\s*(?=\d)/g, "-");
  return BESIDE[field].reduce((now, pattern) => now.replace(pattern, " "), shown).replace(/^[\s,;/~]+|[\s,;/~]+$/g, "");
}

function piecesOf(field: PlateFieldId, shown: string): string[] {
  if (field !== "power") return shown.split(NEXT);
  const [, unit = "", rest = ""] = UNIT_IN_FRONT.exec(shown) ?? [];
  const behind = rest === "" ? shown : `${rest.trim()} ${unit}`;
  if (HP_FRACTION.test(behind.replace(/([½¼¾⅓⅔⅛⅙])/g, "1/2"))) return [POWER_UNIT.test(behind) ? behind : `${behind} HP`];
  const common = POWER_UNIT.exec(behind)?.[1] ?? "";
  const pieces = behind.split(/\s*(?:,\s|;|&|\bor\b|\band\b)\s*|(?<![\d]\s?)\/|(?<=\d\.\d+|\d{2}|[a-z])\s*\/\s*/i);
  return pieces.map((piece) => (POWER_UNIT.test(piece) ? piece : `${piece} ${common}`));
}

/** `208-230`, `220 to 240 V`: a band, where its ends lie not far apart. */
const BAND = /^(.*?\d[^-\d]*)\s*(?:-|to|\.\.\.?)\s*(\d.*)$/i;
const MOST_BAND_RATIO = 1.5;

function readOne(field: PlateFieldId, piece: string): Result<number, Failure> {
  const { measure, names, ...options } = SPECS[field];
  const read = readFigure(piece.trim().replace(names, ""), measure, options);
  if (!read.ok) return read;
  return read.value.kind === "value" ? ok(read.value.value) : fail({ code: "reading-no-figure", text: piece, quantity: measure });
}

function readPiece(field: PlateFieldId, piece: string): Result<PlateValue, Failure> {
  const one = readOne(field, piece);
  if (one.ok) return ok({ kind: "value", value: one.value });
  const band = field === "power" ? null : BAND.exec(piece);
  if (!band) return one;
  const ends = [readOne(field, band[1] ?? ""), readOne(field, band[2] ?? "")].flatMap((end) => (end.ok ? [end.value] : []));
  // Amps fall as the volts of their band rise, so either end may stand first.
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  return ends.length === 2 && high > low && high / low <= MOST_BAND_RATIO ? ok({ kind: "band", low, high }) : one;
}

/**
 * Reads one field of a motor plate as stamped: one figure, a band, or one of either for each connection or speed.
 * @param field which field
 * @param text `230`, `208-230 V`, `115/230`, `115/208-230`, `FLA 7.7`, `13.4/6.7 A`, `1,725 RPM`, `1-1/2 HP`
 * @returns figures in the order stamped, in V, Hz, A, rpm or W; empty for an empty field
 * @errors those of readFigure, for the first part that cannot be read; nothing is taken of a field with such a part
 * @example readPlateField("volts", "115/208-230") -> 115, and the band 208 to 230
 */
export function readPlateField(field: PlateFieldId, text: string): Result<readonly PlateValue[], Failure> {
  if (text.trim() === "") return ok([]);
  const key = `${field} ${text}`;
  const known = readBefore.get(key);
  if (known) return known;
  const found = readWhole(field, text);
  if (readBefore.size >= MOST_KEPT) readBefore.clear();
  readBefore.set(key, found);
  return found;
}

/**
 * Hertz that stand beside the volts, where their own field is empty.
 * @param volts the field of volts as stamped
 * @returns the hertz as stamped; empty where there are none
 * @example hertzBeside("115V 60Hz 1PH") -> "60"
 */
export function hertzBeside(volts: string): string {
  const [, behind, before] =
    /(?<![\d.])([56]0(?:\s*[/-]\s*[56]0)?)\s*(?:hz|cyc?|c\/s)\b|\bhz\s*[:=]?\s*([56]0(?:\s*\/\s*[56]0)?)(?!\d)/i.exec(volts) ?? [];
  return behind ?? before ?? "";
}

/* A plate changes seldom, and its card is assessed with every key. */
const readBefore = new Map<string, Result<readonly PlateValue[], Failure>>();
const MOST_KEPT = 500;

function readWhole(field: PlateFieldId, text: string): Result<readonly PlateValue[], Failure> {
  const doubt = DOUBTS[field]?.(text);
  if (doubt) return fail(doubt);
  const shown = field === "amps" ? fullLoadText(plain(field, text)) : ok(plain(field, text));
  if (!shown.ok) return shown;
  const values: PlateValue[] = [];
  for (const piece of piecesOf(field, shown.value)) {
    const read = readPiece(field, piece);
    if (!read.ok) return read;
    values.push(read.value);
  }
  return ok(values);
}

/** What is told for what it is, or asked about, before any figure of the field is read. */
const DOUBTS: Partial<Record<PlateFieldId, (text: string) => Failure | null>> = {
  volts: (text) => {
    const sort = foreignByVolts(text);
    return sort === null ? null : { code: "plate-not-ours", text, sort };
  },
  // 1.725, 172.5: a thousand's point or a decimal one; plates give speeds in whole turns.
  rpm: (text) => {
    const [, whole = "", part = ""] = /(?<![\d.])(\d{1,3})\.(\d{1,3})(?![\d.])/.exec(text) ?? [];
    return whole.length + part.length === 4 ? { code: "plate-speed-point", text, withoutPoint: whole + part } : null;
  },
  // 11/2 HP: one and a half with its gap lost, or eleven halves.
  power: (text) => {
    const [, whole, top = "", bottom = "", unit = "HP"] = HP_FRACTION.exec(plain("power", text).replace(UNIT_IN_FRONT, "$2 $1")) ?? [];
    if (top === "" || Number(bottom) === 0 || Number(top) < Number(bottom)) return null;
    const lost = top.length > 1 && Number(top.slice(1)) < Number(bottom) ? `${top.slice(0, -1)} ${top.slice(-1)}/${bottom}` : top;
    const halves = `${formatPlain((whole === undefined ? 0 : Number(whole)) + Number(top) / Number(bottom))}`;
    return { code: "plate-fraction", text, readings: [`${lost} ${unit}`, `${halves} ${unit}`] };
  },
};

const formatPlain = (value: number): string => String(Number(value.toPrecision(4)));
