import { ratedUfOf, type CapacitorLabel } from "./label";

/** One way in which the fitted part is not the one the plate asks for. */
export type PartMismatch =
  | { readonly code: "wrong-value"; readonly askedUf: readonly number[]; readonly fittedUf: readonly number[] }
  | { readonly code: "lower-volts"; readonly askedV: number; readonly fittedV: number }
  | { readonly code: "wrong-kind"; readonly asked: CapacitorLabel["kind"]; readonly fitted: CapacitorLabel["kind"] };

/** Ratings print to about three figures: a difference below this fraction is rounding, not another part. */
const SAME_RATING_FRACTION = 0.015;

const ratings = (label: CapacitorLabel): number[] => label.sections.map(ratedUfOf);

/**
 * Compares the part that is fitted with the one the plate asks for.
 * A dual can on a single-section plate is right when one of its sections is: the other feeds another motor.
 * @returns every mismatch; an empty list when it is the right part
 */
export function compareWithPlate(plate: CapacitorLabel, fitted: CapacitorLabel): PartMismatch[] {
  const [askedUf, fittedUf] = [ratings(plate), ratings(fitted)];
  const isPresent = (uf: number): boolean => fittedUf.some((other) => Math.abs(other - uf) <= SAME_RATING_FRACTION * uf);
  const mismatches: PartMismatch[] = [];
  if (!askedUf.every(isPresent)) mismatches.push({ code: "wrong-value", askedUf, fittedUf });
  if (plate.ratedV !== null && fitted.ratedV !== null && fitted.ratedV < plate.ratedV) {
    mismatches.push({ code: "lower-volts", askedV: plate.ratedV, fittedV: fitted.ratedV });
  }
  if (plate.kind !== fitted.kind) mismatches.push({ code: "wrong-kind", asked: plate.kind, fitted: fitted.kind });
  return mismatches;
}
