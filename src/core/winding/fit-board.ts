import { PATH, type BoardTable } from "./board";
import { LeastSquares } from "./least-squares";
import { isNearZeroClass } from "./layout";
import type { Joint, Structure } from "./structure";

/** A joining near zero is this many ohms, with this spread: a clean contact, a protector, a dead short. */
export const NEAR_ZERO = { ohm: 0.1, standardOhm: 0.12 } as const;

export const isNearZero = ({ cls, isShort }: Joint): boolean => isShort || isNearZeroClass(cls);

/** How readings and a way of laying out agree. */
export interface BoardFit {
  readonly chi2: number;
  readonly dof: number;
  readonly probability: number;
  /** by joint; null where the readings made so far do not reach it */
  readonly ohms: readonly (number | null)[];
  /** what the test leads add */
  readonly leadOhm: number;
}

/** Bit of the test leads among the unknowns: they come after the joints. */
export const leadBit = ({ joints }: Structure): number => 1 << joints.length;

/** The equations before any reading: the test leads, and the near-zero joints unless a prior of their own is laid on. */
export function emptyEquations(structure: Structure, { board }: BoardTable, hasNearZero = true): LeastSquares {
  const equations = new LeastSquares(structure.joints.length + 1);
  equations.add(leadBit(structure), board.leadOhm, board.leadStandardOhm);
  if (!hasNearZero) return equations;
  structure.joints.forEach((joint, index) => {
    if (isNearZero(joint)) equations.add(1 << index, NEAR_ZERO.ohm, NEAR_ZERO.standardOhm);
  });
  return equations;
}

/**
 * Equations of a structure laid on a board: a reading between two posts is the sum of the joints on its way, plus the
 * test leads.
 * @param postOf post of each place; −1 where none is laid
 */
export function addReadings(equations: LeastSquares, structure: Structure, postOf: ArrayLike<number>, table: BoardTable): LeastSquares {
  const size = structure.places.length;
  const lead = leadBit(structure);
  for (let a = 0; a < size; a += 1) {
    for (let b = a + 1; b < size; b += 1) {
      const [post, other] = [postOf[a] ?? -1, postOf[b] ?? -1];
      const at = post * table.size + other;
      if (post < 0 || other < 0 || table.state[at] !== PATH) continue;
      equations.add((structure.ways[a * size + b] ?? 0) | lead, table.ohm[at] ?? 0, Math.sqrt(table.variance[at] ?? 1));
    }
  }
  return equations;
}
