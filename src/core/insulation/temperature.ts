/** Insulation resistance of older windings halves for each so many kelvin warmer. */
const HALVING_K = 10;
/** Temperature at which limits are given [°C]. */
const REFERENCE_C = 40;
/** Varnish of a winding, as far as it decides how its insulation goes with temperature. */
export type Varnish = "older" | "modern";

const KELVIN = 273.15;
/** Slopes of modern insulation below and above the reference [K]. @source IEEE 43-2013, 6.3.2 */
const MODERN_SLOPE_K = { below: 1245, above: 4230 } as const;
/** Classes A and B were varnished with asphalt and shellac; a motor older than this was so whatever its plate says [years]. */
const OLDER = { hotSpotC: 130, years: 45 } as const;

/**
 * Insulation resistance brought to 40 °C. Older windings: R40 = R · 0.5^((40 − T) / 10). Modern ones (the default of the
 * trade): R40 = R · exp(−1245 (1/T − 1/313)) below 40 °C, exp(−4230 (1/T − 1/313)) above, T in kelvin.
 * @param megohm as read [MΩ]
 * @param temperatureC temperature of the winding when it was read
 * @param varnish of the winding
 * @returns resistance at 40 °C [MΩ]
 * @source IEEE 43-2013, 6.3.1 (halving for each 10 °C) and 6.3.2 (thermosetting)
 * @example insulationAt40C(24.22, 37.6, "older") = 20.508; insulationAt40C(1, 20, "modern") = 0.76
 */
export function insulationAt40C(megohm: number, temperatureC: number, varnish: Varnish): number {
  if (varnish === "older") return megohm * 0.5 ** ((REFERENCE_C - temperatureC) / HALVING_K);
  const slopeK = temperatureC < REFERENCE_C ? MODERN_SLOPE_K.below : MODERN_SLOPE_K.above;
  return megohm * Math.exp(-slopeK * (1 / (temperatureC + KELVIN) - 1 / (REFERENCE_C + KELVIN)));
}

/**
 * Varnish of a winding by the insulation class of its plate, else by its age; modern where nothing is known.
 * @param motor hot-spot limit of its class [°C] and age [years], as far as they are known
 * @returns which of the two
 */
export function varnishOf({ hotSpotC, ageYears }: { readonly hotSpotC: number | null; readonly ageYears: number | null }): Varnish {
  if (hotSpotC !== null) return hotSpotC <= OLDER.hotSpotC ? "older" : "modern";
  return ageYears !== null && ageYears >= OLDER.years ? "older" : "modern";
}
