import { synchronousRpm } from "./speed";

/**
 * Speed from a slip count: a disc with as many marks as poles, or one mark, lit by a lamp on the same mains, seems to turn
 * backwards by the slip. n = 120 f / p − 60 N / t.
 * @param turns turns the mark slipped back, ≥ 0
 * @param seconds in which it did, > 0
 * @param frequencyHz of the mains [Hz]
 * @param poles number of poles, even
 * @returns speed [rpm]; null when it slipped more than the motor turns, or in no time
 * @source Veinott & Martin, Fractional- and Subfractional-Horsepower Electric Motors, ch. 15 (stroboscopic slip)
 * @example 4 poles, 50 Hz, 25 turns in 20 s: 1500 − 75 = 1425 rpm
 */
export function speedBySlipCount(turns: number, seconds: number, frequencyHz: number, poles: number): number | null {
  const rpm = synchronousRpm(frequencyHz, poles) - (60 * turns) / seconds;
  return seconds > 0 && rpm > 0 ? rpm : null;
}
