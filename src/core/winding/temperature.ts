/** Copper is without resistance at minus this temperature, extrapolated; some standards use 235. [°C] */
const COPPER_CONSTANT_C = 234.5;

/**
 * Resistance of a copper winding brought from one temperature to another: R2 = R1 (k + T2) / (k + T1).
 * @param ohm as measured [Ω]
 * @param fromC temperature at which it was measured [°C], above −k
 * @param toC temperature it is brought to [°C]
 * @param copperConstantC copper constant k [°C]
 * @returns ohms at `toC`
 * @source IEEE 112, 5.4.2; IEC 60034-1, 8.6.2
 * @example resistanceAt(10, 20, 75) = 12.1611
 */
export function resistanceAt(ohm: number, fromC: number, toC: number, copperConstantC = COPPER_CONSTANT_C): number {
  return (ohm * (copperConstantC + toC)) / (copperConstantC + fromC);
}

/**
 * Temperature of a winding from its resistance hot and cold: T = (Rhot / Rcold) (k + Tcold) − k.
 * @param coldOhm cold [Ω]
 * @param coldC temperature when cold [°C]
 * @param hotOhm hot [Ω]
 * @param copperConstantC copper constant k [°C]
 * @returns temperature of the winding [°C] when `hotOhm` was read
 * @source IEC 60034-1, 8.6.2 (rise by resistance)
 * @example windingTemperature(10, 20, 12.5) = 83.625
 */
export function windingTemperature(coldOhm: number, coldC: number, hotOhm: number, copperConstantC = COPPER_CONSTANT_C): number {
  return (hotOhm / coldOhm) * (copperConstantC + coldC) - copperConstantC;
}

/**
 * Rise of a winding over the air around it at the end of the run [K].
 * @param windingC temperature of the winding [°C]
 * @param ambientEndC of the air at the end of the run [°C]
 * @returns rise [K]
 * @example temperatureRise(95, 25) = 70
 */
export function temperatureRise(windingC: number, ambientEndC: number): number {
  return windingC - ambientEndC;
}

/** A winding's ohms as a figure with its uncertainty and the temperature it was at. */
export interface WindingOhms {
  readonly ohm: number;
  readonly standardUncertainty: number;
  /** null: not known; then nothing is brought to another temperature */
  readonly temperatureC: number | null;
}

/** How a winding compares with another figure for it, both at one temperature. */
export interface WindingComparison {
  readonly presentOhm: number;
  readonly referenceOhm: number;
  /** present less reference, as part of the reference */
  readonly deviation: number;
  /** difference in standard uncertainties; negative: lower than it should be */
  readonly score: number;
  /** `none`: alike; `hint`, `strong`: lower beyond what meter and temperature explain; `higher`: a joint, or warmer than told */
  readonly shortedTurns: "none" | "hint" | "strong" | "higher";
}

/** Temperatures of windings are rarely known better than this [K, standard uncertainty]. */
const TEMPERATURE_STANDARD_K = 2;
/** Motors of one make differ by so much without a fault; a figure of the very motor does not. */
const SISTER_SPREAD = 0.03;
const HINT_SCORE = 2;
const STRONG_SCORE = 3.29;

/**
 * Compares a winding with an earlier visit, a sister motor or the maker's figure, at 20 °C where both temperatures are
 * known. Shorted turns lower the ohms; small shorts hide from an ohmmeter, so `none` does not prove that there are none.
 * @param present as it is now
 * @param reference what it is held against
 * @param isSameMotor the reference is this very winding, not one like it
 * @returns the difference in standard uncertainties, and what it says of shorted turns
 * @source series resistance of the turns; JCGM 100:2008, 5.1.2
 */
export function compareWinding(present: WindingOhms, reference: WindingOhms, isSameMotor: boolean): WindingComparison {
  const areKnown = present.temperatureC !== null && reference.temperatureC !== null;
  const at20 = ({ ohm, temperatureC }: WindingOhms): number =>
    areKnown && temperatureC !== null ? resistanceAt(ohm, temperatureC, 20) : ohm;
  const [presentOhm, referenceOhm] = [at20(present), at20(reference)];
  // Unknown temperatures may lie ten kelvin apart in a day's work.
  const temperaturePart = (areKnown ? TEMPERATURE_STANDARD_K : 10) / (COPPER_CONSTANT_C + 20);
  const standard = Math.hypot(
    (present.standardUncertainty / present.ohm) * presentOhm,
    (reference.standardUncertainty / reference.ohm) * referenceOhm,
    temperaturePart * Math.SQRT2 * referenceOhm,
    isSameMotor ? 0 : SISTER_SPREAD * referenceOhm,
  );
  const score = (presentOhm - referenceOhm) / standard;
  return {
    presentOhm,
    referenceOhm,
    deviation: presentOhm / referenceOhm - 1,
    score,
    shortedTurns: score <= -STRONG_SCORE ? "strong" : score <= -HINT_SCORE ? "hint" : score >= STRONG_SCORE ? "higher" : "none",
  };
}
