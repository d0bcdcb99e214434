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

/**
 * Time until the volts have fallen to a level: RC ln(V0/V); 0 when already there.
 * @param chargeV volts it was charged to [V]
 * @param tauS time constant RC [s]
 * @param volts level it falls to [V]
 * @returns time [s]; 0 when it is there already
 * @example timeToVoltsS(170, 0.5, 34) = 0.804719
 */
export function timeToVoltsS(chargeV: number, tauS: number, volts: number): number {
  return chargeV <= volts ? 0 : tauS * Math.log(chargeV / volts);
}

/**
 * Volts left after a time.
 * @param chargeV volts it was charged to [V]
 * @param tauS time constant RC [s]
 * @param seconds time [s]
 * @returns volts left [V]
 * @example voltsAfterS(170, 0.5, 1) = 23.007
 */
export function voltsAfterS(chargeV: number, tauS: number, seconds: number): number {
  return chargeV * Math.exp(-seconds / tauS);
}

/**
 * Peak of a sine of this rms value: the most that can stay on a capacitor taken off the line.
 * @param rmsV rms volts of the sine [V]
 * @returns peak [V]
 * @example peakVolts(230) = 325.269
 */
export const peakVolts = (rmsV: number): number => Math.SQRT2 * rmsV;

/** Whether a resistor of this rating bears the discharge. */
export type ResistorVerdict = "bears" | "bears-briefly" | "too-small";

/** Short-time overload every power resistor is tested for: 2.5 × its limiting voltage for 5 s, so 6.25 × its power. IEC 60115-1, 4.13. */
const OVERLOAD = { factor: 6.25, seconds: 5 } as const;
/** For a part of a second a power resistor bears more still: ten times its rating. IEC 60115-4, short-time overload of wire-wound types. */
const PULSE_FACTOR = 10;
/** Ratings that are sold [W]: the usual sizes of power resistors. */
const SOLD_W = [0.25, 0.5, 1, 2, 3, 5, 7, 10, 15, 20, 25, 50, 100, 200, 300] as const;

/**
 * Judges the resistor for one short use: its peak within its rating; else the pulse within ten times it and the energy
 * within the overload that power resistors are tested for.
 * @param sum the discharge as worked out
 * @param ratedW rating of the resistor [W]
 * @returns whether it bears one short use, and how hot it gets
 * @source IEC 60115-1, 4.13 and IEC 60115-4: short-time overload
 */
export function judgeResistor({ peakPowerW, energyJ }: Discharge, ratedW: number): ResistorVerdict {
  if (peakPowerW <= ratedW) return "bears";
  const isWithin = peakPowerW <= PULSE_FACTOR * ratedW && energyJ <= OVERLOAD.factor * ratedW * OVERLOAD.seconds;
  return isWithin ? "bears-briefly" : "too-small";
}

/**
 * The smallest rating sold that bears one short use [W]; null: none does, more ohms are needed.
 * @param sum the discharge as worked out
 * @returns the smallest rating sold [W]; null: none does
 */
export const resistorFor = (sum: Discharge): number | null => SOLD_W.find((ratedW) => judgeResistor(sum, ratedW) !== "too-small") ?? null;

/**
 * Seconds to wait between two uses so that the mean watts stay within the rating.
 * @param sum the discharge as worked out
 * @param ratedW rating of the resistor [W]
 * @returns seconds; 0 when none are needed
 */
export const restBetweenS = ({ energyJ }: Discharge, ratedW: number): number => energyJ / ratedW;
