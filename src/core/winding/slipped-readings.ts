import type { BoardTable } from "./board";
import { NEAR_ZERO } from "./fit-board";
import type { Misfit } from "./solve-board";

/** A slip of the point turns a figure into about this part of itself. */
const POINT_SLIP = { least: 1 / 14, most: 1 / 7 } as const;

/**
 * Figures that one slip may have made: a reading that alone keeps a sound layout from fitting, and nobody stands for. No
 * path is not keyed by a slip of the finger, nor ohms to the frame; near zero where other readings tell the true figure
 * is a short, unless it is that figure with its point misplaced.
 */
export function slippedReadings({ board, size, ohm }: BoardTable, misfits: readonly Misfit[]): readonly Misfit[] {
  const nearZeroOhm = board.leadOhm + NEAR_ZERO.ohm + 2 * NEAR_ZERO.standardOhm;
  return misfits.filter(({ a, b, wantedOhm }) => {
    const reading = board.readings.findLast((each) => (each.a === a && each.b === b) || (each.a === b && each.b === a));
    if (reading === undefined || reading.kind === "open" || reading.isSure === true) return false;
    if (a === board.posts || b === board.posts) return false;
    const shown = ohm[a * size + b] ?? 0;
    if (shown > nearZeroOhm || wantedOhm === null) return true;
    return shown > POINT_SLIP.least * wantedOhm && shown < POINT_SLIP.most * wantedOhm;
  });
}
