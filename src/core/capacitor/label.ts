import { fail, ok, type Failure, type Result } from "../result";
import { recent } from "../recent";
import { inferKind, type CapacitorKind } from "./kind";
import { takeNoise } from "./label-noise";
import {
  hasMoreFigures,
  MOST_SECTION_UF,
  takeFigures,
  takeFiguresWithoutUnit,
  takeNamesFirst,
  takeWithTolerances,
  type LabelFigures,
  type NominalFigure,
} from "./label-figures";
import {
  normaliseLabel,
  Remainder,
  takeAbsoluteTolerance,
  takeBareVolts,
  takeFrequency,
  takeLineMark,
  takeNamedSections,
  takeProtection,
  takeTemperature,
  takeTolerance,
  takeVolts,
  type TemperatureRange,
  type Tolerance,
} from "./label-text";

/** One capacitance inside the can. A printed range has no nominal; a label without tolerance has no limits. */
export interface LabelSection {
  readonly nominalUf: number | null;
  readonly lowUf: number | null;
  readonly highUf: number | null;
  /** named on the label (HERM, FAN); null where the text does not say */
  readonly terminal: string | null;
}

/** What a capacitor label says, as far as it could be read. */
export interface CapacitorLabel {
  readonly sections: readonly LabelSection[];
  /** as printed, in percent; null for a printed range, none at all, or one of its own for each section */
  readonly tolerance: Tolerance | null;
  readonly ratedV: number | null;
  readonly frequencyHz: readonly number[];
  readonly temperature: TemperatureRange | null;
  /** protection class, P0–P2 or S0–S3 */
  readonly protection: string | null;
  /** one terminal is marked as the line side */
  readonly hasLineMark: boolean;
  readonly kind: CapacitorKind;
  /** why the kind was taken to be so, for the person to check */
  readonly kindReason: string;
  /** words on the label that were kept but not understood */
  readonly notes: readonly string[];
}

/** Three places more than a label prints, so that 37.1 is 37.1 and not 37.100000000000001. */
const tidy = (value: number): number => Number(value.toPrecision(12));

/**
 * What 100 % means for a section: its nominal, or the middle of its printed range.
 * @param section one section of a label
 * @returns rating [µF]
 */
export function ratedUfOf({ nominalUf, lowUf, highUf }: LabelSection): number {
  return nominalUf ?? ((lowUf ?? 0) + (highUf ?? 0)) / 2;
}

/** Capacitors of this trade lie well within; beyond it a unit or a part number was misread. */
const LEAST_UF = 0.001;
const MOST_UF = 10_000;
/** Volts on capacitors of single-phase motors. */
const LEAST_VOLTS = 40;
const MOST_VOLTS = 1200;
const MOST_CHARACTERS = 200;

const MICROFARADS = /\d\s*(?:u\s?f|mfd|mf|micro|nf)/;
const CAPACITOR_WORDS = /\b(?:capacitor|cap|start(?:ing)?|run(?:ning)?)\b/;
const MOTOR_WORDS = /\b(?:motor|blower|pump|compressor)\b/;
const MOTOR_FIGURES = /\d\s*-?(?:hp|kw|rpm|poles?|watts?|w)\b/;
const BEARING = /\bbearings?\b|(?<![\d.])6[0-4]\d{1,3}\b|(?<![\d.])\d{3,5}\s*-?\s*(?:2rs|zz|2z|ddu|llu)/;

/** What the text tells of where it is no capacitor; null where it may be one. */
function otherThing(text: string): "motor" | "bearing" | null {
  if (CAPACITOR_WORDS.test(text)) return null;
  if (MOTOR_WORDS.test(text) && (MOTOR_FIGURES.test(text) || !MICROFARADS.test(text))) return "motor";
  return BEARING.test(text) && !MICROFARADS.test(text) && !/[+/]\s*\d/.test(text) ? "bearing" : null;
}

/** What the takers found, before limits and kind are worked out. */
interface Taken {
  readonly figures: LabelFigures | null;
  readonly terminals: readonly string[];
  readonly tolerance: Tolerance | null;
  readonly absoluteUf: number | null;
  readonly ratedV: number | null;
  readonly rest: Remainder;
}

function takeAll(rest: Remainder): Taken {
  const namesFirst = takeNamesFirst(rest);
  const withUnitV = takeVolts(rest);
  const named = namesFirst ? null : takeNamedSections(rest);
  const withTolerances = namesFirst || named ? null : takeWithTolerances(rest);
  const absoluteUf = takeAbsoluteTolerance(rest);
  const tolerance = takeTolerance(rest);
  const ofNames: LabelFigures | null = named && { kind: "nominals", nominals: named.map(({ uf }) => ({ uf, tolerance: null })) };
  const withUnit = namesFirst ?? ofNames ?? withTolerances ?? takeFigures(rest, withUnitV);
  const plainV = withUnitV ?? takeBareVolts(rest);
  const figures = withUnit ?? takeFiguresWithoutUnit(rest, plainV);
  const ratedV = figures && figures.kind !== "two-ways" && figures.ratedV !== undefined ? figures.ratedV : plainV;
  return {
    figures,
    terminals: named?.map(({ terminal }) => terminal) ?? [],
    tolerance,
    absoluteUf,
    ratedV,
    rest,
  };
}

const isReasonable = (uf: number): boolean => uf >= LEAST_UF && uf <= MOST_UF;

