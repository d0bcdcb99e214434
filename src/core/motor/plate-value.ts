/** A figure of a plate in the base unit, or a band: any supply between the two belongs to it. */
export type PlateValue =
  { readonly kind: "value"; readonly value: number } | { readonly kind: "band"; readonly low: number; readonly high: number };

/**
 * The one figure a value stands for in a sum: itself, or the middle of its band.
 * @param value one figure, or a band
 * @returns the figure
 */
export const middleOf = (value: PlateValue): number => (value.kind === "value" ? value.value : (value.low + value.high) / 2);
/**
 * Its lower and upper end.
 * @param value one figure, or a band
 * @returns both ends; the same where it is one figure
 */
export const endsOf = (value: PlateValue): readonly [low: number, high: number] =>
  value.kind === "value" ? [value.value, value.value] : [value.low, value.high];
