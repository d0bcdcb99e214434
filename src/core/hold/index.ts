export { beginHold, holdNext, loseHold, type HeldFigure, type HoldSample } from "./hold";
export type { LookOut } from "./look-out";
export { heldEntry, loseTaking, NOTHING_TAKEN, shownEntry, shownText, takeNext } from "./taking";
