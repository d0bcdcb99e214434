/** A capacitor emptied through a resistor. */
export interface Discharge {
  readonly tauS: number;
  readonly timeToSafeS: number;
  /** five time constants, the hold of the resistor school: under 1 % is left */
  readonly holdS: number;
  readonly peakPowerW: number;
  readonly peakCurrentA: number;
  readonly energyJ: number;
  /** what the resistor takes up until the safe voltage is reached */
  readonly energyToSafeJ: number;
}

/**
 * Discharge through a resistor: V(t) = V0 e^(−t/RC), t = RC ln(V0/Vsafe), P = V0²/R, E = ½ C V0².
 * @param chargeV volts at the start: √2 × rms in the worst case
 * @param capacitanceUf capacitance [µF] > 0
 * @param resistorOhm resistor [Ω] > 0
 * @param safeV volts at which it counts as empty > 0
 * @returns times in s (0 when it is already below), peak power in W, energies in J
 * @source any circuits text, first-order RC transient
 * @example 278.1 V, 12.5 µF, 470 Ω to 34 V -> 12.3 ms, 164.6 W
 */
export function dischargeThrough(chargeV: number, capacitanceUf: number, resistorOhm: number, safeV: number): Discharge {
  const farad = capacitanceUf * 1e-6;
  const tauS = resistorOhm * farad;
  const energyJ = 0.5 * farad * chargeV ** 2;
  const isBelow = chargeV <= safeV;
  return {
    tauS,
    timeToSafeS: isBelow ? 0 : timeToVoltsS(chargeV, tauS, safeV),
    holdS: 5 * tauS,
    peakPowerW: chargeV ** 2 / resistorOhm,
    peakCurrentA: chargeV / resistorOhm,
    energyJ,
    energyToSafeJ: isBelow ? 0 : energyJ - 0.5 * farad * safeV ** 2,
  };
}

/** Time until the volts have fallen to a level: RC ln(V0/V); 0 when already there. */
export function timeToVoltsS(chargeV: number, tauS: number, volts: number): number {
  return chargeV <= volts ? 0 : tauS * Math.log(chargeV / volts);
}

/** Volts left after a time. */
export function voltsAfterS(chargeV: number, tauS: number, seconds: number): number {
  return chargeV * Math.exp(-seconds / tauS);
}

/** Peak of a sine of this rms value: the most that can stay on a capacitor taken off the line. */
export const peakVolts = (rmsV: number): number => Math.SQRT2 * rmsV;

/** Whether a resistor of this rating bears the discharge. */
export type ResistorVerdict = "bears" | "bears-briefly" | "too-small";

/** Short-time overload of a power resistor: 2.5 × its limiting voltage for 5 s, that is 6.25 × its power. IEC 60115-1, 4.13. */
const OVERLOAD = { factor: 6.25, seconds: 5 } as const;

/**
 * Judges the resistor by its peak watts: within its rating, within the short overload every power resistor is tested
 * for (and then also by the energy of it), or beyond.
 * @source IEC 60115-1, short-time overload
 */
export function judgeResistor({ peakPowerW, energyJ }: Discharge, ratedW: number): ResistorVerdict {
  if (peakPowerW <= ratedW) return "bears";
  const isWithinOverload = peakPowerW <= OVERLOAD.factor * ratedW && energyJ <= OVERLOAD.factor * ratedW * OVERLOAD.seconds;
  return isWithinOverload ? "bears-briefly" : "too-small";
}
