import type { CapacitorKind } from "./kind";
import type { LabelSection } from "./label/says";

/** Tolerances that a house applies when a label shows none. */
export interface HouseTolerances {
  readonly runLowPercent: number;
  readonly runHighPercent: number;
  readonly startLowPercent: number;
  readonly startHighPercent: number;
}

/** The stretch a section must lie in, what 100 % means, and where the limits come from. */
export interface SectionLimits {
  readonly lowUf: number;
  readonly highUf: number;
  /** rated value; the middle of a printed range, which has no nominal */
  readonly ratedUf: number;
  readonly origin: "label-tolerance" | "printed-range" | "house-rule";
}

/**
 * Limits of one section: the label's own, else the house rule for its kind.
 * @param section one section of the label
 * @param kind run or start part
 * @param house house rules in force
 * @returns limits in µF; `origin` says whose they are, so that a verdict can say so
 * @source IEC 60252-1 (run: ±5, ±10 %) and IEC 60252-2 (start) for the order of the house defaults
 */
export function limitsOfSection(section: LabelSection, kind: CapacitorKind, house: HouseTolerances): SectionLimits | null {
  const { nominalUf, lowUf, highUf } = section;
  if (lowUf !== null && highUf !== null) {
    return nominalUf === null
      ? { lowUf, highUf, ratedUf: (lowUf + highUf) / 2, origin: "printed-range" }
      : { lowUf, highUf, ratedUf: nominalUf, origin: "label-tolerance" };
  }
  if (nominalUf === null) return null;
  const [low, high] = kind === "run" ? [house.runLowPercent, house.runHighPercent] : [house.startLowPercent, house.startHighPercent];
  return {
    lowUf: nominalUf * (1 + low / 100),
    highUf: nominalUf * (1 + high / 100),
    ratedUf: nominalUf,
    origin: "house-rule",
  };
}
