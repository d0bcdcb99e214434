export { beginHold, holdNext, loseHold, type Held, type HeldFigure, type Hold, type HoldSample } from "./hold";