function sectionsOf(
  figures: Exclude<LabelFigures, { kind: "two-ways" }>,
  common: Tolerance | null,
  terminals: readonly string[],
): LabelSection[] {
  if (figures.kind === "range") {
    const [lowUf, highUf] = figures.rangeUf;
    return [{ nominalUf: null, lowUf, highUf, terminal: null }];
  }
  return figures.nominals.map(({ uf, tolerance }: NominalFigure, index) => {
    const allowed = tolerance ?? common;
    const limit = (percent: number): number => tidy(uf * (1 + percent / 100));
    return {
      nominalUf: uf,
      lowUf: allowed ? limit(allowed.lowPercent) : null,
      highUf: allowed ? limit(allowed.highPercent) : null,
      terminal: terminals[index] ?? null,
    };
  });
}

/** Tolerances of the sections where all are the same; else none for the whole. */
function commonTolerance({ figures, tolerance, absoluteUf }: Taken): Tolerance | null {
  if (figures?.kind !== "nominals") return null;
  const [first] = figures.nominals;
  if (absoluteUf !== null && first && figures.nominals.length === 1 && first.uf > 0) {
    const percent = tidy((100 * absoluteUf) / first.uf);
    // More than the value itself is no tolerance of it.
    if (percent > 100) return null;
    return { lowPercent: -percent, highPercent: percent };
  }
  const own = figures.nominals.map((each) => each.tolerance);
  if (own.some((each) => each === null)) return tolerance;
  return own.every((each) => each?.highPercent === own[0]?.highPercent) ? (own[0] ?? null) : null;
}

/**
 * Reads the text printed on a motor capacitor (or keyed from it) into sections, limits, volts, hertz, temperature,
 * protection, mark and kind. µF, uF, MFD, mfd, MF all mean microfarad on these labels. What could be read two ways is
 * refused with both ways in the failure; standards, part numbers, dates and sizes are never read as capacitance.
 * @param text the label as printed, in any order of its parts
 * @returns the label; limits per section from a printed tolerance or range, else null; what was not understood in `notes`
 * @errors 'label-empty', 'label-no-capacitance', 'label-not-a-capacitor', 'label-range-reversed', 'label-two-ways',
 *   'label-two-parts' where the text tells of two capacitors
 * @source marking rules of IEC 60252-1 (run) and IEC 60252-2 (start)
 * @example parseCapacitorLabel("35 µF ±6% 440V") -> 35 µF, 32.9..37.1, 440 V, run
 */
export const parseCapacitorLabel: (text: string) => Result<CapacitorLabel, Failure> = recent(readLabel);

function readLabel(text: string): Result<CapacitorLabel, Failure> {
  if (text.trim() === "") return fail({ code: "label-empty" });
  const shown = normaliseLabel(text.slice(0, MOST_CHARACTERS));
  const other = otherThing(shown);
  if (other) return fail({ code: "label-not-a-capacitor", text, what: other });
  const rest = new Remainder(shown);
  const temperature = takeTemperature(rest);
  const frequencyHz = takeFrequency(rest);
  const { text: own, noise } = takeNoise(rest.text);
  rest.text = own;
  const protection = takeProtection(rest);
  const hasLineMark = takeLineMark(rest);
  const taken = takeAll(rest);
  const { figures, ratedV } = taken;
  if (figures === null) return fail({ code: "label-no-capacitance", text });
  if (figures.kind === "two-ways") return fail({ code: "label-two-ways", text, readings: figures.readings });
  if (hasMoreFigures(rest, figures.kind === "nominals" ? figures.nominals.map(({ uf }) => uf) : []))
    return fail({ code: "label-two-parts", text });
  if (ratedV !== null && !(ratedV >= LEAST_VOLTS && ratedV <= MOST_VOLTS))
    return fail({
      code: "reading-out-of-range",
      text: `${ratedV} V`,
      quantity: "voltage",
      value: ratedV,
      min: LEAST_VOLTS,
      max: MOST_VOLTS,
    });
  if (figures.kind === "range") {
    const [lowUf, highUf] = figures.rangeUf;
    if (!isReasonable(lowUf) || !isReasonable(highUf)) return fail({ code: "label-no-capacitance", text });
    if (lowUf >= highUf) return fail({ code: "label-range-reversed", lowUf, highUf });
  } else if (figures.nominals.length === 0 || figures.nominals.some(({ uf }) => !isReasonable(uf))) {
    return fail({ code: "label-no-capacitance", text });
  }
  const tolerance = commonTolerance(taken);
  const sections = sectionsOf(figures, tolerance, taken.terminals);
  if (isTwoParts(sections)) return fail({ code: "label-two-parts", text });
  const notes = [
    ...noise,
    ...rest.text
      .split(/[\s|]+/)
      .map((word) => word.replace(/^[(,;:]+|[),;:]+$/g, ""))
      .filter((word) => /[\p{L}\d]/u.test(word)),
  ];
  const { kind, reason } = inferKind({
    text: shown,
    hasRange: figures.kind === "range",
    isOneSided: tolerance?.lowPercent === 0,
    sections,
    ratedV,
  });
  return ok({
    sections,
    tolerance: figures.kind === "range" ? null : tolerance,
    ratedV,
    frequencyHz,
    temperature,
    protection,
    hasLineMark,
    kind,
    kindReason: reason,
    notes,
  });
}

/** `20+130`: a run and a start part written as one. */
export function isTwoParts(sections: readonly LabelSection[]): boolean {
  const values = sections.map(({ nominalUf }) => nominalUf ?? 0);
  return values.length === 2 && Math.max(...values) > MOST_SECTION_UF;
}

const NONE = /^(?:none|no|without|-|–|0)$/i;

/**
 * Whether a text says that there is no capacitor.
 * @param text as it was keyed
 * @returns true for "none" and the signs that stand for it
 */
export const saysNoCapacitor = (text: string): boolean => NONE.test(text.trim());
