import type { MeasureId } from "../measure";
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

/* What single-phase motors of this trade can carry on their plate; outside it is a slip of the finger. */
const SPECS: Record<PlateFieldId, FieldSpec> = {
  volts: { measure: "voltage", min: 12, max: 600, names: /^(?:1\s*(?:ph(?:ase)?|~)\s*)?(?:volts?|vac|v|un|u)?\s*[:=.]?\s*(?=\d)/i },
  hertz: { measure: "frequency", min: 40, max: 70, names: /^(?:hertz|hz|cycles?|cyc?|freq\.?|f)?\s*[:=.]?\s*(?=\d)/i },
  amps: {
    measure: "current",
    min: 0.02,
    max: 80,
    names:
      /^(?:f\.?\s?l\.?\s?(?:a|amps?)\.?|r\.?\s?l\.?\s?a\.?|s\.?\s?f\.?\s?a\.?|full.load(?: amps?)?|amps?|a|in|i)?\s*[:=]?\s*(?=[\d.])/i,
  },
  rpm: { measure: "speed", min: 150, max: 3600, names: /^(?:r\.?p\.?m\.?|speed|n)?\s*[:=]?\s*(?=\d)/i },
  power: { measure: "power", min: 1, max: 10_000, needsUnit: true, hasFractions: true, names: /^\s*(?=[\d.,])/ },
};

/** Locked-rotor amps are not full-load amps, whatever they stand beside. */
const LOCKED = /\bl\.?\s?r\.?\s?a\b\.?|locked/i;
const SECOND_NAME = /[\s,;/]+(?:s\.?\s?f\.?\s?a|l\.?\s?r\.?\s?a|locked)\b.*$/i;
/** Spellings of speed with a stroke in them, before strokes part alternatives. */
const STROKED_UNITS = /\s*(?:r\s*\/\s*min|1\s*\/\s*min|u\s*\/\s*min|rev\s*\/\s*min|min\s*-\s*1|min⁻¹|\/\s*min)\s*\.?/gi;

/** `HP 1/3` is 1/3 HP. */
const UNIT_IN_FRONT = /^\s*(hp|h\.p\.|kw|watts?|w|ps|cv)\s*[:=]?\s*(?=[\d.,½¼¾⅓⅔⅛⅙])(.+)$/i;
/** Power that is written as a fraction is of a horsepower; other strokes part alternatives. */
const HP_FRACTION = /^(?:\d{1,2}\s*[\s-]\s*)?\d{1,2}\s*\/\s*\d{1,3}\s*(?:hp|h\.p\.|horsepower|ps|cv|ch)\.?$/i;
const POWER_UNIT = /(hp|h\.p\.|kw|watts?|w|ps|cv|ch|horsepower)\s*\.?\s*$/i;
const NEXT = /\s*(?:\/|,\s|;|&|\bor\b|\band\b)\s*/i;

function piecesOf(field: PlateFieldId, text: string): string[] {
  const shown = text
    .normalize("NFC")
    .replace(/[\u2010-\u2014\u2212]/g, "-")
    .trim();
  if (field === "power") {
    const [, unit = "", rest = ""] = UNIT_IN_FRONT.exec(shown) ?? [];
    const behind = rest === "" ? shown : `${rest.trim()} ${unit}`;
    if (HP_FRACTION.test(behind.replace(/([½¼¾⅓⅔⅛⅙])/g, "1/2"))) return [behind];
    const common = POWER_UNIT.exec(behind)?.[1] ?? "";
    const pieces = behind.split(/\s*(?:,\s|;|&|\bor\b|\band\b)\s*|(?<![\d]\s?)\/|(?<=\d\.\d+|\d{2}|[a-z])\s*\/\s*/i);
    return pieces.map((piece) => (POWER_UNIT.test(piece) ? piece : `${piece} ${common}`));
  }
  const plain = field === "rpm" ? shown.replace(STROKED_UNITS, " ") : field === "amps" ? shown.replace(SECOND_NAME, "") : shown;
  // A tolerance of the supply is no figure of its own.
  return plain.replace(/±\s*\d+\s*%/g, "").split(NEXT);
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

/* A plate changes seldom, and its card is assessed with every key. */
const readBefore = new Map<string, Result<readonly PlateValue[], Failure>>();
const MOST_KEPT = 500;

function readWhole(field: PlateFieldId, text: string): Result<readonly PlateValue[], Failure> {
  if (field === "amps" && LOCKED.test(text.replace(SECOND_NAME, ""))) return fail({ code: "plate-locked-amps", text });
  const values: PlateValue[] = [];
  for (const piece of piecesOf(field, text)) {
    const read = readPiece(field, piece);
    if (!read.ok) return read;
    values.push(read.value);
  }
  return ok(values);
}
