export { MOVE_KINDS, type MoveKind, type StockMove } from "./move";
export { countOf, lastCounting, voidCountings } from "./count-of";
