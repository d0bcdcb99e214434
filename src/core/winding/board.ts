/** What a pair of posts showed: ohms, over limit (no path), or microfarads on the capacitance range (no path on ohms either). */
export type BoardReading = {
  readonly a: number;
  readonly b: number;
  /** a person said that it stands as it was read */
  readonly isSure?: boolean;
} & (
  | { readonly kind: "ohms"; readonly ohm: number; readonly standardUncertainty: number }
  | { readonly kind: "open" }
  | { readonly kind: "capacitance"; readonly capacitanceUf: number }
);

/** A terminal board as measured. Posts are numbered from 0; with `hasFrame` the bare frame is one more, numbered `posts`. */
export interface Board {
  readonly posts: number;
  readonly hasFrame: boolean;
  readonly readings: readonly BoardReading[];
  /** what the test leads add to every reading, with its standard uncertainty */
  readonly leadOhm: number;
  readonly leadStandardOhm: number;
}

/** How a pair stands to another: a path of so many ohms, no path, a capacitor, or not measured. */
export const UNMEASURED = 0;
export const NO_PATH = 1;
export const PATH = 2;
export const CAPACITOR = 3;

/** The readings as tables by post × post, for sums that look up pairs many times. */
export interface BoardTable {
  readonly board: Board;
  /** posts and frame */
  readonly size: number;
  readonly state: Uint8Array;
  readonly ohm: Float64Array;
  readonly variance: Float64Array;
  readonly isFull: boolean;
}

/** No meter is better than this; keeps a reading without a data sheet from weighing infinitely. */
const LEAST_STANDARD_OHM = 0.001;

/**
 * Lays the readings out by pair; of a pair measured twice the last counts.
 * @param board posts and readings
 * @returns the table, pair by pair
 */
export function tableOf(board: Board): BoardTable {
  const size = board.posts + (board.hasFrame ? 1 : 0);
  const state = new Uint8Array(size * size);
  const ohm = new Float64Array(size * size);
  const variance = new Float64Array(size * size);
  for (const reading of board.readings) {
    for (const at of [reading.a * size + reading.b, reading.b * size + reading.a]) {
      state[at] = reading.kind === "ohms" ? PATH : reading.kind === "open" ? NO_PATH : CAPACITOR;
      ohm[at] = reading.kind === "ohms" ? reading.ohm : 0;
      variance[at] = reading.kind === "ohms" ? Math.max(reading.standardUncertainty, LEAST_STANDARD_OHM) ** 2 : 0;
    }
  }
  let measured = 0;
  for (let a = 0; a < size; a += 1) for (let b = a + 1; b < size; b += 1) if (state[a * size + b] !== UNMEASURED) measured += 1;
  return { board, size, state, ohm, variance, isFull: measured === (size * (size - 1)) / 2 };
}

/**
 * A post without a path to any other, while others hang together: one that is not used, or a lead that is open on its way in, by a
 * protector most often. Which of the two the others cannot say, and their roles hang on it.
 * @param board posts and readings
 * @returns true where every pair of one post was read, and none has a path
 */
export const hasCutPost = ({ posts, readings }: Board): boolean =>
  Array.from({ length: posts }, (_, post) => readings.filter(({ a, b }) => a === post || b === post)).some(
    (own) => own.length === posts - 1 && own.every(({ kind }) => kind === "open"),
  );
