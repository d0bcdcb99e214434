import { resistanceAt } from "../winding/temperature";
import type { MotorKnowledge } from "./knowledge";
import { usualSpread } from "./parameters";
import type { Spread } from "./spread";

/** Ohms a motor of this plate usually has, cold. */
export interface UsualOhms {
  readonly main: Spread;
  readonly start: Spread;
  /** from the free end of one to the free end of the other */
  readonly both: Spread;
}

/** What a winding's ohms are usually taken at [°C]. */
const COLD_C = 25;

/**
 * Ohms of the windings as the plate lets one expect them: by volts and amps, and what is usual of motors of its size.
 * @param knowledge what is known of the motor
 * @returns null without volts and amps
 * @source Veinott, Theory and Design of Small Induction Motors (resistances per unit)
 */
export function usualOhms(knowledge: MotorKnowledge): UsualOhms | null {
  const { supplyV, fullLoadA, warmC } = knowledge;
  if (supplyV === null || fullLoadA === null) return null;
  const main = usualSpread(knowledge, "mainResistance");
  const ratio = usualSpread(knowledge, "startOverMain");
  const middle = resistanceAt((main.middle * supplyV) / fullLoadA, warmC, COLD_C);
  return {
    main: { middle, logSd: main.logSd },
    start: { middle: middle * ratio.middle, logSd: Math.hypot(main.logSd, ratio.logSd) },
    both: { middle: middle * (1 + ratio.middle), logSd: Math.hypot(main.logSd, ratio.logSd * (ratio.middle / (1 + ratio.middle))) },
  };
}
