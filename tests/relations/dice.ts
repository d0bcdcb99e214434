/** Chances drawn from a seed: the same seed gives the same texts on every machine. */
export interface Dice {
  /** @returns at least 0, less than 1 */
  readonly roll: () => number;
  readonly pick: <T>(all: readonly T[]) => T;
  /** Whether something of this chance happens. */
  readonly happens: (chance: number) => boolean;
  readonly shuffle: <T>(all: readonly T[]) => T[];
  readonly sample: <T>(all: readonly T[], most: number) => T[];
}

/** A linear congruential generator with the constants of Numerical Recipes; its low bits are left out. */
export function diceOf(seed: number): Dice {
  let state = (seed * 2_654_435_761 + 1) >>> 0;
  const roll = (): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return (state >>> 8) / 2 ** 24;
  };
  const pick = <T>(all: readonly T[]): T => all[Math.floor(roll() * all.length)] as T;
  const shuffle = <T>(all: readonly T[]): T[] => {
    const left = [...all];
    const out: T[] = [];
    while (left.length > 0) out.push(...left.splice(Math.floor(roll() * left.length), 1));
    return out;
  };
  return {
    roll,
    pick,
    happens: (chance) => roll() < chance,
    shuffle,
    sample: (all, most) => shuffle(all).slice(0, Math.floor(roll() * (most + 1))),
  };
}
