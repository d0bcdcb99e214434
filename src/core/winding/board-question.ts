import type { MotorType } from "../trade";
import type { Board } from "./board";
import type { LayoutRole } from "./layout";
import { LAYOUTS } from "./layout-catalogue";
import { USUAL_SOLVE } from "./solve-board";
import { understandBoard, type BoardUnderstanding } from "./understand-board";

/** What the solver is asked: plain data, so that it can be worked out away from the screen. */
export interface BoardQuestion {
  readonly board: Board;
  readonly marks: readonly (LayoutRole | null)[];
  readonly motorType: MotorType;
  /** windings equal on purpose are possible */
  readonly mayBeEqual: boolean;
}

const WITHOUT_EQUAL = { ...USUAL_SOLVE, layouts: LAYOUTS.filter(({ id }) => id !== "equal_windings") };

/**
 * Answers a board's question: what lies between its posts, and what to probe next.
 * @param question the board, the maker's marks, and whether equal windings are possible on this motor
 * @returns the understanding of the board; takes up to some seconds
 */
export function askBoard({ board, marks, motorType, mayBeEqual }: BoardQuestion): BoardUnderstanding {
  return understandBoard(board, { marks, motorType, options: mayBeEqual ? USUAL_SOLVE : WITHOUT_EQUAL });
}
