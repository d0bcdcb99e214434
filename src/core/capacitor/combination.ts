/** One part that may be joined with others. */
export interface Joinable {
  readonly id: string;
  readonly nominalUf: number;
  readonly lowUf: number;
  readonly highUf: number;
  readonly ratedV: number;
  readonly price: number;
  readonly quantity: number;
}

/** What parts joined in parallel must come to. */
export interface JoinTarget {
  readonly ratedUf: number;
  readonly lowUf: number;
  readonly highUf: number;
  /** volts every part must bear */
  readonly atLeastV: number;
}

/** Parts joined in parallel: values add, the lowest voltage governs, the tolerances add end to end. */
export interface ParallelCombination {
  /** ids in the order of falling value; a line with several pieces may occur more than once */
  readonly ids: readonly string[];
  readonly nominalUf: number;
  readonly jointLowUf: number;
  readonly jointHighUf: number;
  readonly lowestV: number;
  readonly price: number;
  /** deviation of the sum from the target, as a fraction */
  readonly deviation: number;
  /** even with every part at the end of its tolerance, the sum stays within the target's limits */
  readonly isSureWithin: boolean;
}

/** Binary sums of decimal values miss by a few units in the last place. */
const ROUNDING = 1e-9;
/** Deviations closer than this count as equal, so that fewer parts and a lower price decide between them. */
export const DEVIATION_STEP = 0.005;

/**
 * Sums parts joined in parallel.
 * @param parts the parts, each with its value
 * @param target value that is wanted, and how near to it
 * @returns value, limits and volts of the parts together
 * @source Kirchhoff: currents of parallel parts add, so C = ΣC; the volts are common, so the lowest rating governs
 */
export function joinParallel(parts: readonly Joinable[], target: JoinTarget): ParallelCombination {
  // Summed in one order whatever the order given, so that equal sets have equal sums to the last bit.
  const sorted = parts.toSorted((a, b) => b.nominalUf - a.nominalUf || (a.id < b.id ? -1 : 1));
  const sum = (pick: (part: Joinable) => number): number => sorted.reduce((total, part) => total + pick(part), 0);
  const nominalUf = sum((part) => part.nominalUf);
  const [jointLowUf, jointHighUf] = [sum((part) => part.lowUf), sum((part) => part.highUf)];
  return {
    ids: sorted.map(({ id }) => id),
    nominalUf,
    jointLowUf,
    jointHighUf,
    lowestV: Math.min(...parts.map((part) => part.ratedV)),
    price: sum((part) => part.price),
    deviation: nominalUf / target.ratedUf - 1,
    isSureWithin: jointLowUf >= target.lowUf * (1 - ROUNDING) && jointHighUf <= target.highUf * (1 + ROUNDING),
  };
}

/** Whether the nominal sum lies within the target's limits. */
export function isWithinTarget(nominalUf: number, { lowUf, highUf }: JoinTarget): boolean {
  return nominalUf >= lowUf * (1 - ROUNDING) && nominalUf <= highUf * (1 + ROUNDING);
}

/** Deviation in steps of half a percent: what ranks first. */
export const deviationRank = (nominalUf: number, ratedUf: number): number =>
  Math.floor(Math.abs(nominalUf / ratedUf - 1) / DEVIATION_STEP + ROUNDING);

/** Order of combinations: closeness in steps of half a percent, fewer parts, lower price, then closeness itself. */
export function compareCombinations(a: ParallelCombination, b: ParallelCombination, ratedUf: number): number {
  return (
    deviationRank(a.nominalUf, ratedUf) - deviationRank(b.nominalUf, ratedUf) ||
    a.ids.length - b.ids.length ||
    roundedDifference(a.price, b.price) ||
    roundedDifference(Math.abs(a.deviation), Math.abs(b.deviation)) ||
    compareText(a.ids.join("\n"), b.ids.join("\n"))
  );
}

/** A difference that is rounding counts as none, so that the order does not hang on the order of a sum. */
function roundedDifference(a: number, b: number): number {
  return Math.abs(a - b) <= ROUNDING * Math.max(1, Math.abs(a)) ? 0 : a - b;
}

const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
