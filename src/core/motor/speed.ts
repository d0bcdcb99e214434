/** A pole number that gives a sensible slip. */
export interface PoleCandidate {
  readonly poles: number;
  readonly slip: number;
}

export interface SpeedAndPoles {
  readonly poles: number;
  readonly syncRpm: number;
  readonly slip: number;
  /** every even pole number with slip 0..25 % */
  readonly candidates: readonly PoleCandidate[];
}

const LARGEST_SLIP = 0.25;
const MOST_POLES = 48;

/**
 * Synchronous speed n = 120 f / p [rpm]. @source Fitzgerald, Electric Machinery, eq. 4.41
 * @param frequencyHz of the mains [Hz]
 * @param poles number of poles, even
 * @returns speed of the field [rpm]
 * @example synchronousRpm(60, 4) = 1800
 */
export function synchronousRpm(frequencyHz: number, poles: number): number {
  return (120 * frequencyHz) / poles;
}

/**
 * Pole number from the full-load speed on the plate: the largest even number whose synchronous speed is not below it.
 * @param rpm full-load speed, > 0 and not above the two-pole synchronous speed
 * @param frequencyHz of the mains [Hz]
 * @returns null when no pole number fits (the speed is above two-pole synchronous, or absurdly low)
 * @source Fitzgerald, Electric Machinery, section 6.1 (slip)
 * @example speedAndPoles(1725, 60) -> 4 poles, slip 0.0417
 */
export function speedAndPoles(rpm: number, frequencyHz: number): SpeedAndPoles | null {
  const all = Array.from({ length: MOST_POLES / 2 }, (_, index) => {
    const poles = 2 * (index + 1);
    return { poles, slip: 1 - rpm / synchronousRpm(frequencyHz, poles) };
  }).filter(({ slip }) => slip >= 0);
  const best = all.at(-1);
  if (best === undefined || !(rpm > 0) || best.poles === MOST_POLES) return null;
  return {
    poles: best.poles,
    syncRpm: synchronousRpm(frequencyHz, best.poles),
    slip: best.slip,
    candidates: all.filter(({ slip }) => slip <= LARGEST_SLIP),
  };
}
