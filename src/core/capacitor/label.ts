import { fail, ok, type Failure, type Result } from "../result";
import { inferKind, type CapacitorKind } from "./kind";
import {
  normaliseLabel,
  Remainder,
  takeBareVolts,
  takeFigures,
  takeFiguresWithoutUnit,
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
  /** as printed, in percent; null for a printed range or none at all */
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

/** What 100 % means for a section: its nominal, or the middle of its printed range. */
export function ratedUfOf({ nominalUf, lowUf, highUf }: LabelSection): number {
  return nominalUf ?? ((lowUf ?? 0) + (highUf ?? 0)) / 2;
}

/**
 * Reads the text printed on a motor capacitor (or keyed from it) into sections, limits, volts, hertz, temperature,
 * protection, mark and kind. µF, uF, MFD, mfd, MF all mean microfarad on these labels.
 * @param text the label as printed, in any order of its parts
 * @returns the label; limits per section from a printed tolerance or range, else null; what was not understood in `notes`
 * @errors 'label-empty', 'label-no-capacitance', 'label-range-reversed'
 * @source marking rules of IEC 60252-1 (run) and IEC 60252-2 (start)
 * @example parseCapacitorLabel("35 µF ±6% 440V") -> 35 µF, 32.9..37.1, 440 V, run
 */
export function parseCapacitorLabel(text: string): Result<CapacitorLabel, Failure> {
  if (text.trim() === "") return fail({ code: "label-empty" });
  const rest = new Remainder(normaliseLabel(text));
  const temperature = takeTemperature(rest);
  const frequencyHz = takeFrequency(rest);
  const protection = takeProtection(rest);
  const hasLineMark = takeLineMark(rest);
  const withUnitV = takeVolts(rest);
  const named = takeNamedSections(rest);
  const tolerance = takeTolerance(rest);
  const figures = named ? null : takeFigures(rest);
  const ratedV = withUnitV ?? takeBareVolts(rest);
  const rangeUf = figures?.rangeUf ?? null;
  if (rangeUf && rangeUf[0] >= rangeUf[1]) return fail({ code: "label-range-reversed", lowUf: rangeUf[0], highUf: rangeUf[1] });
  const nominals = named?.map((section) => section.uf) ?? figures?.nominalsUf ?? takeFiguresWithoutUnit(rest);
  if (rangeUf === null && (nominals.length === 0 || nominals.some((uf) => !(uf > 0)))) {
    return fail({ code: "label-no-capacitance", text });
  }

  const limitsOf = (nominalUf: number): { lowUf: number | null; highUf: number | null } =>
    tolerance
      ? { lowUf: tidy(nominalUf * (1 + tolerance.lowPercent / 100)), highUf: tidy(nominalUf * (1 + tolerance.highPercent / 100)) }
      : { lowUf: null, highUf: null };
  const sections: LabelSection[] = rangeUf
    ? [{ nominalUf: null, lowUf: rangeUf[0], highUf: rangeUf[1], terminal: null }]
    : nominals.map((nominalUf, index) => ({ nominalUf, ...limitsOf(nominalUf), terminal: named?.[index]?.terminal ?? null }));
  const notes = rest.text.split(/[\s|]+/).filter((word) => /[a-z0-9]/.test(word));
  const { kind, reason } = inferKind({
    words: notes,
    hasRange: rangeUf !== null,
    isOneSided: tolerance?.lowPercent === 0,
    sections,
    ratedV,
  });
  return ok({
    sections,
    tolerance: rangeUf ? null : tolerance,
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
