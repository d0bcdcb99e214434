import type { CapacitorKind } from "../kind";
import type { TemperatureRange } from "./marks";
import type { Tolerance } from "./tolerance";

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

/**
 * What 100 % means for a section: its nominal, or the middle of its printed range.
 * @param section one section of a label
 * @returns rating [µF]
 */
export function ratedUfOf({ nominalUf, lowUf, highUf }: LabelSection): number {
  return nominalUf ?? ((lowUf ?? 0) + (highUf ?? 0)) / 2;
}

const NONE = /^(?:none|no|without|-|–|0)$/i;

/**
 * Whether a text says that there is no capacitor.
 * @param text as it was keyed
 * @returns true for "none" and the signs that stand for it
 */
export const saysNoCapacitor = (text: string): boolean => NONE.test(text.trim());
