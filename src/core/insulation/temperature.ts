/** Insulation resistance halves for each so many kelvin warmer. */
export const HALVING_K = 10;
/** Temperature at which limits are given [°C]. */
export const REFERENCE_C = 40;

/**
 * Insulation resistance brought to 40 °C: R40 = R · 0.5^((40 − T) / 10).
 * @param megohm as read [MΩ]
 * @param temperatureC temperature of the winding when it was read
 * @returns resistance at 40 °C [MΩ]
 * @source IEEE 43, 6.3.1 (halving for each 10 °C)
 * @example insulationAt40C(24.22, 37.6) = 20.508
 */
export function insulationAt40C(megohm: number, temperatureC: number): number {
  return megohm * 0.5 ** ((REFERENCE_C - temperatureC) / HALVING_K);
}
